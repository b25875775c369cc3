import type { ReactNode } from 'react'
import { SwapOil } from './reckonings/SwapOil.tsx'
import { Drier } from './reckonings/Drier.tsx'
import { OilToAdd } from './reckonings/OilToAdd.tsx'
import { Putty } from './reckonings/Putty.tsx'
import { LayerCost } from './reckonings/LayerCost.tsx'
import { Unsure } from './reckonings/Unsure.tsx'
import type { ReckoningProps } from './reckonings/props.ts'

/** Small reckonings a painter does at the bench, each closed until it is wanted. */
export function Reckonings(props: ReckoningProps) {
  return (
    <section aria-label="Reckonings" className="mt-7 border-t border-ink pt-3">
      <h2 className="text-xl">Reckonings</h2>
      <Tool title="One oil for another">
        <SwapOil {...props} />
      </Tool>
      <Tool title="A drier">
        <Drier {...props} />
      </Tool>
      <Tool title="Oil to add for a step in fatness">
        <OilToAdd {...props} />
      </Tool>
      <Tool title="A putty of a wanted fatness">
        <Putty {...props} />
      </Tool>
      <Tool title="How much of a product nobody knows exactly">
        <Unsure {...props} />
      </Tool>
      <Tool title="What a layer costs">
        <LayerCost {...props} />
      </Tool>
    </section>
  )
}

const Tool = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => (
  <details className="border-t border-rule">
    <summary className="min-h-10 py-2 hover:bg-wash">{title}</summary>
    <div className="pb-4">{children}</div>
  </details>
)
