import { runningOf } from '../../core/batch/pouring.ts'
import { classNames } from '../../core/materials/material.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { noDose, ratioText } from '../../core/dosing/doseWords.ts'
import { usualLargestDose, usualPaintWords } from '../../core/dosing/usualPaint.ts'
import { unfitnessOf } from '../../core/dosing/fitness.ts'
import { weighedText, mlText, percentText } from '../../ui/format.ts'
import { classWords } from '../mediums/Truths.tsx'

/** How much of what is in the jar a paint can bear, as on every page. */
export function largestOf(medium: Medium): string {
  const unfit = unfitnessOf(medium)
  if (unfit?.severity === 'unsound') return unfit.message
  const { ofMix } = usualLargestDose(medium.ingredients)
  return ofMix <= 0 ? `${noDose}.` : `at most ${ratioText(ofMix)} of paint ${usualPaintWords}.`
}

/** What the jar holds by now, as if nothing more went in. */
export function Running({ made, jarMl }: { readonly made: Medium; readonly jarMl: number | null }) {
  const { massG, volumeMl, ofAll, ofOrganics } = runningOf(made.ingredients)
  const filler = ofAll.extender + ofAll.pigment > 0
  return (
    <div className="mt-5 border-t border-ink pt-2">
      <h2 className="text-xl">In the jar so far</h2>
      <p className="text-soft">
        {weighedText(massG)} · {mlText(volumeMl)}
        {jarMl !== null && <> of {mlText(jarMl)}</>}
      </p>
      <table className="mt-1 w-full">
        <thead>
          <tr className="text-[0.8rem] text-soft">
            <td />
            <th scope="col" className="text-right font-normal">
              of all, by mass
            </th>
            {filler && (
              <th scope="col" className="text-right font-normal">
                without filler, by mass
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {classNames
            .filter((name) => ofAll[name] > 0.0005)
            .map((name) => (
              <tr key={name} className="border-t border-rule">
                <th scope="row" className="py-1 text-left font-normal">
                  {classWords[name]}
                </th>
                <td className="text-right">{percentText(ofAll[name])}</td>
                {filler && (
                  <td className="text-right">{ofOrganics[name] > 0 ? percentText(ofOrganics[name]) : ''}</td>
                )}
              </tr>
            ))}
        </tbody>
      </table>
      <p className="mt-2 text-[0.92rem]">
        As it stands: {largestOf(made)} <span className="text-soft">Estimate.</span>
      </p>
    </div>
  )
}
