import { expect } from 'chai'
import { describe, it } from 'mocha'
import { findInLibrary } from '../../src/core/materials/find.ts'
import type { MendKind } from '../../src/core/soundness/finding.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { assess } from '../../src/document/judging/assess.ts'
import type { Assessment } from '../../src/document/judging/assess.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import { changed } from '../../src/document/mend/change.ts'
import { mendsOf } from '../../src/document/mend/mend.ts'
import type { LayerMend } from '../../src/document/mend/mend.ts'
import { stillPossible } from '../../src/document/mend/stillPossible.ts'
import type { Picture } from '../../src/document/picture/picture.ts'
import { solve } from '../../src/document/dates/solve.ts'
import { defaultSettings } from '../../src/document/studio.ts'
import { suctionUnderLayer } from '../../src/document/judging/suctionUnder.ts'
import {
  layer as anyLayer,
  medium,
  paintedAt,
  painting,
  picture as anyPicture,
  touched,
} from '../studio/bodies.ts'

const recipe = (material: string) => ({ recipe: { lines: [{ material, amount: 1, unit: 'ml' as const }] } })
const stand = medium('stand', recipe('linseed_stand_oil'))
const olive = medium('olive', recipe('olive'))
const paint = (pigment: string, oil = 'walnut') => ({ pigments: [{ pigment, share: 1 }], oil, parts: 1 })
const layer = (id: string, position: number, pigment: string, rest: Partial<LayerDocument> = {}) =>
  anyLayer(id, 'p', position, { paints: [paint(pigment)], ...rest })
const picture = (layers: readonly LayerDocument[], rest: Partial<Picture> = {}): Picture =>
  anyPicture(layers, {
    painting: painting('p', { ground: null, widthCm: 30, heightCm: 20 }),
    mediums: [stand],
    today: dayOf('2026-11-25T09:00')!,
    ...rest,
  })
const judged = (one: Picture): Assessment => assess(one, findInLibrary, solve(one, findInLibrary)!)
const rulesIn = (one: Picture): readonly string[] =>
  judged(one)
    .findings.filter(({ severity, about }) => severity !== 'note' && about !== 'look')
    .map(({ rule }) => rule)
const mendsFor = (rule: string, one: Picture): readonly LayerMend[] => {
  const assessment = judged(one)
  return mendsOf(
    assessment.findings.find((finding) => finding.rule === rule)!,
    one,
    assessment,
    findInLibrary,
  )
}
const kinds = (mends: readonly LayerMend[]): readonly MendKind[] => mends.map(({ kind }) => kind)

const fat = paintedAt(
  '2026-11-20T09:00',
  layer('fat', 0, 'pb29', { medium: { mediumId: 'stand', parts: 0.3 } }),
  stand,
)

