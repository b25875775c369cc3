import type { Climate } from '../cure/climate.ts'
import { stateDaysFromTable } from '../cure/table.ts'

/** A weighed streak of paint: dried through, or its oil washed out with spirit and the powder dried. */
export interface Streak {
  readonly how: 'dried' | 'washed'
  readonly wetG: number
  readonly leftG: number
}

/** Oil of a tube as its streaks tell it, % by mass, with how sure that is; or why they do not. */
export type OilTold =
  { readonly percent: number; readonly low: number; readonly high: number } | { readonly problem: string }

/** What a dried oil film has gained on its own weight at most; anchors b01, linseed. */
export const gain = { low: 0.1, mid: 0.14, high: 0.18 } as const
const oilBounds = [3, 90] as const

/**
 * Oil by mass. A washed streak leaves the powder: oil = 1 - left/wet. A dried one has gained oxygen on its oil: oil =
 * (left/wet - 1)/0.14, 0.10 to 0.18 (an estimate). Washed streaks are the surer ones and count alone where there are any.
 */
export function oilByStreaks(streaks: readonly Streak[]): OilTold | null {
  if (streaks.length === 0) return null
  const washed = streaks.filter(({ how }) => how === 'washed')
  const told = washed.length > 0 ? washed : streaks
  const kept = told.reduce((sum, { leftG }) => sum + leftG, 0) / told.reduce((sum, { wetG }) => sum + wetG, 0)
  const [low, mid, high] =
    washed.length > 0
      ? ([1 - kept, 1 - kept, 1 - kept] as const)
      : ([(kept - 1) / gain.high, (kept - 1) / gain.mid, (kept - 1) / gain.low] as const)
  if (washed.length === 0 && kept <= 1)
    return {
      problem:
        'The streak lost weight, so there is solvent or water in it: how much oil, it does not tell. Wash one out instead.',
    }
  const [least, most] = [oilBounds[0] / 100, oilBounds[1] / 100]
  if (mid < least || mid > most)
    return {
      problem: `That comes to ${Math.round(100 * mid)}\u00a0% oil, which no tube holds. Weigh it again.`,
    }
  return {
    percent: 100 * mid,
    low: Math.max(100 * low, oilBounds[0]),
    high: Math.min(100 * high, oilBounds[1]),
  }
}

/** A streak of the painter's own that was touch dry after so many days in a known room. */
export interface DryingTest {
  readonly thicknessUm: number
  readonly touchDays: number
  readonly climate: Climate
}

const factorBounds = { low: 0.05, high: 20 } as const

/**
 * Drying speed of a tube over the book's, from its own drying tests: the factor on its rate with which the model gives
 * the days seen (bisection on the table); of several tests the geometric mean.
 */
export function rateTimesByTests(bookRate: number, tests: readonly DryingTest[]): number | null {
  if (tests.length === 0 || !(bookRate > 0)) return null
  const logs = tests.map((test) => Math.log(rateTimes(bookRate, test)))
  return Math.exp(logs.reduce((sum, one) => sum + one, 0) / logs.length)
}

function rateTimes(bookRate: number, { thicknessUm, touchDays, climate }: DryingTest): number {
  let [low, high]: [number, number] = [Math.log(factorBounds.low), Math.log(factorBounds.high)]
  for (let round = 0; round < 40; round++) {
    const mid = (low + high) / 2
    const rate = bookRate * Math.exp(mid)
    const days = stateDaysFromTable({ thicknessUm, rate }, climate).touch ?? Infinity
    if (days > touchDays) low = mid
    else high = mid
  }
  return Math.exp((low + high) / 2)
}
