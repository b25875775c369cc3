import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { forecastOf } from '../../src/core/cure/forecast.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'
import { lastReady } from '../../src/core/plan/backward.ts'
import { dateOf, dayOf } from '../../src/core/plan/calendar.ts'
import { stepsOf, undatedStep } from '../../src/core/plan/step.ts'
import type { StepIdea } from '../../src/core/plan/step.ts'
import { dangerTo } from '../../src/document/dates/danger.ts'
import type { Danger } from '../../src/document/dates/danger.ts'

const today = dayOf('2026-09-07')!
const time = { today, workingDays: Array.from({ length: 7 }, () => true), confidence: 0.8 }

/** A layer so thick, painted so many days ago; null: still to be painted. */
const laid = (thicknessUm: number, daysAgo: number | null, rate = 1): StepIdea => {
  const forecast = forecastOf(stateDaysFromTable({ thicknessUm, rate }), thicknessUm)
  return {
    ...undatedStep([{ area: '', forecast, gate: 'touch', goneBy: null }]),
    paintedDay: daysAgo === null ? null : today - daysAgo,
  }
}
const plan = stepsOf([laid(60, 20), laid(60, null), laid(20, null)])
const firmBy = Math.floor(lastReady(plan, 'firm', time)!.day)

const due = (day: number, steps = plan): Danger | null =>
  dangerTo({ dates: [{ what: 'sent', on: dateOf(day) }] }, steps, time)

describe('what threatens a date', () => {
  it('nothing, where there is no date ahead', () => {
    expect(dangerTo({ dates: [] }, plan, time)).to.equal(null)
    expect(due(today - 1)).to.equal(null)
  })
  it('a day too early for all to be firm: the layer that is last is named, and when it will be', () => {
    const thickBelow = stepsOf([laid(60, 20), laid(300, null), laid(20, null)])
    const { slowest, ready, latest } = due(firmBy, thickBelow)!
    expect({ slowest, latest }).to.deep.equal({ slowest: 1, latest: null })
    expect(Math.floor(ready!)).to.be.above(firmBy)
  })
  it('the day it is firm itself is in time, but begins to depend on today', () => {
    expect(due(firmBy)!.latest).to.be.within(today - 1, today + 1)
    expect(due(firmBy - 1)!.latest).to.equal(null)
  })
  it('with a week to spare nothing is said yet', () => {
    expect(due(firmBy + 7)).to.be.an('object')
    expect(due(firmBy + 12)).to.equal(null)
  })
  it('of a picture that is all painted only that it dries too late', () => {
    const painted = stepsOf([laid(60, 20), laid(200, 1)])
    const ready = Math.floor(lastReady(painted, 'firm', time)!.day)
    expect(due(ready, painted)).to.equal(null)
    expect(due(ready - 1, painted)).to.deep.include({ slowest: 1, latest: null })
  })
  it('a layer that never dries leaves its date without an answer', () => {
    const never = stepsOf([laid(60, 20), laid(60, null, 0)])
    expect(due(firmBy + 300, never)).to.deep.include({ slowest: null, ready: null })
  })
  it('law: what is safe for a day is safe for any later one', () => {
    const gravity = (danger: Danger | null): number => (danger === null ? 0 : danger.latest === null ? 2 : 1)
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 120 }), fc.integer({ min: 0, max: 60 }), (after, later) => {
        expect(gravity(due(today + after + later))).to.be.at.most(gravity(due(today + after)))
      }),
      { numRuns: 60 },
    )
  })
})
