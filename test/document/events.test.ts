import { expect } from 'chai'
import { describe, it } from 'mocha'
import { eventKinds, isRemoval, kindTable } from '../../src/core/stack/kinds.ts'
import { isFilm } from '../../src/core/plan/step.ts'
import { stateOn } from '../../src/core/cure/forecast.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { areaColour, drawnAreas } from '../../src/document/picture/areaMap.ts'
import { areaCm2Of } from '../../src/document/picture/area.ts'
import { newArea } from '../../src/document/picture/areas.ts'
import { assess } from '../../src/document/judging/assess.ts'
import { eventSchema } from '../../src/document/event.ts'
import { asKind, eventOfKind, startOf } from '../../src/document/picture/eventStart.ts'
import { layerSchema } from '../../src/document/layer.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import { livingOf, profileOn } from '../../src/document/dates/living.ts'
import { asOldPicture } from '../../src/document/judging/oldPicture.ts'
import { nextDate } from '../../src/document/picture/pictureDates.ts'
import { differencesOf, raisesIn } from '../../src/document/judging/plannedActual.ts'
import { packedOn } from '../../src/document/judging/packed.ts'
import { stillSoft } from '../../src/document/judging/stateReached.ts'
import { solve } from '../../src/document/dates/solve.ts'
import { readStored } from '../../src/document/kinds.ts'
import { findInStudio } from '../../src/document/studioMaterials.ts'
import { quietDayOf, summaryOf } from '../../src/document/judging/summary.ts'
import { stepsOfSummary } from '../../src/document/judging/summarySteps.ts'
import { layer, medium, paintedAt, painting, picture, touched } from '../studio/bodies.ts'

const find = findInStudio([])
const white: LayerDocument['paints'] = [
  { pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'linseed_alkali_refined', parts: 1 },
]
const oil = medium('oil', {
  recipe: { lines: [{ material: 'linseed_alkali_refined', amount: 1, unit: 'ml' }] },
})
const at = (day: number, hour = 10): string =>
  `2026-10-${String(day).padStart(2, '0')}T${String(hour).padStart(2, '0')}:00`

describe('every kind of event', () => {
  for (const kind of eventKinds)
    it(`${kindTable[kind].name}: begins with what it asks, and ${isRemoval(kind) ? 'takes a film off' : 'lays one'}`, () => {
      expect(eventSchema.safeParse(eventOfKind(kind)).success).to.equal(true)
      const under = paintedAt(
        at(1),
        layer('a', 'p', 0, { paints: white, event: { kind: 'varnish', coats: 1 } }),
      )
      const done = paintedAt(at(2), layer('b', 'p', 1, startOf(kind)))
      expect(layerSchema.safeParse(done).success).to.equal(true)
      const { layers } = assess(picture([under, done]), find)
      const gone = layers[0]!.spots[0]!.goneBy
      expect(layers[1]!.problem).to.equal(null)
      expect(layers[1]!.spots.length).to.equal(isRemoval(kind) ? 0 : 1)
      expect(gone).to.equal(isRemoval(kind) && kind !== 'sand-wet' ? 1 : null)
    })
  it('a room without solvents begins none with solvent', () => {
    for (const kind of eventKinds) expect(startOf(kind, true).thinner).to.equal(null)
  })
  it('paint that becomes a glaze stays the same paint; what becomes a varnish is one', () => {
    const body = layer('a', 'p', 0, { paints: white })
    expect(asKind({ ...body, wetThicknessUm: 70 }, 'glaze')).to.deep.equal({
      event: { kind: 'glaze' },
      wetThicknessUm: kindTable.glaze.wetUm,
    })
    expect(asKind({ ...body, wetThicknessUm: 55 }, 'glaze').wetThicknessUm).to.equal(55)
    expect(asKind(body, 'varnish').paints).to.deep.equal([])
  })
})

