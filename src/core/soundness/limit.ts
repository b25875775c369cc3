import { figure } from '../figure.ts'
import type { Figure } from '../figure.ts'
import { shownScale } from '../practice/limitRow.ts'
import { limitTable } from '../practice/limits.ts'
import type { Limit, LimitKey } from '../practice/limits.ts'
import { about } from '../words.ts'

/** A value as its limit's table shows it. */
const shown = (key: LimitKey, value: number): number => shownScale(limitTable[key]) * value

/** The two levels of a limit, as a finding's *why* shows them. */
export function limitFigures(
  key: LimitKey,
  limit: Limit,
): { readonly watch: Figure; readonly unsound: Figure } {
  const { side, unit } = limitTable[key]
  return {
    watch: figure(`watch ${side}`, shown(key, limit.watch), unit),
    unsound: figure(`unsound ${side}`, shown(key, limit.unsound), unit),
  }
}

/** A value held against a limit, in words of the table. */
export const limitedFigure = (key: LimitKey, value: number): Figure =>
  figure(limitTable[key].label, shown(key, value), limitTable[key].unit)

/** One value of a limit that has no two levels. */
export const boundFigure = (key: LimitKey, value: number): Figure =>
  figure(`limit: ${limitTable[key].label}`, shown(key, value), limitTable[key].unit)

/** How far something moves, over where that becomes unsound: "1.4 times as much as the film can follow". */
export function timesBearable(value: number, limit: Limit): string {
  const times = value / limit.unsound
  const said = times < 1 ? 'nearly' : times < 1.05 ? 'fully' : `${about(times)} times`
  return `${said} as much as the film can follow`
}