describe('what mends a finding', () => {
  const lean = layer('lean', 1, 'pw6_rutile', { plannedOn: '2026-11-25' })
  it('is several kinds of answer, each tried on the whole picture, and each does what it says', () => {
    const one = picture([fat, lean])
    const mends = mendsFor('fat-over-lean', one)
    expect(kinds(mends)).to.include.members(['medium', 'wait', 'leave-out'])
    for (const { does, isEased } of mends)
      if (!isEased) expect(rulesIn(changed(one, does))).to.not.include('fat-over-lean')
  })
  it('puts the paint before the calendar, and leaving a layer out last', () => {
    const found = kinds(mendsFor('fat-over-lean', picture([fat, lean])))
    expect(found.indexOf('medium')).to.be.below(found.indexOf('wait'))
    expect(found.at(-1)).to.equal('leave-out')
  })
  it('tells what each costs: grams of medium on this surface, days, and what becomes of the paint', () => {
    const mends = mendsFor('fat-over-lean', picture([fat, lean]))
    const [more] = mends.filter(({ kind }) => kind === 'medium')
    // 600 cm² at 70 µm are 4.2 ml; a part in four of it is about a gram of oil.
    expect(more!.mediumG).to.be.within(0.1, 4.2)
    expect([more!.laterDays, more!.isForTenMl]).to.deep.equal([0, false])
    expect(more!.character).to.include('fatter')
    const [wait] = mends.filter(({ kind }) => kind === 'wait')
    expect(wait!.mediumG).to.equal(null)
    expect(wait!.laterDays).to.be.above(3)
  })
  it('goes by ten millilitres of paint where the picture has no size', () => {
    const one = picture([fat, lean], {
      painting: painting('p', { ground: null, widthCm: null, heightCm: null }),
    })
    const [more] = mendsFor('fat-over-lean', one).filter(({ kind }) => kind === 'medium')
    expect(more!.isForTenMl).to.equal(true)
    expect(more!.mediumG).to.be.above(0)
  })
  it('says what it leaves unsound on its layer; one that leaves nothing is preferred', () => {
    const wet = layer('wet', 0, 'pw6_rutile', { medium: { mediumId: 'olive', parts: 0.5 } })
    const [first] = mendsFor('will-not-harden', picture([wet], { mediums: [olive] }))
    expect([first!.kind, first!.leaves]).to.deep.equal(['without-medium', []])
    const thinned = { ...wet, thinner: { material: 'water', parts: 1 } }
    const [step] = mendsFor('will-not-harden', picture([thinned], { mediums: [olive] }))
    expect(step!.leaves.join()).to.include('water in oil paint')
  })
  it('paint ground in an oil that never dries is offered one as pale that does', () => {
    const wet = layer('wet', 0, 'pw6_rutile', { paints: [paint('pw6_rutile', 'sunflower_high_oleic')] })
    const [first] = mendsFor('will-not-harden', picture([wet]))
    expect(first!.kind).to.equal('oil')
    expect(rulesIn(changed(picture([wet]), first!.does))).to.deep.equal([])
  })
  it('what a room does not let in is replaced by the nearest of its kind that it does', () => {
    const settings = { ...defaultSettings, policies: ['nuts' as const, 'solvent' as const] }
    const thinner = { material: 'gum_turpentine', parts: 0.2 }
    const besides = [{ material: 'walnut', parts: 0.1 }]
    const one = picture([layer('light', 0, 'pw6_rutile', { thinner, besides })], { settings })
    const [first] = mendsFor('policy', one)
    expect(first!.says).to.equal(
      'For Layer light take paint ground in Poppyseed oil, no thinner and no Walnut oil besides',
    )
    expect(rulesIn(changed(one, first!.does))).to.deep.equal([])
  })
  it('paint so thick that it wrinkles goes on thinner, or in two coats', () => {
    const thick = layer('thick', 0, 'pw6_rutile', {
      wetThicknessUm: 600,
      medium: { mediumId: 'stand', parts: 0.4 },
    })
    const one = picture([thick], { painting: painting('p', { ground: null, support: 'plywood' }) })
    expect(kinds(mendsFor('wrinkling', one))).to.include('thinner-coat')
  })
  it('white left in the brush is left out of the glaze', () => {
    const glaze = layer('glaze', 0, 'pb29', {
      event: { kind: 'glaze' },
      paints: [paint('pb29'), { ...paint('pw6_rutile'), parts: 0.1 }],
      medium: { mediumId: 'stand', parts: 1.5 },
    })
    const one = picture([glaze])
    const [first] = mendsFor('opaque-in-glaze', one)
    expect(first!.kind).to.equal('without-opaque')
    expect(changed(one, first!.does).layers[0]!.paints).to.have.length(1)
  })
  it('zinc under oil on cloth is replaced by titanium', () => {
    const zinc = layer('zinc', 0, 'pw4', { plannedOn: '2026-11-25' })
    const one = picture([zinc, layer('top', 1, 'pw6_rutile')], {
      painting: painting('p', { ground: null, support: 'linen_stretched', practice: 'body-led' }),
    })
    expect(kinds(mendsFor('zinc', one))).to.include('without-zinc')
  })
  it('what is painted stays as it is', () => {
    const one = picture([fat, paintedAt('2026-11-21T09:00', lean)])
    const assessment = judged(one)
    for (const finding of assessment.findings)
      expect(mendsOf(finding, one, assessment, findInLibrary)).to.deep.equal([])
  })
})

