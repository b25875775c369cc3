import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { dateOf, dayOf, weekdayOf } from '../../src/core/plan/calendar.ts'
import type { Promised } from '../../src/core/plan/promise.ts'
import { axisOver, freeStretches } from '../../src/views/horizon/axis.ts'
import { chanceInTen, changeWords, headline, standingOf } from '../../src/views/horizon/words.ts'
import type { Due } from '../../src/views/horizon/words.ts'
import { gainWords, sentenceOf } from '../../src/views/promise/words.ts'
import { dayScale } from '../../src/views/tests/scale.ts'
import { drawnAs, newSwatch } from '../../src/views/tests/plans.ts'
import { riskWords } from '../../src/views/today/DatesAtRisk.tsx'
import { hourText } from '../../src/document/dateText.ts'

const today = dayOf('2026-11-27')!
const weekdays = [true, true, true, true, true, false, false]

describe('the calendar line of Horizon', () => {
  it('begins each month on its first, and holds today', () => {
    const axis = axisOver(today, 9)
    expect(axis.months.map((day) => dateOf(day).slice(8))).to.deep.equal(axis.months.map(() => '01'))
    expect(axis.at(today)).to.be.within(1, 5)
    expect([axis.at(axis.from - 50), axis.at(axis.to + 50)]).to.deep.equal([0, 100])
  })
  it('law: a later day never lies further left', () => {
    const axis = axisOver(today, 6)
    fc.assert(
      fc.property(fc.integer({ min: -100, max: 900 }), fc.nat(300), (after, later) => {
        expect(axis.at(today + after + later)).to.be.at.least(axis.at(today + after))
      }),
    )
  })
  it('shades weekends where they can be seen, and not as a haze over a year and a half', () => {
    const near = freeStretches(axisOver(today, 3), { workingDays: weekdays })
    expect(near.length).to.be.within(12, 15)
    for (const [from, to] of near.slice(1, -1)) expect([weekdayOf(from), to - from]).to.deep.equal([5, 2])
    expect(freeStretches(axisOver(today, 18), { workingDays: weekdays })).to.deep.equal([])
  })
  it('shades a time away as one stretch, weekends in it and beside it included', () => {
    const [from, until] = [dayOf('2026-12-21')!, dayOf('2027-01-01')!]
    const away = freeStretches(axisOver(today, 9), { workingDays: weekdays, away: [[from, until]] })
    expect(away).to.deep.equal([[dayOf('2026-12-19')!, dayOf('2027-01-04')!]])
  })
  it('a studio with no working day marked works every day', () => {
    const none = weekdays.map(() => false)
    expect(freeStretches(axisOver(today, 3), { workingDays: none })).to.deep.equal([])
  })
})

const due = (chance: number | null, rest: Partial<Due & { title: string; id: string }> = {}) => ({
  ...{ what: 'sent' as const, day: today + 30, needs: 'firm' as const, chance, latest: null },
  ...{ title: 'Harbour', id: 'harbour' },
  ...rest,
})

describe('how safe dates are told', () => {
  it('a chance is said in tenths, and neither sure nor hopeless', () => {
    expect([1, 0.96, 0.64, 0.05, 0.02, 0].map(chanceInTen)).to.deep.equal([
      ...['over 9 in 10', 'over 9 in 10', '6 in 10', '1 in 10', 'under 1 in 10', 'under 1 in 10'],
    ])
  })
  it('eight in ten is safe, an even chance is to be watched, less is not', () => {
    expect([0.8, 0.79, 0.5, 0.49].map(standingOf)).to.deep.equal(['sound', 'watch', 'watch', 'unsound'])
  })
  it('the page opens with how many are not safe, and names the one that is least', () => {
    const all = headline([due(0.97), due(0.3, { title: 'Quince', id: 'quince' }), due(0.7)])
    expect(all.says).to.equal('Three dates ahead; 2 are not safe')
    expect(all.more).to.match(/^Quince: sent .*: 3 in 10 that it is firm/)
    expect(all.worst).to.equal('quince')
    expect(headline([due(0.97)]).says).to.equal('One date ahead; all of them look safe')
    expect(headline([due(null)]).more).to.include('being foreseen')
    expect(headline([]).says).to.equal('No date is promised')
  })
  it('a change of plan tells what moves, and which chance falls or rises; what stays is not told', () => {
    const layers = [{ name: 'Masts', paintedDay: null }] as never
    const planned = (day: number) => ({ steps: [], dates: [{ day }] }) as never
    const entry = { layers } as never
    const told = changeWords(entry, planned(today + 2), planned(today + 9), [[0.9, 0.4]], [due(0.9)])
    expect(told).to.match(/^Goes on: Masts Sun 6 Dec.*\. sent .* falls from 9 in 10 to 4 in 10$/)
    expect(changeWords(entry, planned(today), planned(today), [[0.9, 0.91]], [due(0.9)])).to.equal('')
  })
})

