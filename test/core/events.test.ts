import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { filmOf } from '../../src/core/film/film.ts'
import { dryUmOf, wetUmFromUse, wetUmFromWeight, wetUmOf } from '../../src/core/film/thickness.ts'
import { isolatingPlan, mostDrierDrops } from '../../src/core/finish/isolating.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { raisedTargets } from '../../src/core/plan/raised.ts'
import { biteOn } from '../../src/core/soundness/solventBite.ts'
import { forecastOf, likelyCured } from '../../src/core/cure/forecast.ts'
import { solveCure } from '../../src/core/cure/solver.ts'
import type { StackEvent } from '../../src/core/stack/event.ts'
import { fold, readied } from '../../src/core/stack/fold.ts'
import type { Stratum } from '../../src/core/stack/fold.ts'
import { drawnShares } from '../../src/core/stack/map.ts'
import type { MapShape } from '../../src/core/stack/map.ts'
import { withPaintedInto } from '../../src/core/stack/paintedInto.ts'
import { referenceClimate } from '../../src/core/cure/climate.ts'
import { soundnessRequest } from '../../src/document/compute.ts'
import { computeSoundness } from '../../src/studio/computing/soundness.ts'
import type { Severity } from '../../src/core/severity.ts'

const tube = (pigment: string, parts = 1, oil = 'linseed_alkali_refined') => ({
  pigments: [{ pigment, share: 1 }],
  oil,
  grind: 1.25,
  parts,
})
const paint = (pigment: string, appliedDay: number, rest: object = {}) => ({
  name: pigment,
  paints: [tube(pigment)],
  wetThicknessUm: 70,
  appliedDay,
  ...rest,
})
const clear = (appliedDay: number, wetThicknessUm: number, rest: object = {}) => ({
  name: 'clear',
  clear: 'linseed_alkali_refined',
  wetThicknessUm,
  appliedDay,
  ...rest,
})
const off = (how: string, appliedDay: number, rest: object = {}, more: object = {}) => ({
  name: how,
  removal: { how, ...rest },
  appliedDay,
  ...more,
})
const acrylic = (appliedDay: number, rest: object = {}) => ({
  name: 'acrylic',
  paints: [tube('pw6_rutile', 1, 'acrylic_dispersion')],
  wetThicknessUm: 60,
  appliedDay,
  ...rest,
})

const judged = (layers: readonly object[], rest: object = {}) =>
  computeSoundness(
    soundnessRequest.parse({ support: 'hardwood_panel', practice: 'oil-led', layers, ...rest }),
  )
/** How grave a rule is in a stack; null: it is silent. */
const said = (rule: string, layers: readonly object[], rest: object = {}): Severity | null =>
  judged(layers, rest).findings.find((finding) => finding.rule === rule)?.severity ?? null

describe('several passes of one sitting', () => {
  const mixture = (pigment: string, wetThicknessUm: number) => ({
    paints: [tube(pigment)],
    wetThicknessUm,
  })
  const pass = (pigment: string, um: number, isPass: boolean): StackEvent => ({
    kind: 'paint',
    name: pigment,
    areas: [],
    isPass,
    mixture: mixture(pigment, um),
  })
  const strata = (events: readonly StackEvent[]): readonly Stratum[] =>
    fold(
      events.map((event) => readied(event, findInLibrary)),
      '',
      0,
    )

  it('are one film, mixed by volume', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 300, noNaN: true }), (um) => {
        const [film, ...more] = strata([pass('py43', um, false), pass('py43', 2 * um, true)])
        const once = filmOf(mixture('py43', 3 * um), findInLibrary)
        expect(more).to.deep.equal([])
        expect(film!.passes.map(({ event }) => event)).to.deep.equal([0, 1])
        expect(once.ok && once.film.dryThicknessUm).to.be.closeTo(film!.film.dryThicknessUm, 1e-6)
        expect(once.ok && once.film.oilContent).to.be.closeTo(film!.film.oilContent, 1e-9)
      }),
    )
  })
  it('lie between their fattest and their leanest', () => {
    const [film] = strata([pass('pbk9', 40, false), pass('pw6_rutile', 60, true)])
    const oil = film!.passes.map(({ mix }) => mix.film.oilContent).sort()
    expect(film!.film.oilContent).to.be.within(oil[0]!, oil[1]!)
  })
  it('are dug into from the last: half of two equal passes taken leaves the first', () => {
    const events = [pass('pbk9', 50, false), pass('pw6_rutile', 50, true)]
    const [dug] = strata([...events, { kind: 'removal', name: 'dug', areas: [], how: 'scrape', takes: 0.5 }])
    const [black] = strata([events[0]!])
    expect(dug!.film.oilContent).to.be.closeTo(black!.film.oilContent, 0.02)
    expect(dug!.taken).to.deep.equal([{ event: 2, takes: 0.5 }])
  })
  it('bear no gate between them, though the same paint an hour later as a layer would', () => {
    const layers = [
      paint('pw6_rutile', 0),
      paint('pbk9', 0.1, { pass: true }),
      paint('pbr7_burnt_umber', 0.15, { pass: true }),
    ]
    expect(judged(layers).verdict).to.equal('sound')
  })
})

