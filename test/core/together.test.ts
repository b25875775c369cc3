import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { forecastOf } from '../../src/core/cure/forecast.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { earliestOf } from '../../src/core/plan/earliest.ts'
import { promisedOf, stepsTalkedOf } from '../../src/core/plan/promise.ts'
import { dayAt, shareBy, simulateReaching } from '../../src/core/plan/simulate.ts'
import { stepsOf } from '../../src/core/plan/step.ts'
import type { StepIdea } from '../../src/core/plan/step.ts'
import { simulateTogether } from '../../src/core/plan/together.ts'
import type { Project } from '../../src/core/plan/together.ts'
import { referenceClimate } from '../../src/core/cure/climate.ts'

const today = dayOf('2026-11-27')!
const weekdays = [true, true, true, true, true, false, false]
const time = { today, workingDays: weekdays, confidence: 0.8, hoursADay: 6 }
const layerOf = (um: number, rate: number, paintedDay: number | null = null): StepIdea => ({
  ...{ paintedDay, plannedDay: null, wetInWet: false, until: 'gate', asks: 'gate', groundReady: null },
  spots: [
    {
      area: '',
      gate: 'touch',
      goneBy: null,
      forecast: forecastOf(stateDaysFromTable({ thicknessUm: um, rate }), um),
    },
  ],
})
const project = (layers: readonly StepIdea[], hours: number, due: number): Project => ({
  steps: stepsOf(layers),
  hours: layers.map(() => hours),
  meets: [{ day: today + due, needs: 'firm' }],
})
const three = [layerOf(30, 1, today - 5), layerOf(60, 1), layerOf(20, 1)]

describe('a queue of what is ready', () => {
  it('law: gives back everything, the earliest first', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -1e6, max: 1e6, noNaN: true })), (days) => {
        const queue = earliestOf<number>()
        days.forEach((day, at) => queue.put(day, at))
        const taken: number[] = []
        for (let next = queue.take(); next; next = queue.take()) taken.push(next.day)
        expect(taken).to.deep.equal([...days].sort((a, b) => a - b))
      }),
    )
  })
})

describe('pictures that share a painter’s hours', () => {
  it('one alone has the chance it has by itself', () => {
    const one = project(three, 2, 40)
    const [outlook] = simulateTogether([one], time)!
    const alone = simulateReaching(one.steps, ['firm'], time, 2000).firm!
    expect(outlook!.chances[0]).to.be.closeTo(shareBy(alone, today + 41), 0.05)
  })
  it('the same plan has the same draws', () => {
    const all = [project(three, 2, 40), project(three, 3, 35)]
    expect(simulateTogether(all, time)).to.deep.equal(simulateTogether(all, time))
  })
  it('with more to do than a day holds, somebody waits', () => {
    const busy = Array.from({ length: 30 }, () => project(three, 6, 40))
    const chances = simulateTogether(busy, time, { draws: 300 })!.map(({ chances: [chance] }) => chance!)
    const [alone] = simulateTogether([busy[0]!], time, { draws: 300 })!
    expect(Math.min(...chances)).to.be.below(alone!.chances[0]! - 0.2)
  })
  it('law: an hour more a day never makes the whole later', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 8 }), fc.integer({ min: 2, max: 8 }), (hoursADay, count) => {
        const all = Array.from({ length: count }, () => project(three, 2, 60))
        const lastFirm = (hours: number) =>
          Math.max(
            ...simulateTogether(all, { ...time, hoursADay: hours }, { draws: 60 })!.map(
              ({ firm }) => firm![1],
            ),
          )
        expect(lastFirm(hoursADay + 2)).to.be.at.most(lastFirm(hoursADay) + 1e-9)
      }),
      { numRuns: 12 },
    )
  })
  it('stops when it is told to, and says how far it is', () => {
    const told: number[] = []
    const stopped = simulateTogether([project(three, 2, 40)], time, {
      onProgress: (share) => told.push(share) < 3,
    })
    expect(stopped).to.equal(null)
    expect(told).to.deep.equal([0, 0.025, 0.05])
  })
  it('what never dries meets no day', () => {
    const [outlook] = simulateTogether([project([layerOf(60, 0)], 2, 400)], time, { draws: 50 })!
    expect(outlook).to.deep.equal({ chances: [0], firm: null })
  })
})

describe('a promise before it is given (C94)', () => {
  const glazes = (rate: number, gate: 'touch' | 'firm') =>
    promisedOf(
      stepsTalkedOf(new Array(3).fill({ thicknessUm: 20, rate, gate }), referenceClimate, null),
      { ...time, workingDays: [true, true, true, true, true, true, false] },
      { day: today + 35, needs: 'firm' },
    )
  it('three glazes in five weeks: unlikely in slow oil, far likelier with alkyd', () => {
    expect(glazes(0.7, 'firm').chance).to.be.below(0.1)
    expect(glazes(1.9, 'touch').chance).to.be.above(0.5)
  })
  it('dry comes before sent, sent before varnished, each earliest, likely, safe', () => {
    const { dry, sent, varnished } = glazes(1, 'touch').days
    for (const days of [dry!, sent!, varnished!])
      expect(days.earliest).to.be.below(days.likely).and.below(days.safe)
    expect(dry!.likely).to.be.below(sent!.likely)
    expect(sent!.likely).to.be.below(varnished!.likely)
  })
  it('a picture of forty layers, drawn less often, is promised for about the same days', () => {
    const steps = stepsOf(Array.from({ length: 40 }, () => layerOf(25, 1)))
    const { firm } = simulateReaching(steps, ['firm'], time, 1500)
    const { sent } = promisedOf(steps, time, null).days
    expect(sent!.likely - today).to.be.closeTo(dayAt(firm!, 0.5) - today, 0.05 * (sent!.likely - today))
    expect(sent!.safe - today).to.be.closeTo(dayAt(firm!, 0.9) - today, 0.05 * (sent!.safe - today))
  })
})
