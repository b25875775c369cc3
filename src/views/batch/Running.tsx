import { runningOf } from '../../core/batch/pouring.ts'
import { classNames } from '../../core/materials/material.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { paintPerPart } from '../../core/medium/basis.ts'
import { usualLargestDose } from '../../core/dosing/usualPaint.ts'
import { about, gramsText, mlText } from '../../ui/format.ts'
import { classWords } from '../mediums/Truths.tsx'

/** Whether what is in the jar still keeps the limits, and at what dose; in titanium white, by the common limits. */
export function largestOf({ ingredients }: Medium): string {
  const { ofMix } = usualLargestDose(ingredients)
  return ofMix <= 0
    ? 'it keeps no limit at any dose.'
    : `it keeps its limits up to 1 part to ${about(Math.ceil(paintPerPart(ofMix) * 10) / 10, 3)} of paint.`
}

/** What the jar holds by now, as if nothing more went in. */
export function Running({ made, jarMl }: { readonly made: Medium; readonly jarMl: number | null }) {
  const { massG, volumeMl, ofAll, ofOrganics } = runningOf(made.ingredients)
  const filler = ofAll.extender + ofAll.pigment > 0
  return (
    <div className="mt-5 border-t border-ink pt-2">
      <h2 className="text-xl">In the jar so far</h2>
      <p className="text-soft">
        {gramsText(massG)} · {mlText(volumeMl)}
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
                <td className="text-right">{(100 * ofAll[name]).toFixed(2)}&nbsp;%</td>
                {filler && (
                  <td className="text-right">
                    {ofOrganics[name] > 0 ? `${(100 * ofOrganics[name]).toFixed(2)}\u00a0%` : ''}
                  </td>
                )}
              </tr>
            ))}
        </tbody>
      </table>
      <p className="mt-2 text-[0.92rem]">
        In titanium white {largestOf(made)} <span className="text-soft">By the common limits; estimate.</span>
      </p>
    </div>
  )
}
