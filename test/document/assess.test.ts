import { expect } from 'chai'
import { describe, it } from 'mocha'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { assess } from '../../src/document/judging/assess.ts'
import type { Picture } from '../../src/document/picture/picture.ts'
import { solve } from '../../src/document/dates/solve.ts'
import { defaultSettings } from '../../src/document/studio.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import { layer as plainLayer, paintedAt, painting, picture as anyPicture, touched } from '../studio/bodies.ts'

const today = dayOf('2026-11-24')! + 0.4
const oil = {
  id: 'oil',
  name: 'Oil',
  recipe: { lines: [{ material: 'linseed_stand_oil', amount: 1, unit: 'ml' as const }] },
  note: '',
}
const layer = (
  id: string,
  position: number,
  pigment: string,
  { at, ...rest }: Partial<LayerDocument> & { readonly at?: string } = {},
): LayerDocument => {
  const paints = [{ pigments: [{ pigment, share: 1 }], oil: 'linseed_cold_pressed', parts: 1 }]
  const plan = plainLayer(id, 'p', position, { name: id, paints, ...rest })
  return at === undefined ? plan : paintedAt(at, plan, plan.medium && oil)
}
const picture = (layers: readonly LayerDocument[], rest: Partial<Picture> = {}): Picture =>
  anyPicture(layers, { mediums: [oil], today, ...rest })
const judged = (one: Picture) => assess(one, findInLibrary, solve(one, findInLibrary)!)
const rules = (one: Picture): readonly string[] =>
  judged(one)
    .findings.filter(({ severity }) => severity !== 'note')
    .map(({ rule }) => rule)
const fatIn = (...areas: string[]) =>
  layer('fat', 0, 'pbk9', { areas, medium: { mediumId: 'oil', parts: 1 }, at: '2026-11-18T10:00' })
const fat = fatIn()

