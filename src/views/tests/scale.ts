/** Days on a line: close to the beginning a day is wide, later it is narrow, as drying slows. */

export interface DayScale {
  readonly x: (day: number) => number
  readonly ticks: readonly { readonly day: number; readonly says: string }[]
}

const marks = [
  [1, '1 d'],
  [4, '4 d'],
  [10, '10 d'],
  [21, '3 wk'],
  [45, '6 wk'],
  [91, '3 mo'],
  [182, '6 mo'],
  [365, '1 yr'],
  [730, '2 yr'],
] as const

/** From the day it was laid to the last that matters, in so many units of width. */
export function dayScale(lastDay: number, width: number): DayScale {
  const last = Math.sqrt(Math.max(4, lastDay))
  const x = (day: number): number => (Math.sqrt(Math.max(0, Math.min(day, lastDay))) / last) * width
  const shown = marks.filter(([day]) => day <= lastDay)
  return {
    x,
    ticks: shown
      .filter(([day], at) => at === shown.length - 1 || x(shown[at + 1]![0]) - x(day) > 34)
      .map(([day, says]) => ({ day, says })),
  }
}