describe('what takes paint off', () => {
  const three = [paint('py43', 0), paint('pw6_rutile', 14), paint('pb29', 40)]
  it('dissolving the third layer ends the stack at the second, which the solvent bites and has to leave', () => {
    const layers = [...three, off('dissolve', 43, { solvent: 'gum_turpentine' }), paint('pr102', 43.5)]
    expect(said('solvent-leaving', layers)).to.equal('watch')
    expect(said('solvent-leaving', [...layers.slice(0, -1), paint('pr102', 44.1)])).to.equal(null)
    expect(judged(layers).findings.some(({ rule, under }) => rule === 'mismatch' && under === 2)).to.equal(
      false,
    )
    const young = [paint('py43', 0), paint('pb29', 4), off('dissolve', 6, { solvent: 'acetone' })]
    expect(said('solvent-bite', young)).to.equal('unsound')
  })
  it('wiping is for wet paint, the knife for soft, abrasive for firm; each is refused past its time', () => {
    expect(said('taking-off', [paint('pw6_rutile', 0), off('wipe', 0.2)])).to.equal(null)
    expect(said('taking-off', [paint('pw6_rutile', 0), off('wipe', 30)])).to.equal('unsound')
    expect(said('taking-off', [paint('pw6_rutile', 0), off('scrape', 3)])).to.equal(null)
    expect(said('taking-off', [paint('pw6_rutile', 0), off('scrape', 200)])).to.equal('watch')
    expect(said('taking-off', [paint('pw6_rutile', 0), off('sand-wet', 2, { takesUm: 5 })])).to.equal(
      'unsound',
    )
    expect(said('taking-off', [paint('pw6_rutile', 0), off('sand-wet', 200, { takesUm: 5 })])).to.equal(null)
  })
  it('never abrades lead, and solvent hardly takes what has cured', () => {
    expect(said('taking-off', [paint('pw1', 0), off('sand-wet', 300, { takesUm: 5 })])).to.equal('unsound')
    const old = [paint('py43', 0), off('dissolve', 900, { solvent: 'isoparaffin' })]
    expect(said('taking-off', old)).to.equal('watch')
  })
  it('solvent on the cloth leaves a trace of what is wiped, a dry cloth none', () => {
    const events = (solvent: boolean): readonly StackEvent[] => [
      { kind: 'paint', name: 'a', areas: [], mixture: { paints: [tube('py43')], wetThicknessUm: 60 } },
      {
        kind: 'removal',
        name: 'wiped',
        areas: [],
        how: 'wipe',
        takes: 1,
        ...(solvent && { solvent: findInLibrary('gum_turpentine')! }),
      },
    ]
    const left = (solvent: boolean) => {
      const [film] = fold(
        events(solvent).map((event) => readied(event, findInLibrary)),
        '',
        0,
      )
      return film!.taken.reduce((um, { takes }) => um * (1 - takes), film!.thickestUm)
    }
    expect(left(false)).to.equal(0)
    expect(left(true)).to.be.closeTo(2, 1e-9)
  })
  it('in one part of a picture leaves the other as it was', () => {
    const layers = [
      paint('py43', 0),
      paint('pbk9', 60, {
        medium: { lines: [{ material: 'linseed_cold_pressed', amount: 1, unit: 'ml' }], parts: 1 },
      }),
      off('wipe', 60.1, {}, { areas: ['sky'] }),
      paint('pbr7_burnt_umber', 63, { areas: ['sky', 'sea'], wetThicknessUm: 40 }),
    ]
    const { areas } = judged(layers)
    expect(areas.find(({ area }) => area === 'sky')!.verdict).to.equal('sound')
    expect(areas.find(({ area }) => area === 'sea')!.verdict).to.equal('unsound')
  })
  it('a varnish comes off by itself, and then what is under it may be painted on', () => {
    const varnish = {
      name: 'varnish',
      paints: [],
      medium: { lines: [{ material: 'hydrocarbon_varnish_25', amount: 1, unit: 'ml' }], parts: 1 },
      wetThicknessUm: 30,
      appliedDay: 500,
      event: 'varnish',
    }
    const over = paint('pw6_rutile', 520, { prepared: 'wet-scuff' })
    expect(said('varnish-between', [paint('py43', 0), varnish, over])).to.equal('unsound')
    const taken = off('varnish-off', 510, { solvent: 'mineral_spirit_dearomatised_low_flash' })
    expect(said('varnish-between', [paint('py43', 0), varnish, taken, over])).to.equal(null)
  })
})

