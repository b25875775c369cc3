import { expect } from 'chai'
import { describe, it } from 'mocha'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { assess, solve } from '../../src/document/assess.ts'
import type { Picture } from '../../src/document/assess.ts'
import { mendOf } from '../../src/document/mend.ts'
import { defaultSettings } from '../../src/document/studio.ts'
import type { LayerDocument } from '../../src/document/studio.ts'

const today = dayOf('2026-11-24')! + 0.4
const layer = (
  id: string,
  position: number,
  pigment: string,
  rest: Partial<LayerDocument> = {},
): LayerDocument => ({
  id,
  paintingId: 'p',
  position,
  name: id,
  areas: [],
  paints: [{ pigments: [{ pigment, share: 1 }], oil: 'linseed_cold_pressed', parts: 1 }],
  medium: null,
  thinner: null,
  wetThicknessUm: 60,
  ridgeWetUm: null,
  wetInWet: false,
  plannedOn: null,
  paintedAt: null,
  usedMedium: null,
  note: '',
  ...rest,
})
const oil = {
  id: 'oil',
  name: 'Oil',
  recipe: { lines: [{ material: 'linseed_stand_oil', amount: 1, unit: 'ml' as const }] },
  note: '',
}
const picture = (layers: readonly LayerDocument[], rest: Partial<Picture> = {}): Picture => ({
  painting: {
    id: 'p',
    title: 'P',
    widthCm: 40,
    heightCm: 30,
    support: 'plywood',
    ground: null,
    practice: 'oil-led',
    deadline: null,
    note: '',
  },
  layers,
  touchTests: [],
  mediums: [oil],
  shelf: [],
  settings: defaultSettings,
  today,
  ...rest,
})
const judged = (one: Picture) => assess(one, findInLibrary, solve(one, findInLibrary)!)
const rules = (one: Picture): readonly string[] =>
  judged(one)
    .findings.filter(({ severity }) => severity !== 'note')
    .map(({ rule }) => rule)
const fat = layer('fat', 0, 'pbk9', { medium: { mediumId: 'oil', parts: 1 }, paintedAt: '2026-11-18T10:00' })

describe('a painting, assessed', () => {
  it('a lean layer over a fat one is found, whether the table or the solver speaks', () => {
    const one = picture([fat, layer('lean', 1, 'pbr7_raw_umber', { plannedOn: '2026-11-25' })])
    expect(rules(one)).to.include('fat-over-lean')
    expect(assess(one, findInLibrary).findings.map(({ rule }) => rule)).to.include('fat-over-lean')
    expect([assess(one, findInLibrary).solved, judged(one).solved]).to.deep.equal([false, true])
  })
  it('areas are judged apart: what does not lie over it cannot be too fat for it', () => {
    const apart = picture([
      { ...fat, areas: ['sky'] },
      layer('lean', 1, 'pbr7_raw_umber', { areas: ['boat'], plannedOn: '2026-11-25' }),
    ])
    expect(rules(apart)).to.deep.equal([])
    expect(
      rules(
        picture([
          { ...fat, areas: ['sky'] },
          layer('lean', 1, 'pbr7_raw_umber', { plannedOn: '2026-11-25' }),
        ]),
      ),
    ).to.include('fat-over-lean')
  })
  it('a mend is tried on the whole picture before it is offered, and does what it says', () => {
    const one = picture([fat, layer('lean', 1, 'pbk9', { plannedOn: '2026-11-25' })])
    const assessment = judged(one)
    const finding = assessment.findings.find(({ rule }) => rule === 'fat-over-lean')!
    const mend = mendOf(finding, one, assessment, findInLibrary)!
    expect(mend.layerId).to.equal('lean')
    expect(
      rules({
        ...one,
        layers: one.layers.map((each) => (each.id === 'lean' ? { ...each, ...mend.change } : each)),
      }),
    ).to.not.include('fat-over-lean')
  })
  it('nothing mends a layer that is already painted', () => {
    const one = picture([fat, layer('lean', 1, 'pbk9', { paintedAt: '2026-11-20T10:00' })])
    const assessment = judged(one)
    expect(
      assessment.findings
        .map((finding) => mendOf(finding, one, assessment, findInLibrary))
        .every((mend) => mend === null),
    ).to.equal(true)
  })
  it('a finger that found it dry brings the next layer nearer; one that found it wet puts it off', () => {
    const painted = layer('first', 0, 'pw6_rutile', { paintedAt: '2026-11-21T10:00' })
    const next = (feel?: 'touch' | 'wet'): number =>
      judged(
        picture([painted, layer('next', 1, 'pw6_rutile')], {
          touchTests: feel ? [{ id: 't', layerId: 'first', at: '2026-11-24T09:00', feel, note: '' }] : [],
        }),
      ).layers[1]!.date.day
    expect(next('touch')).to.be.below(next())
    expect(next('wet')).to.be.at.least(next())
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
    expect(one.layers[1]!.film).to.not.equal(null)
  })
  it('a painted layer keeps the medium it was painted with when the recipe changes', () => {
    const used = { name: 'Oil', recipe: oil.recipe, materials: [] }
    const changed = {
      ...oil,
      recipe: { lines: [{ material: 'chalk_whiting', amount: 1, unit: 'g' as const }] },
    }
    const before = judged(picture([{ ...fat, usedMedium: used }])).layers[0]!.film!.leanness
    expect(
      judged(picture([{ ...fat, usedMedium: used }], { mediums: [changed] })).layers[0]!.film!.leanness,
    ).to.equal(before)
    expect(judged(picture([fat], { mediums: [changed] })).layers[0]!.film!.leanness).to.not.equal(before)
  })
  it('the first layer drinks into the ground; the next, over what that has half sealed, drinks less', () => {
    const thirsty = picture([layer('a', 0, 'pw1'), layer('b', 1, 'pw1')], {
      painting: { ...picture([]).painting, ground: 'chalk_glue_gesso' },
    })
    const [first, second] = judged(thirsty).layers.map(({ film }) => film!)
    expect(first!.binderRatioAfterDrinking!).to.be.below(first!.binderRatio!)
    expect(second!.binderRatioAfterDrinking!).to.be.above(first!.binderRatioAfterDrinking!)
  })
})
