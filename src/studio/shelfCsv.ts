import Papa from 'papaparse'
import { classNames, families, leavingClasses } from '../core/materials/material.ts'
import { parseAmount, parseNumber } from '../core/measure/parse.ts'
import { unitName } from '../core/measure/units.ts'
import { shelfItemSchema } from '../document/shelf.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { Invalid } from './compute.ts'
import type { Issue } from './compute.ts'

/** The shelf as CSV. A cell that a spreadsheet would take for a formula is led by an apostrophe. */

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

/** What a spreadsheet would take for a formula, in whichever width its sign is written; or what looks guarded already. */
const needsGuard = (cell: string): boolean => /^\s*['=+\-@＝＋－＠]/.test(cell)
const guarded = (cell: string): string => (needsGuard(cell) ? `'${cell}` : cell)
const unguarded = (cell: string): string =>
  cell.startsWith("'") && needsGuard(cell.slice(1)) ? cell.slice(1) : cell

/** So many lines are taken at a time, and so many faults told. */
const mostLines = 2000
const mostFaults = 100

const text = (value: number | string | null | undefined): string =>
  value === null || value === undefined ? '' : String(value)

/** A share in percent, without the dust of its last digits. */
const percentOf = (share: number): number => Number((100 * share).toPrecision(12))

export function shelfToCsv(items: readonly ShelfItem[]): string {
  const rows = items.map((item) => [
    item.id,
    item.name,
    text(item.base),
    item.family,
    text(item.densityGPerMl),
    text(item.nonVolatile && percentOf(item.nonVolatile.low)),
    text(item.nonVolatile && percentOf(item.nonVolatile.high)),
    ...staying.map((name) => text((item.stays as Record<string, number>)[name])),
    text(item.iodine?.low),
    text(item.iodine?.high),
    text(item.rate),
    text(item.price?.coins),
    item.price ? `${item.price.for.amount} ${unitName(item.price.for.unit, item.price.for.amount)}` : '',
    item.dropper.map(({ drops }) => drops).join(' '),
    item.dropper.map(({ grams }) => grams).join(' '),
    text(item.stockG),
    text(item.openedOn),
    item.note,
  ])
  return Papa.unparse(
    { fields: [...shelfColumns], data: rows.map((row) => row.map(guarded)) },
    { quotes: true },
  )
}

/** What parts the columns: what the heading has most of. */
function delimiterOf(csv: string): string {
  const [heading = ''] = csv.split(/\r?\n/, 1)
  const count = (sign: string): number => heading.split(sign).length
  return [',', ';', '\t'].reduce((most, sign) => (count(sign) > count(most) ? sign : most))
}

/** What is wrong with the shape of a line, in words. */
const shapeFaults: Readonly<Record<string, string>> = {
  TooFewFields: 'it has fewer cells than the heading has columns',
  TooManyFields: 'it has more cells than the heading has columns',
  MissingQuotes: 'a quotation mark is not closed',
  InvalidQuotes: 'a quotation mark stands inside a cell; double it',
}

type Row = Record<(typeof shelfColumns)[number], string>

/**
 * Items from a CSV with a heading line. Either all of it can be read, or `Invalid` says every fault by line (the heading
 * is line 1) and column; nothing is taken from a file with a fault in it.
 */
export function shelfFromCsv(csv: string): readonly ShelfItem[] {
  const { data, meta, errors } = Papa.parse<Row>(csv.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    delimiter: delimiterOf(csv),
    transform: unguarded,
    transformHeader: (name) => name.trim(),
  })
  const missing = (['name', 'family'] as const).filter((name) => !meta.fields?.includes(name))
  if (missing.length > 0)
    throw new Invalid([
      {
        path: [1],
        message: `Line 1 must name the columns; ${missing.map((name) => `"${name}"`).join(', ')} ${missing.length > 1 ? 'are' : 'is'} missing. Export the shelf to see them all.`,
      },
    ])
  const strange = meta.fields!.filter((name) => !(shelfColumns as readonly string[]).includes(name))
  if (strange.length > 0)
    throw new Invalid([
      {
        path: [1, strange[0]!],
        message: `Line 1: there is no column "${strange[0]!}". Export the shelf to see them all.`,
      },
    ])
  if (data.length === 0)
    throw new Invalid([{ path: [2], message: 'The file has no line under its heading.' }])
  if (data.length > mostLines)
    throw new Invalid([
      {
        path: [mostLines + 2],
        message: `The file has ${data.length} lines, and ${mostLines} are taken at a time. Split it.`,
      },
    ])
  const issues: Issue[] = errors
    .filter(({ code }) => code !== 'UndetectableDelimiter')
    .map(({ row, code, message }) => ({
      path: [(row ?? 0) + 2],
      message: `Line ${(row ?? 0) + 2}: ${shapeFaults[code] ?? message}.`,
    }))
  const items = data.flatMap((row, at) => {
    const read = itemOf(row, at + 2)
    issues.push(...read.issues)
    return read.item ?? []
  })
  const seen = new Map<string, number>()
  items.forEach(({ id }, at) => {
    if (seen.has(id))
      issues.push({
        path: [at + 2, 'id'],
        message: `Line ${at + 2}, column "id": line ${seen.get(id)! + 2} has the same id "${id}".`,
      })
    else seen.set(id, at)
  })
  if (issues.length > 0) throw new Invalid(issues.slice(0, mostFaults))
  return items
}

