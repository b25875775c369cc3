import { daysIfLaid } from '../cure/forecast.ts'
import type { Forecast } from '../cure/forecast.ts'
import type { StateId } from '../cure/states.ts'
import type { Gate } from '../practice/practice.ts'

/** What an undated layer may wait for in every layer beneath it, besides the gate. */
export interface Wait {
  readonly state: StateId
  /** 0..1 */
  readonly chance: number
}

/**
 * What the judge made of an undated layer's dates: the gate alone will do (`gate`), something more must be waited for, or
 * no date will do and the mixture has to change (`never`).
 */
export type Until = 'gate' | 'never' | Wait

/** What is tried in order until the judge finds nothing unsound (science.md §6, the planner never proposes what the judge refuses). */
export const untils: readonly Until[] = [
  'gate',
  { state: 'firm', chance: 0.5 },
  { state: 'firm', chance: 0.8 },
  { state: 'varnishSoft', chance: 0.5 },
  { state: 'cured', chance: 0.5 },
]

/** A layer in one of its areas. */
export interface Spot {
  readonly area: string
  readonly forecast: Forecast
  /** What it must reach there before the next layer. */
  readonly gate: Gate
  /** The step that takes the last of it off there; null: it stays. */
  readonly goneBy: number | null
  /** Of what took a film off and laid none: days until what is bared may be painted on. */
  readonly restDays?: number
}

/** Whether a film lies there to be touched, and has to dry. */
export const isFilm = ({ goneBy, restDays }: Spot): boolean => goneBy === null && restDays === undefined

/**
 * What a step waits for in all that lies under it: the gate of each; nothing, as what takes wet paint off; or a state, and
 * so many days of rest.
 */
export type Asks = 'gate' | 'nothing' | { readonly state: StateId; readonly restDays: number }

/**
 * Days from the day a spot was laid until a step that asks this may go on over it, at this chance; null: never.
 * @param laidDay the day it goes on, where that is not the one it was forecast for
 */
export function waitDays(
  asks: Asks,
  { forecast, gate, restDays = 0 }: Spot,
  chance: number,
  laidDay: number = forecast.laidDay,
): number | null {
  if (asks === 'nothing') return 0
  const state = asks === 'gate' ? gate : asks.state
  const days = daysIfLaid(forecast, state, chance, laidDay)
  return days === null ? null : Math.max(days, restDays, asks === 'gate' ? 0 : asks.restDays)
}

/** A layer waiting for its date, or with one. */
export interface StepIdea {
  readonly paintedDay: number | null
  /** A date the painter has set. */
  readonly plannedDay: number | null
  /** Goes on in the same sitting as the layer under it. */
  readonly wetInWet: boolean
  readonly until: Until
  readonly asks: Asks
  /** The day the ground is ready for oil; null: not told. */
  readonly groundReady: number | null
  /** Wherever it lies; nowhere while it cannot be made. */
  readonly spots: readonly Spot[]
}

/** A layer nobody has painted or dated yet, that waits for its gates alone. */
export const undatedStep = (spots: readonly Spot[]): StepIdea => ({
  paintedDay: null,
  plannedDay: null,
  wetInWet: false,
  until: 'gate',
  asks: 'gate',
  groundReady: null,
  spots,
})

/** A spot, and the layer whose it is by its place in the list. */
export interface StepSpot extends Spot {
  readonly step: number
}

/** A layer with what it waits for: every layer beneath it, in each area where it lies over it. */
export interface Step extends StepIdea {
  readonly over: readonly StepSpot[]
}

/** Joins layers, bottom first, to what lies under them. */
export function stepsOf(ideas: readonly StepIdea[]): readonly Step[] {
  const lying = new Map<string, StepSpot[]>()
  return ideas.map((idea, step) => {
    const over = idea.spots.flatMap(({ area }) =>
      (lying.get(area) ?? []).filter(({ goneBy }) => goneBy === null || goneBy >= step),
    )
    for (const spot of idea.spots) {
      const here = lying.get(spot.area) ?? []
      here.push({ ...spot, step })
      lying.set(spot.area, here)
    }
    return { ...idea, over }
  })
}
