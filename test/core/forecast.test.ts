import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import {
  chanceBy,
  daysAtChance,
  forecastOf,
  isReached,
  isUnlikelyPass,
  passedOn,
  spreadOf,
  stateOn,
} from '../../src/core/cure/forecast.ts'
import type { Evidence } from '../../src/core/cure/forecast.ts'
import { seeded } from '../../src/core/seeded.ts'
import { stateIds } from '../../src/core/cure/states.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'

const days = stateDaysFromTable({ thicknessUm: 60, rate: 0.9 })
const thickness = fc.double({ min: 5, max: 3000, noNaN: true })
const rate = fc.double({ min: 0.1, max: 8, noNaN: true })
const chance = fc.double({ min: 0.02, max: 0.98, noNaN: true })

describe('a forecast', () => {
  it('a surer date is a later one, and states come in their order', () => {
    fc.assert(
      fc.property(thickness, rate, chance, chance, (thicknessUm, speed, a, b) => {
        const forecast = forecastOf(stateDaysFromTable({ thicknessUm, rate: speed }), thicknessUm)
        const [less, more] = [Math.min(a, b), Math.max(a, b)]
        for (const state of stateIds) {
          const [sooner, later] = [daysAtChance(forecast, state, less), daysAtChance(forecast, state, more)]
          if (sooner !== null) expect(later!).to.be.at.least(sooner - 1e-9)
        }
        const likely = (state: (typeof stateIds)[number]): number =>
          daysAtChance(forecast, state, 0.5) ?? Infinity
        expect(likely('touch')).to.be.at.most(likely('firm'))
        expect(likely('firm')).to.be.at.most(likely('cured'))
      }),
    )
  })
  it('the chance on the day at a chance is that chance', () => {
    fc.assert(
      fc.property(thickness, chance, (thicknessUm, share) => {
        const forecast = forecastOf(stateDaysFromTable({ thicknessUm, rate: 1 }), thicknessUm)
        const day = daysAtChance(forecast, 'touch', share)!
        expect(chanceBy(forecast, 'touch', day)).to.be.closeTo(share, 2e-3)
      }),
    )
  })
  it('a faster paint, or a thinner film, is touch dry sooner', () => {
    fc.assert(
      fc.property(thickness, rate, (thicknessUm, speed) => {
        const touch = (um: number, of: number): number =>
          stateDaysFromTable({ thicknessUm: um, rate: of }).touch!
        expect(touch(thicknessUm, speed * 1.3)).to.be.below(touch(thicknessUm, speed))
        expect(touch(thicknessUm * 1.5, speed)).to.be.at.least(touch(thicknessUm, speed) * 0.999)
      }),
    )
  })
  it('is less sure of a thick film than of a thin one, up to a millimetre', () => {
    expect(spreadOf(50)).to.equal(spreadOf(200))
    expect(spreadOf(500)).to.be.within(spreadOf(200), spreadOf(1000))
    expect([spreadOf(1000), spreadOf(5000)]).to.deep.equal([0.8, 0.8])
  })
})

describe('a finger on the layer', () => {
  const on = (day: number, state: Evidence['state'], reached: boolean): Evidence => ({ day, state, reached })
  const after = (...evidence: Evidence[]) => forecastOf(days, 60, evidence)
  const touch = days.touch!

  it('that found it wet puts the date off; that found it dry brings what follows nearer', () => {
    const plain = daysAtChance(after(), 'firm', 0.5)!
    expect(daysAtChance(after(on(touch * 1.4, 'touch', false)), 'firm', 0.5)!).to.be.above(plain)
    expect(daysAtChance(after(on(touch * 0.5, 'touch', true)), 'firm', 0.5)!).to.be.below(plain)
  })
  it('that found it firm found it touch dry too', () => {
    const forecast = after(on(9, 'firm', true))
    expect(passedOn(forecast, 'touch')).to.equal(9)
    expect(passedOn(forecast, 'cured')).to.equal(null)
    expect(chanceBy(forecast, 'touch', 9)).to.equal(1)
  })
  it('that failed rules out every day before it', () => {
    const forecast = after(on(touch * 2, 'touch', false))
    for (const share of [0.3, 1, 1.9]) expect(chanceBy(forecast, 'touch', touch * share)).to.equal(0)
    expect(chanceBy(forecast, 'touch', touch * 6)).to.be.above(0.5)
  })
  it('of two that contradict each other the later counts', () => {
    const wetLater = after(on(3, 'touch', true), on(6, 'touch', false))
    expect(passedOn(wetLater, 'touch')).to.equal(null)
    expect(chanceBy(wetLater, 'touch', 5)).to.equal(0)
    const dryLater = after(on(6, 'touch', false), on(7, 'touch', true))
    expect(passedOn(dryLater, 'touch')).to.equal(7)
  })
  it('never makes a date come before the test that failed, however far off the book was', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 400, noNaN: true }), chance, (day, share) => {
        expect(daysAtChance(after(on(day, 'touch', false)), 'touch', share)!).to.be.at.least(day * 0.999)
      }),
    )
  })
  it('moves the states it did not test by their correlation, and no further', () => {
    const wetAt = (z: number): Evidence => on(touch * Math.exp(0.35 * z), 'touch', false)
    const shares = Array.from({ length: 400 }, (_, at) => (at + 0.5) / 400)
    for (const z of [-1, 0, 1]) {
      const forecast = after(wetAt(z))
      const mean =
        shares.reduce(
          (sum, share) => sum + Math.log(daysAtChance(forecast, 'cured', share)! / days.cured!),
          0,
        ) / 400
      // Of a normal cut off below z the mean is φ(z)/(1 − Φ(z)); the other states follow by 0.6 of it.
      const cutOff = { [-1]: 0.2876, 0: 0.7979, 1: 1.5251 }[z]!
      expect(mean / 0.35, `cut off at ${z}`).to.be.closeTo(0.6 * cutOff, 0.01)
    }
  })
  it('that passed when hardly any layer would have counts for its own state only', () => {
    const plainly = after()
    const plain = daysAtChance(plainly, 'firm', 0.5)!
    const early = after(on(touch * 0.3, 'touch', true))
    expect([0.3, 0.7].map((of) => isUnlikelyPass(plainly, 'touch', touch * of))).to.deep.equal([true, false])
    expect(passedOn(early, 'touch')).to.equal(touch * 0.3)
    expect(daysAtChance(early, 'firm', 0.5)!).to.be.closeTo(plain, 0.01 * plain)
  })
  it('keeps the states in their order', () => {
    const wet = after(on(days.cured! * 2, 'touch', false))
    for (const state of stateIds) expect(daysAtChance(wet, state, 0.05)!).to.be.at.least(days.cured! * 1.99)
  })
  it('a day is told by the furthest state more likely reached than not', () => {
    expect(stateOn(after(), 0.01)).to.equal('wet')
    expect(stateOn(after(), touch * 1.05)).to.equal('touch dry')
    expect(isReached(after(), 'firm', days.firm! * 1.1)).to.equal(true)
  })
})

describe('the generator of numbers', () => {
  it('gives the same for the same seed, spread evenly', () => {
    const [a, b] = [seeded(7), seeded(7)]
    const drawn = Array.from({ length: 4000 }, () => a())
    expect(drawn.slice(0, 5)).to.deep.equal(Array.from({ length: 5 }, () => b()))
    expect(drawn.reduce((sum, one) => sum + one, 0) / drawn.length).to.be.closeTo(0.5, 0.02)
    expect(Math.min(...drawn)).to.be.at.least(0)
    expect(Math.max(...drawn)).to.be.below(1)
  })
})
