import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { forecastOf } from '../../src/core/cure/forecast.ts'
import { stateDaysFromTable } from '../../src/core/cure/table.ts'
import { kindOfLeft, oilOut } from '../../src/core/finish/oilOut.ts'
import { restartsVarnish } from '../../src/core/finish/restsVarnish.ts'
import { dateOf, dayOf } from '../../src/core/plan/calendar.ts'
import { chanceOf, everySchool, readinessOf } from '../../src/core/plan/readiness.ts'
import { varnishDates } from '../../src/core/plan/varnishDates.ts'
import { oilOutRequest, varnishRequest } from '../../src/document/compute.ts'
import { expectClose, vectors } from '../vectors.ts'

const answers = {
  'oil-out': (request: unknown) => oilOut(oilOutRequest.parse(request)),
  varnish: (request: unknown) => varnishDates(varnishRequest.parse(request)),
}

describe('finishing, against the vectors', () => {
  for (const one of vectors<{ name: string; path: keyof typeof answers; request: object; expect: unknown }>(
    'finish',
  ))
    it(one.name, () => expectClose(answers[one.path](one.request), one.expect, 1e-6))
})

describe('oiling out (C66)', () => {
  it('up to 3 µm left joins, up to 8 is painted into in time, more is a layer', () => {
    expect([2.25, 3, 5, 8, 14].map(kindOfLeft)).to.deep.equal([
      ...['joins', 'joins', 'paint-into', 'paint-into', 'layer'],
    ])
  })
  it('law: twice the area takes twice the oil, and leaves the same film', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 0.99, noNaN: true }),
        (areaM2, wipedShare) => {
          const idea = { areaM2, mlPerM2: 15, parts: { oil: 1, solvent: 2 }, wipedShare }
          const [one, two] = [oilOut(idea), oilOut({ ...idea, areaM2: 2 * areaM2 })]
          expect(two.oilMl).to.be.closeTo(2 * one.oilMl, 1e-9)
          expect(two.leftUm).to.be.closeTo(one.leftUm, 1e-9)
        },
      ),
    )
  })
  it('only what is left over 3 µm begins a varnish’s months anew (C67)', () => {
    const restarts = (dryThicknessUm: number) => restartsVarnish('oil-out', { dryThicknessUm })
    expect([restarts(2.25), restarts(5)]).to.deep.equal([false, true])
    expect(restartsVarnish('temporary-varnish', { dryThicknessUm: 4 })).to.equal(false)
    expect(restartsVarnish('glaze', { dryThicknessUm: 2 })).to.equal(true)
  })
})

const film = (thicknessUm: number, laid: string, rate = 1) => ({
  laidDay: dayOf(laid)!,
  forecast: forecastOf(stateDaysFromTable({ thicknessUm, rate }), thicknessUm),
})
const rested = (films: readonly ReturnType<typeof film>[], rest: object = {}) => ({
  films,
  lastLaid: Math.max(...films.map(({ laidDay }) => laidDay)),
  thickestUm: 60,
  ...rest,
})

describe('ready for a varnish, by every school (C86)', () => {
  it('of a thin quick film the months decide: 14 April, 14 August, 14 February', () => {
    const [soft, six, year] = everySchool(rested([film(20, '2027-02-14', 4)]))
    const dates = [soft, six, year].map((one) => dateOf(one!.day!))
    expect(dates).to.deep.equal(['2027-04-14', '2027-08-14', '2028-02-14'])
  })
  it('of thick slow paint the state decides, and the slowest film holds it whichever went on last', () => {
    const [slow, quick] = [film(900, '2027-01-01', 0.5), film(15, '2027-02-14', 4)]
    const { day, monthsDay, holds } = readinessOf('soft', rested([slow, quick], { thickestUm: 900 }))
    expect(holds).to.equal(slow)
    expect(day).to.be.above(monthsDay!)
  })
  it('wax waits for six months after all of it is cured', () => {
    const picture = rested([film(60, '2027-02-14')])
    const wax = readinessOf('wax', picture)
    expect(wax.day).to.be.at.least(readinessOf('six', picture).stateDay! + 180)
  })
  it('where every layer is mostly alkyd the months are half, and the state is not', () => {
    const oil = rested([film(60, '2027-02-14', 4)])
    const [slow, fast] = [readinessOf('six', oil), readinessOf('six', { ...oil, alkyd: 0.5 })]
    expect([slow.months, fast.months]).to.deep.equal([6, 3])
    expect(fast.stateDay).to.equal(slow.stateDay)
  })
  it('a film that never cures is never varnished by it', () => {
    const never = {
      laidDay: 0,
      forecast: forecastOf({ ...film(60, '2027-01-01').forecast.days, cured: null }, 60),
    }
    expect(readinessOf('six', rested([never]))).to.include({ day: null, stateDay: null })
    expect(readinessOf('wax', rested([never])).day).to.equal(null)
  })
  it('law: the chance is nothing before the months, and never falls after', () => {
    const films = [film(120, '2027-02-14')]
    const ready = readinessOf('soft', rested(films))
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 60 }), (after, more) => {
        const day = films[0]!.laidDay + after
        const [now, then] = [chanceOf(ready, films, day), chanceOf(ready, films, day + more)]
        expect(then).to.be.at.least(now)
        if (day < ready.monthsDay!) expect(now).to.equal(0)
      }),
    )
  })
})
