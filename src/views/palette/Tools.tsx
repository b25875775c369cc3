import { useState } from 'react'
import type { ReactNode } from 'react'
import { freeOilUm, keyLighter, laterYellowing, yellowingOf } from '../../core/palette/keyShift.ts'
import { about } from '../../core/words.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { NumberRow } from '../../ui/fields.tsx'
import { percentText } from '../../ui/format.ts'
import { later, useLater } from '../../ui/useLater.ts'
import { isLaid } from './laidOut.ts'
import { Ladder } from './Ladder.tsx'
import type { LaidPalette } from './laidOut.ts'
import type { BudgetProps } from './values/ValueBudget.tsx'

interface ToolsProps extends BudgetProps {
  readonly laid: LaidPalette
  readonly picture: LoadedPicture
}

/** What is asked beside the palette: the climb of oil over the next layers, and what a coloured medium does to the key. */
export const Tools = (props: ToolsProps) => (
  <section aria-label="Beside the palette" className="mt-5 border-t border-rule pt-2">
    <Tool title="Oil ladder over the next layers">
      <Ladder {...props} />
    </Tool>
    <Tool title="Value budget: how light must it be underneath">
      <Budget {...props} />
    </Tool>
    <Tool title="Warm medium: how much lighter to key">
      <WarmMedium {...props} />
    </Tool>
  </section>
)

const Tool = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => (
  <details className="border-b border-rule">
    <summary className="flex min-h-11 items-center font-read text-[1.1rem]">{title}</summary>
    <div className="pb-4">{children}</div>
  </details>
)

const budget = later(() => import('./values/ValueBudget.tsx').then(({ ValueBudget }) => ValueBudget))

/** What glazes leave of the light under them; read once the page answers. */
function Budget(props: BudgetProps) {
  const ValueBudget = useLater(budget)
  return ValueBudget && <ValueBudget {...props} />
}

function WarmMedium({ laid, layer }: ToolsProps) {
  const [offset, setOffset] = useState(0.1)
  const heaps = laid.heaps.filter(isLaid)
  if (heaps.length === 0) return <p>Lay out a heap first.</p>
  return (
    <>
      <NumberRow
        label="How much darker the medium is, drawn down neat beside the paint"
        hint="In steps of a grey scale from 0 black to 1 white; a tenth is one step of ten."
        className="w-80 max-w-full"
        value={offset}
        low={0}
        high={1}
        onValue={setOffset}
      />
      <ul className="mt-2">
        {heaps.map(({ heap, name, real }) => {
          const dose = real.mix.film.mix.medium
          return (
            <li key={heap.id} className="border-t border-rule py-1">
              {name}: {percentText(dose)} of the mix by volume,{' '}
              {dose > 0 ? `key it ${keyLighter(offset, dose).toFixed(2)} lighter` : 'nothing to allow for'}.
            </li>
          )
        })}
      </ul>
      <Yellows laid={laid} layer={layer} />
    </>
  )
}

function Yellows({ laid, layer }: Pick<ToolsProps, 'laid' | 'layer'>) {
  const heaps = laid.heaps.filter(isLaid)
  const free = Math.max(
    0,
    ...heaps.map(({ real: { mix } }) =>
      freeOilUm(layer.wetThicknessUm * (1 - mix.film.mix.volatile), mix.film),
    ),
  )
  const yellowing = yellowingOf(heaps.flatMap(({ real }) => real.mix.all))
  if (yellowing === null) return null
  const { value, b } = laterYellowing(yellowing, free)
  return (
    <p className="mt-2 text-[0.9rem] text-soft">
      Over the years it yellows too: by the order of {about(value)} of value and {about(b)} in b*. An order of
      magnitude, no more.
    </p>
  )
}
