import { useState } from 'react'
import { differencesBetween } from '../../../core/practice/differences.ts'
import type { Practice } from '../../../core/practice/practice.ts'
import { ChoiceRow } from '../../../ui/fields.tsx'

/** A practice beside another: all that they have otherwise. */
export function Compare({
  practice,
  all,
}: {
  readonly practice: Practice
  readonly all: readonly Practice[]
}) {
  const others = all.filter(({ id }) => id !== practice.id)
  const [otherId, setOther] = useState('')
  const other = others.find(({ id }) => id === otherId)
  return (
    <section aria-label="Beside another" className="mt-6 border-t border-ink pt-3">
      <h3 className="text-lg">Beside another practice</h3>
      <ChoiceRow
        label="Compare with"
        className="mt-1 max-w-72"
        value={otherId}
        options={[{ id: '', name: 'none' }, ...others]}
        onValue={setOther}
      />
      {other && (
        <table className="mt-3 w-full text-[0.92rem]">
          <thead>
            <tr className="text-left text-soft">
              <th scope="col" className="py-1 pr-3 font-normal">
                What they have otherwise
              </th>
              <th scope="col" className="py-1 pr-3 font-normal">
                {practice.name}
              </th>
              <th scope="col" className="py-1 font-normal">
                {other.name}
              </th>
            </tr>
          </thead>
          <tbody>
            {differencesBetween(practice, other).map(({ subject, what, first, second }) => (
              <tr key={subject} className="border-t border-rule align-top">
                <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                  {what}
                </th>
                <td className="py-1.5 pr-3">{first}</td>
                <td className="py-1.5">{second}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}
