import { findInLibrary } from '../core/materials/find.ts'
import type { FindMaterial } from '../core/materials/find.ts'
import type { Material } from '../core/materials/material.ts'
import { findIn } from '../core/materials/search.ts'
import type { Findable } from '../core/materials/search.ts'
import { namesakesOf, tubeFacts, tubeFound } from '../core/palette/tubeFacts.ts'
import type { NamedTube, TubeFacts } from '../core/palette/tubeFacts.ts'
import { isWhite } from '../core/palette/whites.ts'
import { compositionOf } from '../document/ownTube.ts'
import { tubeIsLow } from '../document/nearlyOut.ts'
import type { NearlyOut } from '../document/nearlyOut.ts'
import { materialsOfTube } from '../document/paints.ts'
import type { ShelfItem } from '../document/shelf.ts'
import type { Revised } from '../document/studio.ts'
import type { OwnTube } from '../document/tube.ts'
import type { Database, Trx } from '../store/database.ts'
import { find, list, listByIds } from '../store/records.ts'
import { remembering } from '../store/remembered.ts'
import { linesAtATime } from './listPage.ts'
import type { ListPage } from './listPage.ts'
import { gone } from './refused.ts'
import { indexOfAll } from './shelfList.ts'

/** The painter's tubes, found by what they are and what they do. */

const tubesOfAll = remembering('tube', (tube): OwnTube => tube)

/** A tube with what it is found by; no facts where something it is made of is gone. */
export interface IndexedTube extends Findable {
  readonly tube: OwnTube
  readonly facts: TubeFacts | null
}

interface Reckoned {
  readonly materials: readonly (Material | undefined)[]
  readonly indexed: IndexedTube
}

/** Reckoned anew only when the tube, or a lot it is made with, is another. */
const reckoned = new WeakMap<OwnTube, Reckoned>()

function indexedTube(tube: OwnTube, findMaterial: FindMaterial): IndexedTube {
  const materials = materialsOfTube(tube).map(findMaterial)
  const known = reckoned.get(tube)
  if (known?.materials.every((material, at) => material === materials[at])) return known.indexed
  const facts = tubeFacts(compositionOf(tube, findMaterial), findMaterial)
  const found = facts
    ? tubeFound(tube.name, facts)
    : { name: tube.name.toLowerCase(), words: [], free: new Set<string>() }
  const indexed = { ...found, tube, facts }
  reckoned.set(tube, { materials, indexed })
  return indexed
}

/** Finds a material as the studio has it: the painter's own lots, else the book. */
export async function findInShelf(db: Database): Promise<FindMaterial> {
  const own = await indexOfAll(db)
  return (id) => own.get(id)?.material ?? findInLibrary(id)
}

export async function tubeIndex(db: Database): Promise<readonly IndexedTube[]> {
  const findMaterial = await findInShelf(db)
  return [...(await tubesOfAll(db)).values()]
    .map((tube) => indexedTube(tube, findMaterial))
    .sort((a, b) => a.tube.name.localeCompare(b.tube.name))
}

/** A tube of the list by name, and by the code of its pigments. */
export interface Named extends Pick<NamedTube, 'id' | 'name'> {
  readonly code: string
}

export interface TubePage extends ListPage<Revised<OwnTube>> {
  /** The painter's own lots that these are made with. */
  readonly shelf: readonly ShelfItem[]
  /** Of all there are: one pigment under several names, one name over several pigments. */
  readonly samePigment: readonly (readonly Named[])[]
  readonly sameName: readonly (readonly Named[])[]
  readonly nearlyOut: readonly NearlyOut[]
}

/** So many such groups are pointed out. */
const mostGroups = 12
const mostInGroup = 6

export async function tubePage(db: Database, { text = '', from = 0 } = {}): Promise<TubePage> {
  const index = await tubeIndex(db)
  const found = findIn(index, text)
  const ids = found.slice(from, from + linesAtATime).map(({ tube }) => tube.id)
  const byId = new Map((await listByIds(db, 'tube', ids)).map((tube) => [tube.id, tube]))
  const entries = ids.flatMap((id) => byId.get(id) ?? [])
  const findMaterial = await findInShelf(db)
  const { samePigment, sameName } = namesakesOf(
    index.map(({ tube }) => tube),
    findMaterial,
  )
  const codeOf = ({ pigments }: NamedTube): string =>
    pigments.map(({ pigment }) => findMaterial(pigment)?.pigmentCode ?? pigment).join(' + ')
  const named = (groups: readonly (readonly NamedTube[])[]): readonly (readonly Named[])[] =>
    groups
      .slice(0, mostGroups)
      .map((group) =>
        group.slice(0, mostInGroup).map((tube) => ({ id: tube.id, name: tube.name, code: codeOf(tube) })),
      )
  return {
    count: found.length,
    entries,
    shelf: await lotsIn(db, entries),
    samePigment: named(samePigment),
    sameName: named(sameName),
    nearlyOut: index.flatMap(({ tube }) => (tubeIsLow(tube) ? [{ id: tube.id, name: tube.name }] : [])),
  }
}

/** The painter's own lots that tubes are made with. */
export const lotsIn = (
  db: Database | Trx,
  tubes: readonly OwnTube[],
): Promise<readonly Revised<ShelfItem>[]> =>
  listByIds(db, 'shelf_item', [...new Set(tubes.flatMap(materialsOfTube))])

export const wholeTubes = async (db: Database): Promise<readonly OwnTube[]> =>
  [...(await list(db, 'tube'))].sort((a, b) => a.name.localeCompare(b.name))

/** A tube with the lots it is made with. */
export async function tubeWith(db: Database, id: string) {
  const tube = await find(db, 'tube', id)
  return tube && { tube, shelf: await lotsIn(db, [tube]) }
}

export async function tubeOrRefuse(db: Database, id: string) {
  const found = await tubeWith(db, id)
  if (!found) throw gone('tube')
  return found
}

/** So many whites are ranked; a studio has a dozen. */
const mostWhites = 60

/** The whites there are, with the lots they are made with. */
export async function whiteTubes(db: Database) {
  const whites = (await tubeIndex(db)).filter(({ facts }) => facts && isWhite(facts)).slice(0, mostWhites)
  const tubes = whites.map(({ tube }) => tube)
  return { tubes, shelf: await lotsIn(db, tubes) }
}
