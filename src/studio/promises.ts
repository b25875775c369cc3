import type { StateId } from '../core/cure/states.ts'
import { promisedOf } from '../core/plan/promise.ts'
import type { Promised, Wanted } from '../core/plan/promise.ts'
import type { Verdict } from '../core/severity.ts'
import type { Assessment } from '../document/judging/assess.ts'
import { leversOn } from '../document/dates/levers.ts'
import type { Picture } from '../document/picture/picture.ts'
import { needsOf, nextDate } from '../document/picture/pictureDates.ts'
import { dayOf } from '../core/plan/calendar.ts'
import type { Database } from '../store/database.ts'
import { judgedWithSolve } from './judge.ts'
import { loadPicture } from './pictures.ts'
import { gone } from './refused.ts'

/** What may be promised of a painting as it stands, and what each lever would buy. */
export interface PaintingPromise extends Promised {
  readonly id: string
  readonly title: string
  readonly wanted: Wanted | null
  readonly verdict: Verdict
  /** Null: not looked at yet. */
  readonly levers: readonly PulledLever[] | null
}

export interface PulledLever {
  readonly id: string
  readonly says: string
  readonly costs: string
  readonly chance: number
  /** Days it brings the likely day forward; negative: it puts it off. Null: it never comes so far. */
  readonly wins: number | null
  readonly verdict: Verdict
}

/** Tens of milliseconds a lever: for a worker. */
export async function paintingPromise(
  db: Database,
  id: string,
  now: string,
  asked: { readonly on: string | null; readonly needs: StateId | null; readonly withLevers: boolean },
): Promise<PaintingPromise> {
  const picture = await loadPicture(db, id, now)
  if (!picture) throw gone('painting')
  const next = nextDate(picture.painting, now.slice(0, 10))
  const on = asked.on ?? next?.on ?? null
  const needs = asked.needs ?? (next ? needsOf(next) : 'firm')
  const wanted = on === null ? null : { day: dayOf(on)!, needs }
  const { assessment } = judgedWithSolve(picture)
  const promised = promiseOf(assessment, wanted)
  return {
    ...promised,
    id,
    title: picture.painting.title,
    wanted,
    verdict: assessment.verdict,
    levers: !asked.withLevers ? null : wanted ? pulled(picture, assessment, wanted, promised) : [],
  }
}

function promiseOf({ layers, workingTime }: Assessment, wanted: Wanted | null): Promised {
  const steps = layers.map(({ step }) => step)
  return promisedOf(steps, workingTime, wanted)
}

/** What each lever would buy, the surest first. */
function pulled(
  picture: Picture,
  asItIs: Assessment,
  wanted: Wanted,
  before: Promised,
): readonly PulledLever[] {
  return leversOn(picture, wanted.needs)
    .map(({ id, says, costs, picture: changed, needs }) => {
      // A lesser promise leaves the picture as it is.
      const assessment = changed === picture ? asItIs : judgedWithSolve(changed).assessment
      const promised = promiseOf(assessment, { ...wanted, needs })
      const [was, is] = [before.days.sent, promised.days.sent]
      return {
        id,
        says,
        costs,
        chance: promised.chance ?? 0,
        wins: was && is ? was.likely - is.likely : null,
        verdict: assessment.verdict,
      }
    })
    .sort((a, b) => b.chance - a.chance)
}
