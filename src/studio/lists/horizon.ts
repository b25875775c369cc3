import { dayOf } from '../../core/plan/calendar.ts'
import { workingDaysOf } from '../../document/picture/workingDays.ts'
import type { Horizon, HorizonEntry, HorizonLayer } from '../../document/dates/horizon.ts'
import { nextDate } from '../../document/picture/pictureDates.ts'
import type { SummaryLayer } from '../../document/judging/summary.ts'
import { openSummaries } from '../../store/assessments.ts'
import type { Summarised } from '../../store/assessments.ts'
import type { Database } from '../../store/database.ts'
import { roomsOf } from '../rooms.ts'
import { settingsOf } from '../settings.ts'

/** All that dries or is still painted along the calendar, what is due first; `most` of them. */
export async function horizonOf(db: Database, now: string, most = Infinity): Promise<Horizon> {
  const settings = await settingsOf(db)
  const rooms = await roomsOf(db, settings, now)
  const today = dayOf(now)!
  const open = (await openSummaries(db, today))
    .filter(({ summary }) => summary.layers.length > 0)
    .sort(
      (a, b) =>
        dueOf(a, now).localeCompare(dueOf(b, now)) || a.painting.title.localeCompare(b.painting.title),
    )
  const shown = open.slice(0, most)
  const keyOf = ({ painting }: Summarised): string => JSON.stringify(painting.moves)
  return {
    count: open.length,
    entries: shown.map((one): HorizonEntry => ({
      id: one.painting.id,
      title: one.painting.title,
      verdict: one.summary.verdict,
      layers: one.summary.layers.map(onCalendar),
      dates: one.painting.dates,
      room: keyOf(one),
    })),
    rooms: Object.fromEntries(shown.map((one) => [keyOf(one), rooms.roomOf(one.painting).paces])),
    time: {
      today,
      ...workingDaysOf(settings),
      confidence: settings.confidence,
      hoursADay: settings.hoursADay,
    },
    hoursALayer: settings.hoursALayer,
  }
}

/** What has no date comes last. */
const dueOf = ({ painting }: Summarised, now: string): string =>
  nextDate(painting, now.slice(0, 10))?.on ?? '9999'

const onCalendar = ({
  areas: _areas,
  wetThicknessUm: _wet,
  pigments: _pigments,
  need: _need,
  tubes: _tubes,
  teaches: _teaches,
  mixedOn: _mixedOn,
  ...layer
}: SummaryLayer): HorizonLayer => layer
