/** Timers kept in this browser: several at once, each with a name, running on through reloads and other pages. */
export interface Timer {
  readonly id: string
  readonly name: string
  readonly minutes: number
  /** Begins again by itself each time it is heard. */
  readonly repeats: boolean
  /** When it rings; ms since 1970. */
  readonly at: number
}

/** What a painter waits for most. */
export const usualTimers = [
  { name: 'Soak', minutes: 10, repeats: false },
  { name: 'Another tool', minutes: 5, repeats: true },
  { name: 'Half a day', minutes: 6 * 60, repeats: false },
  { name: 'Overnight', minutes: 12 * 60, repeats: false },
] as const

const key = 'grelta.timers'
const msAMinute = 60_000

export function timers(): readonly Timer[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '[]')
    return Array.isArray(kept) ? (kept as readonly Timer[]) : []
  } catch {
    return []
  }
}

function keep(all: readonly Timer[]): void {
  try {
    localStorage.setItem(key, JSON.stringify(all))
  } catch {
    // A browser that keeps nothing forgets its timers with the page.
  }
}

export function startTimer(told: Pick<Timer, 'name' | 'minutes' | 'repeats'>, now: number): Timer {
  const timer = { ...told, id: `${now}-${timers().length}`, at: now + told.minutes * msAMinute }
  keep([...timers(), timer])
  return timer
}

export const stopTimer = (id: string): void => keep(timers().filter((timer) => timer.id !== id))

/** The painter has heard it: it goes, or, if it repeats, begins again from now. */
export const timerHeard = (id: string, now: number): void =>
  keep(
    timers().flatMap((timer) => {
      if (timer.id !== id) return [timer]
      return timer.repeats ? [{ ...timer, at: now + timer.minutes * msAMinute }] : []
    }),
  )

export const isDue = ({ at }: Timer, now: number): boolean => at <= now

/** What is left of it: "4:05", "2 h 10 min"; of one that is due how long since. */
export function leftWords({ at }: Timer, now: number): string {
  const seconds = Math.round(Math.abs(at - now) / 1000)
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60]
  const words =
    hours > 0 ? `${hours} h ${minutes} min` : `${minutes}:${String(seconds % 60).padStart(2, '0')}`
  return at > now ? words : `since ${words}`
}

/** The same where room is short: "4:05", "11 h 59". */
export const leftShort = (timer: Timer, now: number): string => leftWords(timer, now).replace(/ min$/, '')
