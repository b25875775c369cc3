import type { Reminder } from '../document/reminder.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'

/** Adds a reminder when `seen` is null, changes it otherwise. */
export const saveReminder = (write: Write, reminder: Reminder, seen: number | null): Promise<Written> =>
  commit(write, () =>
    Promise.resolve({
      what: `${seen === null ? 'Noted' : 'Changed'} the reminder “${reminder.text}”`,
      paintingId: reminder.paintingId,
      wishes: [{ kind: 'reminder', id: reminder.id, body: reminder, seen }],
    }),
  )

export const removeReminder = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => ({
    what: `Removed the reminder “${(await findOrRefuse(trx, 'reminder', id)).text}”`,
    wishes: [{ kind: 'reminder', id, body: null, seen }],
  }))
