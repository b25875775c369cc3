import { expect } from 'chai'
import { describe, it } from 'mocha'
import { brightenAdvice } from '../../src/core/finish/brighten.ts'
import type { DullPicture } from '../../src/core/finish/brighten.ts'
import { oilRefusedBy } from '../../src/core/finish/mayOilOut.ts'
import { drumMm } from '../../src/core/finish/packing.ts'
import { isEvenForVarnish, isTrusted, mostUneven, oilOutOrder, trustOf } from '../../src/core/finish/sheen.ts'
import type { Sheen } from '../../src/core/finish/sheen.ts'
import { takingOffPlan } from '../../src/core/finish/takingOff.ts'
import { mixedSheen } from '../../src/core/finish/varnishFacts.ts'
import { removerOf } from '../../src/core/finish/removability.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { dateOf, dayOf } from '../../src/core/plan/calendar.ts'
import { liesUnder } from '../../src/core/stack/map.ts'
import { areaCm2Of } from '../../src/document/picture/area.ts'
import { assess } from '../../src/document/judging/assess.ts'
import { startOf } from '../../src/document/picture/eventStart.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import { obstaclesTo } from '../../src/document/finish/obstacles.ts'
import { oiledParts } from '../../src/document/finish/oiledParts.ts'
import type { PatchDocument } from '../../src/document/patch.ts'
import type { Picture } from '../../src/document/picture/picture.ts'
import { beforeVarnish, varnishChance } from '../../src/document/finish/readiness.ts'
import { removableIn, varnishOn, weakestFilms } from '../../src/document/finish/removable.ts'
import { findInStudio } from '../../src/document/studioMaterials.ts'
import { safeForOn } from '../../src/document/finish/safeFor.ts'
import { surfaceOf } from '../../src/document/finish/surface.ts'
import { layer, paintedAt, painting, picture, touched } from '../studio/bodies.ts'

const find = findInStudio([])
const place = (sheen: Sheen, lightness: number | null = null) => ({ name: sheen, sheen, lightness })

describe('the sheen of a surface (C65)', () => {
  it('two steps apart, or dull in the dark, values are not judged', () => {
    expect(isTrusted(trustOf([place('satin'), place('glossy')]))).to.equal(true)
    expect(isTrusted(trustOf([place('matt'), place('glossy')]))).to.equal(false)
    expect(isTrusted(trustOf([place('matt', 30), place('matt', 70)]))).to.equal(false)
    expect(isTrusted(trustOf([place('matt', 60)]))).to.equal(true)
  })
  it('a varnish goes over what is within one step', () => {
    expect(isEvenForVarnish([place('matt'), place('satin')])).to.equal(true)
    expect(isEvenForVarnish([place('sunken'), place('satin')])).to.equal(false)
    expect(mostUneven([place('glossy'), place('sunken'), place('satin')])).to.deep.include({ steps: 3 })
  })
  it('the smallest dull patch where work goes on is oiled out first, and glossy ones never', () => {
    const patches = [
      { sheen: 'matt', share: 0.2, here: true },
      { sheen: 'sunken', share: 0.05, here: true },
      { sheen: 'sunken', share: 0.01, here: false },
      { sheen: 'glossy', share: 0.01, here: true },
    ] as const
    const order = oilOutOrder(patches, ({ here }) => here)
    expect(order.map(({ share }) => share)).to.deep.equal([0.05, 0.2])
  })
})

const dull: DullPicture = {
  isGoingOn: true,
  showDays: null,
  state: 'firm',
  oilingOut: 'local',
  refusesOil: null,
}
const advice = (rest: Partial<DullPicture>) =>
  Object.fromEntries(brightenAdvice({ ...dull, ...rest }).map(({ what, advice: one }) => [what, one]))

describe('oil, a temporary varnish, or nothing (C68)', () => {
  it('where paint still goes on, no varnish goes between', () => {
    expect(advice({})).to.include({ 'oil-out': 'do', 'temporary-varnish': 'not' })
  })
  it('all painted and shown soon: a temporary varnish; without a show: nothing', () => {
    expect(advice({ isGoingOn: false, showDays: 20 })).to.include({ 'temporary-varnish': 'do' })
    expect(advice({ isGoingOn: false })).to.include({ nothing: 'do', 'temporary-varnish': 'not' })
    expect(advice({ isGoingOn: false, showDays: 20, state: 'wet' })).to.include({
      'temporary-varnish': 'not',
    })
  })
  it('a practice that never oils out, and a surface that takes no oil, are heard', () => {
    expect(advice({ oilingOut: 'never' })['oil-out']).to.equal('not')
    expect(advice({ refusesOil: 'there is wax in it' })['oil-out']).to.equal('not')
  })
})

