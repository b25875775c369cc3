import { useEffect, useRef, useState } from 'react'
import type { ComponentType } from 'react'
import { later, useLater } from '../../ui/useLater.ts'
import type { Later } from '../../ui/useLater.ts'
import type { ReckoningProps } from './reckonings/props.ts'

type Tool = ComponentType<ReckoningProps>

/** Each comes once the page answers, and reckons only while it is open. */
const tools: readonly (readonly [title: string, tool: Later<Tool>])[] = [
  ['One oil for another', later<Tool>(() => import('./reckonings/SwapOil.tsx').then((one) => one.SwapOil))],
  ['A drier', later<Tool>(() => import('./reckonings/Drier.tsx').then((one) => one.Drier))],
  [
    'Oil to add for a step in fatness',
    later<Tool>(() => import('./reckonings/OilToAdd.tsx').then((one) => one.OilToAdd)),
  ],
  [
    'A putty of a wanted fatness',
    later<Tool>(() => import('./reckonings/Putty.tsx').then((one) => one.Putty)),
  ],
  [
    'A product you know only roughly',
    later<Tool>(() => import('./reckonings/Unsure.tsx').then((one) => one.Unsure)),
  ],
  [
    'What a layer costs',
    later<Tool>(() => import('./reckonings/LayerCost.tsx').then((one) => one.LayerCost)),
  ],
]

/** Small reckonings a painter does at the bench, each closed until it is wanted. */
export function Reckonings(props: ReckoningProps) {
  return (
    <section aria-label="Reckonings" className="mt-7 border-t border-ink pt-3">
      <h2 className="text-xl">Reckonings</h2>
      {tools.map(([title, tool]) => (
        <Opened key={title} title={title} tool={tool} {...props} />
      ))}
    </section>
  )
}

interface OpenedProps extends ReckoningProps {
  readonly title: string
  readonly tool: Later<Tool>
}

function Opened({ title, tool, ...props }: OpenedProps) {
  const Shown = useLater(tool)
  const details = useRef<HTMLDetailsElement>(null)
  const [isOpen, setOpen] = useState(false)
  // It may have been opened before the page answered.
  useEffect(() => setOpen(details.current?.open ?? false), [])
  return (
    <details
      ref={details}
      className="border-t border-rule"
      onToggle={({ currentTarget }) => setOpen(currentTarget.open)}
    >
      <summary className="min-h-10 py-2 hover:bg-wash">{title}</summary>
      <div className="pb-4">{isOpen && Shown && <Shown {...props} />}</div>
    </details>
  )
}
