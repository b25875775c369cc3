import { exposures } from './exposures.ts'

/** What gives off vapour: so much of a mix spread over some hours, or an open vessel for as long as it stands open. */
export type VapourSource =
  | {
      readonly solvent: string
      readonly grams: number
      readonly fromHour?: number | undefined
      readonly overHours: number
    }
  | {
      readonly solvent: string
      readonly openAreaCm2: number
      readonly fromHour: number
      readonly toHour: number
    }

/** Vapour given off evenly, from one hour of the day to another. */
export interface Emission {
  readonly solvent: string
  readonly gPerHour: number
  readonly from: number
  readonly to: number
}

const gasConstant = 8.314
/** For air that passes at 3 mm/s; truly a third to double of it. */
const massTransfer = 10.8

/** What an open vessel gives off, g/h: 10.8 A × 1000 p M / (R T), A m², p Pa, M kg/mol (reckonings.md, Vapour; model). */
export function openJarGPerHour(solvent: string, areaCm2: number, temperatureC = 20): number {
  const { vapourKPa, molarG } = exposures[solvent]!
  const kelvin = temperatureC + 273.15
  return (
    (massTransfer * (areaCm2 / 1e4) * 1000 * (vapourKPa.mid * 1000) * (molarG / 1000)) /
    (gasConstant * kelvin)
  )
}

export function emissionOf(source: VapourSource): Emission {
  const { solvent } = source
  if ('grams' in source) {
    const from = source.fromHour ?? 0
    return { solvent, gPerHour: source.grams / source.overHours, from, to: from + source.overHours }
  }
  const { openAreaCm2, fromHour: from, toHour: to } = source
  return { solvent, gPerHour: openJarGPerHour(solvent, openAreaCm2), from, to }
}
