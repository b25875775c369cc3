import type { StateId } from '../../core/cure/states.ts'
import type { PaintingDocument, PictureDate, WorkState } from '../studio.ts'

/* Read off a painting without its schema. */

/** What a date is, as a painter says it. */
export const meetingNames: Readonly<Record<PictureDate['what'], string>> = {
  shown: 'shown',
  fetched: 'fetched',
  sent: 'sent',
  'handed-over': 'handed over',
}

/** How far every film has to have come by a date. */
export const needsOf = ({ needs }: PictureDate): StateId => needs ?? 'firm'

/** The next day a picture must meet, from a date on ("2026-11-24"); null: none is ahead. */
export const nextDate = ({ dates }: Pick<PaintingDocument, 'dates'>, today: string): PictureDate | null =>
  [...dates].sort((a, b) => a.on.localeCompare(b.on)).find(({ on }) => on >= today) ?? null

/** How far the work is, as a painter says it. */
export const workStateNames: Readonly<Record<WorkState, string>> = {
  idea: 'an idea',
  'in-work': 'in work',
  resting: 'resting',
  finished: 'finished',
  gone: 'gone',
}

/** In which order a list of paintings stands. */
export const paintingOrders = ['title', 'date', 'verdict'] as const
export type PaintingOrder = (typeof paintingOrders)[number]