describe('thick, thin, fast and slow on a picture', () => {
  it('a thin film over thick paint that is not firm waits for the day it is', () => {
    const thick = paintedAt('2026-11-20T09:00', layer('thick', 0, 'pw1', { wetThicknessUm: 200 }))
    const one = picture([thick, layer('thin', 1, 'pw1', { wetThicknessUm: 30, plannedOn: '2026-11-27' })])
    const wait = mendsFor('thick-under-thin', one).find(({ kind }) => kind === 'wait')!
    const { layers } = judged(changed(one, wait.does))
    const { firm } = layers[0]!.forecast.days
    expect(layers[1]!.date.day).to.be.at.least(layers[0]!.date.day + firm! - 1)
  })
  it('fast over slow speaks until the slow is firm; a fingernail that leaves no mark silences it', () => {
    const slow = paintedAt('2026-11-05T09:00', layer('slow', 0, 'pbk9'))
    const fast = layer('fast', 1, 'pbr7_raw_umber', { wetThicknessUm: 40, plannedOn: '2026-11-26' })
    const found = (touchTests: Picture['touchTests']) =>
      rulesIn({ ...picture([slow, fast]), touchTests }).includes('slow-under-fast')
    expect(found([])).to.equal(true)
    const firm = touched('slow', '2026-11-25T08:00', { check: 'fingernail', passed: true })
    expect(found([firm])).to.equal(false)
  })
})

describe('what can still be done about what is painted', () => {
  const deeds = (
    paintedOn: string,
    rest: Partial<LayerDocument> = {},
    more: readonly LayerDocument[] = [],
  ) => {
    const one = picture([paintedAt(`${paintedOn}T09:00`, layer('one', 0, 'pw6_rutile', rest)), ...more])
    return stillPossible({ layer: 0, layerId: 'one' }, one, judged(one)).map(({ event }) => event)
  }
  it('wet paint is wiped off, soft paint scraped or dissolved, hard paint left alone', () => {
    expect(deeds('2026-11-25')).to.deep.equal(['wipe', null])
    expect(deeds('2026-11-10')).to.include.members(['scrape', null])
    expect(deeds('2024-11-25')).to.deep.equal([])
  })
  it('nothing is taken off what lies covered, nor off what is only planned', () => {
    const over = paintedAt('2026-11-25T08:00', layer('over', 1, 'pw6_rutile'))
    expect(deeds('2026-11-24', {}, [over])).to.not.include('wipe')
    const planned = picture([layer('one', 0, 'pw6_rutile')])
    expect(stillPossible({ layer: 0, layerId: 'one' }, planned, judged(planned))).to.deep.equal([])
  })
  it('what has sunk is oiled out and painted into', () => {
    expect(
      deeds('2026-06-01', { thinner: { material: 'gum_turpentine', parts: 4 }, wetThicknessUm: 20 }),
    ).to.not.include('wipe')
    const thirsty = picture(
      [
        paintedAt(
          '2026-06-01T09:00',
          layer('one', 0, 'pbr7_raw_umber', {
            thinner: { material: 'gum_turpentine', parts: 4 },
            wetThicknessUm: 20,
          }),
        ),
      ],
      { painting: painting('p', { ground: 'chalk_glue_gesso', support: 'plywood' }) },
    )
    const events = stillPossible({ layer: 0, layerId: 'one' }, thirsty, judged(thirsty)).map(
      ({ event }) => event,
    )
    expect(events).to.include('oil-out')
    expect(suctionUnderLayer(thirsty, 'one', findInLibrary)).to.equal(40)
  })
})
