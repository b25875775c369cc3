import Papa from 'papaparse'
import { parseAmount, parseNumber } from '../../core/measure/parse.ts'
import { unitName } from '../../core/measure/units.ts'
import type { DropCount } from '../../core/measure/dropper.ts'
import type { Price } from '../../core/materials/own.ts'
import { Invalid } from '../computing/compute.ts'
import type { Issue } from '../computing/compute.ts'

/** Lists as CSV, whatever is in them. A cell that a spreadsheet would take for a formula is led by an apostrophe. */

/** What a spreadsheet would take for a formula, in whichever width its sign is written; or what looks guarded already. */
const needsGuard = (cell: string): boolean => /^\s*['=+\-@＝＋－＠]/.test(cell)
const guarded = (cell: string): string => (needsGuard(cell) ? `'${cell}` : cell)
const unguarded = (cell: string): string =>
  cell.startsWith("'") && needsGuard(cell.slice(1)) ? cell.slice(1) : cell

/** So many lines are taken at a time where a list says nothing else, and so many faults told. */
const mostLines = 2000
const mostFaults = 100

/** A value as a cell; what is not known is empty. */
export const cellOf = (value: number | string | null | undefined): string =>
  value === null || value === undefined ? '' : String(value)

export const toCsv = (columns: readonly string[], rows: readonly (readonly string[])[]): string =>
  Papa.unparse({ fields: [...columns], data: rows.map((row) => row.map(guarded)) }, { quotes: true })

/** A number, or several with spaces between them. */
const numbers = /^-?\d+(\.\d+)?( -?\d+(\.\d+)?)*$/

/** The same list as it is written where numbers take a comma: semicolons part the cells then. */
export function withDecimalComma(csv: string): string {
  const { data } = Papa.parse<string[]>(csv, { skipEmptyLines: true })
  const rows = data.map((row) => row.map((cell) => (numbers.test(cell) ? cell.replaceAll('.', ',') : cell)))
  return Papa.unparse(rows, { delimiter: ';', quotes: true })
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

/** What a list is made of. */
export interface CsvShape<Column extends string, Item extends { readonly id: string }> {
  /** "the shelf": what is exported to see its columns. */
  readonly list: string
  readonly columns: readonly Column[]
  readonly required: readonly Column[]
  readonly itemOf: (line: CsvLine<Column>) => Item | null
  /** So many lines are taken at a time. */
  readonly most?: number
}

/** One line while it is read: its cells, and what is wrong with them. */
export interface CsvLine<Column extends string> {
  /** Which line of the file it is; the heading is line 1. */
  readonly at: number
  readonly cell: (column: Column) => string
  /** Whether the list has that column at all. */
  readonly has: (column: Column) => boolean
  /** The same with the spaces at its ends. */
  readonly asWritten: (column: Column) => string
  readonly number: (column: Column) => number | null
  /** Several numbers with spaces between them. */
  readonly numbers: (column: Column) => readonly number[]
  readonly fault: (column: string, message: string) => void
  readonly isSound: () => boolean
}

/**
 * Items from a CSV with a heading line. Either all of it can be read, or `Invalid` says every fault by line (the heading
 * is line 1) and column; nothing is taken from a file with a fault in it.
 */
export function fromCsv<Column extends string, Item extends { readonly id: string }>(
  csv: string,
  shape: CsvShape<Column, Item>,
): readonly Item[] {
  const { data, meta, errors } = Papa.parse<Partial<Record<Column, string>>>(csv.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    delimiter: delimiterOf(csv),
    transform: unguarded,
    transformHeader: (name) => name.trim(),
  })
  checkHeading(meta.fields ?? [], shape)
  if (data.length === 0)
    throw new Invalid([{ path: [2], message: 'The file has no line under its heading.' }])
  const most = shape.most ?? mostLines
  if (data.length > most)
    throw new Invalid([
      {
        path: [most + 2],
        message: `The file has ${data.length} lines, and ${most} are taken at a time. Split it.`,
      },
    ])
  const issues: Issue[] = errors
    .filter(({ code }) => code !== 'UndetectableDelimiter')
    .map(({ row, code, message }) => ({
      path: [(row ?? 0) + 2],
      message: `Line ${(row ?? 0) + 2}: ${shapeFaults[code] ?? message}.`,
    }))
  const items = data.flatMap((row, at) => shape.itemOf(lineOf(row, at + 2, issues)) ?? [])
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

function checkHeading(
  fields: readonly string[],
  {
    list,
    columns,
    required,
  }: Pick<CsvShape<string, { readonly id: string }>, 'list' | 'columns' | 'required'>,
): void {
  const missing = required.filter((name) => !fields.includes(name))
  if (missing.length > 0)
    throw new Invalid([
      {
        path: [1],
        message: `Line 1 must name the columns; ${missing.map((name) => `"${name}"`).join(', ')} ${missing.length > 1 ? 'are' : 'is'} missing. Export ${list} to see them all.`,
      },
    ])
  const strange = fields.find((name) => !columns.includes(name))
  if (strange !== undefined)
    throw new Invalid([
      {
        path: [1, strange],
        message: `Line 1: there is no column "${strange}". Export ${list} to see them all.`,
      },
    ])
}

function lineOf<Column extends string>(
  row: Partial<Record<Column, string>>,
  line: number,
  issues: Issue[],
): CsvLine<Column> {
  let isSound = true
  const fault = (column: string, message: string): void => {
    isSound = false
    issues.push({ path: [line, column], message: `Line ${line}, column "${column}": ${message}` })
  }
  const asWritten = (column: Column): string => row[column] ?? ''
  const cell = (column: Column): string => asWritten(column).trim()
  return {
    at: line,
    fault,
    cell,
    asWritten,
    has: (column) => row[column] !== undefined,
    isSound: () => isSound,
    number: (column) => {
      const typed = cell(column)
      if (!typed) return null
      const value = parseNumber(typed)
      if (value === null) fault(column, `"${typed}" is not a number. Write it as 0.93 or 0,93.`)
      return value
    },
    numbers: (column) => {
      const all = cell(column).split(/\s+/).filter(Boolean).map(parseNumber)
      if (all.includes(null)) fault(column, 'Write numbers with a space between them.')
      return all.filter((one) => one !== null)
    },
  }
}

/** An id for a line that has none, from its name. */
export const idFrom = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)

/** Cells of a price: what was paid, and for how much. */
export const priceCells = (price: Price | null): readonly [coins: string, bought: string] =>
  price
    ? [String(price.coins), `${price.for.amount} ${unitName(price.for.unit, price.for.amount)}`]
    : ['', '']

/** The price that stands in two cells; null where none does. */
export function priceIn({
  cell,
  number,
  fault,
}: Pick<CsvLine<'price' | 'price_for'>, 'cell' | 'number' | 'fault'>): Price | null {
  const coins = number('price')
  const bought = cell('price_for') ? parseAmount(cell('price_for'), 'metric') : null
  if (bought && !bought.ok) fault('price_for', bought.message)
  if ((coins === null) !== (bought === null))
    fault('price', 'A price needs both what was paid and for how much, such as 18 and 250 ml.')
  return coins !== null && bought?.ok ? { coins, for: bought.value } : null
}

/** Cells of a calibration: counts, and what each of them weighed. */
export const countCells = (counts: readonly DropCount[]): readonly [counted: string, weighed: string] => [
  counts.map(({ drops }) => drops).join(' '),
  counts.map(({ grams }) => grams).join(' '),
]

/** The calibration that stands in two cells. */
export function countsIn<Column extends string>(
  { numbers, fault }: Pick<CsvLine<Column>, 'numbers' | 'fault'>,
  counted: Column,
  weighed: Column,
): DropCount[] {
  const [drops, grams] = [numbers(counted), numbers(weighed)]
  if (drops.length === grams.length) return drops.map((count, at) => ({ drops: count, grams: grams[at]! }))
  fault(weighed, `${drops.length} counts, but ${grams.length} weighings. Give one weight for each count.`)
  return []
}