describe('what a plan waits for', () => {
  const first = paintedAt(at(1), layer('a', 'p', 0, { paints: white }))
  const dated = (second: LayerDocument) => {
    const shown = picture([first, second])
    return assess(shown, find, solve(shown, find)!).layers[1]!
  }
  it('taking off waits for nothing; what it bares rests before it is painted on', () => {
    const dissolved = layer('b', 'p', 1, { ...startOf('dissolve') })
    const over = layer('c', 'p', 2, { paints: white })
    const shown = picture([first, dissolved, over])
    const [, off, next] = assess(shown, find).layers
    expect(off!.step.asks).to.equal('nothing')
    expect(off!.step.spots.some(isFilm)).to.equal(false)
    expect(next!.date.day - off!.date.day).to.be.at.least(1)
  })
  it('a varnish waits for what its resin asks of all that lies under it, longer than the next layer does', () => {
    const paintDay = dated(layer('b', 'p', 1, { paints: white })).date.day
    const soft = dated(layer('b', 'p', 1, startOf('varnish')))
    expect(soft.step.asks).to.deep.equal({ state: 'varnishSoft', restDays: 0 })
    expect(soft.date.day).to.be.above(paintDay + 7)
    const damar = dated(
      layer('b', 'p', 1, { ...startOf('varnish'), besides: [{ material: 'damar_varnish_30', parts: 1 }] }),
    )
    expect(damar.date.day).to.be.above(soft.date.day)
  })
  it('what was taken off holds nothing up, and asks for no finger', () => {
    const wiped = paintedAt(at(1, 12), layer('b', 'p', 1, startOf('wipe')))
    const shown = picture([first, wiped])
    const summary = summaryOf(shown, assess(shown, find))
    expect(stepsOfSummary(summary, null).flatMap(({ spots }) => spots.filter(isFilm))).to.deep.equal([])
    expect(quietDayOf(summary, null)).to.equal(-1)
  })
})

describe('what is kept of a judged picture', () => {
  const shown = picture([
    paintedAt(at(1), layer('a', 'p', 0, { paints: white })),
    paintedAt(at(2), layer('b', 'p', 1, startOf('dissolve'))),
    layer('c', 'p', 2, { paints: white }),
  ])
  const assessed = assess(shown, find)
  const kept = summaryOf(shown, assessed)
  it('is what dates are reckoned from, and no film: a page reads hundreds of them', () => {
    expect(Object.keys(kept.layers[0]!.spots[0]!)).to.have.members([
      ...['area', 'gate', 'goneBy', 'days', 'sigma', 'followsRoom'],
    ])
    expect(JSON.stringify(kept).length / kept.layers.length).to.be.below(1000)
  })
  it('gives the same steps back, what rests and what is gone among them', () => {
    const steps = stepsOfSummary(JSON.parse(JSON.stringify(kept)) as typeof kept, null)
    const told = ({ spots }: (typeof steps)[number]) =>
      spots.map(({ area, gate, goneBy, restDays }) => ({ area, gate, goneBy, restDays }))
    expect(steps.map(told)).to.deep.equal(assessed.layers.map(({ step }) => told(step)))
    expect(steps[0]!.spots[0]!.goneBy).to.equal(1)
    expect(steps[1]!.spots[0]!.restDays).to.equal(1)
  })
})

describe('oil rubbed on a dull place', () => {
  const first = paintedAt(at(1), layer('a', 'p', 0, { paints: white }))
  const out = paintedAt(at(20, 9), layer('b', 'p', 1, startOf('oil-out')))
  const strataOf = (...layers: LayerDocument[]) => assess(picture(layers), find).areas[0]!.layers
  it('joins what is painted into it the same morning, and is a film of its own a week later', () => {
    const over = layer('c', 'p', 2, { paints: white })
    expect(strataOf(first, out, paintedAt(at(20, 11), over))).to.deep.equal([0, 2])
    expect(strataOf(first, out, paintedAt(at(27), over))).to.deep.equal([0, 1, 2])
  })
  it('joins in a plan what goes on in the same sitting, and nothing else', () => {
    const planned = layer('b', 'p', 1, startOf('oil-out'))
    const over = layer('c', 'p', 2, { paints: white })
    expect(strataOf(first, planned, { ...over, wetInWet: true })).to.deep.equal([0, 2])
    expect(strataOf(first, planned, over)).to.deep.equal([0, 1, 2])
  })
})

describe('a picture painted over another', () => {
  it('drinks nothing, and no ground of its own is spoken of', () => {
    const soup = layer('a', 'p', 0, { ...startOf('wash'), wetThicknessUm: 25 })
    const ground = { ground: 'chalk_glue_gesso', support: 'linen_stretched' }
    const old = {
      paintingId: null,
      title: '',
      isVarnished: false,
      isWaxy: false,
      isGlossy: true,
      years: 4,
      prepared: null,
    }
    const bare = assess(picture([soup], { painting: painting('p', ground) }), find)
    const over = assess(picture([soup], { painting: painting('p', { ...ground, old }) }), find)
    expect(bare.layers[0]!.worst!.film.drunkUm).to.be.above(0)
    expect(over.layers[0]!.worst!.film.drunkUm).to.equal(0)
    const rules = over.findings.map(({ rule }) => rule)
    expect(rules).to.include('old-picture')
    expect(rules.filter((rule) => rule.startsWith('ground'))).to.deep.equal([])
  })
})