describe('clear films are layers', () => {
  it('paint of 42 % oil over a clear coat is leaner than it: refused while that is soft, watched once it is firm', () => {
    const coat = (day: number) => [paint('py43', 0), clear(60, 25), paint('pw6_rutile', day)]
    expect(said('fat-over-lean', coat(63))).to.equal('unsound')
    expect(said('fat-over-lean', coat(100))).to.equal('watch')
  })
  it('what is oiled out and painted into at once joins that layer; later it is a layer of its own', () => {
    const outAt = (day: number, um = 5) => [
      paint('py43', 0),
      clear(60, um, { event: 'oil-out' }),
      paint('pw6_rutile', day),
    ]
    expect(said('oiled-out-not-reworked', outAt(60.1))).to.equal(null)
    expect(said('fat-over-lean', outAt(60.1))).to.equal(null)
    expect(said('oiled-out-not-reworked', outAt(64))).to.equal('watch')
    expect(said('oiled-out-not-reworked', outAt(64, 2))).to.equal(null)
    expect(said('oiled-out-not-reworked', outAt(64, 25))).to.equal('unsound')
  })
  it('what is wiped off again is not left: 7 of 10 parts wiped leave three', () => {
    const layers = [
      paint('py43', 0),
      clear(60, 10, { event: 'oil-out', wipedShare: 0.7 }),
      paint('pw6_rutile', 70),
    ]
    expect(said('oiled-out-not-reworked', layers)).to.equal(null)
  })
  it('oil joins only where it is painted into', () => {
    const events: readonly StackEvent[] = [
      {
        kind: 'clear',
        name: 'oil',
        areas: [],
        purpose: 'oil-out',
        coat: [{ material: findInLibrary('walnut')!, massG: 0.92, volumeMl: 1 }],
        wetThicknessUm: 5,
      },
      { kind: 'paint', name: 'sky', areas: ['sky'], mixture: { paints: [tube('pb29')], wetThicknessUm: 60 } },
    ]
    const ready = withPaintedInto(
      events.map((event) => readied(event, findInLibrary)),
      (at) => at / 24,
      referenceClimate,
    )
    expect(fold(ready, 'sky', 0).map(({ event }) => event)).to.deep.equal([1])
    expect(fold(ready, 'sea', 0).map(({ event }) => event)).to.deep.equal([0])
  })
})

