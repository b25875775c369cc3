import { settingsId } from '../document/settingsId.ts'
import { defaultSettings } from '../document/studio.ts'
import type { Revised, Settings } from '../document/studio.ts'
import type { Database } from '../store/database.ts'
import { find } from '../store/records.ts'
import { commit } from './commit.ts'
import type { Write, Written } from './commit.ts'

/** The studio's settings; at revision 0 while the painter has not changed any. */
export async function settingsOf(db: Database): Promise<Revised<Settings>> {
  const found = await find(db, 'setting', settingsId)
  if (!found) return { ...defaultSettings, revision: 0 }
  const { id: _id, ...settings } = found
  return settings
}

export const saveSettings = (write: Write, settings: Settings, seen: number): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: 'Changed the studio',
      wishes: [
        {
          kind: 'setting',
          id: settingsId,
          body: { ...settings, id: settingsId },
          seen: seen === 0 ? null : seen,
        },
      ],
    }),
  )
