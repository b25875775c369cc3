import { clamp } from '../clamp.ts'

/** The room a picture dries in. Light: 0.55 dark store, 1 room, 1.25 bright window. */
export interface Climate {
  readonly temperatureC: number
  readonly relativeHumidityPct: number
  readonly light: number
}

export const referenceClimate: Climate = { temperatureC: 21, relativeHumidityPct: 50, light: 1 }

/** Drying is forecast between these, °C. */
export const forecastBounds = { coldestC: 5, hottestC: 35 } as const

const gasConstant = 8.314462618
const referenceKelvin = 294.15
const activationJPerMol = 60000

export const referenceSpeedPerDay = 0.17075
export const referenceDiffusionUm2PerDay = 4000

export interface RoomSpeed {
  /** Of the oxygen reaction (k_env). */
  readonly perDay: number
  /** Of oxygen through the film (kappa), before the film's own material has its say. */
  readonly um2PerDay: number
}

/**
 * How fast a room dries oil (science.md, Cure). Passage follows the reaction by its two-third power, so that a colder,
 * darker or damper room is never sooner.
 */
export function roomSpeed({ temperatureC, relativeHumidityPct, light }: Climate): RoomSpeed {
  const warmth = Math.exp(
    (-activationJPerMol / gasConstant) * (1 / (temperatureC + 273.15) - 1 / referenceKelvin),
  )
  const relative = warmth * clamp(1 - 0.006 * (relativeHumidityPct - 50), 0.7, 1.05) * light
  return {
    perDay: referenceSpeedPerDay * relative,
    um2PerDay: referenceDiffusionUm2PerDay * relative ** (2 / 3),
  }
}

/** What a film's own drying speed does to the oxygen passing through it; 1 where it takes no part. */
export const passageOf = (rate: number): number => (rate > 0 ? clamp(rate, 0.1, 10) ** 0.2 : 1)
