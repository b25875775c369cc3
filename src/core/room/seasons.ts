import type { Climate } from '../cure/climate.ts'

/** How a place goes through the year where no reading says so. */
export const seasonIds = ['steady', 'north', 'south', 'log'] as const
export type SeasonId = (typeof seasonIds)[number]

export const seasonNames: Readonly<Record<SeasonId, string>> = {
  steady: 'as set, all year',
  north: 'typical months, north of the equator',
  south: 'typical months, south of the equator',
  log: 'as last year’s readings had it',
}

/**
 * How a heated studio of a temperate country differs from its mean of the year in the middle of each month, January first:
 * °C, and points of humidity. Typical, an estimate.
 */
const byMonth: readonly (readonly [warmer: number, damper: number])[] = [
  [-2.2, -6],
  [-2.1, -6],
  [-1.6, -5],
  [-0.7, -3],
  [0.4, 1],
  [1.8, 4],
  [2.8, 6],
  [2.7, 6],
  [1.2, 5],
  [-0.4, 3],
  [-1.5, -1],
  [-2, -4],
]

const yearDays = 365.2425
const monthDays = yearDays / 12

/** The climate of a place on a day of the year by typical months, between them evenly. */
export function typicalOn(day: number, mean: Climate, season: 'north' | 'south'): Climate {
  const ofYear = (((day % yearDays) + yearDays) % yearDays) + (season === 'south' ? yearDays / 2 : 0)
  const at = ofYear / monthDays - 0.5
  const [before, along] = [Math.floor(at), at - Math.floor(at)]
  const monthAt = (month: number) => byMonth[((month % 12) + 12) % 12]!
  const [from, to] = [monthAt(before), monthAt(before + 1)]
  const between = (one: 0 | 1): number => from[one] * (1 - along) + to[one] * along
  return {
    temperatureC: mean.temperatureC + between(0),
    relativeHumidityPct: Math.min(100, Math.max(0, mean.relativeHumidityPct + between(1))),
    light: mean.light,
  }
}
