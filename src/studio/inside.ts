import { nearestPassing } from '../core/dosing/nearestPassing.ts'
import { library } from '../core/materials/library.ts'
import type { Material } from '../core/materials/material.ts'
import { policyAnswers, policyIds } from '../core/materials/policy.ts'
import type { PolicyAnswer, PolicyId } from '../core/materials/policy.ts'
import { materialsIn } from '../core/medium/recipe.ts'
import { dayOf } from '../core/plan/calendar.ts'
import { shortName } from '../core/words.ts'
import { jarOf } from '../document/batchMedium.ts'
import { materialsOn } from '../document/brush.ts'
import { ingredientsIn, ingredientsOf } from '../document/ingredients.ts'
import type { LayerDocument } from '../document/layer.ts'
import { materialsOfTube } from '../document/paints.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { layerAndPicture, solventFound } from '../document/solventFound.ts'
import type { FoundUse } from '../document/solventFound.ts'
import { findInStudio, studioMaterials } from '../document/studioMaterials.ts'
import type { Database } from '../store/database.ts'
import { openSummaries } from '../store/assessments.ts'
import { list, listOf } from '../store/records.ts'
import { settingsOf } from './settings.ts'

/** What hides in the things of a studio, and what would pass in its place. */

/** Something that is not let in, or has to be asked about, and the nearest that passes; null: none does. */
export interface HiddenIn {
  readonly material: string
  readonly name: string
  readonly answers: readonly PolicyAnswer[]
  readonly instead: Instead | null
}

/** What may take its place. */
export interface Instead {
  readonly id: string
  readonly name: string
  /** On the painter's own shelf, or in what they paint with. */
  readonly isAtHand: boolean
}

export interface LookedThrough {
  readonly kind: 'medium' | 'batch' | 'tube' | 'material' | 'varnish' | 'layer'
  readonly id: string
  readonly name: string
  /** Where it is looked at, and changed. */
  readonly address: string
  readonly hidden: readonly HiddenIn[]
}

/** What is looked for, as an address says it: "?for=nuts,solvent". */
export const lookedForIn = (search: URLSearchParams): readonly PolicyId[] =>
  policyIds.filter((policy) => (search.get('for') ?? '').split(',').includes(policy))

export interface InsidePage {
  /** What is looked for: what the room forbids, else everything that some rooms do. */
  readonly policies: readonly PolicyId[]
  readonly isForbidden: boolean
  /** The gravest first; only what hides something. */
  readonly things: readonly LookedThrough[]
  /** How many were looked through. */
  readonly count: number
  readonly solvent: readonly FoundUse[]
}

/** @param wanted what is looked for; empty: what the room forbids, and where it forbids nothing all that some rooms do */
export async function insidePage(
  db: Database,
  now: string,
  wanted: readonly PolicyId[] = [],
): Promise<InsidePage> {
  const settings = await settingsOf(db)
  const usual = settings.policies.length > 0 ? settings.policies : policyIds
  const policies = wanted.length > 0 ? wanted : usual
  const isForbidden = policies.every((policy) => settings.policies.includes(policy))
  const shelf = await list(db, 'shelf_item')
  const mediums = await list(db, 'medium')
  const jars = (await list(db, 'batch')).map(jarOf)
  const usable = [...mediums, ...jars]
  const tubes = await list(db, 'tube')
  const open = await openSummaries(db, dayOf(now)!)
  const titles = new Map(open.map(({ painting }) => [painting.id, painting.title]))
  const layers = await listOf(db, 'layer', [...titles.keys()])
  const find = findInStudio(shelf)
  const look = lookerFor(policies, studioMaterials(shelf), atHandIn(shelf, mediums, layers))
  const named = (ids: readonly string[]): readonly Material[] => ids.flatMap((id) => find(id) ?? [])
  const varnishes = library.filter(({ family }) => family === 'varnish')
  const all: readonly LookedThrough[] = [
    ...mediums.map((medium) => ({
      ...{ kind: 'medium' as const, id: medium.id, name: medium.name, address: `/mediums/${medium.id}` },
      hidden: look(ingredientsOf(medium, mediums, find)),
    })),
    ...jars
      .filter(({ leftMl }) => leftMl !== 0)
      .map((jar) => ({
        ...{ kind: 'batch' as const, id: jar.id, name: jar.name, address: `/batches/${jar.id}` },
        hidden: look(ingredientsOf(jar, mediums, find)),
      })),
    ...tubes.map((tube) => ({
      ...{ kind: 'tube' as const, id: tube.id, name: tube.name, address: `/shelf/paints?at=${tube.id}` },
      hidden: look(named(materialsOfTube(tube))),
    })),
    ...named(shelf.map(({ id }) => id)).map((material) => inLibrary('material', material, look)),
    ...varnishes.map((material) => inLibrary('varnish', material, look)),
    ...layers
      .filter(({ painted }) => painted === null)
      .map((layer) => ({
        ...{ kind: 'layer' as const, id: layer.id, name: layerAndPicture(layer, titles) },
        address: `/paintings/${layer.paintingId}?layer=${layer.id}`,
        hidden: look([...named(materialsOn(layer)), ...ingredientsIn(layer, usable, find)]),
      })),
  ]
  return {
    policies,
    isForbidden,
    things: all.filter(({ hidden }) => hidden.length > 0),
    count: all.length,
    solvent: solventFound({ layers, titles, mediums, jars: settings.jars }, find),
  }
}

const inLibrary = (
  kind: 'material' | 'varnish',
  material: Material,
  look: ReturnType<typeof lookerFor>,
): LookedThrough => ({
  ...{ kind, id: material.id, name: material.name, address: `/shelf?at=${material.id}` },
  hidden: look([material]),
})

/** What the painter works with: their own lots, unless used up, and what their mediums and layers name. */
const atHandIn = (
  shelf: readonly ShelfItem[],
  mediums: readonly MediumDocument[],
  layers: readonly LayerDocument[],
): ReadonlySet<string> =>
  new Set([
    ...shelf.flatMap(({ id, stockG }) => (stockG === 0 ? [] : [id])),
    ...mediums.flatMap(({ recipe }) => materialsIn(recipe)),
    ...layers.flatMap(({ besides }) => besides.map(({ material }) => material)),
  ])

/** Looks materials through; what passes surely is asked for in place of what does not, what is at hand before all else. */
function lookerFor(policies: readonly PolicyId[], shelf: readonly Material[], atHand: ReadonlySet<string>) {
  const passes = (material: Material): boolean => policyAnswers(material, policies).length === 0
  return (materials: readonly Material[]): readonly HiddenIn[] =>
    materials.flatMap((material) => {
      const answers = policyAnswers(material, policies)
      if (answers.length === 0) return []
      const [found] = nearestPassing(material, shelf, passes, ({ id }) => atHand.has(id))
      const instead = found
        ? { id: found.id, name: shortName(found.name), isAtHand: atHand.has(found.id) }
        : null
      return [{ material: material.id, name: material.name, answers, instead }]
    })
}
