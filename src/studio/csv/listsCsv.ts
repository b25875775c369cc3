import { checks } from '../../core/cure/checkWords.ts'
import { dateOf } from '../../core/plan/calendar.ts'
import type { Bodies, Kind } from '../../document/kinds.ts'
import type { Database } from '../../store/database.ts'
import { list, readRow, rowsOf } from '../../store/records.ts'
import type { CalendarEntry } from '../lists/calendar.ts'
import { cellOf, toCsv } from './csv.ts'

/** Lists that only go out: every check, and what is ahead. */

/** Every hand on a layer or a swatch, oldest first. */
export async function checksToCsv(db: Database): Promise<string> {
  const hands = await list(db, 'touch_test')
  const layers = await onlyThese(db, 'layer', new Set(hands.map(({ layerId }) => layerId)))
  const pictures = new Set([...layers.values()].map(({ paintingId }) => paintingId))
  const paintings = await onlyThese(db, 'painting', pictures)
  const onLayers = hands.map(({ layerId, ...finger }) => {
    const layer = layers.get(layerId)
    return { on: paintings.get(layer?.paintingId ?? '')?.title ?? '', film: layer?.name ?? layerId, finger }
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

/** Those of these ids, read a few hundred at a time: a long life has more of them than a query may name. */
async function onlyThese<K extends Kind>(
  db: Database,
  kind: K,
  ids: ReadonlySet<string>,
): Promise<ReadonlyMap<string, Bodies[K]>> {
  const found = new Map<string, Bodies[K]>()
  for await (const row of rowsOf(db, kind)) {
    const one = ids.has(row.id) ? readRow(kind, row) : null
    if (one) found.set(row.id, one)
  }
  return found
}

/** What is ahead, as the calendar is told it. */
export const scheduleToCsv = (entries: readonly CalendarEntry[]): string =>
  toCsv(
    ['on', 'what', 'more'],
    [...entries]
      .sort((a, b) => a.day - b.day || a.summary.localeCompare(b.summary))
      .map(({ day, summary, description }) => [dateOf(day), summary, cellOf(description)]),
  )
