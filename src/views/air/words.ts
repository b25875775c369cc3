import { atTheEasel } from '../../core/air/airing.ts'
import type { AirOverDay } from '../../core/air/vapour.ts'
import { lastHour } from '../../document/dayAir.ts'
import type { RoomAir } from '../../document/keeping.ts'
import { about } from '../../ui/format.ts'

/** An hour of the day, or of the next: "14:50", "2:10 tomorrow". */
export function clockText(hour: number): string {
  const minutes = Math.round(60 * hour)
  const [hours, rest] = [Math.floor(minutes / 60) % 24, minutes % 60]
  const days = Math.floor(minutes / (24 * 60))
  const when = days === 0 ? '' : days === 1 ? ' tomorrow' : ` in ${days} days`
  return `${hours}:${String(rest).padStart(2, '0')}${when}`
}

/** The first thing said of the air. */
export function answerOf({ roomM3, sources }: RoomAir, told: AirOverDay | null): string {
  if (roomM3 === null) return 'How large is the room? Then the air of a day can be told.'
  if (!told || sources.length === 0) return 'Nothing is open: the air is clear.'
  const { peakMgPerM3: peak, clearAfterHours } = told
  const easel = `${about(atTheEasel.low * peak)} to ${about(atTheEasel.high * peak)} mg/m³ at the easel`
  const clear =
    clearAfterHours === null
      ? 'it does not clear by itself'
      : `clear again about ${clockText(lastHour(sources) + clearAfterHours)}`
  return `${easel} at worst; ${clear}`
}
