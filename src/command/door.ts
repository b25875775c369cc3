import type { BackupEntry } from '../studio/backups/backups.ts'
import type { Choice, Preview } from '../studio/carrying/bringIn.ts'

/** The way into a studio: its file, while no program holds it, or the program that does. */
export interface Door {
  /** Writes the whole studio into a file; answers how many photographs went along. */
  readonly takeOut: (file: string, withPhotographs: boolean) => Promise<number>
  readonly look: (file: string) => Promise<Preview>
  /** Brings a file in; answers what was done. */
  readonly bringIn: (file: string, choice: Choice) => Promise<string>
  readonly check: () => Promise<Checked>
  /** Makes a backup; answers where it is. */
  readonly backUp: () => Promise<string>
  /** Puts a backup back; answers what was done. */
  readonly putBack: (date: string) => Promise<string>
  readonly close: () => Promise<void>
}

/** What a check found. */
export interface Checked {
  /** Things that cannot be read, and why. */
  readonly aside: readonly { readonly word: string; readonly id: string; readonly why: string }[]
  readonly backups: readonly Pick<BackupEntry, 'date'>[]
}
