import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { forecastOf, chanceBy, daysAtChance, laidOn, likelyDays } from '../../src/core/cure/forecast.ts'
import { roomClockOf } from '../../src/core/cure/roomClock.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'
import { lastReady, latestStart } from '../../src/core/plan/backward.ts'
import { dateOf, dayOf, isWorked, nextWorkingMorning } from '../../src/core/plan/calendar.ts'
import { monthRange, monthsAfterDate } from '../../src/core/plan/months.ts'
import { varnishMonths } from '../../src/core/plan/varnishMonths.ts'
import { stepsOf, undatedStep } from '../../src/core/plan/step.ts'
import { planRequest } from '../../src/document/compute.ts'
import { planAnswer } from '../../src/studio/computing/planAnswer.ts'
import { vectors } from '../vectors.ts'

const weekdays = [true, true, true, true, true, false, false]
const film = (thicknessUm: number, rate = 1) =>
  forecastOf(stateDaysFromTable({ thicknessUm, rate }), thicknessUm)
const layerOf = (thicknessUm: number, rate = 1) =>
  undatedStep([{ area: '', forecast: film(thicknessUm, rate), gate: 'touch', goneBy: null }])

describe('planning, against the vectors', () => {
  interface PlanCase {
    readonly name: string
    readonly request: { readonly workingDays: boolean[] }
    readonly expect: { readonly dates: readonly string[]; readonly latestStart: string }
  }
  for (const one of vectors<PlanCase>('plan'))
    it(one.name, () => {
      const answer = planAnswer(planRequest.parse(one.request))
      const worked = { workingDays: one.request.workingDays }
      const apart = (a: string, b: string): number => {
        const [from, until] = [a, b].map((date) => dayOf(date)!).sort((x, y) => x - y)
        return Array.from({ length: until! - from! }, (_, at) => from! + at + 1).filter((day) =>
          isWorked(day, worked),
        ).length
      }
      one.expect.dates.forEach((date, at) => expect(apart(date, answer.dates[at]!)).to.be.at.most(1))
      expect(apart(one.expect.latestStart, answer.latestStart!)).to.be.at.most(1)
    })
})

describe('backward from a date (C77)', () => {
  const time = { today: dayOf('2026-08-01')!, workingDays: weekdays, confidence: 0.8 }
  const stack = stepsOf([layerOf(30), layerOf(60), layerOf(20)])
  const due = { day: dayOf('2026-12-18')!, needs: 'firm' } as const

  it('begun on that day it is in time, begun on the next working day it is not', () => {
    const start = latestStart(stack, due, time)!
    const next = nextWorkingMorning(start + 1, time)
    expect(lastReady(stack, 'firm', { ...time, today: start })!.day).to.be.at.most(due.day + 1)
    expect(lastReady(stack, 'firm', { ...time, today: Math.floor(next) })!.day).to.be.above(due.day + 1)
  })
  it('the slowest layer decides, not the last', () => {
    const slowBelow = stepsOf([layerOf(200, 0.5), { ...layerOf(15, 2), wetInWet: true }])
    const quickBelow = stepsOf([layerOf(15, 2), { ...layerOf(15, 2), wetInWet: true }])
    expect(latestStart(slowBelow, due, time)).to.be.below(latestStart(quickBelow, due, time)!)
  })
  it('there is none where a layer never dries', () => {
    expect(latestStart(stepsOf([layerOf(60, 0)]), due, time)).to.equal(null)
  })
  it('law: more days away never let it begin later', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 120 }), fc.integer({ min: 1, max: 30 }), (after, long) => {
        const from = dayOf('2026-08-10')! + after
        const away = { ...time, away: [[from, from + long]] as const }
        expect(latestStart(stack, due, away)!).to.be.at.most(latestStart(stack, due, time)!)
      }),
      { numRuns: 40 },
    )
  })
})

describe('months as painters count them (C79)', () => {
  it('go to the same day, or to the month’s last', () => {
    expect(monthsAfterDate('2026-08-31', 6)).to.equal('2027-02-28')
    expect(monthsAfterDate('2027-08-31', 6)).to.equal('2028-02-29')
    expect(monthsAfterDate('2026-02-14', 12)).to.equal('2027-02-14')
    expect(monthsAfterDate('2028-02-29', 12)).to.equal('2029-02-28')
  })
  it('“at least six, better twelve” is a range of two days', () => {
    const { earliest, advised } = monthRange(dayOf('2026-08-31')!, 6, 12)
    expect([dateOf(earliest), dateOf(advised)]).to.deep.equal(['2027-02-28', '2027-08-31'])
  })
  it('before a varnish count from the last film: 14 February gives 14 April, 14 August and 14 February', () => {
    const { soft, final } = varnishMonths(dayOf('2026-02-14T16:00')!, { thickestUm: 120 })
    expect(dateOf(soft.earliest)).to.equal('2026-04-14')
    expect([dateOf(final.earliest), dateOf(final.advised)]).to.deep.equal(['2026-08-14', '2027-02-14'])
  })
  it('before a varnish are half as long again over ridges: the thickest spot decides (C71)', () => {
    const { soft, final } = varnishMonths(dayOf('2026-02-14')!, { thickestUm: 500 })
    expect(dateOf(soft.earliest)).to.equal('2026-05-14')
    expect([dateOf(final.earliest), dateOf(final.advised)]).to.deep.equal(['2026-11-14', '2027-08-14'])
  })
})

describe('a room that changes', () => {
  const winter = roomClockOf(
    100,
    Array.from({ length: 400 }, (_, at) => (at < 200 ? 0.5 : 1.5)),
  )
  const dries = (laidDay: number) =>
    forecastOf(stateDaysFromTable({ thicknessUm: 60, rate: 1 }), 60, [], { room: winter, laidDay })
  it('at half the pace a film takes twice as long', () => {
    const steady = film(60)
    expect(likelyDays(dries(100), 'touch')).to.be.closeTo(2 * steady.days.touch!, 1e-9)
    expect(likelyDays(laidOn(dries(100), 300), 'touch')).to.be.closeTo(steady.days.touch! / 1.5, 1e-9)
  })
  it('law: what is asked of the days and what of the chance agree, whatever the room does', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.2, max: 2, noNaN: true }), { minLength: 1, maxLength: 60 }),
        fc.integer({ min: -30, max: 90 }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (paces, laidDay, chance) => {
          const forecast = forecastOf(stateDaysFromTable({ thicknessUm: 60, rate: 1 }), 60, [], {
            room: roomClockOf(0, paces),
            laidDay,
          })
          const days = daysAtChance(forecast, 'firm', chance)!
          expect(chanceBy(forecast, 'firm', days)).to.be.closeTo(chance, 1e-3)
        },
      ),
    )
  })
})