const white: Partial<LayerDocument> = {
  paints: [{ pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'linseed_alkali_refined', parts: 1 }],
}
const black: Partial<LayerDocument> = {
  paints: [{ pigments: [{ pigment: 'pbk9', share: 1 }], oil: 'linseed_alkali_refined', parts: 1 }],
  thinner: { material: 'gum_turpentine', parts: 1 },
  wetThicknessUm: 30,
}
const patch = (id: string, rest: Partial<PatchDocument> = {}): PatchDocument => ({
  ...{ id, on: '2026-11-20', sheen: 'sunken', area: null, share: 0.1, shapes: [] },
  ...rest,
})
const ground = paintedAt('2026-10-01T10:00', layer('a', 'p', 0, black))
const seen = (layers: readonly LayerDocument[], patches: readonly PatchDocument[]) => {
  const shown = picture(layers, {
    painting: painting('p', { patches: [...patches], ground: 'chalk_glue_gesso' }),
  })
  return surfaceOf(shown, assess(shown, find), () => 20)
}

describe('patches on a picture', () => {
  it('three dull ones in the dark: do not judge darks, oil these out first (C65)', () => {
    const next = layer('b', 'p', 1, white)
    const marked = [0.1, 0.02, 0.05].map((share, at) => patch(`s${at}`, { share }))
    const { trust, toOil } = seen([ground, next], marked)
    expect(isTrusted(trust)).to.equal(false)
    expect(toOil.map(({ share }) => share)).to.deep.equal([0.02, 0.05, 0.1])
  })
  it('why one sank is told from the layers under it', () => {
    expect(seen([ground], [patch('s')]).patches[0]!.because).to.be.a('string')
  })
  it('oiled out it is gone, and painted over it is gone', () => {
    const oil = paintedAt('2026-11-21T10:00', {
      ...layer('o', 'p', 1, {
        ...startOf('oil-out'),
        event: { kind: 'oil-out', wiped: 0.7, patches: ['s'] },
      }),
    })
    expect(seen([ground, oil], [patch('s')]).patches[0]!.state).to.equal('oiled-out')
    const over = paintedAt('2026-11-22T10:00', layer('b', 'p', 1, white))
    expect(seen([ground, over], [patch('s')]).patches[0]!.state).to.equal('painted-over')
    expect(seen([ground], [patch('s')]).patches[0]!.state).to.equal('there')
  })
  it('oil is reckoned for the patches and ten millimetres round them, not for the whole', () => {
    const one = painting('p', { widthCm: 40, heightCm: 25, patches: [patch('s', { share: 0.1 })] })
    const oil = layer('o', 'p', 1, startOf('oil-out'))
    expect(areaCm2Of(one, oil)).to.equal(1000)
    const forPatch: LayerDocument = { ...oil, event: { kind: 'oil-out', wiped: 0.7, patches: ['s'] } }
    expect(areaCm2Of(one, forPatch)).to.equal(144)
  })
  it('oil on what lies in no part gets a part of its own, and the other parts keep theirs', () => {
    const areas = [{ id: 'pot', name: 'pot', share: 0.3, shapes: [], colour: null }]
    const parted = { painting: painting('p', { areas, patches: [patch('s')] }), layers: [] }
    const { areas: where, change } = oiledParts(parted, [patch('s')], 1, () => 'fresh')
    expect(where).to.deep.equal(['fresh'])
    expect(change!.areas.map(({ id, share }) => [id, share])).to.deep.equal([
      ['pot', 0.3],
      ['fresh', 0.1],
    ])
    expect(change!.patches[0]!.area).to.equal('fresh')
    expect(oiledParts(parted, [patch('s', { area: 'pot' })], 1, () => 'fresh').areas).to.deep.equal(['pot'])
    const whole = { painting: painting('p', { patches: [patch('s')] }), layers: [] }
    expect(oiledParts(whole, [patch('s')], 1, () => 'fresh')).to.deep.equal({ areas: [], change: null })
  })
  it('what is drawn lies in the area most of it is over', () => {
    const box = (x: number) => [{ kind: 'box' as const, x, y: 0, width: 0.5, height: 1 }]
    const areas = [
      { id: 'left', shapes: box(0) },
      { id: 'right', shapes: box(0.5) },
    ]
    const mark = [{ kind: 'box' as const, x: 0.4, y: 0.2, width: 0.5, height: 0.2 }]
    const found = liesUnder(mark, areas, 1)
    expect(found.area).to.equal('right')
    expect(found.share).to.be.closeTo(0.1, 0.005)
    expect(liesUnder(mark, [], 1).area).to.equal(null)
  })
  it('no oil on what is not touch dry, on wax or on what is waterborne', () => {
    const spotOf = (rest: Partial<LayerDocument>) => {
      const shown = picture([paintedAt('2026-11-01T10:00', layer('a', 'p', 0, rest))])
      return assess(shown, find).layers[0]!.worst!
    }
    const dry = spotOf(white)
    expect(oilRefusedBy(dry.film, dry.forecast, 400)).to.equal(null)
    expect(oilRefusedBy(dry.film, dry.forecast, 0.1)).to.include('touch dry')
    const wax = spotOf(startOf('wax'))
    expect(oilRefusedBy(wax.film, wax.forecast, 400)).to.include('wax')
    const acrylic = spotOf(startOf('waterborne'))
    expect(oilRefusedBy(acrylic.film, acrylic.forecast, 400)).to.include('isolate')
  })
})

