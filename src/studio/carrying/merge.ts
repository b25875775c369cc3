import { isDeepStrictEqual } from 'node:util'
import { settingsId } from '../../document/settingsId.ts'
import { defaultSettings } from '../../document/studio.ts'
import type { Bodies, Kind } from '../../document/kinds.ts'
import { withWhatStays } from '../../document/studioDocument.ts'
import type { DocumentThing } from '../../document/studioDocument.ts'
import type { Database, Trx } from '../../store/database.ts'
import { changedFields, stateAfter, stateNow, versionsOf } from '../../store/history.ts'
import type { StoredState } from '../../store/history.ts'

/** What a thing that comes in means for the one that is here. */

export type Side = 'here' | 'file'

/** One field that both sides have otherwise. */
export interface FieldClash {
  readonly field: string
  readonly here: unknown
  readonly file: unknown
}

export type Merged =
  /** It is not here. */
  | { readonly is: 'new'; readonly body: Bodies[Kind] }
  /** Nothing of it would change: it is the same, or only changed here since. */
  | { readonly is: 'same' }
  /** Changed in the file, and not here in the same fields. */
  | { readonly is: 'changed'; readonly fields: readonly string[]; readonly body: Bodies[Kind] }
  /** Changed on both sides; `here` and `file` are what it becomes as the painter chooses; null: what it is. */
  | {
      readonly is: 'clashing'
      readonly clashes: readonly FieldClash[]
      readonly here: Bodies[Kind] | null
      readonly file: Bodies[Kind]
    }

type Fields = Readonly<Record<string, unknown>>

const mostVersions = 200

/**
 * Holds a thing of a file against the one here. `carried` is the newest event the file may know of: what a field was
 * then tells which side changed it since. Without it, whatever differs is for the painter to say; so is what the file
 * has as it once was here, because an old file must not undo what came after it.
 */
export async function mergeWith(
  db: Database | Trx,
  { kind, id, body: came }: DocumentThing,
  carried: number | null,
): Promise<Merged> {
  const now = await stateNow(db, kind, id)
  if (now.is === 'absent') return isUntouched(kind, came) ? { is: 'same' } : { is: 'new', body: came }
  if (now.is === 'unreadable') return { is: 'changed', fields: [], body: came }
  const here = now.body as unknown as Fields
  const file = withWhatStays(kind, came, now.body) as unknown as Fields
  const differing = changedFields(here, file)
  if (differing.length === 0) return { is: 'same' }
  const was = carried === null ? null : fieldsOf(await stateAfter(db, kind, id, carried))
  const changedHere = (field: string): boolean => !was || !isDeepStrictEqual(was[field], here[field])
  const changedThere = (field: string): boolean => !was || !isDeepStrictEqual(was[field], file[field])
  const earlier = (await versionsOf(db, kind, id, mostVersions)).map(({ body }) => body as unknown as Fields)
  const wasOnceHere = (field: string): boolean =>
    earlier.some((version) => isDeepStrictEqual(version[field], file[field]))
  const apart = differing.filter(changedThere)
  const taken = apart.filter((field) => !changedHere(field) && !wasOnceHere(field))
  const clashing = apart.filter((field) => !taken.includes(field))
  const withFields = (fields: readonly string[]): Bodies[Kind] =>
    ({
      ...here,
      ...Object.fromEntries(fields.map((field) => [field, file[field]])),
    }) as unknown as Bodies[Kind]
  if (clashing.length > 0)
    return {
      is: 'clashing',
      clashes: clashing.map((field) => ({ field, here: here[field], file: file[field] })),
      here: taken.length > 0 ? withFields(taken) : null,
      file: withFields([...taken, ...clashing]),
    }
  return taken.length > 0 ? { is: 'changed', fields: taken, body: withFields(taken) } : { is: 'same' }
}

const fieldsOf = (state: StoredState): Fields | null => (state.is === 'there' ? state.body : null)

/** Settings nobody has changed are not stored, and are those of a new studio. */
const isUntouched = (kind: Kind, body: Bodies[Kind]): boolean =>
  kind === 'setting' && changedFields({ ...defaultSettings, id: settingsId }, body).length === 0
