import { minuteAt } from '../core/plan/calendar.ts'
import { openDatabase } from '../store/database.ts'
import type { Database } from '../store/database.ts'

let opening: Promise<Database> | null = null

/** The studio of this process: opened, and brought to the newest form, the first time it is asked for. */
export const studio = (): Promise<Database> => (opening ??= openDatabase())

/** The minute now, in the studio's own time. */
export const nowMinute = (): string => minuteAt(new Date())

/** A new id for something stored. */
export const newId = (): string => crypto.randomUUID()
