import { glazedColour, shownOf } from '../../../core/values/budget.ts'
import type { Rgb } from '../../../core/values/budget.ts'

const cssOf = (rgb: Rgb): string => `rgb(${rgb.map((one) => shownOf(Math.min(1, one))).join(' ')})`

/** The place before, and after each glaze, side by side with the value it then has. */
export function BeforeAndAfter({
  under,
  overWhite,
  glazes,
  steps,
}: {
  readonly under: Rgb
  readonly overWhite: Rgb
  readonly glazes: number
  /** Values after each glaze, 0 to 10. */
  readonly steps: readonly number[]
}) {
  const patches = Array.from({ length: glazes + 1 }, (_, at) => ({
    colour: cssOf(glazedColour(under, overWhite, at)),
    says: at === 0 ? 'now' : at === 1 ? 'one glaze' : `${at} glazes`,
    value: at === 0 ? null : steps[at - 1]!,
  }))
  return (
    <ol className="mt-3 flex flex-wrap gap-x-1" aria-label="Before and after">
      {patches.map(({ colour, says, value }) => (
        <li key={says} className="w-20 text-[0.85rem]">
          <span className="block h-20 border border-rule" style={{ backgroundColor: colour }} />
          {says}
          {value !== null && <span className="block text-soft">{value.toFixed(1)}</span>}
        </li>
      ))}
    </ol>
  )
}
