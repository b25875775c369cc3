import type { Climate } from '../../core/cure/climate.ts'
import type { RoomClock } from '../../core/cure/roomClock.ts'
import { clockBy } from '../../core/room/roomLog.ts'
import type { RoomPaces } from '../../core/room/roomLog.ts'
import type { RoomReading } from '../../core/soundness/lay.ts'
import type { Settings } from '../studio.ts'

/** Where a picture dries: what its rooms were and will be, as far as its page has to know. */
export interface PictureRoom {
  /** How its place is set. */
  readonly climate: Climate
  /** Null: as steady as the studio is set. */
  readonly paces: RoomPaces | null
  /** What was read where it stood, day by day. */
  readonly readings: readonly RoomReading[]
  /** Days colder or hotter than drying is forecast for: what was tested over them teaches nothing. */
  readonly outOfRange: readonly number[]
}

/** A picture's room where nothing is on record of it. */
export const steadyRoom = ({ climate }: Pick<Settings, 'climate'>): PictureRoom => ({
  climate,
  paces: null,
  readings: [],
  outOfRange: [],
})

const clocks = new WeakMap<RoomPaces, RoomClock>()

/** The clock of a room, made once; null where every day is like every other. */
export function clockOfRoom({ paces }: Pick<PictureRoom, 'paces'>): RoomClock | null {
  if (!paces) return null
  const known = clocks.get(paces)
  if (known) return known
  const made = clockBy(paces)!
  clocks.set(paces, made)
  return made
}

/** A day of the calendar on the clock of the steady room: the solver's time. */
export const steadyDay = (clock: RoomClock | null, day: number): number =>
  clock && Number.isFinite(day) ? clock.steadyDays(0, day) : day
