import { clamp } from '../clamp.ts'

/** The room a picture dries in. Light: 0.55 dark store, 1 room, 1.25 bright window. */
export interface Climate {
  readonly temperatureC: number
  readonly relativeHumidityPct: number
  readonly light: number
}

export const referenceClimate: Climate = { temperatureC: 21, relativeHumidityPct: 50, light: 1 }

const gasConstant = 8.314462618
const referenceKelvin = 294.15

/** How much faster a process of this activation energy (J/mol) runs than at 21 °C. */
const warmth = (temperatureC: number, activation: number): number =>
  Math.exp((-activation / gasConstant) * (1 / (temperatureC + 273.15) - 1 / referenceKelvin))

export const referenceSpeedPerDay = 0.17075
export const referenceDiffusionUm2PerDay = 4000

/** Speed of the oxygen reaction, per day (k_env), and of oxygen through the film, µm²/day (kappa). */
export function dryingSpeed({ temperatureC, relativeHumidityPct, light }: Climate): {
  readonly perDay: number
  readonly um2PerDay: number
} {
  return {
    perDay:
      referenceSpeedPerDay *
      warmth(temperatureC, 60000) *
      clamp(1 - 0.006 * (relativeHumidityPct - 50), 0.7, 1.05) *
      light,
    um2PerDay: referenceDiffusionUm2PerDay * warmth(temperatureC, 40000),
  }
}
