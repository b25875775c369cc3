import { checks } from '../core/cure/checkWords.ts'
import { dateOf } from '../core/plan/calendar.ts'
import type { Database } from '../store/database.ts'
import { list } from '../store/records.ts'
import type { CalendarEntry } from './calendar.ts'
import { cellOf, toCsv } from './csv.ts'

/** Lists that only go out: every check, and what is ahead. */

/** Every hand on a layer or a swatch, oldest first. */
export async function checksToCsv(db: Database): Promise<string> {
  const titles = new Map((await list(db, 'painting')).map(({ id, title }) => [id, title]))
  const layers = new Map((await list(db, 'layer')).map((layer) => [layer.id, layer]))
  const onLayers = (await list(db, 'touch_test')).map(({ layerId, ...finger }) => {
    const layer = layers.get(layerId)
    return { on: titles.get(layer?.paintingId ?? '') ?? '', film: layer?.name ?? layerId, finger }
  })
  const onSwatches = (await list(db, 'swatch')).flatMap(({ name, fingers }) =>
    fingers.map((finger) => ({ on: 'swatch', film: name, finger })),
  )
  const rows = [...onLayers, ...onSwatches].sort((a, b) => a.finger.at.localeCompare(b.finger.at))
  return toCsv(
    ['at', 'on', 'film', 'check', 'passed', 'where', 'counts', 'note'],
    rows.map(({ on, film, finger: { at, check, passed, where, counts, note } }) => [
      ...[at, on, film, checks[check].name, passed ? 'yes' : 'not yet'],
      ...[where, counts ? 'yes' : 'no', note],
    ]),
  )
}

/** What is ahead, as the calendar is told it. */
export const scheduleToCsv = (entries: readonly CalendarEntry[]): string =>
  toCsv(
    ['on', 'what', 'more'],
    [...entries]
      .sort((a, b) => a.day - b.day || a.summary.localeCompare(b.summary))
      .map(({ day, summary, description }) => [dateOf(day), summary, cellOf(description)]),
  )
