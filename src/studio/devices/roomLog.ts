import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import type { RoomReadingDocument } from '../../document/room.ts'
import type { Revised } from '../../document/studio.ts'
import type { Database } from '../../store/database.ts'
import { listOf } from '../../store/records.ts'
import type { Write, Written } from '../commit.ts'
import { saveReadings } from '../readings.ts'
import { refused } from '../refused.ts'
import { roomNow, sensorLog } from './sensor.ts'
import type { SensorDay } from './sensor.ts'

/** What was read of a place, and what its sensor has logged beside it. */

/** All readings of a place, oldest first. */
export const readingsOf = async (
  db: Database,
  placeId: string,
): Promise<readonly Revised<RoomReadingDocument>[]> =>
  [...(await listOf(db, 'reading', [placeId]))].sort((a, b) => a.on.localeCompare(b.on))

/** So far back a sensor's log is taken in, days. */
const backDays = 365

export interface SensorTold {
  /** Null: no sensor answers. */
  readonly now: Omit<SensorDay, 'on'> | null
  /** Whole days it has logged that are not on record of this place. */
  readonly newDays: number
}

export async function sensorTold(db: Database, placeId: string, now: string): Promise<SensorTold> {
  const room = await roomNow()
  return { now: room, newDays: room ? (await newDays(db, placeId, now))!.length : 0 }
}

/** Takes in the days a sensor has logged; a reading of a day that is there already stays. */
export async function takeSensor(write: Write, placeId: string): Promise<Written> {
  const days = await newDays(write.db, placeId, write.at)
  if (!days) throw refused('No sensor answers. Look whether it is on, and at the address in GRELTA_SENSOR.')
  if (days.length === 0) throw refused('Every day the sensor has logged is on record already.')
  return saveReadings(
    write,
    placeId,
    days.map((day) => ({ ...day, placeId, light: null, by: 'sensor' })),
  )
}

async function newDays(db: Database, placeId: string, now: string): Promise<readonly SensorDay[] | null> {
  const log = await sensorLog(dateOf(dayOf(now)! - backDays))
  const read = new Set((await readingsOf(db, placeId)).map(({ on }) => on))
  return log && log.filter(({ on }) => !read.has(on) && on < now.slice(0, 10))
}
