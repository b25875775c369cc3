import { chanceBy, daysAtChance, stateOn } from '../core/cure/forecast.ts'
import { dayOf } from '../core/plan/calendar.ts'
import type { Verdict } from '../core/soundness/mismatch.ts'
import type { Assessment, AssessedFinding } from '../document/assess.ts'
import type { Database } from '../store/database.ts'
import { judgedWithSolve, loadPictures } from './reading.ts'
import type { LoadedPicture } from './reading.ts'

export type Readiness = 'ready' | 'touch' | 'wait'

/** A layer that holds the next one back, or that a finger should tell us about. */
export interface TouchSpot {
  readonly layerId: string
  readonly name: string
  readonly paintedDay: number
  readonly gate: 'touch' | 'firm'
  /** Chance, 0..1, that the gate is reached by now. */
  readonly chance: number
  /** Days of the calendar at 10, 50 and 90 %. */
  readonly days: readonly [number, number, number] | null
  readonly state: string
}

export interface TodayEntry {
  readonly paintingId: string
  readonly title: string
  readonly size: string | null
  readonly readiness: Readiness
  /** The next layer to paint; null when all are painted. */
  readonly next: { readonly layerId: string; readonly name: string; readonly day: number; readonly certain: boolean } | null
  /** The layer that decides, and the ones a test would tell more of. */
  readonly touch: TouchSpot | null
  readonly verdict: Verdict
  readonly worst: AssessedFinding | null
}

/** Below this chance a finger would only confirm that it is too early. */
const worthTouching = 0.15

/** Every painting that has something to do, sorted by what can be done: paint, touch, wait. */
export async function todayIn(db: Database, now: string): Promise<readonly TodayEntry[]> {
  const entries = (await loadPictures(db, now)).flatMap((picture) => (picture.layers.length > 0 ? [entryOf(picture)] : []))
  const order: readonly Readiness[] = ['ready', 'touch', 'wait']
  return entries.sort((a, b) => order.indexOf(a.readiness) - order.indexOf(b.readiness) || (a.next?.day ?? Infinity) - (b.next?.day ?? Infinity))
}

function entryOf(picture: LoadedPicture): TodayEntry {
  const { assessment } = judgedWithSolve(picture)
  const { painting, layers, settings, today } = picture
  const at = layers.findIndex((layer) => !layer.paintedAt)
  const next = at < 0 ? null : assessment.layers[at]!
  const below = next ? next.step.over : layers.map((_, index) => index)
  const spots = below.flatMap((index) => {
    const spot = spotOf(picture, assessment, index)
    return spot ? [{ ...spot, exposed: isExposed(layers, index) }] : []
  })
  const least = Math.min(1, ...spots.map(({ chance }) => chance))
  const touch = spots.reduce<(typeof spots)[number] | null>(
    (slowest, spot) => (!spot.exposed || (slowest && slowest.chance <= spot.chance) ? slowest : spot),
    null,
  )
  const readiness: Readiness =
    !next ? 'wait'
    : least >= settings.confidence || layers[at]!.wetInWet ? 'ready'
    : touch && least >= worthTouching ? 'touch'
    : 'wait' // prettier-ignore
  return {
    paintingId: painting.id,
    title: painting.title,
    size: painting.widthCm && painting.heightCm ? `${painting.widthCm} × ${painting.heightCm} cm` : null,
    readiness,
    next: next && { layerId: next.id, name: layers[at]!.name, day: Math.max(next.date.day, today), certain: next.date.source !== 'unknown' },
    touch,
    verdict: assessment.verdict,
    worst: assessment.findings.find(({ severity }) => severity !== 'note') ?? null,
  }
}

/** Whether a finger can reach it: no painted layer covers the whole of it. */
const isExposed = (layers: LoadedPicture['layers'], index: number): boolean =>
  !layers
    .slice(index + 1)
    .some(
      (upper) =>
        upper.paintedAt && (upper.areas.length === 0 || (layers[index]!.areas.length > 0 && layers[index]!.areas.every((area) => upper.areas.includes(area)))),
    )

function spotOf({ layers, today }: LoadedPicture, assessment: Assessment, index: number): TouchSpot | null {
  const layer = layers[index]!
  const { forecast, step } = assessment.layers[index]!
  if (!layer.paintedAt || !assessment.layers[index]!.film) return null
  const paintedDay = dayOf(layer.paintedAt)!
  const days = [0.1, 0.5, 0.9].map((chance) => daysAtChance(forecast, step.gate, chance))
  return {
    layerId: layer.id,
    name: layer.name,
    paintedDay,
    gate: step.gate,
    chance: chanceBy(forecast, step.gate, today - paintedDay),
    days: days.includes(null) ? null : (days.map((day) => paintedDay + day!) as [number, number, number]),
    state: stateOn(forecast, today - paintedDay),
  }
}
