/** Alarms of heaps, kept in this browser by the palette that set them, and rung by whichever page is looked at. */
export interface Alarm {
  readonly id: string
  /** When it rings, and when the heap sets; ms since 1970. */
  readonly at: number
  readonly sets: number
  readonly says: string
  readonly address: string
}

const key = 'grelta.alarms'
const rungKey = 'grelta.alarms.rung'

function read<Value>(name: string, none: Value): Value {
  try {
    return (JSON.parse(localStorage.getItem(name) ?? 'null') as Value | null) ?? none
  } catch {
    return none
  }
}

function write(name: string, value: unknown): void {
  try {
    localStorage.setItem(name, JSON.stringify(value))
  } catch {
    // A browser that keeps nothing rings only while the palette is looked at.
  }
}

type ByPalette = Readonly<Record<string, readonly Alarm[]>>

/** The alarms of one palette, in place of those it had. */
export function setAlarms(palette: string, alarms: readonly Alarm[]): void {
  const { [palette]: before, ...others } = read<ByPalette>(key, {})
  if (JSON.stringify(before ?? []) === JSON.stringify(alarms)) return
  write(key, alarms.length > 0 ? { ...others, [palette]: alarms } : others)
}

/** Alarms that are due and were not heard yet. An alarm long past says nothing any more. */
export function alarmsDue(now: number): readonly Alarm[] {
  const rung = read<readonly string[]>(rungKey, [])
  return Object.values(read<ByPalette>(key, {}))
    .flat()
    .filter(({ id, at, sets }) => at <= now && now < sets + longPastMs && !rung.includes(id))
}

const longPastMs = 12 * 3600_000
const mostRemembered = 200

/** The painter has heard it. */
export const heard = (id: string): void =>
  write(rungKey, [...read<readonly string[]>(rungKey, []), id].slice(-mostRemembered))