const ready = (layers: readonly LayerDocument[], rest: Partial<Picture> = {}) => {
  const shown = picture(layers, rest)
  const assessment = assess(shown, find)
  return { shown, assessment, before: beforeVarnish(shown, assessment)! }
}
const body = paintedAt('2025-02-14T10:00', layer('a', 'p', 0, white))
const varnish = (id: string) => findInLibrary(id)!

describe('before a varnish (C86, C67)', () => {
  it('counts from the last film that leaves more than a breath of oil', () => {
    const oiled = (wiped: number) =>
      paintedAt('2026-05-10T10:00', {
        ...layer('o', 'p', 1, startOf('oil-out')),
        ...{ thinner: null, event: { kind: 'oil-out' as const, wiped } },
      })
    expect(dateOf(ready([body, oiled(0.9)]).before.lastLaid)).to.equal('2025-02-14')
    expect(dateOf(ready([body, oiled(0.2)]).before.lastLaid)).to.equal('2026-05-10')
  })
  it('names what still stands against it, and the list empties', () => {
    const says = (layers: readonly LayerDocument[], rest: Partial<Picture> = {}, sheen: Sheen = 'satin') => {
      const { shown, assessment, before } = ready(layers, rest)
      const idea = { school: 'soft', varnish: varnish('hydrocarbon_varnish_25'), day: shown.today } as const
      return obstaclesTo(idea, shown, assessment, before, [place(sheen), place('satin')]).map(
        (one) => one.says,
      )
    }
    const young = paintedAt('2026-11-20T10:00', layer('b', 'p', 1, white))
    const all = says([body, young, layer('c', 'p', 2, white)], {}, 'sunken').join('\n')
    for (const word of ['still to be painted', 'months', 'chance', 'swab', 'uneven'])
      expect(all, word).to.include(word)
    const clean = touched('a', '2026-11-01T10:00', { check: 'swab', passed: true })
    expect(says([body], { touchTests: [clean] })).to.deep.equal([])
    const coloured = touched('a', '2026-11-02T10:00', { check: 'swab', passed: false })
    expect(says([body], { touchTests: [clean, coloured] }).join()).to.include('found colour on the cotton')
  })
  it('a picture with nothing but a breath of oil on it counts from that, and is told as any other', () => {
    const breath = paintedAt('2026-05-10T10:00', layer('o', 'p', 0, startOf('oil-out')))
    const { shown, assessment, before } = ready([breath])
    expect(dateOf(before.lastLaid)).to.equal('2026-05-10')
    expect(() => safeForOn(shown, assessment, shown.today + 900)).not.to.throw()
  })
  it('wax asks for a thumb, not for a swab', () => {
    const { shown, assessment, before } = ready([body])
    const told = obstaclesTo(
      { school: 'wax', varnish: null, day: shown.today },
      shown,
      assessment,
      before,
      [],
    )
    expect(told.map((one) => one.says).join()).to.include('not passed the test by thumb pressure (no print)')
  })
  it('a temporary varnish stands against it until it is taken off', () => {
    const temporary = paintedAt('2026-03-01T10:00', layer('t', 'p', 1, startOf('temporary-varnish')))
    const off = paintedAt('2026-04-01T10:00', layer('x', 'p', 2, startOf('varnish-off')))
    const told = (layers: readonly LayerDocument[]) => {
      const { shown, assessment, before } = ready(layers)
      return obstaclesTo({ school: 'soft', varnish: null, day: shown.today }, shown, assessment, before, [])
        .map((one) => one.says)
        .join()
    }
    expect(told([body, temporary])).to.include('take it off first')
    expect(told([body, temporary, off])).not.to.include('take it off first')
    expect(varnishOn(picture([body, temporary]), find)!.layer.id).to.equal('t')
    expect(varnishOn(picture([body, temporary, off]), find)).to.equal(null)
  })
  it('the chance at a chosen day is nothing before its months have passed', () => {
    const { before } = ready([body])
    expect(varnishChance(before, 'six', dayOf('2025-08-01')!)).to.equal(0)
    expect(varnishChance(before, 'six', dayOf('2028-08-01')!)).to.be.above(0.5)
  })
})

