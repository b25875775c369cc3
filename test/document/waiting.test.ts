import { expect } from 'chai'
import { describe, it } from 'mocha'
import { forecastOf, likelyDays } from '../../src/core/cure/forecast.ts'
import { stateIds } from '../../src/core/cure/states.ts'
import { lastReady, latestStart } from '../../src/core/plan/backward.ts'
import { dateOf, dayOf } from '../../src/core/plan/calendar.ts'
import { forwardDates } from '../../src/core/plan/forward.ts'
import { stepsOf, undatedStep } from '../../src/core/plan/step.ts'
import type { Spot, StepIdea } from '../../src/core/plan/step.ts'
import { assess } from '../../src/document/judging/assess.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import { packedOn } from '../../src/document/judging/packed.ts'
import type { Picture } from '../../src/document/picture/picture.ts'
import { findInStudio } from '../../src/document/studioMaterials.ts'
import { layer, paintedAt, picture, touched } from '../studio/bodies.ts'

const find = findInStudio([])
const judged = (shown: Picture) => assess(shown, find)
const spotOf = (shown: Picture, at = 0) => judged(shown).layers[at]!.worst!

describe('what is waited for in a picture', () => {
  it('a ridge of 400 µm on 80 µm of paint: the ridge’s date is the layer’s (C71)', () => {
    const plan = (rest: Partial<LayerDocument>) => layer('a', 'p', 0, rest)
    const ridged = spotOf(picture([plan({ wetThicknessUm: 80, ridgeWetUm: 400 })]))
    const thick = spotOf(picture([plan({ wetThicknessUm: 400 })]))
    const even = spotOf(picture([plan({ wetThicknessUm: 80 })]))
    expect(ridged.thickestUm).to.be.closeTo(thick.thickestUm, 1e-9)
    for (const state of stateIds) {
      expect(likelyDays(ridged.forecast, state)).to.be.closeTo(likelyDays(thick.forecast, state)!, 1e-6)
      expect(likelyDays(ridged.forecast, state)!).to.be.above(likelyDays(even.forecast, state)!)
    }
  })
  it('a cold damp room puts every state of every layer off (C70)', () => {
    const layers = [layer('a', 'p', 0), layer('b', 'p', 1, { wetThicknessUm: 30 })]
    const warm = picture(layers)
    const climate = { ...warm.settings.climate, temperatureC: 12, relativeHumidityPct: 75 }
    const cold = picture(layers, { settings: { ...warm.settings, climate } })
    for (const at of [0, 1])
      for (const state of stateIds)
        expect(likelyDays(spotOf(cold, at).forecast, state)!).to.be.above(
          likelyDays(spotOf(warm, at).forecast, state)!,
        )
  })
  it('foretold firm, but a nail sinks into its ridge: touch dry is all it is (C74)', () => {
    const plan = layer('a', 'p', 0, { wetThicknessUm: 60, ridgeWetUm: 120 })
    const foretold = picture([paintedAt('2026-10-20T10:00', plan)])
    expect(['firm', 'set']).to.include(packedOn(foretold, judged(foretold), foretold.today).state)
    const nail = {
      ...touched('a', '2026-11-24T08:00', { check: 'fingernail', passed: false }),
      where: 'the ridge',
    }
    const tried = picture(foretold.layers, { touchTests: [nail] })
    expect(packedOn(tried, judged(tried), tried.today).state).to.equal('touch')
  })
})

const spot: Omit<Spot, 'forecast'> = { area: '', gate: 'touch', goneBy: null }
/** A layer that is touch dry and firm after just so many days. */
const taking = (touch: number, firm: number): StepIdea =>
  undatedStep([{ ...spot, forecast: forecastOf({ touch, firm, set: 90, varnishSoft: 180, cured: 400 }, 60) }])
const bare = forecastOf({ touch: 0, firm: 0, set: 0, varnishSoft: 0, cured: 0 }, 1)
const everyDay = Array.from({ length: 7 }, () => true)

describe('the days of a plan, as likely as not', () => {
  const likely = (from: string) => ({ today: dayOf(from)!, workingDays: everyDay, confidence: 0.5 })

  it('layers of five, eight and ten days are dry on day 23 (C76)', () => {
    const chain = stepsOf([taking(5, 20), taking(8, 20), taking(10, 20)])
    const time = likely('2026-10-01')
    const first = forwardDates(chain, time)[0]!.day
    expect(forwardDates(chain, time).map(({ day }) => Math.round(day - first))).to.deep.equal([0, 5, 13])
    const last = forwardDates(chain, time)[2]!.day
    expect(last + likelyDays(chain[2]!.spots[0]!.forecast, 'touch')! - first).to.be.closeTo(23, 0.01)
  })
  it('to be delivered on 20 September, with a ground of 3 days, gates of 24 and 14 at the end: begun on 10 August (C77)', () => {
    const ground = undatedStep([{ ...spot, forecast: bare, restDays: 3 }])
    const plan = stepsOf([ground, taking(12, 14), taking(12, 14), taking(12, 14)])
    const start = latestStart(plan, { day: dayOf('2026-09-20')!, needs: 'firm' }, likely('2026-07-01'))!
    expect(dateOf(start)).to.equal('2026-08-10')
    expect(lastReady(plan, 'firm', likely('2026-08-10'))!.step).to.equal(3)
  })
})
