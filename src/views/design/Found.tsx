import { classNames } from '../../core/materials/material.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import { paintPerPart } from '../../core/medium/basis.ts'
import { basisNames, shareAt, sideOf } from '../../core/dosing/dose.ts'
import type { Basis, CappedShare } from '../../core/dosing/dose.ts'
import { largestText } from '../../core/dosing/doseWords.ts'
import { usualLargestDose } from '../../core/dosing/usualPaint.ts'
import { effectsOf } from '../../core/medium/effects.ts'
import { costOf } from '../../core/medium/cost.ts'
import { tubeIngredients } from '../../core/film/paint.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { send } from '../../ui/client.ts'
import { about, gramsText, mlText, percentText } from '../../ui/format.ts'
import { say } from '../../ui/messages.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { Cautions } from '../../ui/Cautions.tsx'
import { Fitness } from '../mediums/Fitness.tsx'
import { effectsText } from '../mediums/Checks.tsx'
import { classWords } from '../mediums/Truths.tsx'
import type { Asked } from './wishes.ts'

export const Clash = ({ message }: { readonly message: string }) => (
  <div className="border-l-[3px] border-unsound pl-4">
    <p className="font-read text-[1.2rem] leading-snug">
      <VerdictMark verdict="unsound" size={16} /> No recipe can do all of that.
    </p>
    <p className="mt-1">{message}</p>
  </div>
)

/** What a studio scale can weigh, g. */
const weighable = (grams: number): number => Math.max(0.01, Math.round(100 * grams) / 100)

interface FoundProps {
  readonly recipe: { readonly lines: MediumDocument['recipe']['lines'] | readonly unknown[] }
  readonly moved: number | null
  readonly asked: Asked
  readonly items: readonly ShelfItem[]
  readonly near: MediumDocument | null
}

export function Found({ recipe, moved, asked, items, near }: FoundProps) {
  const lines = recipe.lines as MediumDocument['recipe']['lines']
  const findMaterial = findInStudio(items)
  const made = analyseMedium({ lines }, findMaterial)
  if (!made.ok) return <p role="alert">{made.problems[0]!.message}</p>
  const { medium } = made
  const tube = tubeIngredients(
    { pigments: [{ pigment: asked.pigment, share: 1 }], oil: 'linseed_alkali_refined' },
    findMaterial,
  )
  const inFilm = (what: CappedShare, of: Basis): number =>
    tube.ok ? shareAt(sideOf(tube.ingredients), sideOf(medium.ingredients), { what, of }, asked.dose) : 0
  const cost = costOf(medium.ingredients)
  const save = (): void => {
    const next: MediumDocument = {
      id: crypto.randomUUID(),
      name: near ? `${near.name}, redesigned` : 'Designed medium',
      recipe: { lines: lines.map((line) => ({ ...line, amount: weighable(line.amount) })) },
      note: '',
    }
    void send('PUT /api/mediums', { medium: next, seen: null }).then((reply) =>
      reply.ok ? window.location.assign(`/mediums/${next.id}`) : say(reply.refusal.message),
    )
  }
  return (
    <>
      <h2 className="text-xl">
        {moved === null
          ? 'A recipe that does it'
          : moved < 0.0005
            ? `${near?.name ?? 'It'} does it as it is`
            : `${percentText(moved)} of ${near?.name ?? 'it'} by mass changes`}
      </h2>
      <table className="mt-2 w-full">
        <thead>
          <tr className="text-[0.8rem] text-soft">
            <td />
            <th scope="col" className="text-right font-normal">
              in 100 g
            </th>
            <th scope="col" className="text-right font-normal">
              true volume
            </th>
          </tr>
        </thead>
        <tbody>
          {medium.ingredients.map(({ material, massG, volumeMl }) => (
            <tr key={material.id} className="border-t border-rule">
              <th scope="row" className="py-1.5 text-left font-normal">
                {material.name}
              </th>
              <td className="text-right">{gramsText(massG)}</td>
              <td className="text-right text-soft">{mlText(volumeMl)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Fitness medium={medium} />
      <p className="mt-3">{effectsText(effectsOf(medium))}.</p>
      <p className="mt-2">{largestText(usualLargestDose(medium.ingredients), medium.ingredients)}</p>
      <p className="mt-2 text-[0.92rem]">
        In the film at 1:{about(paintPerPart(asked.dose), 3)}: resin {percentText(inFilm('resin', asked.of))},
        wax {percentText(inFilm('wax', asked.of))}, together {percentText(inFilm('solubles', asked.of))}, each{' '}
        {basisNames[asked.of]}; oil and alkyd {percentText(inFilm('oil', 'film-volume'))} of the dried film by
        volume.
      </p>
      <p className="mt-1 text-[0.92rem] text-soft">
        The medium dries to{' '}
        {classNames
          .filter((name) => medium.dry.byVolume[name] > 0.004)
          .map((name) => `${percentText(medium.dry.byVolume[name])} ${classWords[name]}`)
          .join(', ')}{' '}
        by volume{cost.total > 0 && cost.unpriced.length === 0 && <>; {about(cost.perMl)} per ml</>}.
      </p>
      <button type="button" className="button button-ink mt-4 min-h-11" onClick={save}>
        Keep it as a medium
      </button>
      <p className="mt-3 text-[0.85rem] text-soft">
        Estimate from typical values: it is reckoned, not tried. Make a spoonful first.
      </p>
      <Cautions materials={medium.ingredients.map(({ material }) => material)} className="mt-2" />
    </>
  )
}
