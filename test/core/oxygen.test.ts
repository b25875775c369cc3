import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { advance, airIn, fastestIn, settle } from '../../src/core/cure/air.ts'
import { referenceClimate } from '../../src/core/cure/climate.ts'
import { cellCounts, emptyColumn, lay } from '../../src/core/cure/column.ts'
import type { Column, CureLayer } from '../../src/core/cure/column.ts'

const film = fc.record({
  thicknessUm: fc.double({ min: 10, max: 400, noNaN: true }),
  rate: fc.oneof(fc.constant(0), fc.double({ min: 0.3, max: 5, noNaN: true })),
  q: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
  appliedDay: fc.constant(0),
})

/** A stack with each of its films cured so far, and its oxygen. */
function settled(films: readonly CureLayer[], cured: number) {
  const counts = cellCounts(films, 1)
  const column: Column = emptyColumn(
    films,
    counts.reduce((sum, count) => sum + count, 0),
  )
  films.forEach((one, at) => lay(column, at, one, counts[at]!))
  column.x.fill(cured)
  const air = airIn(column, referenceClimate)
  settle(column, air, column.x)
  return { column, air }
}

/** What each cell has of what the one above it has, from the ground up; the top one, of what is at the surface. */
const sharesIn = (films: readonly CureLayer[], cured: number): readonly number[] => [
  ...settled(films, cured).air.share.subarray(1),
]

describe('oxygen in a stack', () => {
  const stack = fc.tuple(
    fc.array(film, { minLength: 1, maxLength: 5 }),
    fc.double({ min: 0, max: 0.95, noNaN: true }),
  )
  it('is never more than at the surface, and never rises with depth', () => {
    fc.assert(
      fc.property(stack, ([films, cured]) => {
        for (const share of sharesIn(films, cured)) expect(share).to.be.within(0, 1 + 1e-12)
      }),
    )
  })
  it('is used up by nothing where nothing dries', () => {
    const shares = sharesIn([{ thicknessUm: 50, rate: 0, q: 0.5, appliedDay: 0 }], 0)
    expect(new Set(shares)).to.deep.equal(new Set([1]))
  })
  it('is scarcer under a film than without one', () => {
    const below = { thicknessUm: 200, rate: 1, q: 0.5, appliedDay: 0 }
    const atGround = (films: readonly CureLayer[]): number =>
      sharesIn(films, 0.2).reduce((oxygen, share) => oxygen * share, 1)
    expect(atGround([below, { ...below, thicknessUm: 80 }])).to.be.below(atGround([below]))
  })
  it('cures every cell it reaches, the fastest by no more than was told', () => {
    fc.assert(
      fc.property(stack, ([films, cured]) => {
        const { column, air } = settled(films, cured)
        const fastest = fastestIn(column, air, column.x)
        const after = new Float64Array(column.x.length)
        advance(column, air, column.x, 0.5, after)
        for (const [i, x] of after.entries()) {
          expect(x).to.be.at.least(column.x[i]! - 1e-12)
          expect(x - column.x[i]!).to.be.at.most(0.5 * fastest + 1e-12)
        }
      }),
    )
  })
})