describe('the sentence to send', () => {
  const range = (from: number) => ({
    earliest: today + from,
    likely: today + from + 5,
    safe: today + from + 20,
  })
  const promised = (chance: number | null, sentIn = 30): Promised => ({
    days: { dry: range(5), sent: range(sentIn), varnished: range(120) },
    chance,
    latest: null,
  })
  it('names a likely and a safe day, when the varnish follows, and how their own day stands', () => {
    const said = sentenceOf(promised(0.45), '2026-12-31')
    expect(said).to.include('safely from')
    expect(said).to.include('The varnish follows')
    expect(said).to.match(/Thu 31 Dec.* is about an even chance\.$/)
  })
  it('is firm where it can be, and honest where it cannot', () => {
    expect(sentenceOf(promised(0.95), '2026-12-31')).to.include('can be kept')
    expect(sentenceOf(promised(0.1), '2026-12-31')).to.include('is unlikely (1 in 10)')
    const never = { ...promised(0), days: { dry: range(5), sent: null, varnished: null } }
    expect(sentenceOf(never, null)).to.include('never be dry enough to travel')
  })
  it('what a lever wins is told in days, either way', () => {
    const won = (days: number): string => gainWords(promised(null), promised(null, 30 - days))
    expect([12.4, -3, 0.4].map(won)).to.deep.equal([
      ...['firm 12 days sooner', 'firm 3 days later', 'no sooner firm'],
    ])
    const never = { ...promised(0), days: { dry: range(5), sent: null, varnished: null } }
    expect(gainWords(promised(null), never)).to.equal('never firm')
  })
})

describe('the rack, drawn', () => {
  it('law: on the line of days later lies further right, and every mark has room', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2000 }), fc.integer({ min: 120, max: 900 }), (last, width) => {
        const { x, ticks } = dayScale(last, width)
        const places = ticks.map(({ day }) => x(day))
        expect(places).to.deep.equal([...places].sort((a, b) => a - b))
        expect(x(last)).to.be.closeTo(width, last < 4 ? width : 1e-9)
        for (const [at, place] of places.slice(1).entries()) expect(place - places[at]!).to.be.above(34)
      }),
    )
  })
  it('twice the paint over the same card is twice as thick', () => {
    const drawn = drawnAs(newSwatch('a'), { ml: 0.6, areaCm2: 60 })
    const twice = drawnAs(drawn, { ml: 1.2, areaCm2: 60 })
    expect(twice.laid.wetThicknessUm).to.be.closeTo(2 * drawn.laid.wetThicknessUm, 1e-9)
  })
})

describe('an hour of the day', () => {
  it('is told without a leading nought, and as tomorrow’s where it is', () => {
    expect(hourText(today + 17 / 24, today + 0.4)).to.equal('17:00')
    expect(hourText(today + 9.5 / 24, today + 0.2)).to.equal('9:30')
    expect(hourText(today + 1 + 8 / 24, today + 0.9)).to.equal('8:00 tomorrow')
  })
})

describe('a date at risk, told', () => {
  const date = { what: 'sent', on: '2026-12-12' } as const
  const of = { paintingId: 'p', title: 'Harbour', date }
  it('says what has to go on by when, or what comes too late', () => {
    const soon = { ...of, slowest: 'Sky', ready: 0, latest: dayOf('2026-12-03')!, next: 'Masts' }
    expect(riskWords(soon)).to.match(/^Masts has to go on by Thu 3 Dec.*, or it is late to be sent 12 Dec/)
    const late = { ...soon, latest: null, ready: dayOf('2026-12-15')! }
    expect(riskWords(late)).to.match(/sent 12 Dec.*but Sky is firm only by Tue 15 Dec/)
    expect(riskWords({ ...late, slowest: null, ready: null })).to.include('not every layer has a date yet')
  })
})
