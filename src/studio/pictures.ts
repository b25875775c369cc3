import { dayOf } from '../core/plan/calendar.ts'
import { materialsIn } from '../core/medium/recipe.ts'
import { brushOf, materialsOn } from '../document/brush.ts'
import type { LayerDocument } from '../document/layer.ts'
import type { Picture } from '../document/picture/picture.ts'
import type { PracticeDocument } from '../document/practice.ts'
import type { PictureLearnt } from '../document/picture/learnt.ts'
import { unsolved } from '../document/picture/solved.ts'
import type { SolvedPicture } from '../document/picture/solved.ts'
import type { Batch } from '../document/batch.ts'
import { jarOf } from '../document/batchMedium.ts'
import type { UsableMedium } from '../document/batchMedium.ts'
import { grouped } from '../document/grouped.ts'
import type { MediumDocument } from '../document/recipe.ts'
import { withTubesOfToday } from '../document/ownTube.ts'
import { materialsOfTube, tubesIn } from '../document/paints.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import type { OwnTube } from '../document/tube.ts'
import type { PaintingDocument, Revised, Settings, TouchTest } from '../document/studio.ts'
import { solvedOf } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { find, listByIds, listOf } from '../store/records.ts'
import { closureOf } from './closure.ts'
import { byPosition } from './layers.ts'
import { gone } from './refused.ts'
import { learntFor } from './learning.ts'
import { practicesOf } from './practices.ts'
import { roomsOf } from './rooms.ts'
import { settingsOf } from './settings.ts'

/** A painting's documents as read, with the revisions a later write must name. */
export interface LoadedPicture extends Picture {
  readonly painting: Revised<PaintingDocument>
  readonly layers: readonly Revised<LayerDocument>[]
  readonly touchTests: readonly Revised<TouchTest>[]
  readonly practices: readonly Revised<PracticeDocument>[]
  readonly settings: Revised<Settings>
  /** The tubes its layers still to be painted are planned with. */
  readonly tubes: readonly OwnTube[]
}

/** A painting, or the refusal that it is gone. */
export async function paintingOrRefuse(db: Database, id: string): Promise<Revised<PaintingDocument>> {
  const painting = await find(db, 'painting', id)
  if (!painting) throw gone('painting')
  return painting
}

/** What several pictures are painted with: only what their layers name, and what that leads to. */
export interface Bench {
  readonly mediums: readonly UsableMedium[]
  readonly shelf: readonly Revised<ShelfItem>[]
  readonly tubes: readonly Revised<OwnTube>[]
}

/** One painting with all it depends on; null when there is none by that id. */
export const loadPicture = async (db: Database, id: string, now: string): Promise<LoadedPicture | null> =>
  (await loadPictures(db, [id], now))[0] ?? null

/** These paintings, in a fixed number of queries however many they are; they share one bench. */
export async function loadPictures(
  db: Database,
  ids: readonly string[],
  now: string,
): Promise<readonly LoadedPicture[]> {
  const paintings = await listByIds(db, 'painting', ids)
  const layers = [...(await listOf(db, 'layer', ids))].sort(byPosition)
  const tests = await listOf(
    db,
    'touch_test',
    layers.map(({ id }) => id),
  )
  const bench = await benchOf(db, layers)
  const today = withTubesOfToday(layers, bench.tubes, findInStudio(bench.shelf))
  const practices = await practicesOf(db)
  const settings = await settingsOf(db)
  const rooms = await roomsOf(db, settings, now)
  const learnt = await learntFor(db, [...new Set(tests.map(({ layerId }) => layerId))])
  const layersOf = grouped(today, ({ paintingId }) => paintingId)
  const testsOf = grouped(tests, ({ layerId }) => layerId)
  return paintings.map((painting) => {
    const own = layersOf.get(painting.id) ?? []
    return {
      painting,
      layers: own,
      touchTests: own.flatMap(({ id }) => testsOf.get(id) ?? []),
      ...bench,
      practices,
      settings,
      today: dayOf(now)!,
      room: rooms.roomOf(painting),
      learnt: learntIn(learnt, own),
    }
  })
}

