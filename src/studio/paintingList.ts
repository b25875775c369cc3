import { practiceOf } from '../core/practice/practice.ts'
import type { Practice } from '../core/practice/practice.ts'
import { dayOf } from '../core/plan/calendar.ts'
import type { Verdict } from '../core/severity.ts'
import { stepsOfSummary } from '../document/summary.ts'
import { summariesByTitle } from '../store/assessments.ts'
import type { Summarised } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { countOf } from '../store/titles.ts'
import { practicesOf } from './practices.ts'
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
  /** The name of the practice it follows. */
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
  const practices = await practicesOf(db)
  const found = await summariesByTitle(db, { text, from, most: linesAtATime })
  return {
    count: await countOf(db, 'painting', text),
    entries: found.map((one) => entryOf(one, today, settings, practices)),
  }
}

function entryOf(
  { summary, painting }: Summarised,
  today: number,
  settings: Settings,
  practices: readonly Practice[],
): PaintingEntry {
  const { id, title, support, deadline } = painting
  const practice = practiceOf(painting.practice, practices).name
  const layers = summary?.layers ?? []
  const at = layers.findIndex(({ paintedDay }) => paintedDay === null)
  const date = summary ? datesOf(stepsOfSummary(summary), today, settings)[at] : undefined
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
    next: date
      ? {
          name: layers[at]!.name,
          day: date.day,
          certain: date.source !== 'unknown' && date.source !== 'unsound',
        }
      : null,
  }
}