/** An id for a line that has none, from its name. */
const idFrom = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)

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

function itemOf(row: Row, line: number): { readonly item?: ShelfItem; readonly issues: readonly Issue[] } {
  const issues: Issue[] = []
  const fault = (column: string, message: string): void =>
    void issues.push({ path: [line, column], message: `Line ${line}, column "${column}": ${message}` })
  const cell = (column: (typeof shelfColumns)[number]): string => (row[column] ?? '').trim()
  const number = (column: (typeof shelfColumns)[number]): number | null => {
    const typed = cell(column)
    if (!typed) return null
    const value = parseNumber(typed)
    if (value === null) fault(column, `"${typed}" is not a number. Write it as 0.93 or 0,93.`)
    return value
  }
  const numbers = (column: 'drops_counted' | 'drops_weighed_g'): readonly number[] => {
    const all = cell(column).split(/\s+/).filter(Boolean).map(parseNumber)
    if (all.includes(null)) fault(column, 'Write numbers with a space between them.')
    return all.filter((one) => one !== null)
  }
  const [counted, weighed] = [numbers('drops_counted'), numbers('drops_weighed_g')]
  if (counted.length !== weighed.length)
    fault(
      'drops_weighed_g',
      `${counted.length} counts, but ${weighed.length} weighings. Give one weight for each count.`,
    )
  const [low, high] = [number('stays_low_percent'), number('stays_high_percent')]
  const [iodineLow, iodineHigh] = [number('iodine_low'), number('iodine_high')]
  const coins = number('price')
  const bought = cell('price_for') ? parseAmount(cell('price_for'), 'metric') : null
  if (bought && !bought.ok) fault('price_for', bought.message)
  if ((coins === null) !== (bought === null))
    fault('price', 'A price needs both what was paid and for how much, such as 18 and 250 ml.')
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
    price: coins !== null && bought?.ok ? { coins, for: bought.value } : null,
    dropper:
      counted.length === weighed.length ? counted.map((drops, at) => ({ drops, grams: weighed[at]! })) : [],
    stockG: number('stock_g'),
    openedOn: cell('opened') || null,
    note: row['note'] ?? '',
  }
  if (issues.length > 0) return { issues }
  const parsed = shelfItemSchema.safeParse(written)
  if (parsed.success) return { item: parsed.data, issues }
  for (const { path, message } of parsed.error.issues) {
    const first = String(path[0])
    fault(
      first === 'stays' && path[1] ? `stays_${String(path[1])}` : (columnOf[first] ?? first),
      first === 'family' ? `Write one of: ${families.join(', ')}.` : message,
    )
  }
  return { issues }
}
