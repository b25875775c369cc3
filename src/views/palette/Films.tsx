import { mixOfPortions } from '../../core/film/film.ts'
import type { BeforeDrinking } from '../../core/film/film.ts'
import { fatnessText } from '../../core/words.ts'
import { about, percentText } from '../../ui/format.ts'
import type { LaidHeap } from './laidOut.ts'

/** What a heap dries to, as it comes from the tubes and with what is stirred in. */
export function Films({ exact, real }: Pick<LaidHeap, 'exact' | 'real'>) {
  const neat = mixOfPortions({ paint: exact.paint, medium: [], thinner: [] }, real.mix.film.wetThicknessUm)
  if (!neat.ok) return null
  const [before, after] = [neat.mix.film, real.mix.film]
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
    'powder against the most its binder can hold',
    ({ pvc, cpvc }) => (cpvc === null ? '–' : `${about(pvc / cpvc)}×`),
  ],
  ['oil and alkyd, of the dry film by mass', ({ dry: { byMass } }) => percentText(byMass.oil + byMass.alkyd)],
  ['binder for what the powder needs', ({ binderRatio }) => fatnessText(binderRatio)],
  ['solvent and water, of the wet mix by volume', ({ mix }) => percentText(mix.volatile)],
]