describe('how far a whole picture has come', () => {
  const first = paintedAt(at(1), layer('a', 'p', 0, { paints: white }))
  it('is its slowest film; what is planned counts once its day has come, what is gone no more', () => {
    const thick = layer('b', 'p', 1, { paints: white, wetThicknessUm: 1500, plannedOn: '2027-03-01' })
    const shown = picture([first, thick])
    const judged = assess(shown, find)
    const on = (day: string) => packedOn(shown, judged, dayOf(day)!).state
    expect(on('2026-09-01')).to.equal('bare')
    expect(on('2026-10-02')).to.equal('wet')
    expect(['firm', 'set', 'varnishSoft']).to.include(on('2027-02-20'))
    expect(on('2027-03-03')).to.equal('wet')
    const wiped = picture([first, paintedAt(at(1, 12), layer('c', 'p', 1, startOf('wipe')))])
    expect(packedOn(wiped, assess(wiped, find), dayOf('2026-10-02')!).state).to.equal('bare')
  })
  it('names what is still soft on a day: what was taken off, or is not painted yet, is not', () => {
    const gone = paintedAt(at(1, 12), layer('b', 'p', 1, startOf('wipe')))
    const over = layer('c', 'p', 2, { paints: white, plannedOn: '2027-03-01' })
    const softOn = (day: string, ...layers: LayerDocument[]) =>
      stillSoft(picture(layers), assess(picture(layers), find), dayOf(day)!)
    expect(softOn('2026-10-03', first, over)).to.deep.equal(['Layer a'])
    expect(softOn('2026-10-03', first, gone, over)).to.deep.equal([])
    expect(softOn('2027-03-03', first, over)).to.deep.equal(['Layer c'])
  })
  it('what dries by losing water is drying, then dry: it is never touch dry, nor firm', () => {
    const acrylic = paintedAt(at(1), layer('a', 'p', 0, startOf('waterborne')))
    const { forecast } = assess(picture([acrylic]), find).layers[0]!
    expect([0.5, 2, 4, 400].map((day) => stateOn(forecast, day))).to.deep.equal([
      ...['drying', 'drying', 'dry', 'dry'],
    ])
    const { forecast: oily } = assess(picture([first]), find).layers[0]!
    expect(stateOn(oily, 0.5)).to.equal('wet')
    expect(stateOn(oily, 1000)).to.equal('cured')
  })
})

describe('passes of one sitting', () => {
  const film = paintedAt(at(1, 9), layer('a', 'p', 0, { paints: white }))
  const pass = paintedAt(
    at(1, 12),
    layer('b', 'p', 1, {
      paints: [{ pigments: [{ pigment: 'pbk9', share: 1 }], oil: 'linseed_alkali_refined', parts: 1 }],
      wetInWet: true,
      pass: true,
    }),
  )
  it('lie as one film, found under either; a finger on the one tells of the other', () => {
    const nail = [touched('b', at(20), { check: 'fingernail', passed: true })]
    const { layers, areas } = assess(picture([film, pass], { touchTests: nail }), find)
    expect(areas[0]!.layers).to.deep.equal([0])
    expect(layers[1]!.spots[0]).to.equal(layers[0]!.spots[0])
    expect(layers[0]!.spots[0]!.passes).to.have.length(2)
    expect(layers[0]!.forecast.evidence).to.have.length(1)
  })
})

describe('planned, and done', () => {
  const plan = (id: string, position: number, parts: number) =>
    layer(id, 'p', position, { paints: white, medium: { mediumId: 'oil', parts } })
  const used = { name: 'Oil', recipe: oil.recipe }
  const below = paintedAt(at(1), plan('a', 0, 0.1), used)
  const fatter: LayerDocument = {
    ...below,
    painted: { ...below.painted!, medium: { mediumId: 'oil', parts: 0.5 } },
    plannedOn: '2026-09-20',
  }
  it('a difference is told in the words of films and days; as planned nothing is told', () => {
    const shown = picture([fatter], { mediums: [oil] })
    expect(differencesOf(fatter, shown, find).map(({ what }) => what)).to.deep.equal(['oil', 'days'])
    expect(differencesOf(below, shown, find)).to.deep.equal([])
  })
  it('a layer over one that came out fatter is raised by the medium it is painted with, once', () => {
    const over = plan('b', 1, 0.15)
    const [raise, ...more] = raisesIn(picture([fatter, over], { mediums: [oil] }), '', find)
    expect(more).to.deep.equal([])
    expect(raise!.layerId).to.equal('b')
    expect(raise!.change.medium.parts).to.be.above(0.5)
    const raised = { ...over, ...raise!.change }
    expect(raisesIn(picture([fatter, raised], { mediums: [oil] }), '', find)).to.deep.equal([])
  })
  it('a recipe written anew since is no difference', () => {
    const now = { ...oil, recipe: { lines: [{ material: 'walnut', amount: 1, unit: 'ml' as const }] } }
    expect(differencesOf(below, picture([below], { mediums: [now] }), find)).to.deep.equal([])
  })
  it('nothing is raised where what lies under came out as planned', () => {
    expect(raisesIn(picture([below, plan('b', 1, 0.05)], { mediums: [oil] }), '', find)).to.deep.equal([])
  })
})

