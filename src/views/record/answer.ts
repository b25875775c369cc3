import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { meetingNames, nextDate, workStateNames } from '../../document/picture/pictureDates.ts'
import { dayText, upperFirst } from '../../ui/format.ts'

/** How far off a day is, as a painter says it. */
function awayText(days: number): string {
  if (days <= 0) return 'today'
  if (days === 1) return 'tomorrow'
  return days < 14
    ? `in ${days} days`
    : days < 120
      ? `in ${Math.round(days / 7)} weeks`
      : `in ${Math.round(days / 30.4)} months`
}

/** Where a picture stands, in a sentence or two: state, place, what is next, what it must meet. */
export function answerOf({ painting, layers, today }: Picture, { layers: assessed }: Assessment): string {
  const { state, place, client } = painting
  const at = layers.findIndex(({ painted }) => !painted)
  const date = assessed[at]?.date
  const isDated = date && (date.source === 'forecast' || date.source === 'planned')
  const meeting = nextDate(painting, dateOf(today))
  const days = meeting ? dayOf(meeting.on)! - Math.floor(today) : 0
  return [
    `${upperFirst(workStateNames[state])}${place && `, ${place}`}${client && `; for ${client}`}.`,
    layers.length === 0 && 'Nothing is painted or planned yet.',
    at >= 0 && `Next: ${layers[at]!.name}, ${isDated ? `from ${dayText(date.day)}` : 'no date yet'}.`,
    at < 0 && layers.length > 0 && 'All that was planned is done.',
    meeting &&
      `${upperFirst(meetingNames[meeting.what])} ${awayText(days)}, on ${dayText(dayOf(meeting.on)!)}.`,
  ]
    .filter(Boolean)
    .join(' ')
}
