import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { logDryingOf, logPace, paceSteps, paceTable } from '../../src/core/cure/pace.ts'

const drying = fc.record({
  rate: fc.double({ min: 0.1, max: 10, noNaN: true }),
  start: fc.double({ min: 0.5, max: 2, noNaN: true }),
  through: fc.double({ min: 0.5, max: 2, noNaN: true }),
})

describe('the pace of a film over its cured fraction', () => {
  it('read off its table in straight lines is the pace by its formula', () => {
    fc.assert(
      fc.property(drying, fc.double({ min: 0, max: 0.999, noNaN: true }), (film, cured) => {
        const logs = logDryingOf(film)
        const table = paceTable(logs)
        const step = Math.floor(cured * paceSteps)
        const part = cured * paceSteps - step
        const read = table[step]! * (1 - part) + table[step + 1]! * part
        const { lnRate, lnStart, lnThrough } = logs
        expect(read / Math.exp(logPace(lnRate, lnStart, lnThrough, cured))).to.be.closeTo(1, 3e-3)
      }),
    )
  })
  it('of raw linseed is one from start to end', () => {
    expect(new Set(paceTable(logDryingOf({ rate: 1 })))).to.deep.equal(new Set([1]))
  })
})
