import { windowOf } from '../core/cure/forecast.ts'
import type { Evidence } from '../core/cure/forecast.ts'
import { stateIds } from '../core/cure/states.ts'
import type { StateDays } from '../core/cure/states.ts'
import type { DryingParts } from '../core/film/dries.ts'
import type { Interval } from '../core/learn/learn.ts'

/** What checks found of one film, for learning: by whose film it is, a layer's or a swatch's. */
export interface Observed extends Interval {
  readonly of: string
}

/** A film that was tried by hand. Days and evidence are of the steady room. */
export interface TriedFilm {
  readonly of: string
  readonly parts: DryingParts
  readonly thicknessUm: number
  readonly bookDays: StateDays
  readonly evidence: readonly Evidence[]
}

/** One interval for each state that was tried: from the last check it failed to the first it passed. */
export function observationsOf({
  of,
  parts,
  thicknessUm,
  bookDays,
  evidence,
}: TriedFilm): readonly Observed[] {
  const inTime = [...evidence].sort((a, b) => a.day - b.day)
  const told = stateIds.flatMap((state) => {
    const { after, by } = windowOf(
      state,
      inTime.filter((test) => test.state === state),
    )
    const book = bookDays[state]
    return book === null || (after === null && by === null) ? [] : [{ book, after, by }]
  })
  return told.map(({ book, after, by }, at) => ({
    ...parts,
    of,
    thicknessUm,
    bookDays: book,
    failDays: after,
    passDays: by,
    isFirst: at === 0,
  }))
}
