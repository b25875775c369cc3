import type { Meeting } from '../../core/plan/together.ts'
import { stateNames } from '../../core/cure/states.ts'
import type { EntryOutlook, HorizonEntry, Planned } from '../../document/dates/horizon.ts'
import { meetingsAhead } from '../../document/dates/horizon.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { meetingNames } from '../../document/picture/pictureDates.ts'
import type { PictureDate } from '../../document/studio.ts'
import { dayText } from '../../ui/format.ts'

/** A chance as a painter says it: "6 in 10". */
export const chanceInTen = (chance: number): string =>
  chance > 0.95
    ? 'over 9 in 10'
    : chance < 0.05
      ? 'under 1 in 10'
      : `${Math.max(1, Math.min(9, Math.round(10 * chance)))} in 10`

/** A date is safe from this chance on, and in doubt from that. */
const [safeFrom, doubtFrom] = [0.8, 0.5]
export const standingOf = (chance: number): 'sound' | 'watch' | 'unsound' =>
  chance >= safeFrom ? 'sound' : chance >= doubtFrom ? 'watch' : 'unsound'

/** A date a painting must meet, with its chance once it is foreseen. */
export interface Due extends Meeting {
  readonly what: PictureDate['what']
  readonly chance: number | null
  readonly latest: number | null
}

export function duesOf(
  entry: HorizonEntry,
  outlook: EntryOutlook | undefined,
  today: number,
): readonly Due[] {
  const ahead = entry.dates.filter(({ on }) => dayOf(on)! >= today - 1)
  return meetingsAhead(entry, today).map((meeting, at) => ({
    ...meeting,
    what: ahead[at]!.what,
    chance: outlook?.chances[at] ?? null,
    latest: outlook?.latest[at] ?? null,
  }))
}

export const dueWords = ({ what, day, needs, chance }: Due): string =>
  `${meetingNames[what]} ${dayText(day)}${chance === null ? '' : `: ${chanceInTen(chance)} that it is ${stateNames[needs]}`}`

/** The first sentence of the page: how many dates are ahead, and which is least safe. */
export function headline(dues: readonly (Due & { readonly title: string; readonly id: string })[]): {
  readonly says: string
  readonly more: string
  /** The painting whose date is least safe. */
  readonly worst: string | null
} {
  if (dues.length === 0)
    return { says: 'No date is promised', more: 'Give a painting a date on its Record.', worst: null }
  const ahead = dues.length === 1 ? 'One date ahead' : `${numberWords(dues.length)} dates ahead`
  const known = dues.filter((due) => due.chance !== null)
  if (known.length === 0) return { says: ahead, more: 'How safe they are is being foreseen.', worst: null }
  const risky = known.filter(({ chance }) => standingOf(chance!) !== 'sound')
  const [worst] = [...known].sort((a, b) => a.chance! - b.chance!)
  return {
    says: `${ahead}; ${risky.length === 0 ? 'all of them look safe' : risky.length === 1 ? 'one is not safe' : `${risky.length} are not safe`}`,
    more: `${worst!.title}: ${dueWords(worst!)}.`,
    worst: worst!.id,
  }
}

const numberWords = (count: number): string =>
  ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten'][count] ??
  String(count)

/** What a change of plan did to a painting: what goes on on another day, and which dates are lost or won. */
export function changeWords(
  entry: HorizonEntry,
  before: Planned,
  now: Planned,
  chances: readonly (readonly [before: number, now: number])[],
  dues: readonly Due[],
): string {
  const moved = entry.layers.flatMap(({ name, paintedDay }, at) => {
    const [was, is] = [before.dates[at]!.day, now.dates[at]!.day]
    return paintedDay === null && Math.abs(is - was) >= 0.5 ? [`${name} ${dayText(is)}`] : []
  })
  const dates = chances.flatMap(([was, is], at) =>
    chanceInTen(was) === chanceInTen(is)
      ? []
      : [
          `${meetingNames[dues[at]!.what]} ${dayText(dues[at]!.day)} ${is < was ? 'falls' : 'rises'} from ${chanceInTen(was)} to ${chanceInTen(is)}`,
        ],
  )
  return [...(moved.length > 0 ? [`Goes on: ${moved.join(', ')}`] : []), ...dates].join('. ')
}
