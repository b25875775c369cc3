import type { Migration } from 'kysely'
import { first } from './0001-first.ts'
import { batches } from './0003-batches.ts'
import { ground } from './0004-ground.ts'
import { practices } from './0005-practices.ts'
import { tubes } from './0006-tubes.ts'
import { shelf } from './0002-shelf.ts'
import { evening } from './0008-evening.ts'
import { exercises } from './0009-exercises.ts'
import { time } from './0007-time.ts'

/** Forward only, in this order. A migration that has been released is never edited. */
export const migrations: Record<string, Migration> = {
  '0001-first': first,
  '0002-shelf': shelf,
  '0003-batches': batches,
  '0004-ground': ground,
  '0005-practices': practices,
  '0006-tubes': tubes,
  '0007-time': time,
  '0008-evening': evening,
  '0009-exercises': exercises,
}