describe('waterborne starts', () => {
  it('take oil once their water has left: hours too soon is unsound, days are advised, cold and damp double them', () => {
    const oilAfter = (days: number, climate?: object) =>
      said('oil-over-wet-waterborne', [acrylic(0), paint('py43', days)], climate && { climate })
    expect(oilAfter(0.1)).to.equal('unsound')
    expect(oilAfter(2)).to.equal('watch')
    expect(oilAfter(3)).to.equal(null)
    expect(oilAfter(4, { temperatureC: 10, relativeHumidityPct: 60 })).to.equal('watch')
  })
  it('are refused over oil, however old it is', () => {
    expect(said('water-over-oil', [paint('py43', 0), acrylic(400)])).to.equal('unsound')
  })
  it('drink a rim of oil round a part, unless the whole is isolated, or 10 mm past its edge', () => {
    const thirsty = {
      name: 'gouache',
      paints: [],
      medium: {
        lines: [
          { material: 'pw6_rutile', amount: 75, unit: 'g' },
          { material: 'acrylic_dispersion', amount: 25, unit: 'g' },
        ],
        parts: 1,
      },
      wetThicknessUm: 80,
      appliedDay: 0,
    }
    const head = paint('pw6_rutile', 20, {
      areas: ['head'],
      medium: { lines: [{ material: 'linseed_cold_pressed', amount: 1, unit: 'ml' }], parts: 0.4 },
    })
    expect(said('halo', [thirsty, head])).to.not.equal(null)
    const isolated = (rest: object) => clear(7, 25, { event: 'isolating', ...rest })
    expect(said('halo', [thirsty, isolated({}), head])).to.equal(null)
    expect(said('halo', [thirsty, isolated({ areas: ['head'] }), head])).to.not.equal(null)
    const margin = isolated({ areas: ['head'], pastEdgeMm: 10 })
    expect(said('halo', [thirsty, margin, head])).to.equal(null)
    expect(said('halo', [thirsty, margin, { ...head, areas: ['head', 'hand'] }])).to.not.equal(null)
  })
})

describe('solvent bites what is young or soluble', () => {
  const film = (resin: number, wax = 0) => ({ binder: { resin, wax } }) as Parameters<typeof biteOn>[0]
  it('nine percent of resin, two fifths cured, under 30 % white spirit: 0.53; under 10 %: 0.18', () => {
    expect(biteOn(film(0.09), 0.4, { share: 0.3, power: 1 })).to.be.closeTo(0.5325, 1e-9)
    expect(biteOn(film(0.09), 0.4, { share: 0.1, power: 1 })).to.be.closeTo(0.1775, 1e-9)
  })
  it('what has cured and holds no resin is not bitten; turpentine bites half as hard again as white spirit', () => {
    expect(biteOn(film(0), 0.8, { share: 1, power: 3 })).to.equal(0)
    const [spirit, turpentine] = [1, 1.5].map((power) => biteOn(film(0.1), 0.5, { share: 0.3, power }))
    expect(turpentine! / spirit!).to.be.closeTo(1.5, 1e-9)
  })
  it('a film is as far cured, between its states, as the solver says within a few hundredths', () => {
    const { layers, days, mean } = solveCure(
      [{ thicknessUm: 50, rate: 1, q: 0.5, appliedDay: 0, start: 1, through: 1 }],
      250,
    )!
    for (const day of [2, 4, 10, 30, 100]) {
      const at = days.findIndex((one) => one >= day)
      expect(likelyCured(forecastOf(layers[0]!, 50), day)).to.be.closeTo(mean[0]![at]!, 0.05)
    }
  })
})

describe('an old picture as ground', () => {
  const first = (rest: object = {}) => [paint('pw6_rutile', 0, rest)]
  const on = (old: object, rest: object = {}) => said('old-picture', first(rest), { old })
  it('four years old and varnished it blocks until the varnish is off and it has a tooth', () => {
    expect(on({ isVarnished: true, years: 4 })).to.equal('unsound')
    expect(on({ isVarnished: true, years: 4, prepared: 'wet-scuff' })).to.equal('unsound')
    expect(on({ years: 4 })).to.equal('unsound')
    expect(on({ years: 4, prepared: 'oiled-out' })).to.equal(null)
    expect(on({ years: 4 }, { prepared: 'wet-scuff' })).to.equal(null)
  })
  it('wax in it refuses oil whatever is done', () => {
    expect(on({ isWaxy: true, prepared: 'wet-scuff' })).to.equal('unsound')
  })
  it('is sealed: no ground drinks from what is painted on it', () => {
    const old = { years: 4, prepared: 'wet-scuff' }
    const [washed, bare] = [old, undefined].map((under) =>
      said('underbound', first({ wetThicknessUm: 25, thinner: { material: 'gum_turpentine', parts: 4 } }), {
        ground: 'chalk_glue_gesso',
        ...(under && { old: under }),
      }),
    )
    expect([washed, bare]).to.deep.equal([null, 'unsound'])
  })
})

