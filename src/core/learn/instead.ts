import { learn } from './learn.ts'
import type { Learnt } from './learn.ts'
import type { Interval } from './interval.ts'
import { inverseOf, solved } from './matrix.ts'
import { observationsIn, pull, slopeAt } from './posterior.ts'

/** Of so many films one changes so little that a single step of Newton's finds what the others say. */
const manyFilms = 40

/** By the place of a film: what is told of it instead; nothing, where it is left out. */
export type Instead = ReadonlyMap<number, readonly Interval[]>

/**
 * What films would say had some of them told something else (reckonings.md, Learning), asked as often as one likes.
 * @param films the intervals of each
 * @param all what they say together
 */
export function sayingInstead(
  films: readonly (readonly Interval[])[],
  all: Learnt,
): (instead: Instead) => Learnt {
  if (films.length < manyFilms)
    return (instead) =>
      learn(
        films.flatMap((intervals, at) => instead.get(at) ?? intervals),
        all,
      )
  const { names, ln } = all
  const together = slopeAt(ln, names, observationsIn(films.flat(), names))
  return (instead) => {
    const slope = [...together.slope]
    const bend = together.bend.map((row) => [...row])
    for (const [at, intervals] of instead) {
      for (const one of observationsIn(films[at]!, names)) pull({ slope, bend }, ln, one, -1)
      for (const one of observationsIn(intervals, names)) pull({ slope, bend }, ln, one, 1)
    }
    const step = solved(bend, slope)
    return { names, ln: ln.map((value, at) => value + step[at]!), covariance: inverseOf(bend) }
  }
}
