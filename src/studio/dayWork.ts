import { materialsIn } from '../core/medium/recipe.ts'
import type { Material } from '../core/materials/material.ts'
import type { Batch } from '../document/batch.ts'
import { brushOf, materialsOn, mixedOnlyOn } from '../document/brush.ts'
import type { LayerDocument, Painted } from '../document/layer.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { findAsUsed, findInStudio } from '../document/studioMaterials.ts'
import type { Swatch } from '../document/swatch.ts'
import type { Database, Trx } from '../store/database.ts'
import { listByIds, listHolding } from '../store/records.ts'
import { closureOf } from './closure.ts'

/** Work that was done on a day: what it is called, and what was used in it. */
export interface Work {
  readonly on: string
  readonly name: string
  readonly materials: readonly Material[]
}

/** Work as it stands on record: materials by id, and those of the painter's own as they were then. */
interface Used {
  readonly on: string
  readonly name: string
  readonly ids: readonly string[]
  readonly own: readonly ShelfItem[]
}

/** What was done on these days: painted, mixed, poured, drawn down. Only these layers are looked at. */
export async function workOn(
  db: Database | Trx,
  days: readonly string[],
  layers: readonly LayerDocument[],
): Promise<readonly Work[]> {
  const held = async <K extends 'batch' | 'swatch'>(kind: K) =>
    onceEach((await Promise.all(days.map((on) => listHolding(db, kind, `"at":"${on}T`)))).flat())
  const all = [
    ...layers.flatMap(paintedIn),
    ...(await mixedFor(db, layers)),
    ...(await held('batch')).flatMap(pouredIn),
    ...(await held('swatch')).map(drawnDown),
  ]
  const used = all.filter(({ on }) => days.includes(on))
  const find = findInStudio(
    await listByIds(
      db,
      'shelf_item',
      used.flatMap(({ ids }) => ids),
    ),
  )
  return used.map(({ on, name, ids, own }) => {
    const then = findAsUsed(find, own)
    return { on, name, materials: ids.flatMap((id) => then(id) ?? []) }
  })
}

const dateIn = (minute: string): string => minute.slice(0, 10)

const paintedIn = ({ name, painted }: LayerDocument): readonly Used[] =>
  painted ? [{ on: dateIn(painted.at), name, ...usedIn(painted) }] : []

/** What lies on a film, its medium as it was then. */
const usedIn = (laid: Painted): Pick<Used, 'ids' | 'own'> => ({
  ids: [...materialsOn(laid), ...(laid.used ? materialsIn(laid.used.recipe) : [])],
  own: laid.materials,
})

async function mixedFor(db: Database | Trx, layers: readonly LayerDocument[]): Promise<readonly Used[]> {
  const only = layers.filter((layer) => mixedOnlyOn(layer).length > 0)
  const mediumIds = only.flatMap((layer) => brushOf(layer).medium?.mediumId ?? [])
  const mediums = await listByIds(db, 'medium', mediumIds)
  const batches = await listByIds(db, 'batch', mediumIds)
  const inMediums = new Map<string, readonly string[]>(
    batches.map(({ id, pours }) => [id, pours.map(({ material }) => material)]),
  )
  for (const { id, recipe } of mediums) {
    const nested = (await closureOf(db, [recipe])).mediums
    inMediums.set(id, [recipe, ...nested.map((medium) => medium.recipe)].flatMap(materialsIn))
  }
  return only.flatMap((layer) => {
    const { medium } = brushOf(layer)
    const heaps = layer.mixed.flatMap((record) => record.heaps)
    const ids = [
      ...materialsOn(layer),
      ...heaps.flatMap(({ paints, besides }) => materialsOn({ ...layer, paints, besides })),
      ...((medium && inMediums.get(medium.mediumId)) ?? []),
    ]
    return mixedOnlyOn(layer).map((on): Used => ({ on, name: `${layer.name}, mixed`, ids, own: [] }))
  })
}

/** A batch, each day something was poured into it. */
const pouredIn = ({ name, pours, materials }: Batch): readonly Used[] =>
  [...new Set(pours.map(({ at }) => dateIn(at)))].map((on) => {
    const ids = pours.filter(({ at }) => at.startsWith(on)).map(({ material }) => material)
    return { on, name: `${name}, poured`, ids, own: materials }
  })

const drawnDown = ({ name, laid }: Swatch): Used => ({
  ...{ on: dateIn(laid.at), name: `${name}, drawn down` },
  ...usedIn(laid),
})

const onceEach = <Thing extends { readonly id: string }>(things: readonly Thing[]): readonly Thing[] => [
  ...new Map(things.map((thing) => [thing.id, thing])).values(),
]
