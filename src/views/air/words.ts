import { atEasel } from '../../core/air/airing.ts'
import type { AirOverDay } from '../../core/air/vapour.ts'
import { percent } from '../../core/words.ts'
import { lastHour } from '../../document/dayAir.ts'
import type { RoomAir } from '../../document/keeping.ts'
import type { Reading } from '../../ui/fields.tsx'
import { about } from '../../ui/format.ts'

/** Of an hour: what begins ends a minute later at the soonest. */
export const oneMinute = 1 / 60

/** An hour of the day, or of the next: "14:50", "2:10 tomorrow". */
export function clockText(hour: number): string {
  const minutes = Math.round(60 * hour)
  const [hours, rest] = [Math.floor(minutes / 60) % 24, minutes % 60]
  const days = Math.floor(minutes / (24 * 60))
  const when = days === 0 ? '' : days === 1 ? ' tomorrow' : ` in ${days} days`
  return `${hours}:${String(rest).padStart(2, '0')}${when}`
}

/** The same of an hour something ends at: midnight ends the day. */
export const latestText = (hour: number): string => (hour === 24 ? '24:00' : clockText(hour))

/** Reads an hour of the day as a painter writes it: "9:30", "9.30", "9.5", "14". */
export const readClock =
  (low: number, high: number) =>
  (text: string): Reading<number> => {
    const [, hours, minutes, tenths] = /^\s*(\d{1,2})(?:[:h.,](\d{2})|[.,](\d))?\s*$/.exec(text) ?? []
    if (hours === undefined || Number(minutes ?? 0) > 59)
      return { problem: 'Write an hour of the day, such as 9:30.' }
    const minute = 60 * Number(hours) + Number(minutes ?? 0) + 6 * Number(tenths ?? 0)
    if (minute < Math.round(60 * low) || minute > Math.round(60 * high))
      return { problem: `Between ${clockText(low)} and ${latestText(high)}.` }
    return { value: minute / 60 }
  }

/** The hour a model gives, no finer than a quarter. */
export const aboutClock = (hour: number): string => `about ${clockText(Math.round(4 * hour) / 4)}`

/** The first thing said of the air. */
export function answerOf(air: RoomAir, told: AirOverDay | null): string {
  if (air.roomM3 === null) return 'How large is the room? Then the air of a day can be told.'
  if (!told || air.sources.length === 0) return 'Nothing is open: the air is clear.'
  const { clearAfterHours } = told
  const clear =
    clearAfterHours === null
      ? 'it does not clear by itself'
      : `clear again ${aboutClock(lastHour(air.sources) + clearAfterHours)}`
  return `${howMuch(air, told)}; ${clear}`
}

/** Against the painter's own limit first, then against guidance. */
function howMuch({ ownLimit }: RoomAir, told: AirOverDay): string {
  const { peakMgPerM3: peak, fractionOfStrictLimit: strict } = told
  if (ownLimit !== null && peak > ownLimit) return `The air goes over your limit of ${about(ownLimit)} mg/m³`
  if (strict === null) return 'Some of what is open has no guidance of its own'
  if (strict > 1) return 'The air goes over the strictest guidance'
  const { low, high } = atEasel(strict)
  return high > 1
    ? 'At the easel the air may go over the strictest guidance'
    : `At the easel the air comes to ${percent(low)} to ${percent(high)} of the strictest guidance`
}

/** What the face meets at the easel when it is worst, mg/m³: "700–2300". */
export function easelText({ peakMgPerM3 }: AirOverDay): string {
  const { low, high } = atEasel(peakMgPerM3)
  return `${about(low)}–${about(high)}`
}
