import { kindNames, kinds } from '../../document/kinds.ts'
import type { Bodies, Kind } from '../../document/kinds.ts'
import { withWhatStays } from '../../document/studioDocument.ts'
import type { Database } from '../../store/database.ts'
import { titleFor } from '../../store/derived.ts'
import { bodyIn, changedFields } from '../../store/history.ts'
import { rowsOf } from '../../store/records.ts'
import type { Row } from '../../store/records.ts'
import { commit } from '../commit.ts'
import type { Write, Written } from '../commit.ts'
import type { Tell } from '../jobs.ts'
import { refused } from '../refused.ts'

/** Putting the studio back to what a backup holds: only what differs is written, as one event that can be undone. */

export interface Difference {
  readonly kind: Kind
  readonly id: string
  /** back: taken away since. changed: otherwise since. gone: made since, and would go. */
  readonly is: 'back' | 'changed' | 'gone'
  /** "layer" */
  readonly word: string
  readonly title: string
  readonly fields: readonly string[]
  /** What it becomes; null: it goes. */
  readonly body: Bodies[Kind] | null
}

/** How the studio differs from a copy of it. What cannot be read in the copy stays as it is. */
export async function differencesTo(
  db: Database,
  copy: Database,
  tell: Tell,
): Promise<readonly Difference[]> {
  const all: Difference[] = []
  for (const [at, kind] of kindNames.entries()) {
    for await (const pair of paired(rowsOf(db, kind), rowsOf(copy, kind))) {
      const found = differenceIn(kind, pair)
      if (found) all.push(found)
    }
    tell(at + 1, kindNames.length)
  }
  return all
}

interface Pair {
  readonly here: Row | null
  readonly there: Row | null
}

/** Two lists by id, side by side. */
async function* paired(here: AsyncIterator<Row>, there: AsyncIterator<Row>): AsyncGenerator<Pair> {
  const after = async (rows: AsyncIterator<Row>): Promise<Row | null> => {
    const next = await rows.next()
    return next.done ? null : next.value
  }
  let [ours, theirs] = [await after(here), await after(there)]
  while (ours || theirs) {
    const isOurs = ours !== null && (theirs === null || ours.id <= theirs.id)
    const isTheirs = theirs !== null && (ours === null || theirs.id <= ours.id)
    yield { here: isOurs ? ours : null, there: isTheirs ? theirs : null }
    if (isOurs) ours = await after(here)
    if (isTheirs) theirs = await after(there)
  }
}

function differenceIn<K extends Kind>(kind: K, { here, there }: Pair): Difference | null {
  if (here && there && here.version === there.version && here.body === there.body) return null
  const [now, was] = [here && bodyIn(kind, here), there && bodyIn(kind, there)]
  const { id } = (here ?? there)!
  const { word } = kinds[kind]
  const told = { kind, id, word, fields: [] }
  if (there && !was) return null
  if (!was) {
    // Settings that were nobody's yet stay; there is always a studio.
    if (!now || kind === 'setting') return null
    return { ...told, is: 'gone', title: titleFor(kind, now), body: null }
  }
  const body = now ? withWhatStays(kind, was, now) : was
  if (!now) return { ...told, is: 'back', title: titleFor(kind, was), body }
  const fields = changedFields(now, body)
  return fields.length > 0 ? { ...told, is: 'changed', title: titleFor(kind, now), fields, body } : null
}

/** What a backup would change, as the painter is shown it: how much of each, and the first few hundred. */
export interface RestorePreview {
  readonly counts: { readonly [Is in Difference['is']]: number }
  readonly shown: readonly Omit<Difference, 'body'>[]
}

const mostShown = 300

export function previewOfRestore(differences: readonly Difference[]): RestorePreview {
  const count = (is: Difference['is']): number => differences.filter((one) => one.is === is).length
  return {
    counts: { back: count('back'), changed: count('changed'), gone: count('gone') },
    shown: differences.slice(0, mostShown).map(({ body: _body, ...told }) => told),
  }
}

/** Puts the studio back; `day` is the backup's, in words. */
export const restore = (write: Write, day: string, differences: readonly Difference[]): Promise<Written> =>
  commit(write, () => {
    if (differences.length === 0) throw refused('The studio is as it was in that backup already.')
    return Promise.resolve({
      what: `Put back the backup of ${day}`,
      wishes: differences.map(({ kind, id, body }) => ({ kind, id, body })),
    })
  })
