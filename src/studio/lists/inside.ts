import { nearestPassing } from '../../core/dosing/nearestPassing.ts'
import { library } from '../../core/materials/library.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { policyAnswers, policyIds } from '../../core/materials/policy.ts'
import type { PolicyAnswer, PolicyId } from '../../core/materials/policy.ts'
import { materialsIn } from '../../core/medium/recipe.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { shortName } from '../../core/words.ts'
import { jarOf } from '../../document/batchMedium.ts'
import { materialsOn } from '../../document/brush.ts'
import { ingredientsAmong } from '../../document/jar/ingredients.ts'
import type { Ingredients } from '../../document/jar/ingredients.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { materialsOfTube } from '../../document/paints.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import { remembered } from '../../document/remembered.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import { layerAndPicture, solventFound, solventsAmong } from '../../document/jar/solventFound.ts'
import type { FoundUse } from '../../document/jar/solventFound.ts'
import { grouped } from '../../document/grouped.ts'
import type { OwnTube } from '../../document/tube.ts'
import { findInStudio, studioMaterials } from '../../document/studioMaterials.ts'
import type { Database } from '../../store/database.ts'
import { openTitles } from '../../store/assessments.ts'
import { list } from '../../store/records.ts'
import { layersToLookThrough } from '../../store/usedIn.ts'
import { linesAtATime } from '../listPage.ts'
import type { ListPage } from '../listPage.ts'
import { settingsOf } from '../settings.ts'

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

export const thingKinds = ['medium', 'batch', 'layer', 'tube', 'material', 'varnish'] as const

/** Something that was looked through, and the materials that hide in it. */
interface Thing {
  readonly kind: (typeof thingKinds)[number]
  readonly id: string
  readonly name: string
  /** Where it is looked at, and changed. */
  readonly address: string
}

export interface LookedThrough extends Thing {
  readonly hidden: readonly HiddenIn[]
}

/** What is refused goes by its kind; what has to be asked about is one list. */
export const insideGroups = [...thingKinds, 'asked'] as const
export type InsideGroup = (typeof insideGroups)[number]

/** What is looked for, as an address says it: "?for=nuts,solvent". */
export const lookedForIn = (search: URLSearchParams): readonly PolicyId[] =>
  policyIds.filter((policy) => (search.get('for') ?? '').split(',').includes(policy))

export interface InsidePage {
  /** What is looked for: what the room forbids, else everything that some rooms do. */
  readonly policies: readonly PolicyId[]
  readonly isForbidden: boolean
  /** How many were looked through. */
  readonly count: number
  /** Only what hides something, the first of each group. */
  readonly groups: Readonly<Record<InsideGroup, ListPage<LookedThrough>>>
  readonly solvent: readonly FoundUse[]
}

/** So many of each group are sent with the page. */
const firstOfEach = 10

/** @param wanted what is looked for; empty: what the room forbids, and where it forbids nothing all that some rooms do */
export async function insidePage(
  db: Database,
  now: string,
  wanted: readonly PolicyId[] = [],
): Promise<InsidePage> {
  const { pageOf, ...told } = await lookedInside(db, now, wanted)
  const pages = insideGroups.map((group) => [group, pageOf(group, 0, firstOfEach)] as const)
  return { ...told, groups: Object.fromEntries(pages) as InsidePage['groups'] }
}

/** More of one group, from its so-manieth on. */
export async function moreInside(
  db: Database,
  now: string,
  wanted: readonly PolicyId[],
  group: InsideGroup,
  from: number,
): Promise<ListPage<LookedThrough>> {
  return (await lookedInside(db, now, wanted)).pageOf(group, from)
}

async function lookedInside(db: Database, now: string, wanted: readonly PolicyId[]) {
  const settings = await settingsOf(db)
  const usual = settings.policies.length > 0 ? settings.policies : policyIds
  const policies = wanted.length > 0 ? wanted : usual
  const shelf = await list(db, 'shelf_item')
  const mediums = await list(db, 'medium')
  const jars = (await list(db, 'batch')).map(jarOf)
  const titles = await openTitles(db, dayOf(now)!)
  const materials = studioMaterials(shelf)
  const layers = await layersToLookThrough(db, [...titles.keys()])
  const toPaint = layers.filter(({ painted }) => painted === null)
  const find = findInStudio(shelf)
  const looker = lookerFor(policies, materials, atHandIn(shelf, mediums, layers))
  const tubes = await list(db, 'tube')
  const ingredients = ingredientsAmong([...mediums, ...jars], find)
  const all = thingsOf({ shelf, mediums, jars, tubes, toPaint, titles, ingredients, find })
  const hiding = all
    .map(({ materials, ...thing }) => ({ ...thing, hidden: looker.hiddenIn(materials) }))
    .filter(({ hidden }) => hidden.length > 0)
  const found = grouped(hiding, ({ kind, hidden }): InsideGroup => (isRefused(hidden) ? kind : 'asked'))
  const pageOf = (group: InsideGroup, from: number, most = linesAtATime): ListPage<LookedThrough> => {
    const entries = found.get(group) ?? []
    const shown = entries.slice(from, from + most)
    return {
      count: entries.length,
      entries: shown.map((thing) => ({ ...thing, hidden: thing.hidden.map(looker.withInstead) })),
    }
  }
  return {
    policies,
    isForbidden: policies.every((policy) => settings.policies.includes(policy)),
    count: all.length,
    solvent: solventFound({
      ...{ layers, titles, mediums, ingredients, jars: settings.jars },
      solvents: solventsAmong(materials),
    }),
    pageOf,
  }
}