/** Of what is learnt without a layer's own checks only its own layers need to know. */
const learntIn = ({ all, withoutOwn }: PictureLearnt, layers: readonly LayerDocument[]): PictureLearnt => ({
  all,
  withoutOwn: Object.fromEntries(
    layers.flatMap(({ id }) => (withoutOwn[id] ? [[id, withoutOwn[id]] as const] : [])),
  ),
})

async function benchOf(db: Database, layers: readonly LayerDocument[]): Promise<Bench> {
  const named = [...new Set(layers.flatMap(namedMedium))]
  const mediums = await listByIds(db, 'medium', named)
  const batches = await listByIds(db, 'batch', named)
  const poured = batches.filter(({ pours }) => pours.length > 0).map(jarOf)
  const recipes = [...mediums, ...poured].map(({ recipe }) => recipe)
  const tubes = await listByIds(db, 'tube', [...new Set(layers.flatMap(tubesAtHand))])
  const heaps = layers.flatMap(({ palette }) => palette?.heaps ?? [])
  const paints = [...tubes, ...heaps.flatMap((heap) => heap.paints)]
  const added = heaps.flatMap((heap) => heap.added.map(({ material }) => material))
  const materials = [...layers.flatMap(materialsOf), ...paints.flatMap(materialsOfTube), ...added]
  const closure = await closureOf(db, recipes, materials)
  const inThose = closure.mediums.filter(({ id }) => !named.includes(id))
  return { mediums: [...mediums, ...inThose, ...poured], shelf: closure.items, tubes }
}

/** The medium that counts for a layer still to be painted; a painted one has its own copy. */
const namedMedium = ({ painted, medium }: LayerDocument): readonly string[] =>
  medium && !painted ? [medium.mediumId] : []

/** Tubes a layer still to be painted is planned with, and those on its palette. */
const tubesAtHand = ({ painted, paints, palette }: LayerDocument): readonly string[] => [
  ...(painted ? [] : tubesIn(paints)),
  ...(palette?.heaps.flatMap((heap) => tubesIn(heap.paints)) ?? []),
]

const materialsOf = (layer: LayerDocument): readonly string[] => [
  ...materialsOn(brushOf(layer)),
  ...(layer.painted?.used ? materialsIn(layer.painted.used.recipe) : []),
]

/** A medium or a batch as a layer would be painted with it, with all it leads to; null when there is none. */
export async function usableOf(db: Database, id: string): Promise<Bench | null> {
  const [medium] = await listByIds(db, 'medium', [id])
  const [batch] = medium ? [] : await listByIds(db, 'batch', [id])
  const usable: UsableMedium | null = medium ?? (batch && hasPours(batch) ? jarOf(batch) : null)
  if (!usable) return null
  const { mediums, items } = await closureOf(db, [usable.recipe])
  return { mediums: [usable, ...mediums.filter((one) => one.id !== id)], shelf: items, tubes: [] }
}

const hasPours = ({ pours }: Batch): boolean => pours.length > 0

/** What these mediums or batches lead to, and themselves; those that are not there are left out. */
export async function benchWith(db: Database, ids: readonly (string | null)[]): Promise<Bench> {
  const found = await Promise.all([...new Set(ids)].map(async (id) => (id ? usableOf(db, id) : null)))
  const benches = found.filter((bench) => bench !== null)
  return {
    mediums: once(benches.flatMap(({ mediums }) => mediums)),
    shelf: once(benches.flatMap(({ shelf }) => shelf)),
    tubes: [],
  }
}

const once = <Item extends { readonly id: string }>(items: readonly Item[]): readonly Item[] => [
  ...new Map(items.map((item) => [item.id, item])).values(),
]

/** A medium to be written on, and what its recipe leads to; null when there is none by that id. */
export async function mediumWith(
  db: Database,
  id: string,
): Promise<{ readonly medium: Revised<MediumDocument>; readonly known: Bench } | null> {
  const medium = await find(db, 'medium', id)
  if (!medium) return null
  const { mediums, items } = await closureOf(db, [medium.recipe])
  return { medium, known: { mediums: mediums.filter((one) => one.id !== id), shelf: items, tubes: [] } }
}

/** What the solver found of a picture as it stands; nothing while it has to be judged again. */
export async function solvedBefore(db: Database, { painting, today }: LoadedPicture): Promise<SolvedPicture> {
  const kept = await solvedOf(db, painting.id, today)
  return kept === null ? unsolved : (JSON.parse(kept) as SolvedPicture)
}