describe('a painting, assessed', () => {
  it('a lean layer over a fat one is found, whether the table or the solver speaks', () => {
    const one = picture([fat, layer('lean', 1, 'pbr7_raw_umber', { plannedOn: '2026-11-25' })])
    expect(rules(one)).to.include('fat-over-lean')
    expect(assess(one, findInLibrary).findings.map(({ rule }) => rule)).to.include('fat-over-lean')
    expect([assess(one, findInLibrary).solved, judged(one).solved]).to.deep.equal([false, true])
  })
  it('areas are judged apart: what does not lie over it cannot be too fat for it', () => {
    const apart = picture([
      fatIn('sky'),
      layer('lean', 1, 'pbr7_raw_umber', { areas: ['boat'], plannedOn: '2026-11-25' }),
    ])
    expect(rules(apart)).to.deep.equal([])
    expect(
      rules(picture([fatIn('sky'), layer('lean', 1, 'pbr7_raw_umber', { plannedOn: '2026-11-25' })])),
    ).to.include('fat-over-lean')
  })
  it('what a layer is made into is remembered only while its medium and materials stand as they did', () => {
    const planned = layer('glaze', 0, 'pbk9', { medium: { mediumId: 'oil', parts: 1 } })
    const rateWith = (mediums: Picture['mediums']): number =>
      assess(picture([planned], { mediums }), findInLibrary).layers[0]!.worst!.film.rate
    const poppy = { ...oil, recipe: { lines: [{ material: 'poppy', amount: 1, unit: 'ml' as const }] } }
    const slow = rateWith([poppy])
    expect(rateWith([oil])).to.be.greaterThan(slow)
    expect(rateWith([poppy])).to.equal(slow)
  })
  it('a medium that bears two layers in one place is watched in the third', () => {
    const twice = { ...oil, mostPasses: 2 }
    const glaze = (at: number) =>
      layer(`glaze-${at}`, at, 'pb29', { medium: { mediumId: 'oil', parts: 1 }, wetThicknessUm: 8 })
    const found = (count: number, medium: typeof oil) =>
      rules(picture([0, 1, 2].slice(0, count).map(glaze), { mediums: [medium] })).includes('passes')
    expect([found(2, twice), found(3, twice), found(3, oil)]).to.deep.equal([false, true, false])
  })
  it('the first layer waits for its ground', () => {
    const lately = { ...painting('p'), ground: 'oil_ground_titanium' as const, groundOn: '2026-11-20' }
    const { layers, findings } = judged(picture([layer('first', 0, 'pw6_rutile')], { painting: lately }))
    expect(layers[0]!.date.day).to.be.at.least(dayOf('2027-01-19')!)
    expect(findings.filter(({ rule }) => rule === 'ground-age')).to.deep.equal([])
    const asked = picture([layer('first', 0, 'pw6_rutile', { plannedOn: '2026-11-25' })], {
      painting: lately,
    })
    expect(rules(asked)).to.deep.equal(['ground-age'])
  })
  it('what the room forbids is unsound on a plan, and only noted once it is painted', () => {
    const settings = { ...defaultSettings, policies: ['solvent' as const] }
    const thinner = { material: 'gum_turpentine', parts: 1 }
    const told = (rest: object) =>
      judged(picture([layer('wash', 0, 'pw6_rutile', { thinner, ...rest })], { settings })).findings.find(
        ({ rule }) => rule === 'policy',
      )?.severity
    expect([told({}), told({ at: '2026-11-20T10:00' })]).to.deep.equal(['unsound', 'note'])
  })
  it('a finger that found it dry brings the next layer nearer; one that found it wet puts it off', () => {
    const painted = layer('first', 0, 'pw6_rutile', { at: '2026-11-21T10:00' })
    const next = (passed?: boolean): number =>
      judged(
        picture([painted, layer('next', 1, 'pw6_rutile')], {
          touchTests:
            passed === undefined ? [] : [touched('first', '2026-11-24T09:00', { check: 'touch', passed })],
        }),
      ).layers[1]!.date.day
    expect(next(true)).to.be.below(next())
    expect(next(false)).to.be.at.least(next())
  })
  it('a cold room puts every planned date off', () => {
    const layers = [layer('a', 0, 'pw6_rutile'), layer('b', 1, 'pw6_rutile'), layer('c', 2, 'pw6_rutile')]
    const cold = { ...defaultSettings, climate: { temperatureC: 12, relativeHumidityPct: 50, light: 1 } }
    const [warm, chilled] = [judged(picture(layers)), judged(picture(layers, { settings: cold }))]
    expect(chilled.layers[2]!.date.day).to.be.above(warm.layers[2]!.date.day)
  })
  it('a medium that is gone is a sentence on the layer, and the rest is judged all the same', () => {
    const one = judged(
      picture([
        layer('orphan', 0, 'pw1', { medium: { mediumId: 'gone', parts: 1 } }),
        layer('next', 1, 'pw1'),
      ]),
    )
    expect(one.layers[0]!.problem).to.equal('The medium of orphan is gone. Choose another.')
    expect(one.layers[1]!.worst).to.not.equal(null)
  })
  it('a painted layer keeps the medium it was painted with when the recipe changes; a planned one follows it', () => {
    const chalk = { lines: [{ material: 'chalk_whiting', amount: 1, unit: 'g' as const }] }
    const mediums = [{ ...oil, recipe: chalk }]
    const leanness = (one: LayerDocument, rest: Partial<Picture> = {}): number | null =>
      judged(picture([one], rest)).layers[0]!.worst!.film.leanness
    const planned = { ...fat, painted: null }
    expect(leanness(fat, { mediums })).to.equal(leanness(fat))
    expect(leanness(planned, { mediums })).to.not.equal(leanness(planned))
  })
  it('the first layer drinks into the ground; the next, over what that has half sealed, drinks less', () => {
    const thirsty = picture([layer('a', 0, 'pw1'), layer('b', 1, 'pw1')], {
      painting: { ...picture([]).painting, ground: 'chalk_glue_gesso' },
    })
    const [first, second] = judged(thirsty).layers.map(({ worst }) => worst!.film)
    expect(first!.binderRatioAfterDrinking!).to.be.below(first!.binderRatio!)
    expect(second!.binderRatioAfterDrinking!).to.be.above(first!.binderRatioAfterDrinking!)
  })
})