describe('a picture on another day', () => {
  it('shows each film from the day it lies there until it is taken off, cured further every day', () => {
    const first = paintedAt(at(1), layer('a', 'p', 0, { paints: white, wetThicknessUm: 300 }))
    const off = paintedAt(at(20), layer('b', 'p', 1, startOf('scrape')))
    const shown = picture([first, off])
    const from = dayOf('2026-09-25')!
    const living = livingOf(shown, find, solve(shown, find)!, [from, from + 60])
    const on = (day: string) => profileOn(living, '', 'a', dayOf(day)!)
    expect(on('2026-09-28')).to.equal(null)
    expect(on('2026-10-25')).to.equal(null)
    const [young, older] = [on('2026-10-05')!, on('2026-10-15')!]
    expect(older[0]!).to.be.above(young[0]!)
    expect(young.at(-1)!).to.be.at.least(young[0]!)
  })
  it('says nothing of the depth of what dries by losing water', () => {
    const acrylic = paintedAt(at(1), layer('a', 'p', 0, startOf('waterborne')))
    const shown = picture([acrylic])
    const living = livingOf(shown, find, solve(shown, find)!, [0, 1])
    expect(living.areas[0]!.films[0]!.profiles).to.equal(null)
  })
})

describe('the record of a picture', () => {
  it('60 × 80 cm are 0.48 m²; a scumble over half of a quarter of it wants for an eighth', () => {
    const sky = { ...newArea('sky', 'sky'), share: 0.25 }
    const shown = painting('p', { widthCm: 60, heightCm: 80, areas: [sky] })
    expect(areaCm2Of(shown, layer('a', 'p', 0)) / 1e4).to.equal(0.48)
    const scumble = layer('a', 'p', 0, { areas: ['sky'], event: { kind: 'scumble', covered: 0.5 } })
    expect(areaCm2Of(shown, scumble) / 1e4).to.be.closeTo(0.06, 1e-9)
  })
  it('a coat past its edges wants for more than its part, and never for more than the picture', () => {
    const square = { ...newArea('head', 'head'), share: 0.25 }
    const shown = painting('p', { widthCm: 20, heightCm: 20, areas: [square] })
    const coat = (pastEdgeMm: number) =>
      areaCm2Of(shown, layer('a', 'p', 0, { areas: ['head'], event: { kind: 'isolating', pastEdgeMm } }))
    expect(coat(0)).to.be.closeTo(100, 1e-9)
    expect(coat(10)).to.be.closeTo(144, 1e-9)
    expect(coat(200)).to.equal(400)
  })
  it('the day it had to be ready, of earlier versions, is a day it is shown', () => {
    const { dates: _dates, ...old } = painting('p')
    const read = readStored('painting', JSON.stringify({ ...old, deadline: '2027-03-14' }), 1)
    expect(read.ok && read.body.dates).to.deep.equal([{ what: 'shown', on: '2027-03-14' }])
    const without = readStored('painting', JSON.stringify({ ...old, deadline: null }), 1)
    expect(without.ok && without.body.dates).to.deep.equal([])
  })
  it('of its dates the next one counts; none once all are past', () => {
    const dates = [
      { what: 'handed-over' as const, on: '2027-05-01' },
      { what: 'shown' as const, on: '2027-03-14' },
      { what: 'sent' as const, on: '2026-01-02' },
    ]
    expect(nextDate({ dates }, '2026-11-26')!.what).to.equal('shown')
    expect(nextDate({ dates }, '2027-04-01')!.what).to.equal('handed-over')
    expect(nextDate({ dates }, '2028-01-01')).to.equal(null)
  })
  it('as the ground of another it tells its age, its gloss, its wax, and whether it is varnished', () => {
    const body = paintedAt('2022-11-24T10:00', layer('a', 'p', 0, { paints: white }))
    const wax = paintedAt('2022-12-24T10:00', layer('b', 'p', 1, startOf('wax')))
    const coat = paintedAt('2024-11-24T10:00', layer('c', 'p', 2, startOf('varnish')))
    expect(asOldPicture(picture([body]))).to.include({ years: 4, isVarnished: false, isWaxy: false })
    expect(asOldPicture(picture([body, wax])).isWaxy).to.equal(true)
    expect(asOldPicture(picture([body, coat])).isVarnished).to.equal(true)
    const taken = paintedAt('2025-11-24T10:00', layer('d', 'p', 3, startOf('varnish-off')))
    expect(asOldPicture(picture([body, coat, taken])).isVarnished).to.equal(false)
  })
  it('shares drawn on its map leave only what is over to those that are typed', () => {
    const half = { kind: 'box' as const, x: 0, y: 0, width: 0.5, height: 1 }
    const [left, typed] = drawnAreas(
      [
        { ...newArea('left', 'left'), shapes: [half] },
        { ...newArea('rest', 'rest'), share: 0.8 },
      ],
      1,
    )
    expect(left!.share).to.be.closeTo(0.5, 0.01)
    expect(typed!.share).to.be.closeTo(0.5, 0.01)
  })
  it('parts are told apart by colour until a painter gives them their own', () => {
    const parts = ['a', 'b', 'c'].map((id) => newArea(id, id))
    expect(new Set(parts.map((part) => areaColour(part, parts))).size).to.equal(3)
    expect(areaColour({ id: 'a', colour: '#112233' }, parts)).to.equal('#112233')
  })
})

