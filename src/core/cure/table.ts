import { referenceClimate, referenceDiffusionUm2PerDay, referenceSpeedPerDay, roomSpeed } from './climate.ts'
import type { Climate } from './climate.ts'
import { clamp } from '../clamp.ts'
import { logDryingOf, logPace } from './pace.ts'
import type { Drying } from './pace.ts'
import { stateIds } from './states.ts'
import type { StateDays, StateId } from './states.ts'
import { logDays, rates, thicknessesUm } from './tableData.ts'

export interface SingleLayer extends Drying {
  readonly thicknessUm: number
}

const logThicknesses = thicknessesUm.map(Math.log)
const logRates = rates.map(Math.log)

/** Index below `value` in a rising axis, and how far along to the next; held to the axis at both ends. */
function place(axis: readonly number[], value: number): readonly [number, number] {
  let index = 0
  while (index < axis.length - 2 && axis[index + 1]! <= value) index++
  return [index, clamp((value - axis[index]!) / (axis[index + 1]! - axis[index]!), 0, 1)]
}

/**
 * State times of a layer on its own, interpolated from a table the solver filled (science.md, Cure: a layer's times scale
 * with the room's speed, its depth with the square root of diffusion over speed). Driers hurry only the part of the time
 * that oxygen's way in does not take. Within about 4 % of the solver from 5 µm to 6 mm; touch of a film over 200 µm,
 * away from 21 °C, within about 20 %.
 */
export function stateDaysFromTable(
  { thicknessUm, rate, start = 1, through = 1 }: SingleLayer,
  climate: Climate = referenceClimate,
): StateDays {
  if (!(rate > 0)) return { touch: null, firm: null, set: null, varnishSoft: null, cured: null }
  const speed = roomSpeed(climate)
  const slowness = referenceSpeedPerDay / speed.perDay
  const equalUm =
    thicknessUm *
    Math.sqrt(speed.perDay / speed.um2PerDay / (referenceSpeedPerDay / referenceDiffusionUm2PerDay))
  const [row, down] = place(logThicknesses, Math.log(equalUm))
  const [column, along] = place(logRates, Math.log(rate))
  // Beyond the slowest rate tabulated the reaction alone decides, so time goes as one over the rate.
  const beyond = rate < rates[0]! ? rates[0]! / rate : 1
  const dried = start !== 1 || through !== 1
  const days = {} as Record<StateId, number | null>
  stateIds.forEach((id, state) => {
    const [upper, lower] = [logDays[state]![row]!, logDays[state]![row + 1]!]
    const corners = [upper[column]!, upper[column + 1]!, lower[column]!, lower[column + 1]!] as const
    if (corners.some((corner) => corner === null)) {
      days[id] = null
      return
    }
    const [a, b, c, d] = corners
    const reference =
      Math.exp((a * (1 - along) + b * along) * (1 - down) + (c * (1 - along) + d * along) * down) * beyond
    days[id] =
      slowness *
      (dried ? withDriers(id, state, reference, column, along, beyond, { rate, start, through }) : reference)
  })
  return days
}

const curedAtState: Readonly<Record<StateId, number>> = {
  touch: 0.35,
  firm: 0.55,
  set: 0.6,
  varnishSoft: 0.75,
  cured: 0.88,
}

function withDriers(
  id: StateId,
  state: number,
  days: number,
  column: number,
  along: number,
  beyond: number,
  layer: Drying,
): number {
  const thinnest = logDays[state]![0]!
  const reaction = Math.min(
    days,
    Math.exp((thinnest[column] ?? 0) * (1 - along) + (thinnest[column + 1] ?? 0) * along) * beyond,
  )
  const plain = reactionTime(curedAtState[id], { ...layer, start: 1, through: 1 })
  return days - reaction + (reaction * reactionTime(curedAtState[id], layer)) / plain
}

/** Time of a thin film to cured fraction x, in units of 1/k. */
function reactionTime(x: number, layer: Drying): number {
  const { lnRate, lnStart, lnThrough } = logDryingOf(layer)
  const pieces = 40
  let time = 0
  for (let piece = 0; piece < pieces; piece++) {
    const at = ((piece + 0.5) * x) / pieces
    time += x / pieces / (Math.exp(logPace(lnRate, lnStart, lnThrough, at)) * (1 - at) ** 3)
  }
  return time
}
