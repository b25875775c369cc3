import type { Material } from '../../core/materials/material.ts'
import { solventUses } from '../../core/materials/withoutSolvent.ts'
import type { SolventUse } from '../../core/materials/withoutSolvent.ts'
import { isVarnish, kindTable } from '../../core/stack/kinds.ts'
import { brushOf } from '../brush.ts'
import type { Ingredients } from './ingredients.ts'
import type { LayerDocument } from '../layer.ts'
import type { MediumDocument } from '../recipe.ts'
import type { Settings } from '../studio.ts'

/** A use of solvent found in the record, and where. */
export interface FoundUse {
  readonly use: SolventUse
  readonly where: readonly string[]
  readonly count: number
}

const namedAtMost = 3

/** What is looked through for solvent. */
interface Looked {
  readonly layers: readonly LayerDocument[]
  /** Of their paintings, by id. */
  readonly titles: ReadonlyMap<string, string>
  readonly mediums: readonly MediumDocument[]
  readonly ingredients: Ingredients
  readonly jars: Settings['jars']
  /** Ids of the materials that carry any. */
  readonly solvents: ReadonlySet<string>
}

export const solventsAmong = (materials: readonly Material[]): ReadonlySet<string> =>
  new Set(materials.flatMap(({ id, shares }) => (shares.volatile ? [id] : [])))

/** A layer by its name and its picture’s: "Low sun (Allotment sheds in frost)". */
export const layerAndPicture = (
  { name, paintingId }: LayerDocument,
  titles: ReadonlyMap<string, string>,
): string => `${name} (${titles.get(paintingId) ?? ''})`

/** Where solvent is used, use by use, in the open paintings and beside the easel. */
export function solventFound({
  layers,
  titles,
  mediums,
  jars,
  ingredients,
  solvents,
}: Looked): readonly FoundUse[] {
  const wheres = new Map<SolventUse, string[]>(solventUses.map((use) => [use, []]))
  const note = (use: SolventUse, where: string): void => void wheres.get(use)!.push(where)
  for (const layer of layers) {
    for (const use of usesIn(layer, solvents)) note(use, layerAndPicture(layer, titles))
  }
  for (const medium of mediums)
    if (ingredients.of(medium.id).some(({ id }) => solvents.has(id))) note('medium', medium.name)
  for (const { name, liquid } of jars) if (solvents.has(liquid)) note('cleaning', name)
  return [...wheres]
    .filter(([, where]) => where.length > 0)
    .map(([use, where]) => ({ use, where: [...new Set(where)].slice(0, namedAtMost), count: where.length }))
}

function usesIn(layer: LayerDocument, solvents: ReadonlySet<string>): readonly SolventUse[] {
  const { event, thinner, besides } = brushOf(layer)
  const thinned = thinner !== null && thinner.parts > 0 && solvents.has(thinner.material)
  if (isVarnish(kindTable[event.kind].purpose))
    return besides.some(({ material }) => solvents.has(material)) ? ['varnish'] : []
  if (!thinned) return []
  if (event.kind === 'oil-out') return ['oiling-out']
  return event.kind === 'wash' ? ['starts'] : ['thinning']
}