describe('a dried film that sheds the next', () => {
  const alkydGlaze = {
    medium: { lines: [{ material: 'alkyd_medium_fluid', amount: 1, unit: 'ml' }], parts: 2 },
    wetThicknessUm: 20,
  }
  const again = (rest: object = {}) => [
    paint('pw6_rutile', 0),
    paint('pb29', 10, alkydGlaze),
    paint('py43', 400, rest),
  ]
  it('a year-old glossy glaze is no hold, until it is scuffed wet or oiled out and rubbed off', () => {
    expect(said('overaged', again())).to.not.equal(null)
    expect(said('overaged', again({ prepared: 'wet-scuff' }))).to.equal(null)
    expect(said('cissing', again({ prepared: 'oiled-out' }))).to.equal(null)
  })
  it('the scuff counts as an event of its own too, for two days', () => {
    const scuffed = (day: number) => [
      ...again().slice(0, 2),
      off('sand-wet', day, { takesUm: 3 }),
      again()[2]!,
    ]
    expect(said('overaged', scuffed(399))).to.equal(null)
    expect(said('overaged', scuffed(390))).to.not.equal(null)
  })
})

describe('an isolating plan', () => {
  const idea = {
    areaM2: 0.09,
    wetUm: 25,
    solids: 0.4,
    suctionUm: 0,
    coats: 2,
    intervalDays: 5,
    touchDays: 3,
  }
  it('0.09 m², two coats of 25 ml on a square metre: 4.5 ml, 5 days apart, painted on after 10', () => {
    const plan = isolatingPlan(idea)
    expect(plan.totalMl).to.be.closeTo(4.5, 1e-9)
    expect(plan.coatDays).to.deep.equal([0, 5])
    expect(plan.paintDay).to.equal(10)
    expect(plan.isThick).to.equal(false)
  })
  it('a coat that dries slower than the painter waits is waited for; half oil at 25 ml is over 10 µm', () => {
    expect(isolatingPlan({ ...idea, touchDays: 9 }).paintDay).to.equal(18)
    expect(isolatingPlan({ ...idea, solids: 0.5 }).isThick).to.equal(true)
  })
  it('holds at most half the drier that is advised, in whole drops', () => {
    const cobalt = findInLibrary('cobalt')!
    const dropG = cobalt.dropMl! * cobalt.densityGPerMl.mid
    const drops = mostDrierDrops(cobalt, 100)!
    const metalPercent = (drops * dropG * cobalt.metalPercent!) / 100
    expect(metalPercent).to.be.at.most(cobalt.maxMetalPercent! / 2)
    expect(metalPercent).to.be.above(cobalt.maxMetalPercent! / 2 - (dropG * cobalt.metalPercent!) / 100)
    expect(mostDrierDrops(findInLibrary('walnut')!, 100)).to.equal(null)
  })
  it('takes as many coats as stop the suction, one where nothing drinks', () => {
    expect(isolatingPlan({ ...idea, coats: null }).coats).to.equal(1)
    const thirsty = isolatingPlan({ ...idea, coats: null, suctionUm: 20 })
    expect(thirsty.coats).to.be.above(1)
    expect(thirsty.suctionLeftUm).to.equal(0)
  })
})

