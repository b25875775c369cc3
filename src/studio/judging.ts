import { dayOf } from '../core/plan/calendar.ts'
import { countToJudge, keepAssessments, toJudge } from '../store/assessments.ts'
import type { Assessed } from '../store/assessments.ts'
import type { Database } from '../store/database.ts'
import { isToLearn } from '../store/known.ts'
import { keepLearnt } from './learning.ts'
import type { StudioLearnt } from './learning.ts'

/** Judging in the background: whatever has to be judged is, a few paintings at a time, off the thread that answers. */

export type Judge = (ids: readonly string[], now: string) => Promise<readonly Assessed[]>
/** Reckons anew what all checks teach. */
export type Learn = (now: string) => Promise<StudioLearnt>

export interface Judging {
  /** Begins, unless it is going on; ends when nothing is left to judge. */
  readonly begin: () => void
  /** Waits until all is judged, or so many ms; answers how many are left. */
  readonly settled: (patienceMs: number) => Promise<number>
}

/** So many paintings are judged at a time: half a second's work, so that what was just asked for is not kept waiting. */
const atATime = 24

export function judging(
  db: Database,
  { judge, learn }: { readonly judge: Judge; readonly learn: Learn },
  clock: () => string,
): Judging {
  let running: Promise<void> | null = null

  /** Paintings; one more may come of what is still to be learnt, and until that is known something is left. */
  const left = async (): Promise<number> =>
    (await countToJudge(db, dayOf(clock())!)) || Number(await isToLearn(db))

  async function work(): Promise<void> {
    for (;;) {
      const now = clock()
      const ids = await toJudge(db, dayOf(now)!, atATime)
      if (ids.length === 0) {
        if (!(await isToLearn(db))) return
        await keepLearnt(db, await learn(now), dayOf(now)!)
        continue
      }
      await keepAssessments(db, await judge(ids, now))
    }
  }

  const begin = (): void => {
    running ??= work()
      .catch((error: unknown) => console.error('Judging stopped; it is tried again at the next page.', error))
      .finally(() => {
        running = null
      })
  }

  return {
    begin,
    settled: async (patienceMs) => {
      if ((await left()) === 0) return 0
      begin()
      await Promise.race([running, new Promise((resolve) => setTimeout(resolve, patienceMs))])
      return left()
    },
  }
}