describe('taking a varnish off again (C87, C93)', () => {
  const soupy = { thinner: { material: 'gum_turpentine', parts: 4 }, wetThicknessUm: 12 }
  const washed = paintedAt(
    '2025-02-14T10:00',
    layer('w', 'p', 0, { ...startOf('wash'), ...soupy, areas: ['B'] }),
  )
  const bound = paintedAt('2025-02-14T12:00', layer('b', 'p', 1, { ...white, areas: ['A'] }))
  const parted: Partial<Picture> = { painting: painting('p', { ground: 'chalk_glue_gesso' }) }
  it('an underbound wash in B: no solvent test in B without a conservator', () => {
    const { shown, assessment } = ready([washed, bound], parted)
    const plans = weakestFilms(shown, assessment, null).map(({ area, yields }) => ({
      area,
      ...takingOffPlan(removerOf([varnish('damar_varnish_30')]), yields, false),
    }))
    const [inB, inA] = ['B', 'A'].map((area) => plans.find((one) => one.area === area)!)
    expect(inB!.isForPainter).to.equal(false)
    expect(inB!.steps.every(({ is }) => is === 'never')).to.equal(true)
    expect(inB!.steps[0]!.says).to.include('without a conservator')
    expect(inA!.steps[0]).to.include({ is: 'try', rank: 1 })
  })
  it('of what nothing takes off alone nothing is tried', () => {
    const { steps, isForPainter } = takingOffPlan(null, { rank: 5, because: '' }, false)
    expect([steps, isForPainter]).to.deep.equal([[], false])
  })
  it('goes milder first, and from the third solvent on is for a conservator', () => {
    const { steps } = takingOffPlan({ fresh: 2, aged: 4 }, { rank: 5, because: '' }, false)
    expect(steps.map(({ is }) => is)).to.deep.equal(['try', 'try', 'conservator', 'conservator'])
    expect(takingOffPlan({ fresh: 2, aged: 4 }, { rank: 5, because: '' }, true).steps).to.have.length(2)
  })
  it('a mild resin comes off sound paint, damar only with a watch, oil never', () => {
    const { shown, assessment } = ready([body])
    const verdict = (id: string) => removableIn(varnish(id), shown, assessment)[0]!.verdict
    expect(verdict('hydrocarbon_varnish_25')).to.equal('sound')
    expect(verdict('run_copal_varnish')).to.equal('unsound')
  })
})

describe('packing and sheen', () => {
  it('0.8 mm of cloth and paint asks for a drum of 267 mm, thinner for 200', () => {
    expect(Math.round(drumMm(0.8, 1))).to.equal(267)
    expect(drumMm(0.3, 1)).to.equal(200)
  })
  it('more matt varnish is never glossier', () => {
    const gloss = [0, 0.25, 0.5, 0.75, 1].map((share) => mixedSheen(share).gloss)
    expect(gloss).to.deep.equal([...gloss].sort((a, b) => b - a))
    expect([mixedSheen(0).word, mixedSheen(1).word]).to.deep.equal(['glossy', 'matt'])
  })
})
