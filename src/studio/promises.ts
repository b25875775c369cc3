import type { StateId } from '../core/cure/states.ts'
import { dayOf } from '../core/plan/calendar.ts'
import { promisedOf } from '../core/plan/promise.ts'
import type { Promised, Wanted } from '../core/plan/promise.ts'
import type { Verdict } from '../core/severity.ts'
import { leversOn } from '../document/dates/levers.ts'
import type { Lever } from '../document/dates/levers.ts'
import { needsOf, nextDate } from '../document/picture/pictureDates.ts'
import type { Database } from '../store/database.ts'
import { judgedWithSolve } from './judge.ts'
import { loadPicture } from './pictures.ts'
import { gone, refused } from './refused.ts'

/** What may be promised of a painting, as it stands or with one lever pulled. */
export interface PaintingPromise extends Promised {
  readonly id: string
  readonly title: string
  readonly wanted: Wanted | null
  readonly verdict: Verdict
  /** What may give; none where no day is wanted. */
  readonly levers: readonly OfferedLever[]
}

export type OfferedLever = Pick<Lever, 'id' | 'says' | 'costs'>

interface AskedPromise {
  readonly on: string | null
  readonly needs: StateId | null
  /** The lever that is pulled; null: as it stands. */
  readonly lever: string | null
}

const notOffered =
  'This would no longer help: the picture is another by now. Open what may be promised of it again.'

/** Tens of milliseconds, of a picture of many layers up to a second: for a worker. Refused where the lever is not offered. */
export async function paintingPromise(
  db: Database,
  id: string,
  now: string,
  asked: AskedPromise,
): Promise<PaintingPromise> {
  const picture = await loadPicture(db, id, now)
  if (!picture) throw gone('painting')
  const next = nextDate(picture.painting, now.slice(0, 10))
  const on = asked.on ?? next?.on ?? null
  const needs = asked.needs ?? (next ? needsOf(next) : 'firm')
  const levers = on === null ? [] : leversOn(picture, needs)
  const pulled = levers.find((lever) => lever.id === asked.lever)
  if (asked.lever !== null && !pulled) throw refused(notOffered)
  const wanted = on === null ? null : { day: dayOf(on)!, needs: pulled?.needs ?? needs }
  const { assessment } = judgedWithSolve(pulled?.picture ?? picture)
  const steps = assessment.layers.map(({ step }) => step)
  return {
    ...promisedOf(steps, assessment.workingTime, wanted),
    id,
    title: picture.painting.title,
    wanted,
    verdict: assessment.verdict,
    levers: levers.map(({ id, says, costs }) => ({ id, says, costs })),
  }
}
