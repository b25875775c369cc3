import { materialsIn } from '../core/medium/recipe.ts'
import type { Material } from '../core/materials/material.ts'
import type { Batch } from '../document/batch.ts'
import { mediumOfBatch } from '../document/batchMedium.ts'
import { materialsOn, mixedOnlyOn } from '../document/brush.ts'
import { ingredientsAmong } from '../document/jar/ingredients.ts'
import type { LayerDocument, Painted } from '../document/layer.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { findAsUsed, findInStudio } from '../document/studioMaterials.ts'
import type { Swatch } from '../document/swatch.ts'
import type { Database, Trx } from '../store/database.ts'
import { listByIds, listHolding } from '../store/records.ts'
import { closureOf } from './closure.ts'

/** Work that was done: the minute it ended, what it is called, and what was used in it. */
export interface Work {
  /** "2026-11-24T16:00" */
  readonly at: string
  readonly name: string
  readonly materials: readonly Material[]
}

/** Work as it stands on record: materials by id, and those of the painter's own as they were then. */
interface Used extends Pick<Work, 'at' | 'name'> {
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
  const used = all.filter(({ at }) => days.includes(dateIn(at)))
  const find = findInStudio(
    await listByIds(
      db,
      'shelf_item',
      used.flatMap(({ ids }) => ids),
    ),
  )
  return used.map(({ at, name, ids, own }) => {
    const then = findAsUsed(find, own)
    return { at, name, materials: ids.flatMap((id) => then(id) ?? []) }
  })
}

const dateIn = (minute: string): string => minute.slice(0, 10)

const paintedIn = ({ name, painted }: LayerDocument): readonly Used[] =>
  painted ? [{ at: painted.at, name, ...usedIn(painted) }] : []

/** What lies on a film, its medium as it was then. */
const usedIn = (laid: Painted): Pick<Used, 'ids' | 'own'> => ({
  ids: [...materialsOn(laid), ...(laid.used ? materialsIn(laid.used.recipe) : [])],
  own: laid.materials,
})

async function mixedFor(db: Database | Trx, layers: readonly LayerDocument[]): Promise<readonly Used[]> {
  const only = layers.filter((layer) => mixedOnlyOn(layer).length > 0)
  const mediumIds = only.flatMap(({ medium }) => medium?.mediumId ?? [])
  const recipes = await listByIds(db, 'medium', mediumIds)
  const batches = await listByIds(db, 'batch', mediumIds)
  const within = await closureOf(
    db,
    recipes.map(({ recipe }) => recipe),
  )
  const mediums = [...recipes, ...within.mediums, ...batches.map(mediumOfBatch)]
  const ingredients = ingredientsAmong(mediums, findInStudio(within.items))
  return only.flatMap((layer) => {
    const heaps = layer.mixed.flatMap((record) => record.heaps)
    const ids = [
      ...materialsOn(layer),
      ...heaps.flatMap(({ paints, besides }) => materialsOn({ ...layer, paints, besides })),
      ...ingredients.in(layer).map(({ id }) => id),
    ]
    return mixedOnlyOn(layer).map((on): Used => {
      const at = lastOf(
        layer.mixed.map((record) => record.at),
        on,
      )
      return { at, name: `${layer.name}, mixed`, ids, own: [] }
    })
  })
}

/** A batch, each day something was poured into it. */
const pouredIn = ({ name, pours, materials }: Batch): readonly Used[] =>
  [...new Set(pours.map(({ at }) => dateIn(at)))].map((on) => {
    const today = pours.filter(({ at }) => at.startsWith(on))
    const minutes = today.map(({ at }) => at)
    const ids = today.map(({ material }) => material)
    return { at: lastOf(minutes, on), name: `${name}, poured`, ids, own: materials }
  })

/** The last of these minutes on a day. */
const lastOf = (minutes: readonly string[], on: string): string =>
  minutes
    .filter((at) => at.startsWith(on))
    .sort()
    .at(-1) ?? on

const drawnDown = ({ name, laid }: Swatch): Used => ({
  ...{ at: laid.at, name: `${name}, drawn down` },
  ...usedIn(laid),
})

const onceEach = <Thing extends { readonly id: string }>(things: readonly Thing[]): readonly Thing[] => [
  ...new Map(things.map((thing) => [thing.id, thing])).values(),
]
