import { emissionOf } from './emission.ts'
import type { Emission, VapourSource } from './emission.ts'
import { exposures } from './exposures.ts'

/** Hours in which the air is changed otherwise: the windows thrown open for an hour. */
export interface Airing {
  readonly fromHour: number
  readonly toHour: number
  readonly airChangesPerHour: number
}

/** A room with air that mixes well: V dC/dt = G − n V C (science.md §10; a model, and guidance only). */
export interface AiredRoom {
  readonly roomM3: number
  /** How often an hour its air is changed. */
  readonly airChangesPerHour: number
  /** Default: never otherwise. */
  readonly aired?: readonly Airing[]
  /** So many hours are told. */
  readonly hours: number
  readonly sources: readonly VapourSource[]
}

export interface AirOverDay {
  readonly overTime: readonly { readonly hour: number; readonly mgPerM3: number }[]
  readonly peakMgPerM3: number
  /** The largest mean of any quarter of an hour, and that of the first eight hours. */
  readonly mean15MinMgPerM3: number
  readonly mean8hMgPerM3: number
  /** The eight-hour mean over the guidance; null: a solvent has none. */
  readonly fractionOfStrictLimit: number | null
  readonly fractionOfCommonLimit: number | null
  /** Hours after the last source ends until a tenth of the strict guidance; null: never, or there is no guidance. */
  readonly clearAfterHours: number | null
  /** Least air changes, all day, that keep the highest moment under the strict guidance; 0: none is needed. */
  readonly airChangesToStayBelowStrict: number | null
  /** Whether any of it sensitises: then no fraction says anything to a sensitised person. */
  readonly sensitiser: boolean
}

/** Air with a vapour in it, from one change of what gives off, or of the windows, to the next. */
interface Piece {
  readonly from: number
  readonly to: number
  /** Changes of air an hour. */
  readonly n: number
  /** mg/m³ an hour that what gives off adds, were nothing carried away. */
  readonly added: number
  readonly start: number
}

const quarter = 0.25
const workDay = 8

/** One or several vapours through the day: the concentration, what it adds up to, and its highest. */
interface Course {
  readonly at: (hour: number) => number
  /** From the beginning to an hour, concentration × hours. */
  readonly doseTo: (hour: number) => number
  readonly peak: number
  /** Hours after this one, from which nothing gives off any more, until it is no more than this; null: never. */
  readonly fallsTo: (level: number, from: number) => number | null
}

/** How much each vapour counts: 1 for mg/m³, else a share of its guidance. */
type Weight = (solvent: string) => number

/** How often an hour the air is changed, and the hours at which that changes. */
interface Changes {
  readonly at: (hour: number) => number
  readonly edges: readonly number[]
}

const steadily = (n: number): Changes => ({ at: () => n, edges: [] })

const changesIn = ({ airChangesPerHour, aired = [] }: AiredRoom): Changes => ({
  at: (hour) =>
    aired.find(({ fromHour, toHour }) => fromHour <= hour && hour < toHour)?.airChangesPerHour ??
    airChangesPerHour,
  edges: aired.flatMap(({ fromHour, toHour }) => [fromHour, toHour]).filter((hour) => hour > 0),
})

function courseOf(
  emissions: readonly Emission[],
  changes: Changes,
  roomM3: number,
  weightOf: Weight,
): Course {
  const turns = [...emissions.flatMap(({ from, to }) => [from, to]), ...changes.edges]
  const edges = [...new Set([0, ...turns])].sort((a, b) => a - b)
  const pieces: Piece[] = []
  edges.forEach((from, at) => {
    const to = edges[at + 1] ?? Infinity
    const giving = emissions.filter((one) => one.from <= from && one.to >= to)
    const added = giving.reduce((sum, one) => sum + (1000 * one.gPerHour * weightOf(one.solvent)) / roomM3, 0)
    const before = pieces.at(-1)
    pieces.push({ from, to, n: changes.at(from), added, start: before ? within(before, from) : 0 })
  })
  return {
    at: (hour) =>
      within(
        pieces.findLast(({ from }) => from <= hour)!,
        hour,
      ),
    doseTo: (hour) =>
      pieces.reduce(
        (sum, piece) => (piece.from < hour ? sum + doseWithin(piece, Math.min(piece.to, hour)) : sum),
        0,
      ),
    // In between something begins or ends it only climbs or only falls.
    peak: Math.max(...pieces.map(({ start }) => start)),
    fallsTo: (level, from) => fallOf(pieces, level, from),
  }
}

