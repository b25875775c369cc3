import { useStore } from '@nanostores/react'
import { messages } from './messages.ts'
import { later, useLater } from './useLater.ts'

const list = later(() => import('./later/ToastList.tsx').then(({ ToastList }) => ToastList))

/** Short messages at the foot of the page. */
export function Toasts() {
  const shown = useStore(messages)
  const List = useLater(list)
  return List && shown.length > 0 ? <List shown={shown} /> : null
}
