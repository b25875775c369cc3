import { expect } from 'chai'
import { describe, it } from 'mocha'
import { forecastOf } from '../../src/core/cure/forecast.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'
import { dateOf, dayOf, nextWorkingMorning, weekdayOf } from '../../src/core/plan/calendar.ts'
import { forwardDates } from '../../src/core/plan/forward.ts'
import { stepsOf, undatedStep } from '../../src/core/plan/step.ts'
import type { Spot, StepIdea } from '../../src/core/plan/step.ts'

const weekdays = [true, true, true, true, true, false, false]
const forecast = forecastOf(stateDaysFromTable({ thicknessUm: 60, rate: 0.8 }), 60)
const step = (rest: Partial<StepIdea & Spot> = {}): StepIdea => ({
  ...undatedStep([{ area: '', forecast, gate: 'touch', goneBy: null, ...rest }]),
  ...rest,
})
const monday = dayOf('2026-11-23')!

describe('the calendar', () => {
  it('knows real dates from others, and the days of the week', () => {
    expect(dayOf('2026-02-29')).to.equal(null)
    expect(dayOf('2028-02-29')).to.not.equal(null)
    expect(weekdayOf(monday)).to.equal(0)
    expect(dateOf(nextWorkingMorning(monday + 5, { workingDays: weekdays }))).to.equal('2026-11-30')
  })
})

describe('forward dates', () => {
  const plan = (ideas: readonly StepIdea[], confidence = 0.8) =>
    forwardDates(stepsOf(ideas), { today: monday + 0.4, workingDays: weekdays, confidence })
  it('each layer waits for the one under it, on a day the studio works', () => {
    const dates = plan([step(), step(), step()])
    dates.forEach(({ day }, index) => {
      expect(weekdayOf(day)).to.be.below(5)
      if (index > 0) expect(day - dates[index - 1]!.day).to.be.above(forecast.days.touch!)
    })
  })
  it('more confidence never makes a date earlier', () => {
    const steps = [step(), step(), step()]
    plan(steps, 0.9).forEach(({ day }, index) => expect(day).to.be.at.least(plan(steps, 0.5)[index]!.day))
  })
  it('what is painted keeps its day, and the layer over it is not put before today', () => {
    const dates = plan([step({ paintedDay: monday - 60 }), step()])
    expect(dates[0]).to.deep.include({ day: monday - 60, source: 'painted' })
    expect(dateOf(dates[1]!.day)).to.equal('2026-11-23')
  })
  it('over an oil that never dries there is no date, only a pencilled one', () => {
    const never = forecastOf(stateDaysFromTable({ thicknessUm: 60, rate: 0 }), 60)
    expect(plan([step({ forecast: never }), step()])[1]!.source).to.equal('unknown')
  })
  it('wet in wet goes on in the same sitting', () => {
    const dates = plan([step(), step({ wetInWet: true })])
    expect(dates[1]!.day - dates[0]!.day).to.be.below(0.2)
  })
})
