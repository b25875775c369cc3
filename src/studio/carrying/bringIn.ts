import { kinds } from '../../document/kinds.ts'
import type { Kind } from '../../document/kinds.ts'
import type { DocumentThing } from '../../document/studioDocument.ts'
import type { Database, Trx } from '../../store/database.ts'
import { titleFor } from '../../store/derived.ts'
import { lastEvent, lastTouching } from '../../store/history.ts'
import type { Wish } from '../../store/history.ts'
import { keepKnown, knownOf } from '../../store/known.ts'
import { commit } from '../commit.ts'
import type { Write, Written } from '../commit.ts'
import { refused } from '../refused.ts'
import { takeBackPhoto } from '../photos.ts'
import { unpack } from './archive.ts'
import type { Tell } from '../jobs.ts'
import { thingsIn } from './documentReader.ts'
import { mergeWith } from './merge.ts'
import type { FieldClash, Merged, Side } from './merge.ts'

/** A thing that a file would bring or change, as the preview tells it. */
export interface Coming {
  readonly kind: Kind
  readonly id: string
  /** "layer" */
  readonly word: string
  readonly title: string
  readonly fields: readonly string[]
  readonly clashes: readonly FieldClash[]
  /** It was here, and was taken away. */
  readonly wasHere: boolean
}

/** What a file would do to the studio; the lists hold the first few hundred. */
export interface Preview {
  readonly counts: { readonly [Is in Merged['is']]: number }
  readonly new: readonly Coming[]
  readonly changed: readonly Coming[]
  readonly clashing: readonly Coming[]
  readonly photographs: number
}

const mostShown = 300
const everySoOften = 200

/** Looks through a file without changing anything. */
export async function previewOf(db: Database, file: string, tell: Tell): Promise<Preview> {
  const counts = { new: 0, same: 0, changed: 0, clashing: 0 }
  const shown: Record<'new' | 'changed' | 'clashing', Coming[]> = { new: [], changed: [], clashing: [] }
  const carried = await knownOf<number>(db, 'carried')
  const incoming = await unpack(file)
  try {
    let done = 0
    for await (const thing of thingsIn(await incoming.document())) {
      const merged = await mergeWith(db, thing, carried)
      counts[merged.is]++
      if (merged.is !== 'same' && shown[merged.is].length < mostShown)
        shown[merged.is].push(await comingOf(db, thing, merged))
      if (++done % everySoOften === 0) tell(done, 0)
    }
    return { counts, ...shown, photographs: incoming.photographs.length }
  } finally {
    incoming.close()
  }
}

async function comingOf(db: Database, { kind, id, body }: DocumentThing, merged: Merged): Promise<Coming> {
  return {
    kind,
    id,
    word: kinds[kind].word,
    title: titleFor(kind, body),
    fields: merged.is === 'changed' ? merged.fields : [],
    clashes: merged.is === 'clashing' ? merged.clashes : [],
    wasHere: merged.is === 'new' && (await lastTouching(db, kind, id)) !== null,
  }
}

/** Which side is taken where both changed the same: one for all, and others for some, by "kind/id". */
export interface Choice {
  readonly clashes: Side
  readonly but: Readonly<Record<string, Side>>
}

/**
 * Brings a file in, in one step that can be taken back in one: everything, or nothing. Nothing that is here goes. The
 * photographs come first, so that nothing ever names one that is not there. What `tell` throws stops it.
 */
export async function bringIn(write: Write, file: string, choice: Choice, tell: Tell): Promise<Written> {
  const incoming = await unpack(file)
  try {
    await bringPhotographs(incoming.photographs, tell)
    return await commit(write, async (trx) => {
      const { wishes, added } = await wishesOf(trx, thingsIn(await incoming.document()), choice, tell)
      if (wishes.length === 0) throw refused('Everything in this file is in the studio already.')
      return {
        what: `Brought in a studio: ${added} new, ${wishes.length - added} changed`,
        wishes,
        afterwards: async (after) => keepKnown(after, 'carried', await lastEvent(after)),
      }
    })
  } finally {
    incoming.close()
  }
}

async function bringPhotographs(
  photographs: Awaited<ReturnType<typeof unpack>>['photographs'],
  tell: Tell,
): Promise<void> {
  for (const [at, { hash, bytes }] of photographs.entries()) {
    if (!(await takeBackPhoto(hash, await bytes())))
      throw refused(
        `The photograph ${hash.slice(0, 12)}… in this file is not one that Grelta made, or is damaged. Nothing was brought in. Take the studio out again.`,
      )
    tell(at + 1, photographs.length)
  }
}

async function wishesOf(
  trx: Trx,
  things: AsyncIterable<DocumentThing>,
  { clashes, but }: Choice,
  tell: Tell,
): Promise<{ readonly wishes: readonly Wish[]; readonly added: number }> {
  const carried = await knownOf<number>(trx, 'carried')
  const wishes: Wish[] = []
  let [added, done] = [0, 0]
  for await (const thing of things) {
    if (++done % everySoOften === 0) tell(done, 0)
    const merged = await mergeWith(trx, thing, carried)
    const { kind, id } = thing
    if (merged.is === 'new') added++
    const body =
      merged.is === 'same'
        ? null
        : merged.is === 'clashing'
          ? merged[but[`${kind}/${id}`] ?? clashes]
          : merged.body
    if (body) wishes.push({ kind, id, body })
  }
  return { wishes, added }
}