interface Studio {
  readonly shelf: readonly ShelfItem[]
  readonly mediums: readonly MediumDocument[]
  readonly jars: readonly ReturnType<typeof jarOf>[]
  readonly tubes: readonly OwnTube[]
  /** Layers still to be painted, of pictures in work. */
  readonly toPaint: readonly LayerDocument[]
  readonly titles: ReadonlyMap<string, string>
  readonly ingredients: Ingredients
  readonly find: FindMaterial
}

/** Everything that is looked through, with the materials in it. */
function thingsOf({ shelf, mediums, jars, tubes, toPaint, titles, ingredients, find }: Studio) {
  const named = (ids: readonly string[]): readonly Material[] => ids.flatMap((id) => find(id) ?? [])
  const inBottle = (kind: 'material' | 'varnish', material: Material) => ({
    ...{ kind, id: material.id, name: material.name, address: `/shelf?at=${material.id}` },
    materials: [material],
  })
  const all: readonly (Thing & { readonly materials: readonly Material[] })[] = [
    ...mediums.map((medium) => ({
      ...{ kind: 'medium' as const, id: medium.id, name: medium.name, address: `/mediums/${medium.id}` },
      materials: ingredients.of(medium.id),
    })),
    ...jars
      .filter(({ leftMl }) => leftMl !== 0)
      .map((jar) => ({
        ...{ kind: 'batch' as const, id: jar.id, name: jar.name, address: `/batches/${jar.id}` },
        materials: ingredients.of(jar.id),
      })),
    ...tubes.map((tube) => ({
      ...{ kind: 'tube' as const, id: tube.id, name: tube.name, address: `/shelf/paints?at=${tube.id}` },
      materials: named(materialsOfTube(tube)),
    })),
    ...named(shelf.map(({ id }) => id)).map((material) => inBottle('material', material)),
    ...library.filter(({ family }) => family === 'varnish').map((one) => inBottle('varnish', one)),
    ...toPaint.map((layer) => ({
      ...{ kind: 'layer' as const, id: layer.id, name: layerAndPicture(layer, titles) },
      address: `/paintings/${layer.paintingId}?layer=${layer.id}`,
      materials: [...named(materialsOn(layer)), ...ingredients.in(layer)],
    })),
  ]
  return all
}

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

interface Hiding {
  readonly material: Material
  readonly answers: readonly PolicyAnswer[]
}

const isRefused = (hidden: readonly Hiding[]): boolean =>
  hidden.some(({ answers }) => answers.some(({ answer }) => answer === 'refused'))

const idOf = ({ id }: Material): string => id

/**
 * Looks materials through, each once however many things hold it; what passes surely is asked for in place of what does
 * not, what is at hand before all else.
 */
function lookerFor(policies: readonly PolicyId[], shelf: readonly Material[], atHand: ReadonlySet<string>) {
  const answersTo = remembered(idOf, (material) => policyAnswers(material, policies))
  const passes = (material: Material): boolean => answersTo(material).length === 0
  const insteadOf = remembered(idOf, (material): Instead | null => {
    const found = nearestPassing(material, shelf, passes, ({ id }) => atHand.has(id))
    return found ? { id: found.id, name: shortName(found.name), isAtHand: atHand.has(found.id) } : null
  })
  return {
    hiddenIn: (materials: readonly Material[]): readonly Hiding[] =>
      materials
        .map((material) => ({ material, answers: answersTo(material) }))
        .filter(({ answers }) => answers.length > 0),
    withInstead: ({ material, answers }: Hiding): HiddenIn => ({
      ...{ material: material.id, name: material.name, answers },
      instead: insteadOf(material),
    }),
  }
}
