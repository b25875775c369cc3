import { kindNames } from '../document/kinds.ts'
import type { Database } from '../store/database.ts'
import { whatWasDone } from '../store/history.ts'
import type { DoneEntry, DoneOf } from '../store/history.ts'

/** What was done, a page at a time; each entry can be taken back for as long as nothing rests on it. */

const atATime = 30

/** How what took something back is told of; nothing else begins so. */
export const undid = 'Undid: '

export const doneWith = async (
  db: Database,
  of: DoneOf,
  before?: number,
): Promise<{ readonly entries: readonly DoneEntry[]; readonly more: boolean }> => {
  const found = await whatWasDone(db, of, atATime + 1, { before })
  return { entries: found.slice(0, atATime), more: found.length > atATime }
}

/** As an address asks for it. */
export function doneIn(db: Database, search: URLSearchParams): ReturnType<typeof doneWith> {
  const before = Number(search.get('before')) || undefined
  const painting = search.get('painting')
  const kind = kindNames.find((one) => one === search.get('kind'))
  const id = search.get('id')
  const of: DoneOf = painting ? { painting } : kind && id ? { kind, id } : 'studio'
  return doneWith(db, of, before)
}

/** So many steps back are known to a page when it opens. */
const mostSteps = 100

/** Events that one after another can be taken back, oldest first: neither taken back already nor a taking back. */
export async function undoable(db: Database, of: DoneOf): Promise<readonly number[]> {
  // A page of one thing does not take back what was done to many: a pour and its stock are two.
  const mostThings = of !== 'studio' && 'kind' in of ? { mostThings: 2 } : {}
  const found = await whatWasDone(db, of, mostSteps, mostThings)
  return found
    .filter(({ undone, what }) => !undone && !what.startsWith(undid))
    .map(({ event }) => event)
    .reverse()
}
