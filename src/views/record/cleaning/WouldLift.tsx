import { useMemo } from 'react'
import type { Assessment } from '../../../document/judging/assess.ts'
import type { Picture } from '../../../document/picture/picture.ts'
import { findInStudio } from '../../../document/studioMaterials.ts'
import { wouldLift } from '../../../document/finish/wouldLift.ts'

export interface LiftProps {
  readonly picture: Picture
  readonly assessment: Assessment
}

/** A future cleaning rehearsed: what each of the usual solvents would take, where, and why. */
export function WouldLift({ picture, assessment }: LiftProps) {
  const rows = useMemo(
    () => wouldLift(picture, assessment, picture.today, findInStudio(picture.shelf)),
    [picture, assessment],
  )
  const areas = rows[0]?.areas ?? []
  const mildest = rows.find((row) => row.areas.some(({ films }) => films.length > 0))
  return (
    <section aria-label="What would lift" className="mt-8 border-t border-ink pt-4">
      <h2 className="text-xl">What would lift</h2>
      <p className="mt-1 max-w-[60rem] font-read text-[1.15rem] leading-snug">
        {mildest
          ? mildest.rank === 5
            ? 'Only the strongest would take any of it today.'
            : `Today ${mildest.solvent} would already take ${firstTaken(mildest.areas)}.`
          : 'None of the usual solvents would take any of it today.'}
      </p>
      {/* A keyboard moves what is wider than its window only if it can be reached. */}
      <div
        role="region"
        aria-label="What lifts, solvent by solvent"
        tabIndex={0}
        className="mt-3 overflow-x-auto"
      >
        <table className="w-full text-[0.92rem]">
          <thead>
            <tr className="text-left text-soft">
              <th scope="col" className="py-1 pr-3 font-normal">
                With, mildest first
              </th>
              {areas.map(({ area }) => (
                <th key={area} scope="col" className="py-1 pr-3 font-normal">
                  {area}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ solvent, areas: inAreas }) => (
              <tr key={solvent} className="border-t border-rule align-top">
                <th scope="row" className="w-56 py-1.5 pr-3 text-left font-normal">
                  {solvent}
                </th>
                {inAreas.map(({ area, films }) => (
                  <td key={area} className="py-1.5 pr-3 leading-snug">
                    {films.length === 0 ? (
                      <span className="text-soft">nothing</span>
                    ) : (
                      films.map(({ name, because }) => (
                        <span key={name} className="block">
                          {name} <span className="text-soft">({because})</span>
                        </span>
                      ))
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 text-[0.85rem] text-soft">
        A rehearsal on paper, an estimate, and no leave to try it: cleaning is a conservator’s work. What
        gives to the mildest is not tested with any solvent.
      </p>
    </section>
  )
}

function firstTaken(
  areas: readonly { readonly area: string; readonly films: readonly { readonly name: string }[] }[],
) {
  const found = areas.find(({ films }) => films.length > 0)!
  return `${found.films[0]!.name}${areas.length > 1 ? `, ${found.area}` : ''}`
}
