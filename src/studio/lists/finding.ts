import { nearness } from '../../core/materials/askedWords.ts'
import { families } from '../../core/materials/material.ts'
import type { Family } from '../../core/materials/material.ts'
import { worstAnswer } from '../../core/materials/policy.ts'
import type { PolicyAnswer } from '../../core/materials/policy.ts'
import { findIn as findAmong } from '../../core/materials/search.ts'
import type { Database } from '../../store/database.ts'
import { countOf, titlesOf } from '../../store/titles.ts'
import type { Listed, Titled } from '../../store/titles.ts'
import type { ListPage } from '../listPage.ts'
import { settingsOf } from '../settings.ts'
import { indexOfAll } from '../shelfList.ts'
import { tubeIndex } from '../tubeList.ts'

/** Choosing from many by typing: the first few of each kind whose name holds the text. */

export interface FindQuery {
  readonly text: string
  readonly kinds: readonly Listed[]
  /** Of materials, only these families; none named: all. */
  readonly families: readonly Family[]
  /** Ids that come first where they are found, such as what was chosen lately. */
  readonly first: readonly string[]
}

export interface Found extends Titled {
  readonly kind: Listed
  /** What the room's policy says to a material; null: it may come in, or it is none. */
  readonly room: PolicyAnswer['answer'] | null
}

const findable: readonly Listed[] = ['medium', 'batch', 'shelf_item', 'tube', 'painting']

const mostOfAKind = 12

const listed = <Item extends string>(search: URLSearchParams, name: string, all: readonly Item[]) => {
  const asked = (search.get(name) ?? '').split(',')
  return all.filter((one) => asked.includes(one))
}

export const findQuery = (search: URLSearchParams): FindQuery => ({
  text: search.get('find') ?? '',
  kinds: listed(search, 'in', findable),
  families: listed(search, 'family', families),
  first: (search.get('first') ?? '').split(',').filter(Boolean).slice(0, mostOfAKind),
})

export async function findIn(db: Database, query: FindQuery): Promise<ListPage<Found>> {
  const pages = await Promise.all(
    query.kinds.map((kind) => {
      if (kind === 'shelf_item') return materialsIn(db, query)
      return kind === 'tube' ? tubesFor(db, query) : titledIn(db, kind, query)
    }),
  )
  return {
    count: pages.reduce((sum, { count }) => sum + count, 0),
    entries: pages.flatMap(({ entries }) => entries),
  }
}

async function titledIn(db: Database, kind: Listed, { text, first }: FindQuery): Promise<ListPage<Found>> {
  const found = await titlesOf(db, kind, { text, from: 0, most: mostOfAKind, first })
  return { count: await countOf(db, kind, text), entries: found.map((one) => ({ ...one, kind, room: null })) }
}

/** The painter's own tubes, by name, pigment or what they do. */
async function tubesFor(db: Database, { text, first }: FindQuery): Promise<ListPage<Found>> {
  const { policies } = await settingsOf(db)
  const found = findAmong(await tubeIndex(db), text)
    .map(({ tube, facts }) => ({ id: tube.id, name: tube.name, materials: facts?.materials ?? [] }))
    .sort(nearestFirst(text, first))
  return {
    count: found.length,
    entries: found.slice(0, mostOfAKind).map(({ id, name, materials }) => ({
      id,
      title: name,
      kind: 'tube',
      room: worstAnswer(materials, policies),
    })),
  }
}

/** What is called so first; then what was chosen lately; then by name. */
const nearestFirst =
  (text: string, first: readonly string[]) =>
  (a: { id: string; name: string }, b: { id: string; name: string }): number =>
    nearness(a.name, text) - nearness(b.name, text) ||
    Number(first.includes(b.id)) - Number(first.includes(a.id)) ||
    a.name.localeCompare(b.name)

/** The painter's own materials, by name, other spelling or what they do. */
async function materialsIn(
  db: Database,
  { text, families: wanted, first }: FindQuery,
): Promise<ListPage<Found>> {
  const { policies } = await settingsOf(db)
  const all = findAmong([...(await indexOfAll(db)).values()], text)
    .map(({ material }) => material)
    .filter(({ family }) => wanted.length === 0 || wanted.includes(family))
    .sort(nearestFirst(text, first))
  return {
    count: all.length,
    entries: all.slice(0, mostOfAKind).map((material) => ({
      id: material.id,
      title: material.name,
      kind: 'shelf_item',
      room: worstAnswer([material], policies),
    })),
  }
}
