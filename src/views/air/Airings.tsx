import { airOf, lastHour } from '../../document/dayAir.ts'
import type { RoomAir } from '../../document/keeping.ts'
import { percentText } from '../../ui/format.ts'
import { aboutClock, easelText } from './words.ts'
import { Term } from '../../ui/help/Term.tsx'

const ways = [
  ['closed', 'closed'],
  ['crack', 'a window a crack'],
  ['windows', 'two windows'],
] as const

/** The same day with the windows one way all through. */
export function Airings({
  air,
  onChange,
}: {
  readonly air: RoomAir
  readonly onChange: (change: Partial<RoomAir>) => void
}) {
  return (
    <table className="w-full text-left text-[0.95rem]">
      <caption className="text-left font-read text-[1.2rem]">The same day, the windows all day</caption>
      <thead className="text-[0.8rem] text-soft">
        <tr>
          <th scope="col">Windows</th>
          <th scope="col">
            <Term of="at the easel">at the easel</Term>, mg/m³
          </th>
          <th scope="col">of the strictest guidance</th>
          <th scope="col">clear again</th>
        </tr>
      </thead>
      <tbody>
        {ways.map(([airing, name]) => {
          const told = airOf({ ...air, airing, airedFor: null })!
          const { fractionOfStrictLimit: strict, clearAfterHours: clear } = told
          const isSo = air.airing === airing && air.airedFor === null
          return (
            <tr key={airing} className={`border-t border-rule ${isSo ? 'bg-wash' : ''}`}>
              <th scope="row" className="font-normal">
                <button
                  type="button"
                  aria-pressed={isSo}
                  className="min-h-11 text-left link"
                  onClick={() => onChange({ airing, airedFor: null })}
                >
                  {name}
                </button>
              </th>
              <td>{easelText(told)}</td>
              <td>{strict === null ? 'none is known' : percentText(strict)}</td>
              <td>{clear === null ? 'never' : aboutClock(lastHour(air.sources) + clear)}</td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
