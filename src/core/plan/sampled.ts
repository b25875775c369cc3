import { daysIfLaid } from '../cure/forecast.ts'
import type { Forecast } from '../cure/forecast.ts'
import { normalQuantile } from '../cure/normal.ts'
import type { RoomClock } from '../cure/roomClock.ts'
import type { StateId } from '../cure/states.ts'

/** A film drawn many times: its pace is one of so many, evenly likely; the tails of a model say nothing. */
export const paces = 2048
const chanceOf = (draw: number): number => (draw + 0.5) / paces
const spreads = Float64Array.from({ length: paces }, (_, draw) => normalQuantile(chanceOf(draw)))

/**
 * Thousands of films that each reach a state, side by side in memory so that a draw runs through them without looking
 * anything up: what a film is under (its step), its likely days, its spread, days of rest after it, and its room.
 */
export interface Reaches {
  /** Adds one; without a forecast it is there as soon as its step went on. */
  readonly add: (step: number, forecast: Forecast | null, state: StateId, restDays: number) => void
  readonly count: () => number
  /** The latest day any of those from one place to another is reached, if each step went on when `laid` says. */
  readonly latest: (from: number, to: number, laid: Float64Array, draws: Uint16Array) => number
}

const [stepAt, modelAt, sigmaAt, restAt, roomAt] = [0, 1, 2, 3, 4]
const stride = 5
const noRoom = -1

export function reaches(): Reaches {
  const told: number[] = []
  const rooms: RoomClock[] = []
  /** What was tested, or has no time of its own, is rare and goes the long way. */
  const rare = new Map<number, (laidDay: number, draw: number) => number>()
  let packed: Float64Array | null = null

  const roomOf = (room: RoomClock | null): number => {
    if (!room) return noRoom
    const known = rooms.indexOf(room)
    return known >= 0 ? known : rooms.push(room) - 1
  }
  const add: Reaches['add'] = (step, forecast, state, restDays) => {
    packed = null
    if (!forecast) return void told.push(step, 0, 0, restDays, noRoom)
    const { days, sigma, evidence, room } = forecast
    const isPlain = days[state] !== null && evidence.length === 0
    if (!isPlain)
      rare.set(
        told.length / stride,
        (laidDay, draw) => laidDay + (daysIfLaid(forecast, state, chanceOf(draw), laidDay) ?? Infinity),
      )
    told.push(step, isPlain ? days[state]! : NaN, sigma, restDays, roomOf(room))
  }
  const dayOf = (all: Float64Array, at: number, laidDay: number, draw: number): number => {
    const base = at * stride
    const model = all[base + modelAt]!
    if (model !== model) return rare.get(at)!(laidDay, draw)
    const steady = model * Math.exp(all[base + sigmaAt]! * spreads[draw]!)
    const room = all[base + roomAt]!
    return laidDay + (room === noRoom ? steady : rooms[room]!.calendarDays(laidDay, steady))
  }
  const table = (): Float64Array => (packed ??= Float64Array.from(told))
  return {
    add,
    count: () => told.length / stride,
    latest: (from, to, laid, draws) => {
      const all = packed ?? table()
      let last = -Infinity
      for (let at = from; at < to; at++) {
        const step = all[at * stride + stepAt]!
        const laidDay = laid[step]!
        const rested = laidDay + all[at * stride + restAt]!
        const reached = dayOf(all, at, laidDay, draws[step]!)
        if (rested > last) last = rested
        if (reached > last) last = reached
      }
      return last
    },
  }
}
