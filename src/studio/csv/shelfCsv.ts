import { classNames, families, leavingClasses } from '../../core/materials/material.ts'
import { shelfItemSchema } from '../../document/shelf.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import { cellOf, countCells, countsIn, fromCsv, idFrom, priceCells, priceIn, toCsv } from './csv.ts'
import type { CsvLine } from './csv.ts'

/** The shelf as CSV. */

const staying = classNames.filter((name) => !leavingClasses.includes(name))
export const shelfColumns = [
  'id',
  'name',
  'lot_of',
  'family',
  'density_g_per_ml',
  'stays_low_percent',
  'stays_high_percent',
  ...staying.map((name) => `stays_${name}`),
  'iodine_low',
  'iodine_high',
  'drying_speed',
  'price',
  'price_for',
  'drops_counted',
  'drops_weighed_g',
  'stock_g',
  'opened',
  'note',
] as const

/** A share in percent, without the dust of its last digits. */
const percentOf = (share: number): number => Number((100 * share).toPrecision(12))

export function shelfToCsv(items: readonly ShelfItem[]): string {
  const rows = items.map((item) => [
    item.id,
    item.name,
    cellOf(item.base),
    item.family,
    cellOf(item.densityGPerMl),
    cellOf(item.nonVolatile && percentOf(item.nonVolatile.low)),
    cellOf(item.nonVolatile && percentOf(item.nonVolatile.high)),
    ...staying.map((name) => cellOf((item.stays as Record<string, number>)[name])),
    cellOf(item.iodine?.low),
    cellOf(item.iodine?.high),
    cellOf(item.rate),
    ...priceCells(item.price),
    ...countCells(item.dropper),
    cellOf(item.stockG),
    cellOf(item.openedOn),
    item.note,
  ])
  return toCsv(shelfColumns, rows)
}

/** Items from a CSV with a heading line; `Invalid` says every fault. */
export const shelfFromCsv = (csv: string): readonly ShelfItem[] =>
  fromCsv(csv, { list: 'the shelf', columns: shelfColumns, required: ['name', 'family'], itemOf })

/** The column a part of an item is written in. */
const columnOf: Record<string, string> = {
  base: 'lot_of',
  densityGPerMl: 'density_g_per_ml',
  nonVolatile: 'stays_low_percent',
  rate: 'drying_speed',
  iodine: 'iodine_low',
  price: 'price',
  dropper: 'drops_weighed_g',
  openedOn: 'opened',
  stockG: 'stock_g',
  stays: 'stays_oil',
}

function itemOf(line: CsvLine<(typeof shelfColumns)[number]>): ShelfItem | null {
  const { cell, number, fault } = line
  const [low, high] = [number('stays_low_percent'), number('stays_high_percent')]
  const [iodineLow, iodineHigh] = [number('iodine_low'), number('iodine_high')]
  const written = {
    id: cell('id') || idFrom(cell('name')),
    name: cell('name'),
    base: cell('lot_of') || null,
    family: cell('family'),
    densityGPerMl: number('density_g_per_ml'),
    nonVolatile:
      low === null && high === null ? null : { low: (low ?? high!) / 100, high: (high ?? low!) / 100 },
    stays: Object.fromEntries(
      staying.flatMap((name) => {
        const share = number(`stays_${name}`)
        return share === null ? [] : [[name, share]]
      }),
    ),
    iodine:
      iodineLow === null && iodineHigh === null
        ? null
        : { low: iodineLow ?? iodineHigh!, high: iodineHigh ?? iodineLow! },
    rate: number('drying_speed'),
    price: priceIn(line),
    dropper: countsIn(line, 'drops_counted', 'drops_weighed_g'),
    stockG: number('stock_g'),
    openedOn: cell('opened') || null,
    note: line.asWritten('note'),
  }
  if (!line.isSound()) return null
  const parsed = shelfItemSchema.safeParse(written)
  if (parsed.success) return parsed.data
  for (const { path, message } of parsed.error.issues) {
    const first = String(path[0])
    fault(
      first === 'stays' && path[1] ? `stays_${String(path[1])}` : (columnOf[first] ?? first),
      first === 'family' ? `Write one of: ${families.join(', ')}.` : message,
    )
  }
  return null
}
