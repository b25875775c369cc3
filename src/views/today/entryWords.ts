import { undatedBecause } from '../../core/plan/forward.ts'
import { inTheArea } from '../../core/words.ts'
import { hourText } from '../../document/dateText.ts'
import type { TodayEntry, TouchSpot } from '../../studio/lists/todayList.ts'
import { dayText } from '../../ui/format.ts'

/** What may be done to a picture today, in a sentence. */
export function sentence({ next, touch, readiness }: TodayEntry, today: number): string {
  if (!next)
    return touch ? `All layers are painted. ${touch.name}: ${touch.state}.` : 'All layers are painted.'
  if (readiness === 'ready') {
    if (!touch) return `${next.name} can be painted: nothing lies under it.`
    if (next.closes !== null && today <= next.closes)
      return `${next.name} can be painted wet in wet until about ${hourText(next.closes, today)}.`
    return Math.floor(next.day) > Math.floor(today)
      ? `${next.name} can be painted; the next working day is ${dayText(next.day)}.`
      : `${next.name} can be painted.`
  }
  if (next.closes !== null && today > next.closes)
    return `${next.name} was to go on wet in wet; ${touch ? spotName(touch) : 'what lies under it'} has begun to set: it waits now, or goes another way.`
  if (readiness === 'touch') return `${next.name} may be possible: touch ${spotName(touch!)} first.`
  return next.source === 'unknown' || next.source === 'unsound'
    ? `No date for ${next.name}: ${undatedBecause[next.source]}.`
    : `Too early for ${next.name}: wait until about ${dayText(next.day)}.`
}

/** A layer, and where on the picture it decides. */
export const spotName = ({ name, area }: TouchSpot): string =>
  area === null ? name : `${name} ${inTheArea(area)}`

/** How a finger finds out. */
export const howTo = ({ gate }: TouchSpot): string =>
  gate === 'firm'
    ? 'Press a fingernail into the thickest spot you can spare: firm leaves no mark.'
    : 'Lay a clean finger lightly on the thickest spot: touch dry, nothing comes off and nothing sticks.'
