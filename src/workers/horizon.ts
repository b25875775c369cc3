import { expose } from 'comlink'
import { outlooksOf } from '../document/dates/horizon.ts'
import type { EntryOutlook, Horizon, Plans } from '../document/dates/horizon.ts'

/** What the calendar's worker does: the chance of every date, the painter's hours shared. */
export interface Foreseeing {
  outlooks: (
    horizon: Horizon,
    plans: Plans,
    onProgress: (share: number) => void,
  ) => readonly EntryOutlook[] | null
}

const foreseeing: Foreseeing = {
  outlooks: (horizon, plans, onProgress) =>
    outlooksOf(horizon, plans, (share) => {
      onProgress(share)
      return true
    }),
}

expose(foreseeing)
