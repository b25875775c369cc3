import { roomSpeed } from '../cure/climate.ts'
import type { Climate } from '../cure/climate.ts'
import { stateDaysFromTable } from '../cure/table.ts'
import { openShare } from '../cure/workable.ts'
import type { BeforeDrinking } from '../film/film.ts'

/** Where a heap lies while it waits. */
export const keepings = ['open', 'glass', 'cold'] as const
export type Keeping = (typeof keepings)[number]

/** A heap was moved there then; minutes since some zero of the caller's. */
export interface Kept {
  readonly where: Keeping
  readonly minute: number
}

export const openUm = 100
const glassSlows = 2
/** A cold room or a refrigerator, °C; an estimate. */
const coldC = 5
/** From this share of solvent a heap stiffens as it leaves, long before its oil does anything. */
const setsUpFrom = 0.2
export const minutesADay = 24 * 60

/** How long a mixed heap can be worked, minutes in this room; null: nothing in it sets. */
export interface OpenTime {
  readonly minutes: number | null
  /** Stiffens in a quarter to a whole hour as its solvent leaves. */
  readonly setsUp: boolean
}

/** 0.15 of the touch time of a 100 µm film of the mix, driers and clove in it (reckonings.md, Open time). */
export function openTimeOf(film: BeforeDrinking, climate: Climate): OpenTime {
  const { start, through } = film.driers
  const thicknessUm = openUm * (1 - film.mix.volatile)
  const { touch } = stateDaysFromTable({ thicknessUm, rate: film.rate, start, through }, climate)
  return {
    minutes: touch === null ? null : openShare * touch * minutesADay,
    setsUp: film.mix.volatile >= setsUpFrom,
  }
}

/** How much slower the clock of a heap runs there than open in this room. */
export function slownessOf(where: Keeping, climate: Climate): number {
  if (where === 'open') return 1
  if (where === 'glass') return glassSlows
  const cold = { ...climate, temperatureC: Math.min(coldC, climate.temperatureC) }
  return roomSpeed(climate).perDay / roomSpeed(cold).perDay
}

/** The alarm comes this share of the open time before its end. */
const alarmBefore = 1 / 12

/** When the alarm of a heap rings and when it sets, on the clock its moves are told in, if it stays where it is. */
export interface HeapClock {
  readonly alarm: number
  readonly sets: number
}

/** The clock of a heap that lay here and there, first as mixed; null without an open time. */
export function clockOf(
  openMinutes: number | null,
  kept: readonly [Kept, ...Kept[]],
  climate: Climate,
): HeapClock | null {
  if (openMinutes === null) return null
  const reach = (worked: number): number => {
    let left = worked
    for (const [at, { where, minute }] of kept.entries()) {
      const slow = slownessOf(where, climate)
      const next = kept[at + 1]
      if (!next || left * slow <= next.minute - minute) return minute + left * slow
      left -= (next.minute - minute) / slow
    }
    return Infinity
  }
  return { alarm: reach(openMinutes * (1 - alarmBefore)), sets: reach(openMinutes) }
}
