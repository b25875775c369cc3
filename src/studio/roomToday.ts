import type { Climate } from '../core/cure/climate.ts'
import { dayOf } from '../core/plan/calendar.ts'
import { climateOn } from '../core/room/roomLog.ts'
import { studioPlaceId } from '../document/studioPlace.ts'
import type { Database } from '../store/database.ts'
import { roomsOf } from './rooms.ts'
import { settingsOf } from './settings.ts'

const known = new WeakMap<Database, { readonly key: string; readonly climate: Climate }>()

/**
 * The climate of the studio's own room today as forecasts take it, for the head of every page: looked up once a day,
 * and anew after the newest event.
 */
export async function roomToday(db: Database, now: string, newestEvent: number): Promise<Climate> {
  const key = `${now.slice(0, 10)}/${newestEvent}`
  const before = known.get(db)
  if (before?.key === key) return before.climate
  const rooms = await roomsOf(db, await settingsOf(db), now)
  const climate = climateOn(rooms.placeOf(studioPlaceId), dayOf(now)!)
  known.set(db, { key, climate })
  return climate
}
