import { useState } from 'react'
import { defaultGrind } from '../../core/film/paint.ts'
import { filmOf } from '../../core/film/film.ts'
import { whyOf } from '../../core/film/why.ts'
import type { FilmNumber } from '../../core/film/why.ts'
import { parseRatio } from '../../core/measure/parse.ts'
import { libraryShelf } from '../../core/materials/shelf.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { Choice, Labelled, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about, percentText } from '../../ui/format.ts'
import { oilChoices, pigmentChoices } from '../../ui/materials.ts'
import { Why } from '../../ui/Why.tsx'

const wetUm = 70

/** What the medium becomes in paint, at the ratio it is used. */
export function InPaint({ medium }: { readonly medium: Medium }) {
  const [pigment, setPigment] = useState('pw6_rutile')
  const [oil, setOil] = useState('linseed_alkali_refined')
  const [[part, paint], setRatio] = useState<readonly [number, number]>([1, 3])
  const read = (text: string): Reading<readonly [number, number]> => {
    const parsed = parseRatio(text)
    return parsed.ok ? { value: parsed.value } : { problem: parsed.message }
  }
  const paints = paint > 0 ? [{ pigments: [{ pigment, share: 1 }], oil, grind: defaultGrind, parts: paint }] : []
  const found = filmOf({ paints, ...(part > 0 && { medium: { ingredients: medium.ingredients, parts: part } }), wetThicknessUm: wetUm }, libraryShelf)
  const neat = filmOf({ paints: [{ pigments: [{ pigment, share: 1 }], oil, grind: defaultGrind, parts: 1 }], wetThicknessUm: wetUm }, libraryShelf)
  const share = part / (part + paint)
  return (
    <section aria-label="In paint" className="mt-8 border-t border-ink pt-4">
      <h2 className="text-xl">In paint</h2>
      <div className="mt-2 flex flex-wrap gap-4">
        <Labelled label="Colour" className="min-w-0 grow">{(id) => <Choice id={id} value={pigment} onValue={setPigment} options={pigmentChoices} />}</Labelled>
        <Labelled label="ground in" className="min-w-0 grow">{(id) => <Choice id={id} value={oil} onValue={setOil} options={oilChoices} />}</Labelled>
        <Labelled label="medium : paint, by volume" className="w-40">{(id) => <TypedField id={id} shown={`${part}:${paint}`} read={read} onValue={setRatio} />}</Labelled>
      </div>
      <p className="mt-2 text-soft">
        Medium is {percentText(share)} of the mix{paint > 0 && <> = {percentText(part / paint)} on the paint</>}, both by volume.
      </p>
      {found.ok ? (
        <table className="mt-3 w-full">
          <thead>
            <tr className="text-[0.8rem] text-soft">
              <td />
              <th scope="col" className="text-right font-normal">with the medium</th>
              <th scope="col" className="text-right font-normal">neat from the tube</th>
            </tr>
          </thead>
          <tbody>
            {lines.map(([what, number, text]) => (
              <tr key={what} className="border-t border-rule">
                <th scope="row" className="py-1 pr-4 text-left font-normal">{what}</th>
                <td className="py-1 text-right">
                  {number ? <Why reason={whyOf(number, found.film)} label={`${what}: ${text(found.film)}. Why?`}>{text(found.film)}</Why> : text(found.film)}
                </td>
                <td className="py-1 text-right text-soft">{neat.ok ? text(neat.film) : ''}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : (
        <p role="alert" className="mt-3 text-unsound">{found.message}</p>
      )}
      <p className="mt-2 text-[0.82rem] text-soft">Estimates from typical material values, laid on {wetUm} µm wet, nothing underneath drinking.</p>
    </section>
  ) // prettier-ignore
}

type FilmFound = Extract<ReturnType<typeof filmOf>, { ok: true }>['film']

const lines: readonly (readonly [what: string, number: FilmNumber | null, text: (film: FilmFound) => string])[] = [
  [
    'Fat over what the powder needs',
    'fatness',
    ({ leanness }) => (leanness === null ? 'no fat' : leanness <= 1 / 30 ? 'all oil' : `${about(1 / leanness, 3)}×`),
  ],
  ['Oil and alkyd, of the dried film by volume', 'oilContent', ({ oilContent }) => percentText(oilContent)],
  ['Resin, of the organic binder by mass', null, ({ more }) => percentText(more.resinOfBinder)],
  ['Wax, of the organic binder by mass', null, ({ more }) => percentText(more.waxOfBinder)],
  ['Volatile and water, of the wet mix by volume', null, ({ more }) => percentText(more.volatileShare)],
  ['Drying speed, raw linseed = 1', 'rate', ({ rate, more }) => (more.hardens ? about(rate) : 'will not harden')],
  ['Surface when dry', 'surface', ({ surface }) => surface ?? 'clear film'],
]
