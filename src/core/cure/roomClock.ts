/**
 * How a room that changes dries oil, against a steady one: its days are longer where it is colder (science.md §7: readings
 * enter through the time average of k_env). Oxygen's way through the film is taken to change along with it.
 */
export interface RoomClock {
  /** Days of the steady room that pass in so many days of the calendar, from a day on. */
  readonly steadyDays: (from: number, days: number) => number
  /** Days of the calendar in which so many days of the steady room pass. */
  readonly calendarDays: (from: number, steady: number) => number
}

/** A room slower than this has stopped; as a multiple of the steady one. */
const slowestPace = 0.01

/**
 * A clock from the pace of each day, the first at `firstDay`. Before it the first day's pace holds, after the last the mean
 * of the last year.
 */
export function roomClockOf(firstDay: number, paces: readonly number[]): RoomClock {
  const held = paces.map((pace) => Math.max(slowestPace, pace))
  const passed = new Float64Array(held.length + 1)
  held.forEach((pace, at) => (passed[at + 1] = passed[at]! + pace))
  const [first, end] = [held[0] ?? 1, passed[held.length]!]
  const yearBack = Math.min(365, held.length)
  const later = yearBack > 0 ? (end - passed[held.length - yearBack]!) / yearBack : 1

  /** Of each whole steady day, the day in which it begins: where to look from. */
  const nearby = new Int32Array(Math.ceil(end) + 1)
  for (let steady = 0, at = 0; steady < nearby.length; steady++) {
    while (at < held.length - 1 && passed[at + 1]! <= steady) at++
    nearby[steady] = at
  }

  const passedBy = (day: number): number => {
    const at = day - firstDay
    if (at <= 0) return at * first
    if (at >= held.length) return end + (at - held.length) * later
    const whole = Math.floor(at)
    return passed[whole]! + (at - whole) * held[whole]!
  }
  const dayWhen = (steady: number): number => {
    if (steady <= 0) return firstDay + steady / first
    if (steady >= end) return firstDay + held.length + (steady - end) / later
    let at = nearby[Math.floor(steady)]!
    while (passed[at + 1]! <= steady) at++
    return firstDay + at + (steady - passed[at]!) / held[at]!
  }
  return {
    steadyDays: (from, days) => passedBy(from + days) - passedBy(from),
    calendarDays: (from, steady) => dayWhen(passedBy(from) + steady) - from,
  }
}
