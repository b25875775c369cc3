import { shortagesOf } from '../../../core/batch/stock.ts'
import type { Shortage } from '../../../core/batch/stock.ts'
import { wholeDrops } from '../../../core/batch/scaling.ts'
import type { Medium } from '../../../core/medium/medium.ts'
import type { MediumDocument } from '../../../document/recipe.ts'
import type { ShelfItem } from '../../../document/shelf.ts'
import { gramsText, mlText, percentText } from '../../../ui/format.ts'
import { VerdictMark } from '../../../ui/Verdict.tsx'

interface ScaledProps {
  readonly medium: MediumDocument
  readonly made: Medium
  readonly shelf: readonly ShelfItem[]
  /** How many times the recipe as it is written. */
  readonly times: number
}

/** The recipe at the amount asked for: line by line, its drops whole, and what the shelf has too little of. */
export const Scaled = ({ medium, made, shelf, times }: ScaledProps) => (
  <>
    <table className="mt-4 w-full text-[1.05rem]">
      <tbody>
        {made.ingredients.map(({ material: { id, name }, massG, volumeMl }) => (
          <tr key={id} className="border-t border-rule">
            <th scope="row" className="py-1.5 text-left font-normal">
              {name}
            </th>
            <td className="text-right">{gramsText(massG * times)}</td>
            <td className="w-28 text-right text-soft">{mlText(volumeMl * times)}</td>
          </tr>
        ))}
        <tr className="border-t border-ink">
          <th scope="row" className="py-1.5 text-left font-medium">
            in all
          </th>
          <td className="text-right font-medium">{gramsText(made.massG * times)}</td>
          <td className="text-right font-medium">{mlText(made.volumeMl * times)}</td>
        </tr>
      </tbody>
    </table>
    {dropsOf(medium, made, times).map(({ name, drops, error }) => (
      <p key={name} className="mt-1">
        {name}: {drops} whole drops
        {Math.abs(error) > leastError && (
          <>
            , {percentText(Math.abs(error))} {error > 0 ? 'more' : 'less'} than exact
          </>
        )}
        .
      </p>
    ))}
    {shortIn(made, times, shelf).map(({ material, hasG, enoughFor }) => (
      <p key={material} className="mt-2">
        <VerdictMark verdict="watch" size={12} /> There is only {gramsText(hasG)} of {nameIn(made, material)}:
        enough for {mlText(made.volumeMl * enoughFor)}.
      </p>
    ))}
  </>
)

/** A smaller error than this, as a share, is not told. */
const leastError = 0.0005

const nameIn = ({ ingredients }: Medium, id: string): string =>
  ingredients.find(({ material }) => material.id === id)?.material.name ?? id

const shortIn = ({ ingredients }: Medium, times: number, shelf: readonly ShelfItem[]): readonly Shortage[] =>
  shortagesOf(
    ingredients.map(({ material, massG }) => ({ material: material.id, grams: massG })),
    times,
    (material) => shelf.find(({ id }) => id === material)?.stockG ?? null,
  )

function dropsOf({ recipe }: MediumDocument, made: Medium, times: number) {
  return recipe.lines.flatMap((line) => {
    const whole = wholeDrops(line, times)
    return whole && 'material' in line ? [{ name: nameIn(made, line.material), ...whole }] : []
  })
}
