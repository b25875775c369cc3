import { parseAmount, parseNumber } from '../../core/measure/parse.ts'
import { unitIds } from '../../core/measure/units.ts'
import type { Amount, Spoons, Unit } from '../../core/measure/units.ts'
import type { Material } from '../../core/materials/material.ts'
import { shortName } from '../../core/words.ts'
import { mediumSchema } from '../../document/recipe.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import { grouped } from '../../document/grouped.ts'
import { studioMaterials } from '../../document/studioMaterials.ts'
import type { Database } from '../../store/database.ts'
import { list } from '../../store/records.ts'
import { Invalid } from '../computing/compute.ts'
import type { Issue } from '../computing/compute.ts'
import { cellOf, fromCsv, idFrom, toCsv } from './csv.ts'
import type { CsvLine } from './csv.ts'
import { settingsOf } from '../settings.ts'

/** Recipes as CSV, a line for each thing that goes in. How many layers bear a medium, and its jar, stay in the studio. */

const columns = [
  'medium_id',
  'medium',
  'amount',
  'unit',
  'material',
  'material_id',
  'parts_by',
  'note',
] as const
type Line = CsvLine<(typeof columns)[number]>

/** What a studio has that a recipe may name. */
export interface RecipeBook {
  readonly mediums: readonly MediumDocument[]
  readonly materials: readonly Material[]
  readonly spoons: Spoons
}

export async function recipeBook(db: Database): Promise<RecipeBook> {
  const mediums = (await list(db, 'medium')).map(({ revision: _seen, ...medium }) => medium)
  const { spoons } = await settingsOf(db)
  return { mediums, materials: studioMaterials(await list(db, 'shelf_item')), spoons }
}

export function recipesToCsv({ mediums, materials }: Omit<RecipeBook, 'spoons'>): string {
  const names = new Map([...materials, ...mediums].map(({ id, name }) => [id, name]))
  return toCsv(
    columns,
    mediums.flatMap(({ id, name, recipe, note }) =>
      recipe.lines.map((line) => {
        const goesIn = 'material' in line ? line.material : line.medium
        const what = [names.get(goesIn) ?? goesIn, goesIn]
        return [id, name, cellOf(line.amount), line.unit, ...what, cellOf(recipe.partsBy), note]
      }),
    ),
  )
}

interface ReadLine {
  readonly id: string
  readonly at: number
  readonly mediumId: string
  readonly name: string
  readonly goesIn: string
  readonly amount: Amount
  /** Null where the list has no such column: what is known stays. */
  readonly partsBy: string | null
  readonly note: string | null
}

/**
 * Mediums from a CSV with a heading line; `Invalid` says every fault by line and column. One the studio has keeps what a
 * list does not tell; what goes in may be named by its id, or by its name on the shelf or in this very list.
 */
export function recipesFromCsv(csv: string, book: RecipeBook): readonly MediumDocument[] {
  const lines = fromCsv(csv, {
    list: 'the recipes',
    columns,
    required: ['medium', 'amount', 'material'],
    itemOf: (line) => readLine(line, book),
  })
  const written = grouped(lines, ({ mediumId }) => mediumId)
  const find = finderOf(book, lines)
  const issues: Issue[] = []
  const mediums = [...written.values()].flatMap((own) => mediumOf(own, book, find, issues) ?? [])
  if (issues.length > 0) throw new Invalid(issues)
  return mediums
}

function readLine(line: Line, { mediums, spoons }: RecipeBook): ReadLine | null {
  const { cell, fault, at } = line
  const name = cell('medium')
  const named = mediums.find((one) => one.name.toLowerCase() === name.toLowerCase())
  const mediumId = cell('medium_id') || named?.id || idFrom(name)
  if (!mediumId) fault('medium', 'Name the medium this goes into.')
  const goesIn = cell('material_id') || cell('material')
  if (!goesIn) fault('material', 'Name what goes in.')
  const amount = amountIn(line, spoons)
  if (!line.isSound() || !amount) return null
  const told = {
    partsBy: line.has('parts_by') ? cell('parts_by') : null,
    note: line.has('note') ? line.asWritten('note') : null,
  }
  return { id: String(at), at, mediumId, name, goesIn, amount, ...told }
}

/** "2" and "tsp" in two cells, or "2 tsp" in one. */
function amountIn({ cell, fault }: Line, spoons: Spoons): Amount | null {
  const [amount, unit] = [cell('amount'), cell('unit')]
  const number = parseNumber(amount)
  if (number !== null && number > 0 && unitIds.includes(unit as Unit))
    return { amount: number, unit: unit as Unit }
  const parsed = parseAmount(`${amount} ${unit}`, spoons)
  if (parsed.ok) return parsed.value
  fault(number === null ? 'amount' : 'unit', parsed.message)
  return null
}

type Found = { readonly material: string } | { readonly medium: string }
type Find = (written: string) => Found | undefined

/** By id before name, by what is on the shelf before what is in the list. */
function finderOf({ materials, mediums }: RecipeBook, lines: readonly ReadLine[]): Find {
  const found = new Map<string, Found>()
  for (const { mediumId, name } of [...lines].reverse()) {
    found.set(name.toLowerCase(), { medium: mediumId })
    found.set(mediumId, { medium: mediumId })
  }
  for (const { id, name } of mediums) found.set(name.toLowerCase(), { medium: id })
  for (const { id, name } of materials) {
    found.set(shortName(name).toLowerCase(), { material: id })
    found.set(name.toLowerCase(), { material: id })
  }
  for (const { id } of mediums) found.set(id, { medium: id })
  for (const { id } of materials) found.set(id, { material: id })
  return (written) => found.get(written) ?? found.get(written.toLowerCase())
}

function mediumOf(
  lines: readonly ReadLine[],
  { mediums }: RecipeBook,
  find: Find,
  issues: Issue[],
): MediumDocument | null {
  const [first] = lines as readonly [ReadLine]
  const fault = (at: number, column: string, message: string): void => {
    issues.push({ path: [at, column], message: `Line ${at}, column "${column}": ${message}` })
  }
  const recipeLines = lines.flatMap(({ at, goesIn, amount }) => {
    const what = find(goesIn)
    if (!what)
      fault(at, 'material', `"${goesIn}" is nothing Grelta knows. Write its name or id as the shelf has it.`)
    return what ? [{ ...amount, ...what }] : []
  })
  const other = lines.find(({ partsBy }) => partsBy !== first.partsBy)
  if (other) fault(other.at, 'parts_by', `Line ${first.at} of the same medium says "${first.partsBy}".`)
  const known = mediums.find(({ id }) => id === first.mediumId)
  const { partsBy: before, ...recipe } = known?.recipe ?? {}
  const partsBy = first.partsBy ?? before
  const parsed = mediumSchema.safeParse({
    ...known,
    id: first.mediumId,
    name: first.name,
    note: first.note ?? known?.note ?? '',
    recipe: { ...recipe, lines: recipeLines, ...(partsBy && { partsBy }) },
  })
  if (parsed.success) return parsed.data
  for (const { path, message } of parsed.error.issues)
    fault(first.at, columnOf[String(path.at(-1))] ?? 'medium', message)
  return null
}

/** The column a part of a medium is written in. */
const columnOf: Readonly<Record<string, string>> = {
  partsBy: 'parts_by',
  note: 'note',
  id: 'medium_id',
  lines: 'material',
}
