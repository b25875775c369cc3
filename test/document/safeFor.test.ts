import { expect } from 'chai'
import { describe, it } from 'mocha'
import type { StageAction } from '../../src/core/finish/stages.ts'
import { dateOf, dayOf } from '../../src/core/plan/calendar.ts'
import { assess } from '../../src/document/judging/assess.ts'
import { stageOn } from '../../src/document/judging/packed.ts'
import { restedStage } from '../../src/core/plan/varnishMonths.ts'
import { startOf } from '../../src/document/picture/eventStart.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import { beforeVarnish } from '../../src/document/finish/readiness.ts'
import { safeForOn } from '../../src/document/finish/safeFor.ts'
import { findInStudio } from '../../src/document/studioMaterials.ts'
import { layer, paintedAt, picture } from '../studio/bodies.ts'

const find = findInStudio([])
const white: Partial<LayerDocument> = {
  paints: [{ pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'linseed_alkali_refined', parts: 1 }],
}
const umber: Partial<LayerDocument> = {
  paints: [{ pigments: [{ pigment: 'pbr7_raw_umber', share: 1 }], oil: 'linseed_alkali_refined', parts: 1 }],
}
const ground = paintedAt('2025-02-01T10:00', layer('a', 'p', 0, white))

const safe = (layers: readonly LayerDocument[], action: StageAction, on: string) => {
  const shown = picture(layers)
  return safeForOn(shown, assess(shown, find), dayOf(on)!).find((one) => one.action === action)
}

describe('what a picture is safe for, with the months a varnish waits', () => {
  it('a film added begins the months anew (C79)', () => {
    const alone = safe([ground], 'varnish for good', '2026-10-01')!
    expect(dateOf(alone.months!.earliest)).to.equal('2025-08-01')
    const glaze = paintedAt('2026-09-14T10:00', layer('b', 'p', 1, { ...white, wetThicknessUm: 15 }))
    const { may, months } = safe([ground, glaze], 'varnish for good', '2026-10-01')!
    expect(dateOf(months!.earliest)).to.equal('2027-03-14')
    expect(dateOf(months!.advised)).to.equal('2027-09-14')
    expect(may).to.equal(false)
  })
  it('what was painted and is wiped off again counts for nothing', () => {
    const glaze = paintedAt('2026-09-14T10:00', layer('b', 'p', 1, white))
    const wiped = paintedAt('2026-09-14T12:00', layer('c', 'p', 2, startOf('wipe')))
    const { months } = safe([ground, glaze, wiped], 'varnish for good', '2026-10-01')!
    expect(dateOf(months!.earliest)).to.equal('2025-08-01')
  })
  it('a ridge makes them half as long again: the thickest spot decides (C71)', () => {
    const ridged = paintedAt('2025-02-01T10:00', layer('a', 'p', 0, { ...white, ridgeWetUm: 900 }))
    expect(dateOf(safe([ridged], 'varnish for good', '2026-10-01')!.months!.earliest)).to.equal('2025-11-01')
  })
  it('dry enough is not enough: the months hold a varnish back, and nothing else', () => {
    const thin = paintedAt('2026-09-01T10:00', layer('a', 'p', 0, { ...umber, wetThicknessUm: 4 }))
    const softly = safe([thin], 'varnish softly', '2026-10-30')!
    expect(softly.may).to.equal(false)
    expect(softly.says).to.include('months')
    expect(safe([thin], 'varnish softly', '2026-11-01')!.may).to.equal(true)
    expect(safe([thin], 'show', '2026-10-30')).to.deep.include({ may: true, months: null })
  })
  it('a varnish may go on from the very day its school says, 4 times in 5, and no sooner', () => {
    const shown = picture([paintedAt('2026-02-01T10:00', layer('a', 'p', 0, white))])
    const assessment = assess(shown, find)
    const [soft, six] = beforeVarnish(shown, assessment)!.schools
    const may = (action: StageAction, day: number) =>
      safeForOn(shown, assessment, day).find((one) => one.action === action)!
    for (const [action, { day }] of [
      ['varnish softly', soft!],
      ['varnish for good', six!],
    ] as const) {
      expect(may(action, day! + 1).may, action).to.equal(true)
      expect(may(action, day! - 1).may, action).to.equal(false)
    }
    expect(six!.stateDay).to.be.above(six!.monthsDay!)
    expect(may('varnish for good', six!.day! - 1).says).to.match(/chance that all of it is cured is 7\d/)
  })
  it('what is told in a sentence waits for the same months as the table', () => {
    const thin = picture([paintedAt('2026-09-01T10:00', layer('a', 'p', 0, { ...umber, wetThicknessUm: 4 }))])
    const told = (on: string) => stageOn(thin, assess(thin, find), dayOf(on)!)
    expect([told('2026-10-30'), told('2026-11-01')]).to.deep.equal(['firm', 'varnishSoft'])
    const rest = { lastLaid: dayOf('2026-02-14')!, thickestUm: 60 }
    const cured = (on: string) => restedStage('cured', dayOf(on)!, rest)
    expect(cured('2026-04-13')).to.equal('firm')
    expect(cured('2026-08-13')).to.equal('varnishSoft')
    expect(cured('2026-08-14')).to.equal('cured')
    expect(restedStage('touch', dayOf('2026-02-20')!, rest)).to.equal('touch')
  })
  it('nothing is said of a picture on which nothing is painted yet', () => {
    expect(safe([layer('a', 'p', 0, white)], 'show', '2026-10-01')).to.equal(undefined)
  })
})
