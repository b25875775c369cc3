import { heapPaint } from '../../core/palette/heap.ts'
import { mixOfPortions } from '../../core/film/film.ts'
import type { BeforeDrinking } from '../../core/film/film.ts'
import { fatnessText } from '../../core/words.ts'
import { about, percentText } from '../../ui/format.ts'
import type { LaidHeap, LaidPalette } from './laidOut.ts'

/** What a heap dries to, as it comes from the tubes and with what is stirred in. */
export function Films({ laid, palette }: { readonly laid: LaidHeap; readonly palette: LaidPalette }) {
  const neat = heapPaint({ paints: laid.heap.paints, amount: { ml: 1 } }, palette.findMaterial)
  const made = neat.ok ? mixOfPortions({ paint: neat.paint, medium: [], thinner: [] }, 100) : null
  if (!made?.ok) return null
  const [before, after] = [made.mix.film, laid.real.mix.film]
  return (
    <table className="w-full self-start text-[0.95rem]">
      <caption className="text-left text-[0.8rem] text-soft">What it dries to</caption>
      <thead>
        <tr className="text-left text-[0.8rem] text-soft">
          <td />
          <th scope="col" className="font-normal">
            from the tube
          </th>
          <th scope="col" className="font-normal">
            as mixed
          </th>
        </tr>
      </thead>
      <tbody>
        {figures.map(([name, of]) => (
          <tr key={name} className="border-t border-rule">
            <th scope="row" className="py-1 text-left font-normal">
              {name}
            </th>
            <td>{of(before)}</td>
            <td>{of(after)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

const figures: readonly (readonly [name: string, of: (film: BeforeDrinking) => string])[] = [
  ['powder, of the dry film by volume', ({ pvc }) => percentText(pvc)],
  [
    'of the most its binder can just hold',
    ({ pvc, cpvc }) => (cpvc === null ? '–' : `${about(pvc / cpvc)}×`),
  ],
  ['oil and alkyd, of the dry film by mass', ({ dry: { byMass } }) => percentText(byMass.oil + byMass.alkyd)],
  ['binder for what the powder needs', ({ binderRatio }) => fatnessText(binderRatio)],
  ['solvent and water, of the wet mix by volume', ({ mix }) => percentText(mix.volatile)],
]
