import { findInLibrary } from '../../core/materials/find.ts'
import { library } from '../../core/materials/library.ts'
import { ownTubeSchema } from '../../document/tube.ts'
import type { OwnTube } from '../../document/tube.ts'
import { cellOf, countCells, countsIn, fromCsv, idFrom, priceCells, priceIn, toCsv } from './csv.ts'
import type { CsvLine } from './csv.ts'

/** The painter's tubes as CSV. Streaks and drying tests are a history, and stay in the studio. */

const columns = [
  'id',
  'name',
  'pigments',
  'pigment_shares',
  'bound_in',
  'oil_percent',
  'speed',
  'transparency',
  'sinking_tendency',
  'lightfastness',
  'hazards',
  'colour',
  'price',
  'price_for',
  'squeezes_counted',
  'squeezes_weighed_g',
  'left_ml',
  'opened',
  'note',
] as const
type Column = (typeof columns)[number]

export const tubesToCsv = (tubes: readonly OwnTube[]): string =>
  toCsv(
    columns,
    tubes.map((tube) => [
      tube.id,
      tube.name,
      tube.pigments.map(({ pigment }) => pigment).join(' '),
      tube.pigments.map(({ share }) => share).join(' '),
      tube.oil,
      cellOf(tube.oilPercent),
      cellOf(tube.speed),
      cellOf(tube.transparency),
      cellOf(tube.sinkingTendency),
      cellOf(tube.lightfastness),
      tube.hazards.join('; '),
      cellOf(tube.colour),
      ...priceCells(tube.price),
      ...countCells(tube.squeezes),
      cellOf(tube.leftMl),
      cellOf(tube.openedOn),
      tube.note,
    ]),
  )

/**
 * Tubes from a CSV with a heading line; `Invalid` says every fault. `known` are those the studio has: their streaks, tests
 * and photographs are kept; `isOwn` tells a lot of the painter's own, which a tube may be made with.
 */
export const tubesFromCsv = (
  csv: string,
  known: ReadonlyMap<string, OwnTube>,
  isOwn: (id: string) => boolean,
): readonly OwnTube[] =>
  fromCsv(csv, {
    list: 'your paints',
    columns,
    required: ['name', 'pigments', 'bound_in'],
    itemOf: (line) => tubeOf(line, known, isOwn),
  })

/** The column a part of a tube is written in. */
const columnOf: Readonly<Record<string, Column>> = {
  oil: 'bound_in',
  oilPercent: 'oil_percent',
  sinkingTendency: 'sinking_tendency',
  squeezes: 'squeezes_weighed_g',
  leftMl: 'left_ml',
  openedOn: 'opened',
}

function tubeOf(
  line: CsvLine<Column>,
  known: ReadonlyMap<string, OwnTube>,
  isOwn: (id: string) => boolean,
): OwnTube | null {
  const { cell, number, fault } = line
  const written = {
    id: cell('id') || idFrom(cell('name')),
    name: cell('name'),
    pigments: pigmentsIn(line, isOwn),
    oil: materialIn(line, isOwn),
    oilPercent: number('oil_percent'),
    speed: cell('speed') || null,
    transparency: cell('transparency') || null,
    sinkingTendency: number('sinking_tendency'),
    lightfastness: cell('lightfastness') || null,
    hazards: cell('hazards')
      .split(/\s*;\s*/)
      .filter(Boolean),
    colour: cell('colour').toLowerCase() || null,
    price: priceIn(line),
    squeezes: countsIn(line, 'squeezes_counted', 'squeezes_weighed_g'),
    leftMl: number('left_ml'),
    openedOn: cell('opened') || null,
    note: line.asWritten('note'),
  }
  if (!line.isSound()) return null
  const { streaks = [], dryingTests = [], photo = null } = known.get(written.id) ?? {}
  const parsed = ownTubeSchema.safeParse({ ...written, streaks, dryingTests, photo })
  if (parsed.success) return parsed.data
  for (const { path, message } of parsed.error.issues)
    fault(columnOf[String(path[0])] ?? String(path[0]), message)
  return null
}

/** Pigments by id, or by code where one pigment alone has it; shares are equal where none are given. */
function pigmentsIn(
  { cell, numbers, fault }: CsvLine<Column>,
  isOwn: (id: string) => boolean,
): OwnTube['pigments'] {
  const shares = numbers('pigment_shares')
  const ids = cell('pigments').split(/\s+/).filter(Boolean)
  if (shares.length > 0 && shares.length !== ids.length)
    fault('pigment_shares', `${ids.length} pigments, but ${shares.length} shares. Give one share for each.`)
  return ids.map((written, at) => {
    const id = written.toLowerCase()
    const coded = library.filter(({ pigmentCode }) => pigmentCode?.toLowerCase() === id)
    const found = findInLibrary(id)?.family === 'pigment' || isOwn(id)
    if (!found && coded.length !== 1)
      fault(
        'pigments',
        coded.length > 1
          ? `"${written}" is several pigments: write one of ${coded.map((one) => one.id).join(', ')}.`
          : `No pigment "${written}" is in the library. /shelf lists what there is.`,
      )
    return { pigment: found ? id : (coded[0]?.id ?? id), share: shares[at] ?? 1 }
  })
}

function materialIn({ cell, fault }: CsvLine<Column>, isOwn: (id: string) => boolean): string {
  const oil = cell('bound_in')
  if (!findInLibrary(oil) && !isOwn(oil))
    fault('bound_in', `No oil "${oil}" is in the library. /shelf lists what there is.`)
  return oil
}
