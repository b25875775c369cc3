import { linesAtATime, pageAsked } from '../listPage.ts'
import type { ListPage } from '../listPage.ts'
import { practiceOf } from '../../core/practice/shipped.ts'
import type { Practice } from '../../core/practice/practice.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import type { RoomClock } from '../../core/cure/roomClock.ts'
import type { Stage } from '../../core/finish/stageOf.ts'
import type { Verdict } from '../../core/severity.ts'
import { nextDate, paintingOrders } from '../../document/picture/pictureDates.ts'
import { isRemoval } from '../../core/stack/kinds.ts'
import { stepsOfSummary } from '../../document/judging/summarySteps.ts'
import type { SummaryLayer } from '../../document/judging/summary.ts'
import { countByVerdict, summariesOf } from '../../store/assessments.ts'
import type { PaintingsAsked, Summarised } from '../../store/assessments.ts'
import type { Database } from '../../store/database.ts'
import { practicesOf } from '../practices.ts'
import { roomsOf } from '../rooms.ts'
import { settingsOf } from '../settings.ts'
import { stageToday } from '../stageToday.ts'
import { datesOf } from './todayList.ts'
import { workStates } from '../../document/studio.ts'
import type { PictureDate, Settings, WorkState } from '../../document/studio.ts'

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
  readonly deadline: PictureDate | null
  readonly state: WorkState
  readonly client: string
  readonly place: string
  readonly bands: readonly Band[]
  /** Null until it was judged for the first time. */
  readonly verdict: Verdict | null
  readonly worst: string | null
  readonly next: { readonly name: string; readonly day: number; readonly certain: boolean } | null
  /** How far what is painted has come for packing; null until it was judged. */
  readonly stage: Stage | null
}

/** Paintings a page at a time, and how many of all that were asked for are how sound; those not yet judged are in neither. */
export interface PaintingPage extends ListPage<PaintingEntry> {
  readonly verdicts: Readonly<Record<Verdict, number>>
}

/** Whether a layer is a film that stays, as far as it can be told. */
const isThere = ({ kind, spots }: SummaryLayer): boolean =>
  !isRemoval(kind) && (spots.length === 0 || spots.some(({ goneBy }) => goneBy === null))

/** What of the paintings is listed; all of them by title where nothing is said. */
export type PaintingsQuery = Partial<Omit<PaintingsAsked, 'today'> & { readonly from: number }>

/** As it stands in an address. */
export const paintingsQuery = (search: URLSearchParams): PaintingsQuery => ({
  ...pageAsked(search),
  state: workStates.find((one) => one === search.get('state')) ?? null,
  order: paintingOrders.find((one) => one === search.get('order')) ?? 'title',
})

export async function paintingPage(
  db: Database,
  now: string,
  { text = '', state = null, order = 'title', from = 0 }: PaintingsQuery = {},
): Promise<PaintingPage> {
  const [today, settings] = [dayOf(now)!, await settingsOf(db)]
  const practices = await practicesOf(db)
  const rooms = await roomsOf(db, settings, now)
  const asked = { text, state, order, today: dateOf(today) }
  const found = await summariesOf(db, { ...asked, from, most: linesAtATime })
  const counts = await countByVerdict(db, asked)
  const countOf = (verdict: Verdict): number => counts.find((one) => one.verdict === verdict)?.count ?? 0
  return {
    count: counts.reduce((sum, { count }) => sum + count, 0),
    verdicts: { sound: countOf('sound'), watch: countOf('watch'), unsound: countOf('unsound') },
    entries: found.map((one) => entryOf(one, today, settings, practices, rooms.clockOf(one.painting))),
  }
}

function entryOf(
  { summary, painting }: Summarised,
  today: number,
  settings: Settings,
  practices: readonly Practice[],
  clock: RoomClock | null,
): PaintingEntry {
  const { id, title, support, state, client, place } = painting
  const practice = practiceOf(painting.practice, practices).name
  const layers = summary?.layers ?? []
  const at = layers.findIndex(({ paintedDay }) => paintedDay === null)
  const steps = summary ? stepsOfSummary(summary, clock) : []
  const date = datesOf(steps, today, settings)[at]
  return {
    id,
    title,
    support,
    practice,
    deadline: nextDate(painting, dateOf(today)),
    state,
    client,
    place,
    bands: layers.filter(isThere).map((layer) => ({
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
    stage: summary && stageToday(summary, steps, today),
  }
}
