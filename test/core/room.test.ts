import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { roomSpeed } from '../../src/core/cure/climate.ts'
import { extremesOf } from '../../src/core/room/extremes.ts'
import { climateOfStays, climateOn, clockBy, pacesOf } from '../../src/core/room/roomLog.ts'
import type { DayReading, Place } from '../../src/core/room/roomLog.ts'
import { typicalOn } from '../../src/core/room/seasons.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'

const climate = { temperatureC: 20, relativeHumidityPct: 50, light: 1 }
const read = (day: number, temperatureC: number, relativeHumidityPct = 50): DayReading => ({
  day,
  temperatureC,
  relativeHumidityPct,
  light: null,
})
const place = (readings: readonly DayReading[] = [], season: Place['season'] = 'steady'): Place => ({
  climate,
  season,
  readings,
})
const [january, july] = [dayOf('2026-01-15')!, dayOf('2026-07-15')!]

describe('a place through the year', () => {
  it('a day is as it was read, or as the reading nearest to it', () => {
    const here = place([read(100, 16), read(110, 24)])
    expect(climateOn(here, 100.5).temperatureC).to.equal(16)
    expect(climateOn(here, 103).temperatureC).to.equal(16)
    expect(climateOn(here, 108).temperatureC).to.equal(24)
    expect(climateOn(here, 300)).to.equal(climate)
  })
  it('typical winters are colder and drier than summers, and turned round south of the equator', () => {
    const [winter, summer] = [january, july].map((day) => typicalOn(day, climate, 'north')) as [
      typeof climate,
      typeof climate,
    ]
    expect(summer.temperatureC - winter.temperatureC).to.be.within(3, 8)
    expect(summer.relativeHumidityPct).to.be.above(winter.relativeHumidityPct)
    expect(typicalOn(january, climate, 'south').temperatureC).to.be.closeTo(summer.temperatureC, 0.3)
  })
  it('a season from last year’s log takes the same week of the year before', () => {
    const here = place([read(july - 365, 27, 60)], 'log')
    expect(climateOn(here, july + 3)).to.deep.equal({ ...climate, temperatureC: 27, relativeHumidityPct: 60 })
    expect(climateOn(here, january)).to.equal(climate)
  })
  it('the hottest and coldest day are told, read or to come', () => {
    const { hottest, coldest } = extremesOf(place([read(july - 30, 35), read(january, 9)], 'north'), july)
    expect([hottest.temperatureC, hottest.wasRead]).to.deep.equal([35, true])
    expect(coldest.temperatureC).to.equal(9)
  })
})

describe('where a picture dries', () => {
  it('16 °C makes every time one and a half times as long as 21 °C (C72)', () => {
    const slowness =
      roomSpeed({ ...climate, temperatureC: 21 }).perDay / roomSpeed({ ...climate, temperatureC: 16 }).perDay
    expect(slowness).to.be.closeTo(1.5, 0.05)
  })
  it('from the day it is moved it dries by that place', () => {
    const store: Place = {
      climate: { temperatureC: 14, relativeHumidityPct: 60, light: 0.55 },
      season: 'steady',
      readings: [],
    }
    const stays = [
      { from: -Infinity, place: place() },
      { from: 200, place: store },
    ]
    expect(climateOfStays(stays, 199.9)).to.equal(climate)
    expect(climateOfStays(stays, 200)).to.equal(store.climate)
    const clock = clockBy(pacesOf(stays, climate, [150, 250]))!
    expect(clock.steadyDays(160, 20)).to.be.closeTo(20, 1e-9)
    expect(clock.steadyDays(210, 20)).to.be.below(10)
  })
  it('a room that is as steady as it is set needs no reckoning', () => {
    expect(pacesOf([{ from: -Infinity, place: place() }], climate, [0, 10])).to.equal(null)
  })
  it('law: a colder log is never sooner', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 8, max: 30, noNaN: true }), { minLength: 5, maxLength: 60 }),
        fc.double({ min: 0.5, max: 5, noNaN: true }),
        (warmths, colder) => {
          const clockOf = (by: number) =>
            clockBy(
              pacesOf(
                [{ from: -Infinity, place: place(warmths.map((warm, day) => read(day, warm - by))) }],
                climate,
                [0, warmths.length],
              ),
            )!
          expect(clockOf(colder).calendarDays(0, 10)).to.be.at.least(clockOf(0).calendarDays(0, 10) - 1e-9)
        },
      ),
    )
  })
})
