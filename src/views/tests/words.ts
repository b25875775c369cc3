import { stateOfCheck } from '../../core/cure/checks.ts'
import { stateNames } from '../../core/cure/states.ts'
import type { StateId } from '../../core/cure/states.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import type { RackSwatch } from '../../studio/lists/rack.ts'
import { spanText } from '../../ui/format.ts'

/** Days as a painter says them: half days below four. */
export const daysText = (days: number): string =>
  days < 4 ? String(Math.round(2 * days) / 2) : String(Math.round(days))

/** What was forecast of a state, and what hands found: "touch dry: forecast 4–7 days, by the book 5; dry on day 6". */
export function foundWords({ swatch, film }: RackSwatch, state: StateId): string {
  const band = film?.bands.find((one) => one.state === state)
  const forecast = band?.days
    ? `forecast ${spanText(band.days[0], band.days[2])}${band.book === null ? '' : `, by the book ${daysText(band.book)}`}`
    : 'may never be reached'
  const laidDay = dayOf(swatch.laid.at)!
  const found = swatch.fingers
    .filter(({ check, counts }) => counts && stateOfCheck[check] === state)
    .map(({ at, passed }) => `${passed ? 'yes' : 'not yet'} on day ${daysText(dayOf(at)! - laidDay)}`)
  return `${stateNames[state]}: ${forecast}; ${found.length > 0 ? found.join(', ') : 'not tried'}`
}

/** A change of colour in points of b*: "5 points yellower in 6 months, kept dark". */
export function colourWords({ days, kept, yellower, isByEye }: RackSwatch['colour'][number]): string {
  const much = Math.abs(yellower) < 0.5 ? 'no yellower' : `${Math.round(10 * yellower) / 10} points yellower`
  const over = days < 60 ? `${Math.round(days)} days` : `${Math.round(days / 30.4)} months`
  return `${much} in ${over}, kept ${kept === 'dark' ? 'in the dark' : 'in the light'}${isByEye ? ' (by eye)' : ''}`
}
