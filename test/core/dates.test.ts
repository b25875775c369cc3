import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { forecastOf } from '../../src/core/cure/forecast.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'
import {
  dateOf,
  dayOf,
  minuteOf,
  morning,
  nextWorkingMorning,
  weekdayOf,
} from '../../src/core/plan/calendar.ts'
import { monthsAfter } from '../../src/core/plan/months.ts'
import { forwardDates } from '../../src/core/plan/forward.ts'
import type { WorkingTime } from '../../src/core/plan/forward.ts'
import { stepsOf, undatedStep } from '../../src/core/plan/step.ts'
import type { Spot, StepIdea } from '../../src/core/plan/step.ts'
import { dayAt, shareBy, simulateReaching } from '../../src/core/plan/simulate.ts'

const weekdays = [true, true, true, true, true, false, false]
const today = dayOf('2026-11-25T09:00')!
const time: WorkingTime = { today, workingDays: weekdays, confidence: 0.8 }
const step = (rest: Partial<StepIdea & Spot> = {}, rate = 1, thicknessUm = 50): StepIdea => {
  const forecast = forecastOf(stateDaysFromTable({ thicknessUm, rate }), thicknessUm)
  const spots = [{ area: '', forecast, gate: 'touch' as const, goneBy: null, ...rest }]
  return { ...undatedStep(spots), ...rest }
}
const datesOf = (ideas: readonly StepIdea[], sure = time) => forwardDates(stepsOf(ideas), sure)

describe('dates of layers', () => {
  it('each goes on when what is under it is ready, on a day the studio works', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: 0.2, max: 5, noNaN: true }),
            fc.double({ min: 10, max: 400, noNaN: true }),
          ),
          {
            minLength: 2,
            maxLength: 7,
          },
        ),
        (layers) => {
          const steps = layers.map(([rate, um]) => step({}, rate, um))
          const dates = datesOf(steps)
          dates.forEach(({ day, source }, at) => {
            expect(source).to.equal('forecast')
            expect(weekdays[weekdayOf(day)]).to.equal(true)
            if (at > 0) expect(day).to.be.above(dates[at - 1]!.day)
          })
        },
      ),
    )
  })
  it('to be surer is to wait longer, never less', () => {
    const steps = [step({ paintedDay: today - 1 }), step()]
    const day = (confidence: number): number => datesOf(steps, { ...time, confidence })[1]!.day
    expect(day(0.5)).to.be.at.most(day(0.8))
    expect(day(0.8)).to.be.at.most(day(0.95))
  })
  it('a date the painter set is kept, but never before the layer under it', () => {
    const set = today + 40
    const [, kept] = datesOf([step({ paintedDay: today }), step({ plannedDay: set })])
    expect([kept!.day, kept!.source]).to.deep.equal([set, 'planned'])
    const [under, early] = datesOf([step({ plannedDay: set }), step({ plannedDay: today + 1 })])
    expect(early!.day).to.be.above(under!.day)
  })
  it('wet in wet goes on in the same sitting', () => {
    const [first, second] = datesOf([step(), step({ wetInWet: true })])
    expect(second!.day - first!.day).to.be.below(0.2)
  })
  it('over what may never be ready a layer is only pencilled in, and what lies over that too', () => {
    const never = { touch: null, firm: null, set: null, varnishSoft: null, cured: null }
    const dead = step({ paintedDay: today - 5, forecast: forecastOf(never, 50) })
    const dates = datesOf([dead, step(), step()])
    expect(dates.map(({ source }) => source)).to.deep.equal(['painted', 'unknown', 'unknown'])
  })
  it('what does not lie over one another does not wait for one another', () => {
    const slow = step({ paintedDay: today, gate: 'firm', area: 'sky' }, 0.2, 400)
    const [, apart, over] = datesOf([slow, step({ area: 'boat' }), step({ area: 'sky' })])
    expect(apart!.day).to.be.below(over!.day)
    expect(over!.waitsFor).to.equal(0)
  })
})