describe('habits of practice', () => {
  const of = (pigment: string, rest: Partial<LayerDocument> = {}): Partial<LayerDocument> => ({
    paints: [{ ...white[0]!, pigments: [{ pigment, share: 1 }] }],
    event: { kind: 'paint' },
    ...rest,
  })
  const hinted = (...layers: readonly Partial<LayerDocument>[]): readonly string[] => {
    const laid = layers.map((rest, at) => layer(`${at}`, 'p', at, rest))
    return assess(picture(laid), find).hints.map(({ habit, layer: on }) => `${habit} ${on}`)
  }
  const thin = { wetThicknessUm: 40 }

  it('darks go on thin first', () => {
    expect(hinted(of('pbk9', { wetThicknessUm: 150 }))).to.deep.equal(['darks-thin-first 0'])
    expect(hinted(of('pbk9', thin))).to.deep.equal([])
  })
  it('cool goes under warm; white, black and mixed greys are neither', () => {
    expect(hinted(of('pr101', thin), of('pb29'))).to.deep.equal(['cool-then-warm 1'])
    expect(hinted(of('pb29', thin), of('pr101'))).to.deep.equal([])
    expect(hinted(of('pw6_rutile', thin), of('pb29'))).to.deep.equal([])
    const grey = [
      {
        ...white[0]!,
        pigments: [
          { pigment: 'pb29', share: 0.5 },
          { pigment: 'py43', share: 0.5 },
        ],
      },
    ]
    expect(hinted(of('pr101', thin), { ...of('pb29'), paints: grey })).to.deep.equal([])
  })
  it('a warm tone on the ground is no warm body: any colour goes over it', () => {
    expect(hinted(of('pbr7_burnt_umber', { event: { kind: 'wash' }, ...thin }), of('pb29'))).to.deep.equal([])
  })
  it('fast medium is for the first layer', () => {
    const alkyd = { besides: [{ material: 'alkyd_medium_fluid', parts: 1 }] }
    expect(hinted(of('pw6_rutile', { ...thin, ...alkyd }), of('pw6_rutile'))).to.deep.equal([])
    expect(hinted(of('pw6_rutile', thin), of('pw6_rutile', alkyd))).to.deep.equal([
      'fast-medium-first-only 1',
    ])
  })
  it('what has sunk is oiled out before a glaze is judged on it', () => {
    const chalky = of('pbr7_raw_umber', {
      ...thin,
      besides: [{ material: 'chalk_whiting', parts: 1 }],
    })
    const glaze = of('pb29', { event: { kind: 'glaze' } })
    expect(hinted(chalky, glaze)).to.deep.equal(['oil-out-before-glaze 1'])
    expect(hinted(of('pw6_rutile', thin), glaze)).to.deep.equal([])
  })
  it('can each be left out, on one picture', () => {
    const shown = picture([layer('0', 'p', 0, of('pbk9', { wetThicknessUm: 150 }))], {
      painting: painting('p', { habitsOff: ['darks-thin-first'] }),
    })
    expect(assess(shown, find).hints).to.deep.equal([])
  })
})
