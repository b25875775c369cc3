import { fieldWords } from '../document/fieldWords.ts'
import { kinds } from '../document/kinds.ts'
import type { Bodies, Kind, StoredKind } from '../document/kinds.ts'
import type { Trx } from '../store/database.ts'
import { changedFields, eventOf, lastTouching, StaleWrite, stateNow, stepsOf } from '../store/history.ts'
import type { Step, StoredState, Wish } from '../store/history.ts'
import { find } from '../store/records.ts'
import { commit } from './commit.ts'
import type { Plan, Write, Written } from './commit.ts'
import { undid } from './done.ts'
import { gone, Refused, refused } from './refused.ts'

/**
 * Takes back one event: only the fields it changed, only while they are as it left them. What it made goes, what it
 * removed comes back. Refused, with what is in the way, where a field was changed again or something rests on it.
 */
export const undoEvent = (write: Write, event: number): Promise<Written> =>
  commit(write, (trx) => undoing(trx, event))

/** Brings back what was removed, with all that went with it. StaleWrite when it is there. */
export const undoRemoval = (
  write: Write,
  { kind, id }: { readonly kind: Kind; readonly id: string },
): Promise<Written> =>
  commit(write, async (trx) => {
    const there = await find(trx, kind, id)
    if (there) throw new StaleWrite(kind, there)
    const event = await lastTouching(trx, kind, id)
    if (event === null) throw gone(kinds[kind].word)
    return undoing(trx, event)
  })

async function undoing(trx: Trx, event: number): Promise<Plan> {
  const done = await eventOf(trx, event)
  if (!done) throw gone('entry')
  if (done.undone) throw new Refused('not-found', 'That was taken back already.')
  const wishes: Wish[] = []
  for (const step of await stepsOf(trx, event)) wishes.push(await backwards(trx, step))
  return { what: undid + done.what, paintingId: done.paintingId, wishes, undoes: event }
}

async function backwards(trx: Trx, { kind, id, before, after }: Step): Promise<Wish> {
  const now = await stateNow(trx, kind, id)
  const { word } = kinds[kind]
  if (before.is === 'unreadable')
    throw refused(`What this ${word} was before cannot be read any more, so it cannot be brought back.`)
  if (after.is === 'absent') {
    if (now.is !== 'absent')
      throw refused(`${calls(kind, now)} is there again, so bringing it back would overwrite it.`)
    return { kind, id, body: bodyOf(before) }
  }
  if (now.is === 'absent')
    throw refused(`This ${word} is no longer there. Bring it back first: undo what removed it.`)
  if (now.is === 'unreadable' || after.is === 'unreadable') return { kind, id, body: bodyOf(before) }
  const again = changedFields(after.body, now.body)
  if (before.is === 'absent') {
    if (again.length > 0)
      throw refused(`${calls(kind, now)} was changed since (${told(again)}). Take that back first.`)
    return { kind, id, body: null }
  }
  const changed = changedFields(before.body, after.body)
  const clash = changed.filter((field) => again.includes(field))
  if (clash.length > 0)
    throw refused(
      `${calls(kind, now)} was changed again since (${told(clash)}). Take the later change back first.`,
    )
  const was = before.body as unknown as Readonly<Record<string, unknown>>
  const fields = Object.fromEntries(changed.map((field) => [field, was[field]]))
  return { kind, id, body: { ...now.body, ...fields } }
}

const bodyOf = (state: StoredState): Bodies[Kind] | null => (state.is === 'there' ? state.body : null)

function calls(kind: Kind, state: StoredState): string {
  const { word, titleOf } = kinds[kind] as StoredKind<Kind>
  return state.is === 'there' && kind !== 'touch_test' ? titleOf(state.body) : `This ${word}`
}

const told = (fields: readonly string[]): string => fields.map(fieldWords).join(' and ')
