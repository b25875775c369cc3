import { clamp } from '../clamp.ts'
import { forecastOf } from '../cure/forecast.ts'
import type { Climate } from '../cure/climate.ts'
import type { RoomClock } from '../cure/roomClock.ts'
import type { StateId } from '../cure/states.ts'
import { stateDaysFromTable } from '../cure/table.ts'
import { latestStart } from './backward.ts'
import type { WorkingTime } from './forward.ts'
import { dayAt, shareBy, simulateReaching } from './simulate.ts'
import { stepsOf, undatedStep } from './step.ts'
import type { Step } from './step.ts'

/** What may be promised of a picture: when it is dry, may be sent and varnished, and how safe a day of theirs is. */

/** Days of the calendar: as early as one time in ten, as likely as not, and safe nine times in ten. */
export interface PromisedDays {
  readonly earliest: number
  readonly likely: number
  readonly safe: number
}

/** What a client asks about, and the state every film must have reached for it. */
export const promises = { dry: 'touch', sent: 'firm', varnished: 'varnishSoft' } as const satisfies Readonly<
  Record<string, StateId>
>
export type PromiseId = keyof typeof promises

export interface Wanted {
  readonly day: number
  readonly needs: StateId
}

export interface Promised {
  /** Null: some film never comes so far. */
  readonly days: Readonly<Record<PromiseId, PromisedDays | null>>
  /** Of the day that is wanted, 0..1; null: none is. */
  readonly chance: number | null
  /** The last working day to begin what is next, at the confidence; null: none, or no day is wanted. */
  readonly latest: number | null
}

const mostDraws = 1500
const fewestDraws = 200
/** So many films are waited for in all draws together, about; a picture of many layers is drawn less often. */
const drawnTogether = 200_000

function drawsFor(steps: readonly Step[]): number {
  const waitedFor = steps.reduce((sum, { over, spots }) => sum + over.length + spots.length, 0)
  return clamp(Math.round(drawnTogether / Math.max(1, waitedFor)), fewestDraws, mostDraws)
}

export function promisedOf(steps: readonly Step[], time: WorkingTime, wanted: Wanted | null): Promised {
  const asked = wanted ? [...Object.values(promises), wanted.needs] : Object.values(promises)
  const reached = simulateReaching<StateId>(steps, asked, time, drawsFor(steps))
  const daysOf = (state: StateId): PromisedDays | null => {
    const days = reached[state]
    return days && { earliest: dayAt(days, 0.1), likely: dayAt(days, 0.5), safe: dayAt(days, 0.9) }
  }
  const days = Object.fromEntries(
    Object.entries(promises).map(([id, state]) => [id, daysOf(state)]),
  ) as unknown as Promised['days']
  const wantedDays = wanted && reached[wanted.needs]
  return {
    days,
    chance: wanted && (wantedDays ? shareBy(wantedDays, Math.floor(wanted.day) + 1) : 0),
    latest: wanted && latestStart(steps, wanted, time),
  }
}

/** A layer of a picture that is only talked about. */
export interface TalkedLayer {
  readonly thicknessUm: number
  /** Drying speed, raw linseed = 1. */
  readonly rate: number
  readonly gate: 'touch' | 'firm'
}

/** The steps of a picture that is not begun, its films by the table, in a room. */
export const stepsTalkedOf = (
  layers: readonly TalkedLayer[],
  climate: Climate,
  room: RoomClock | null,
): readonly Step[] =>
  stepsOf(
    layers.map(({ thicknessUm, rate, gate }) => {
      const days = stateDaysFromTable({ thicknessUm, rate }, climate)
      return undatedStep([
        { area: '', gate, goneBy: null, forecast: forecastOf(days, thicknessUm, [], { room }) },
      ])
    }),
  )
