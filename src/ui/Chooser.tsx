import { useRef, useState } from 'react'
import type { ChooserProps } from './later/ChooserList.tsx'
import { later, useLater } from './useLater.ts'

export type { Choosable } from './later/ChooserList.tsx'

const list = later(() => import('./later/ChooserList.tsx').then(({ ChooserList }) => ChooserList))

/** Choosing from many by typing. What is typed or opened before the list has come is taken over by it. */
export function Chooser(props: ChooserProps) {
  const field = useRef<HTMLInputElement>(null)
  const [typed, setTyped] = useState<string | null>(null)
  const List = useLater(list)
  if (List) {
    const focused = field.current !== null && field.current === document.activeElement
    return <List {...props} typed={typed} onTyped={setTyped} focused={focused} />
  }
  const { id, label, shown, placeholder, className = '' } = props
  return (
    <div className={`relative min-w-0 ${className}`}>
      <input
        ref={field}
        id={id}
        role="combobox"
        aria-expanded={false}
        aria-label={label}
        autoComplete="off"
        placeholder={typed === null ? placeholder : shown || placeholder}
        value={typed ?? shown}
        onChange={({ target }) => setTyped(target.value)}
        onFocus={({ target }) => target.select()}
        onClick={() => setTyped(typed ?? '')}
        onBlur={() => setTyped(null)}
        className="field w-full min-w-0 text-ellipsis placeholder:text-soft"
      />
    </div>
  )
}
