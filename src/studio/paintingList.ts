import { dayOf } from '../core/plan/calendar.ts'
import type { Verdict } from '../core/soundness/mismatch.ts'
import { stepsOf } from '../document/summary.ts'
import { summariesByTitle } from '../store/assessments.ts'
import type { Summarised } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { countOf } from '../store/titles.ts'
import { settingsOf } from './settings.ts'
import { datesOf } from './todayList.ts'
import type { Settings } from '../document/studio.ts'

/** One layer in a painting's strip. */
export interface Band {
  readonly id: string
  readonly wetThicknessUm: number
  readonly painted: boolean
  readonly pigments: readonly { readonly id: string; readonly share: number }[]
}

/** A painting as its list shows it. */
export interface PaintingEntry {
  readonly id: string
  readonly title: string
  readonly support: string
  readonly practice: string
  readonly deadline: string | null
  readonly bands: readonly Band[]
  /** Null until it was judged for the first time. */
  readonly verdict: Verdict | null
  readonly worst: string | null
  readonly next: { readonly name: string; readonly day: number; readonly certain: boolean } | null
}

/** One page of a list: how many there are in all, and these of them. */
export interface ListPage<Entry> {
  readonly count: number
  readonly entries: readonly Entry[]
}

/** So many lines of a list are sent at a time. */
export const linesAtATime = 30

export async function paintingPage(
  db: Database,
  now: string,
  { text = '', from = 0 } = {},
): Promise<ListPage<PaintingEntry>> {
  const [today, settings] = [dayOf(now)!, await settingsOf(db)]
  const found = await summariesByTitle(db, { text, from, most: linesAtATime })
  return {
    count: await countOf(db, 'painting', text),
    entries: found.map((one) => entryOf(one, today, settings)),
  }
}

function entryOf({ summary, painting }: Summarised, today: number, settings: Settings): PaintingEntry {
  const { id, title, support, practice, deadline } = painting
  const layers = summary?.layers ?? []
  const at = layers.findIndex(({ paintedDay }) => paintedDay === null)
  const date = summary ? datesOf(stepsOf(summary), today, settings)[at] : undefined
  return {
    id,
    title,
    support,
    practice,
    deadline,
    bands: layers.map((layer) => ({
      id: layer.id,
      wetThicknessUm: layer.wetThicknessUm,
      painted: layer.paintedDay !== null,
      pigments: layer.pigments,
    })),
    verdict: summary?.verdict ?? null,
    worst: summary?.worst?.severity === summary?.verdict ? (summary?.worst?.message ?? null) : null,
    next: date ? { name: layers[at]!.name, day: date.day, certain: date.source !== 'unknown' } : null,
  }
}
