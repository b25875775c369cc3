import type { CheckId } from '../../core/cure/checks.ts'
import { forecastOf, isUnlikelyPass, windowOf } from '../../core/cure/forecast.ts'
import type { Evidence } from '../../core/cure/forecast.ts'
import { stateIds } from '../../core/cure/states.ts'
import type { StateDays } from '../../core/cure/states.ts'
import type { DryingParts } from '../../core/film/dries.ts'
import type { Interval } from '../../core/learn/interval.ts'

import type { FingerDocument } from '../finger.ts'
import { evidenceOf } from './fingers.ts'

/** What a hand on a film said, and which: days of the steady room. */
export interface TriedEvidence extends Evidence {
  readonly finger: string
  readonly check: CheckId
  /** The minute of it. */
  readonly at: string
}

/** A film that was tried by hand, a layer's or a swatch's; what there is to learn from. */
export interface TriedFilm {
  readonly of: string
  /** What it is called, and on which picture; null: it is a swatch. */
  readonly name: string
  readonly picture: string | null
  readonly parts: DryingParts
  readonly thicknessUm: number
  /** By the book, in the steady room. */
  readonly bookDays: StateDays
  readonly evidence: readonly TriedEvidence[]
}

/** A hand on a film laid on a day, told by which it was. */
export const triedBy = (finger: Pick<FingerDocument, 'id' | 'at' | 'check' | 'passed'>, laidDay: number) => ({
  ...evidenceOf(finger, laidDay),
  finger: finger.id,
  check: finger.check,
  at: finger.at,
})

/**
 * One interval for each state that was tried: from the last check it failed to the first it passed. A pass that hardly a
 * film of the book would have given by then was asked about; it counts for its own layer and teaches nothing of others.
 */
export function intervalsOf({ parts, thicknessUm, bookDays, evidence }: TriedFilm): readonly Interval[] {
  const book = forecastOf(bookDays, thicknessUm)
  const inTime = evidence
    .filter(({ state, reached, day }) => !reached || !isUnlikelyPass(book, state, day))
    .sort((a, b) => a.day - b.day)
  const told = stateIds.flatMap((state) => {
    const { after, by } = windowOf(
      state,
      inTime.filter((test) => test.state === state),
    )
    const days = bookDays[state]
    return days === null || (after === null && by === null) ? [] : [{ days, after, by }]
  })
  return told.map(({ days, after, by }, at) => ({
    ...parts,
    thicknessUm,
    bookDays: days,
    failDays: after,
    passDays: by,
    isFirst: at === 0,
  }))
}

/** The same film as if a hand had never been on it. */
export const withoutFinger = (film: TriedFilm, finger: string): TriedFilm => ({
  ...film,
  evidence: film.evidence.filter((one) => one.finger !== finger),
})
