import { dayOf } from '../core/plan/calendar.ts'
import { assess, solve } from '../document/assess.ts'
import type { Assessment, Picture, SolvedArea } from '../document/assess.ts'
import { defaultSettings } from '../document/studio.ts'
import type { LayerDocument, PaintingDocument, Revised, Settings, TouchTest } from '../document/studio.ts'
import type { Batch } from '../document/batch.ts'
import { mediumOfBatch } from '../document/batchMedium.ts'
import type { UsableMedium } from '../document/batchMedium.ts'
import type { MediumDocument } from '../document/recipe.ts'
import { studioShelf } from '../document/studioShelf.ts'
import type { ShelfItem } from '../document/shelf.ts'
import { dataFolder as folderOf } from '../store/database.ts'
import type { Database } from '../store/database.ts'
import { versionsOf } from '../store/history.ts'
import { find, list, listOf } from '../store/records.ts'

/** A painting's documents as read, with the revisions a later write must name. */
export interface LoadedPicture extends Picture {
  readonly painting: Revised<PaintingDocument>
  readonly layers: readonly Revised<LayerDocument>[]
  readonly touchTests: readonly Revised<TouchTest>[]
  readonly mediums: readonly UsableMedium[]
  readonly shelf: readonly Revised<ShelfItem>[]
  readonly settings: Revised<Settings>
}

export const settingsId = 'studio'

export async function settingsOf(db: Database): Promise<Revised<Settings>> {
  const found = await find(db, 'setting', settingsId)
  if (!found) return { ...defaultSettings, revision: 0 }
  const { id: _id, ...settings } = found
  return settings
}

const byPosition = (a: LayerDocument, b: LayerDocument): number => a.position - b.position || a.id.localeCompare(b.id)

/** One painting with all it depends on; null when there is none by that id. */
export async function loadPicture(db: Database, id: string, now: string): Promise<LoadedPicture | null> {
  const painting = await find(db, 'painting', id)
  return painting && (await withParts(db, painting, now, await loadMediums(db)))
}

export async function loadPictures(db: Database, now: string): Promise<readonly LoadedPicture[]> {
  const paintings = await list(db, 'painting')
  const bench = await loadMediums(db)
  const pictures: LoadedPicture[] = []
  for (const painting of paintings) pictures.push(await withParts(db, painting, now, bench))
  return pictures.sort((a, b) => a.painting.title.localeCompare(b.painting.title))
}

async function withParts(db: Database, painting: Revised<PaintingDocument>, now: string, bench: LoadedBench): Promise<LoadedPicture> {
  const layers = [...(await listOf(db, 'layer', [painting.id]))].sort(byPosition)
  const touchTests = await listOf(
    db,
    'touch_test',
    layers.map(({ id }) => id),
  )
  const { batches, mediums, ...rest } = bench
  return {
    painting,
    layers,
    touchTests,
    ...rest,
    mediums: [...mediums, ...batches.filter(({ pours }) => pours.length > 0).map(mediumOfBatch)],
    today: dayOf(now)!,
  }
}

export const batchOf = (db: Database, id: string): Promise<Revised<Batch> | null> => find(db, 'batch', id)

const solvedBefore = new Map<string, readonly SolvedArea[]>()
const mostRemembered = 200

/** A picture judged with a full solve; solves are remembered for as long as nothing they rest on changes. */
export function judgedWithSolve(picture: Picture): { readonly assessment: Assessment; readonly solved: readonly SolvedArea[] } {
  const key = JSON.stringify([
    picture.painting,
    picture.layers,
    picture.touchTests,
    picture.mediums,
    picture.shelf,
    picture.settings,
    Math.floor(picture.today),
  ])
  const shelf = studioShelf(picture.shelf)
  let solved = solvedBefore.get(key)
  if (!solved) {
    solved = solve(picture, shelf)!
    if (solvedBefore.size >= mostRemembered) solvedBefore.delete(solvedBefore.keys().next().value!)
    solvedBefore.set(key, solved)
  }
  return { assessment: assess(picture, shelf, solved), solved }
}

/** All mediums by name, the painter's own shelf, and the settings they are read with. */
export interface LoadedBench extends Pick<LoadedPicture, 'shelf' | 'settings'> {
  readonly mediums: readonly Revised<MediumDocument>[]
  readonly batches: readonly Revised<Batch>[]
}

export async function loadMediums(db: Database): Promise<LoadedBench> {
  const mediums = [...(await list(db, 'medium'))].sort((a, b) => a.name.localeCompare(b.name))
  const shelf = [...(await list(db, 'shelf_item'))].sort((a, b) => a.name.localeCompare(b.name))
  const batches = [...(await list(db, 'batch'))].sort((a, b) => b.number - a.number)
  return { mediums, shelf, batches, settings: await settingsOf(db) }
}

/** One state a recipe has been in, and until when it was being written. */
export interface MediumVersion {
  readonly at: string
  readonly recipe: MediumDocument['recipe']
}

/** Writing pauses shorter than this, in minutes, do not make a version of their own. */
const pauseMinutes = 20

/** What a recipe has been, newest first: where each sitting of writing ended, and how it was first written. */
export async function versionsOfMedium(db: Database, id: string): Promise<readonly MediumVersion[]> {
  const all = await versionsOf(db, 'medium', id)
  const ends = all.filter(({ at }, index) => index === 0 || index === all.length - 1 || (dayOf(all[index - 1]!.at)! - dayOf(at)!) * 1440 >= pauseMinutes)
  const recipes = ends.map(({ at, body }) => ({ at, recipe: body.recipe }))
  return recipes.filter(({ recipe }, index) => index === 0 || JSON.stringify(recipe) !== JSON.stringify(recipes[index - 1]!.recipe))
}

export { folderOf }