describe('what the judge asks for besides the gate', () => {
  const lower = step({ paintedDay: today })
  const dateWith = (until: StepIdea['until']) => datesOf([lower, step({ until })])[1]!
  it('puts the layer off, and both days are told', () => {
    const [byGate, byFirm] = [dateWith('gate'), dateWith({ state: 'firm', chance: 0.8 })]
    expect(byGate.gateDay).to.equal(null)
    expect(byFirm.day).to.be.above(byGate.day)
    expect(byFirm.gateDay).to.equal(byGate.day)
  })
  it('never puts a layer before its gate', () => {
    expect(dateWith({ state: 'touch', chance: 0.01 }).day).to.equal(dateWith('gate').day)
  })
  it('where no day will do there is none, nor for what lies over it', () => {
    const dates = datesOf([lower, step({ until: 'never' }), step()])
    expect(dates.map(({ source }) => source)).to.deep.equal(['painted', 'unsound', 'unknown'])
  })
  it('a picture is ready no sooner for it', () => {
    const ready = (until: StepIdea['until']): number =>
      dayAt(simulateReaching(stepsOf([lower, step({ until })]), ['firm'], time, 400).firm!, 0.5)
    expect(ready({ state: 'cured', chance: 0.5 })).to.be.above(ready('gate'))
  })
})

describe('days as a studio counts them', () => {
  it('a day past all dates is told as the last there is, and counts on without a fault', () => {
    const last = dayOf('9999-12-31')!
    expect(dateOf(last + 400)).to.equal('9999-12-31')
    expect(dateOf(monthsAfter(last + 400, 6))).to.equal('9999-12-31')
  })
  it('a date and its day are the same thing, leap days and far years too', () => {
    fc.assert(
      fc.property(fc.integer({ min: -300_000, max: 300_000 }), (day) => {
        expect(dayOf(dateOf(day))).to.equal(day)
        expect(weekdayOf(day + 7)).to.equal(weekdayOf(day))
      }),
    )
    expect(dayOf('2028-02-29')).to.equal(dayOf('2028-02-28')! + 1)
    expect(dayOf('2027-02-29')).to.equal(null)
    expect(dayOf('2026-13-01')).to.equal(null)
    expect(dayOf('2026-11-24T24:00')).to.equal(null)
    expect(minuteOf(dayOf('2026-11-24T15:07')!)).to.equal('2026-11-24T15:07')
    expect(weekdayOf(dayOf('2026-11-25')!)).to.equal(2)
  })
  it('work begins on the first morning that is one, and on any where none is', () => {
    const saturday = dayOf('2026-11-28')!
    expect(nextWorkingMorning(saturday, time)).to.equal(saturday + 2 + morning)
    const idle = { workingDays: weekdays.map(() => false) }
    expect(nextWorkingMorning(saturday, idle)).to.equal(saturday + morning)
    expect(nextWorkingMorning(today, time)).to.equal(Math.floor(today) + morning)
    expect(nextWorkingMorning(today + 0.2, time)).to.equal(Math.floor(today) + 1 + morning)
  })
})

describe('a picture played through many times', () => {
  const steps = stepsOf([step({ paintedDay: today - 3 }), step({ gate: 'firm' }), step({}, 0.8)])
  const days = simulateReaching(steps, ['firm'], time, 2000).firm!
  it('is ready on days in order, the median between the tenth and the ninetieth', () => {
    expect(days).to.have.length(2000)
    const [p10, p50, p90] = [0.1, 0.5, 0.9].map((share) => dayAt(days, share)) as [number, number, number]
    expect(p10).to.be.below(p50)
    expect(p50).to.be.below(p90)
    expect(shareBy(days, p50)).to.be.closeTo(0.5, 0.02)
    expect([shareBy(days, today), shareBy(days, today + 9000)]).to.deep.equal([0, 1])
  })
  it('gives the same answer to the same question', () => {
    expect(simulateReaching(steps, ['firm'], time, 2000).firm).to.deep.equal(days)
  })
  it('is told of each state alike, asked alone or with others', () => {
    const { touch, firm } = simulateReaching(steps, ['touch', 'firm'], time, 2000)
    expect(firm).to.deep.equal(days)
    expect(dayAt(touch!, 0.5)).to.be.below(dayAt(firm!, 0.5))
  })
  it('reaches what its films can, where one of them never cures', () => {
    const slack = forecastOf({ ...stateDaysFromTable({ thicknessUm: 60, rate: 1 }), cured: null }, 60)
    const { firm, cured } = simulateReaching(
      stepsOf([step({ forecast: slack })]),
      ['firm', 'cured'],
      time,
      50,
    )
    expect([firm?.length, cured]).to.deep.equal([50, null])
  })
  it('reaches nothing over what is waited for in vain', () => {
    const never = forecastOf(stateDaysFromTable({ thicknessUm: 60, rate: 0 }), 60)
    const { firm } = simulateReaching(stepsOf([step({ forecast: never }), step()]), ['firm'], time, 50)
    expect(firm).to.equal(null)
  })
})
