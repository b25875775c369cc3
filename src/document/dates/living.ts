import { solveCure } from '../../core/cure/solver.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { cureLayersOf } from '../../core/soundness/lay.ts'
import { assess } from '../judging/assess.ts'
import { folded, roomOf } from '../picture/picture.ts'
import { clockOfRoom, steadyDay } from '../picture/pictureRoom.ts'
import type { Picture } from '../picture/picture.ts'
import type { SolvedPicture } from '../picture/solved.ts'

/** How far one film has cured through its depth, day by day. */
export interface LivingFilm {
  readonly layerId: string
  /**
   * For each day: cured fraction, 0..1, at so many depths from its bottom to its surface; null: it is not there. Of a film
   * that does not dry by taking up oxygen nothing.
   */
  readonly profiles: readonly (readonly number[] | null)[] | null
}

/** The films of every area on a row of days: what a section through the picture would show. */
export interface LivingPicture {
  /** Days of the calendar, ascending. */
  readonly days: readonly number[]
  readonly areas: readonly { readonly area: string; readonly films: readonly LivingFilm[] }[]
}

/** So many depths of each film are kept. */
const depths = 10
/** So many days are looked at. */
const mostDays = 90

/** Days from one to another, close together at first. */
const daysBetween = (from: number, to: number): readonly number[] =>
  Array.from({ length: mostDays }, (_, at) => from + (to - from) * (at / (mostDays - 1)) ** 1.6)

/** Solves every area once more, keeping the profiles of all films on the way from one day to another. Slow: for a worker. */
export function livingOf(
  picture: Picture,
  findMaterial: FindMaterial,
  solved: SolvedPicture,
  [from, to]: readonly [number, number],
): LivingPicture {
  const { layers } = assess(picture, findMaterial, solved)
  const fold = folded(picture, findMaterial)
  const days = daysBetween(from, to)
  const clock = clockOfRoom(roomOf(picture))
  const onClock = (day: number): number => steadyDay(clock, day)
  return {
    days,
    areas: fold.areas.map(({ area, strata }) => {
      const films = cureLayersOf(strata, fold.events, (event) => onClock(layers[event]!.date.day))
      const { snapshots } = solveCure(films, onClock(to), picture.settings.climate, {
        snapshotDays: days.map(onClock),
      })!
      return {
        area: area.id,
        films: strata.map(({ event }, at) => ({
          layerId: picture.layers[event]!.id,
          profiles:
            films[at]!.rate > 0 ? snapshots.map((onDay) => (onDay[at] ? thinned(onDay[at]) : null)) : null,
        })),
      }
    }),
  }
}

/** The same profile at fewer depths. */
const thinned = (cells: readonly number[]): readonly number[] =>
  Array.from({ length: Math.min(depths, cells.length) }, (_, at, count = Math.min(depths, cells.length)) =>
    Number(cells[Math.floor(((at + 0.5) * cells.length) / count)]!.toFixed(3)),
  )

/** How far a film has cured through its depth on a day, as it was on the last day looked at before; null: not told. */
export function profileOn(
  { days, areas }: LivingPicture,
  area: string,
  layerId: string,
  day: number,
): readonly number[] | null {
  const film = areas.find((one) => one.area === area)?.films.find((one) => one.layerId === layerId)
  const at = days.findLastIndex((one) => one <= day + 1e-6)
  return film?.profiles?.[Math.max(0, at)] ?? null
}
