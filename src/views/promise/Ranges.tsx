import type { Promised } from '../../core/plan/promise.ts'
import { promises } from '../../core/plan/promise.ts'
import type { PromiseId } from '../../core/plan/promise.ts'
import { dayText } from '../../ui/format.ts'

const names: Readonly<Record<PromiseId, string>> = {
  dry: 'Dry to the touch: may be shown',
  sent: 'Firm: may be sent',
  varnished: 'May have a soft varnish',
}

/** When it is dry, may be sent and varnished: earliest, likely, safe; the day that is wanted across them. */
export function Ranges({
  promised,
  today,
  wantedDay,
}: {
  readonly promised: Promised
  readonly today: number
  readonly wantedDay: number | null
}) {
  const ids = Object.keys(promises) as PromiseId[]
  const last = Math.max(today + 30, wantedDay ?? 0, ...ids.map((id) => promised.days[id]?.safe ?? 0))
  const at = (day: number): number => (100 * (day - today)) / ((last - today) * 1.04)
  return (
    <table className="w-full border-collapse text-left">
      <thead className="text-[0.8rem] text-soft">
        <tr>
          <th scope="col" className="w-56">
            What
          </th>
          <th scope="col">earliest · likely · safe</th>
          <th scope="col" className="hidden w-1/2 sm:table-cell">
            <span className="sr-only">drawn from today on</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {ids.map((id) => {
          const days = promised.days[id]
          return (
            <tr key={id} className="border-t border-rule">
              <th scope="row" className="py-2 pr-4 font-normal">
                {names[id]}
              </th>
              <td className="pr-4">
                {days
                  ? `${dayText(days.earliest)} · ${dayText(days.likely)} · ${dayText(days.safe)}`
                  : 'never, as it is planned'}
              </td>
              <td className="hidden sm:table-cell">
                <span aria-hidden="true" className="relative block h-7">
                  {days && (
                    <span
                      className="absolute top-1.5 h-4 min-w-1"
                      style={{
                        left: `${at(days.earliest)}%`,
                        width: `${at(days.safe) - at(days.earliest)}%`,
                        background:
                          'linear-gradient(90deg, transparent, color-mix(in srgb, var(--ink) 55%, transparent) 50%, transparent)',
                      }}
                    />
                  )}
                  {wantedDay !== null && (
                    <span
                      className="absolute inset-y-0 border-l-2 border-today"
                      style={{ left: `${at(wantedDay)}%` }}
                    />
                  )}
                </span>
              </td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