/** Piece by piece: within one it falls as exp(−n t). */
function fallOf(pieces: readonly Piece[], level: number, from: number): number | null {
  for (const piece of pieces) {
    if (piece.to <= from) continue
    const begin = Math.max(from, piece.from)
    const high = within(piece, begin)
    if (high <= level) return begin - from
    const falls = Math.log(high / level) / piece.n
    if (falls < Infinity && begin + falls <= piece.to) return begin + falls - from
  }
  return null
}

/** The concentration at an hour of a piece. */
function within({ from, n, added, start }: Piece, hour: number): number {
  const passed = hour - from
  if (n === 0) return start + added * passed
  return added / n + (start - added / n) * Math.exp(-n * passed)
}

/** What a piece has added up to by an hour of it. */
function doseWithin({ from, n, added, start }: Piece, hour: number): number {
  const passed = hour - from
  if (n === 0) return start * passed + (added * passed ** 2) / 2
  return (added / n) * passed - ((start - added / n) * Math.expm1(-n * passed)) / n
}

/** The air of a room over a day; every solvent must have an exposure. */
export function airOverDay(room: AiredRoom): AirOverDay {
  const { roomM3, hours, sources } = room
  const emissions = sources.map(emissionOf)
  const all = emissions.map(({ solvent }) => exposures[solvent]!)
  const ofLimit = (which: 'strictMgPerM3' | 'commonMgPerM3', changes = changesIn(room)): Course | null =>
    all.some((one) => one[which] === null)
      ? null
      : courseOf(emissions, changes, roomM3, (solvent) => 1 / exposures[solvent]![which]!)
  const air = courseOf(emissions, changesIn(room), roomM3, () => 1)
  const ends = Math.max(0, ...emissions.map(({ to }) => to))
  const strict = ofLimit('strictMgPerM3')
  const meanOf = (course: Course | null): number | null => course && course.doseTo(workDay) / workDay
  return {
    overTime: Array.from({ length: Math.floor(hours / quarter + 1e-9) + 1 }, (_, at) => ({
      hour: at * quarter,
      mgPerM3: air.at(at * quarter),
    })),
    peakMgPerM3: air.peak,
    mean15MinMgPerM3: largestMean(air, Math.max(hours, ends)),
    mean8hMgPerM3: meanOf(air)!,
    fractionOfStrictLimit: meanOf(strict),
    fractionOfCommonLimit: meanOf(ofLimit('commonMgPerM3')),
    clearAfterHours: strict && strict.fallsTo(clearShare, ends),
    airChangesToStayBelowStrict: strict && leastChanges((n) => ofLimit('strictMgPerM3', steadily(n))!.peak),
    sensitiser: all.some(({ sensitises }) => sensitises),
  }
}

/** Clear is a tenth of the guidance. */
const clearShare = 0.1

/** The largest mean of any quarter of an hour, to about a tenth of a minute. */
function largestMean(air: Course, until: number): number {
  const steps = Math.ceil(Math.max(0, until) * 60)
  const meanFrom = (hour: number): number => (air.doseTo(hour + quarter) - air.doseTo(hour)) / quarter
  let [best, bestAt] = [0, 0]
  const look = (hour: number): void => {
    const mean = hour < 0 ? 0 : meanFrom(hour)
    if (mean > best) [best, bestAt] = [mean, hour]
  }
  for (let minute = 0; minute <= steps; minute++) look(minute / 60)
  const coarse = bestAt
  for (let part = -10; part <= 10; part++) look(coarse + part / 600)
  return best
}

/** The highest moment of a room, mg/m³; as it is aired, or at so many changes of air all day. */
export const peakOf = (room: AiredRoom, allDay?: number): number =>
  courseOf(
    room.sources.map(emissionOf),
    allDay === undefined ? changesIn(room) : steadily(allDay),
    room.roomM3,
    () => 1,
  ).peak

const mostChanges = 1e4

/** Least air changes at which something that more air only lowers is at most `most`; null: no airing would do. */
export function leastChanges(of: (changes: number) => number, most = 1): number | null {
  if (of(0) <= most) return 0
  if (of(mostChanges) > most) return null
  let [low, high] = [0, mostChanges]
  for (let round = 0; round < 60; round++) {
    const middle = (low + high) / 2
    if (of(middle) <= most) high = middle
    else low = middle
  }
  return high
}