describe('planned and done', () => {
  it('a layer planned at 42 % that comes out at 46 % raises the next to 47 %', () => {
    const [, second, third] = raisedTargets([
      { planned: 0.4, actual: 0.4 },
      { planned: 0.42, actual: 0.46 },
      { planned: 0.42, actual: null },
    ])
    expect(second).to.equal(null)
    expect(third).to.be.closeTo(0.47, 1e-9)
  })
  it('keeps the planned steps above it, and leaves alone what came out as planned or leaner', () => {
    const steps = [
      { planned: 0.42, actual: 0.46 },
      { planned: 0.45, actual: null },
      { planned: 0.48, actual: null },
    ]
    const [, second, third] = raisedTargets(steps)
    expect(second).to.be.closeTo(0.49, 1e-9)
    expect(third).to.be.closeTo(0.52, 1e-9)
    expect(raisedTargets([{ planned: 0.42, actual: 0.4 }, ...steps.slice(1)])).to.deep.equal([
      null,
      null,
      null,
    ])
  })
})

describe('how thick a layer really is', () => {
  it('2 ml over 0.02 m² is 100 µm wet, and 60 µm dry where 60 % of it stays', () => {
    expect(wetUmFromUse(2, 200)).to.be.closeTo(100, 1e-9)
    expect(dryUmOf(100, 0.4)).to.be.closeTo(60, 1e-9)
    expect(wetUmOf(60, 0.4)).to.be.closeTo(100, 1e-9)
    expect(wetUmOf(60, 1)).to.equal(null)
  })
  it('what a picture gained on the scale says the same as the millilitres that went on', () => {
    expect(wetUmFromWeight(2 * 1.5, 1.5, 200)).to.be.closeTo(wetUmFromUse(2, 200), 1e-9)
  })
})

describe('the map of a picture', () => {
  const box = (x: number, y: number, width: number, height: number): MapShape => ({
    kind: 'box',
    x,
    y,
    width,
    height,
  })
  it('measures a box, an outline and a stroke', () => {
    const share = (shape: MapShape, aspect = 1): number =>
      drawnShares([{ id: 'a', shapes: [shape] }], aspect).get('a')!
    expect(share(box(0.1, 0.2, 0.5, 0.5))).to.be.closeTo(0.25, 0.005)
    expect(share({ kind: 'outline', points: [0, 0, 1, 0, 0, 1] })).to.be.closeTo(0.5, 0.005)
    // Along the whole width of a picture twice as wide as high, a tenth of the width is a fifth of the height.
    expect(share({ kind: 'stroke', points: [-0.2, 0.5, 1.2, 0.5], width: 0.1 }, 0.5)).to.be.closeTo(0.2, 0.01)
  })
  it('no place belongs to two parts, whatever is drawn: shares come to no more than the picture', () => {
    const side = fc.double({ min: 0, max: 1, noNaN: true })
    const boxes = fc.array(fc.tuple(side, side, side, side), { minLength: 1, maxLength: 5 })
    fc.assert(
      fc.property(boxes, (drawn) => {
        const areas = drawn.map(([x, y, w, h], at) => ({
          id: `${at}`,
          shapes: [box(x, y, w + 0.01, h + 0.01)],
        }))
        const shares = [...drawnShares(areas, 1).values()]
        expect(shares.reduce((sum, one) => sum + one, 0)).to.be.at.most(1 + 1e-9)
        const last = areas.at(-1)!
        expect(shares[0]).to.equal(drawnShares([last], 1).get(last.id))
      }),
      { numRuns: 20 },
    )
  })
})

describe('a picture on another day', () => {
  it('each film is seen through its depth: its surface is never behind its bottom, and no day undoes another', () => {
    const film = { thicknessUm: 600, rate: 0.8, q: 0.5, appliedDay: 10, start: 1, through: 1 }
    const { snapshots } = solveCure([film], 400, referenceClimate, { snapshotDays: [5, 20, 60, 399] })!
    const [before, ...later] = snapshots.map(([profile]) => profile!)
    expect(before).to.equal(null)
    for (const profile of later) expect(profile.at(-1)!).to.be.at.least(profile[0]!)
    expect(later[1]![0]!).to.be.at.least(later[0]![0]!)
    expect(later[2]![0]!).to.be.at.least(later[1]![0]!)
  })
})
