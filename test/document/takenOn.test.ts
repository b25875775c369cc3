import { expect } from 'chai'
import { describe, it } from 'mocha'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { practiceOf } from '../../src/core/practice/shipped.ts'
import { complaints, complaintsFor } from '../../src/core/rescue/complaints.ts'
import { complaintOf } from '../../src/core/rescue/byRule.ts'
import { rules } from '../../src/core/soundness/rules/index.ts'
import { assess } from '../../src/document/judging/assess.ts'
import type { Assessment } from '../../src/document/judging/assess.ts'
import { withPracticeKept } from '../../src/document/finish/finished.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import type { Picture } from '../../src/document/picture/picture.ts'
import { rescueFactsOf } from '../../src/document/judging/rescueFacts.ts'
import { schoolsSideBySide } from '../../src/document/judging/schools.ts'
import { solve } from '../../src/document/dates/solve.ts'
import { departuresWith } from '../../src/document/judging/takenOn.ts'
import { wouldLift } from '../../src/document/finish/wouldLift.ts'
import { layer as anyLayer, medium, paintedAt, painting, picture as anyPicture } from '../studio/bodies.ts'

const recipe = (material: string) => ({ recipe: { lines: [{ material, amount: 1, unit: 'ml' as const }] } })
const stand = medium('stand', recipe('linseed_stand_oil'))
const layer = (id: string, position: number, pigment: string, rest: Partial<LayerDocument> = {}) =>
  anyLayer(id, 'p', position, {
    paints: [{ pigments: [{ pigment, share: 1 }], oil: 'walnut', parts: 1 }],
    ...rest,
  })
const picture = (layers: readonly LayerDocument[], rest: Partial<Picture['painting']> = {}): Picture =>
  anyPicture(layers, {
    painting: painting('p', { ground: null, ...rest }),
    mediums: [stand],
    today: dayOf('2026-11-25T09:00')!,
  })
const judged = (one: Picture): Assessment => assess(one, findInLibrary, solve(one, findInLibrary)!)

const fat = paintedAt(
  '2026-11-20T09:00',
  layer('fat', 0, 'pb29', { medium: { mediumId: 'stand', parts: 0.3 } }),
  stand,
)
const lean = layer('lean', 1, 'pw6_rutile', { plannedOn: '2026-11-25' })

describe('a finding taken on knowingly', () => {
  const one = picture([fat, lean])
  const before = judged(one)
  const departures = before.findings
    .filter(({ severity }) => severity !== 'note')
    .flatMap((finding) => departuresWith(finding, 'It is a sketch.', one))
  it('is still found, with its reason, and no longer makes the verdict', () => {
    expect(before.verdict).to.equal('unsound')
    const after = judged(picture([fat, lean], { departures }))
    expect(after.verdict).to.equal('sound')
    expect(after.areas[0]!.verdict).to.equal('sound')
    const found = after.findings.find(({ rule }) => rule === 'fat-over-lean')!
    expect(found.takenOn!.reason).to.equal('It is a sketch.')
  })
  it('speaks again once what it rests on changes, and not for a note or another name', () => {
    const changed = (change: Partial<LayerDocument>) =>
      judged(picture([fat, { ...lean, ...change }], { departures })).verdict
    expect(changed({ note: 'Go on.' })).to.equal('sound')
    expect(changed({ wetThicknessUm: 120 })).to.not.equal('sound')
    expect(changed({ medium: { mediumId: 'stand', parts: 0.01 } })).to.not.equal('sound')
  })
  it('is let speak again by the painter, and taken on twice is kept once', () => {
    const finding = before.findings.find(({ rule }) => rule === 'fat-over-lean')!
    const taken = { ...one, painting: { ...one.painting, departures } }
    const again = departuresWith(finding, 'Still a sketch.', taken)
    expect(again).to.have.length(departures.length)
    expect(departuresWith(finding, null, taken)).to.have.length(departures.length - 1)
  })
  it('speaks again where it has become graver', () => {
    const milder = departures.map((departure) => ({ ...departure, severity: 'watch' as const }))
    expect(judged(picture([fat, lean], { departures: milder })).verdict).to.equal('unsound')
  })
  it('does not hold the plan back: an undated layer goes on as soon as its gate lets it', () => {
    const undated = { ...lean, plannedOn: null }
    const waits = judged(picture([fat, undated])).layers[1]!.date.day
    const goes = judged(picture([fat, undated], { departures })).layers[1]!.date.day
    expect(goes).to.be.at.most(waits)
  })
})

describe('a finished picture', () => {
  it('is judged by its practice as that was then, whatever becomes of it', () => {
    const base = picture([fat, lean]).painting
    const kept = withPracticeKept(base, { state: 'finished' }, [])
    expect(kept.keptPractice!.name).to.equal('Oil-led')
    const glazier = practiceOf('glazing')
    const changed = {
      ...practiceOf('oil-led'),
      limits: glazier.limits,
      fat: { ...glazier.fat, leanness: 'off' as const },
    }
    const rulesOf = (painting: Partial<Picture['painting']>) =>
      judged({ ...picture([fat, lean], painting), practices: [changed] }).findings.map(({ rule }) => rule)
    expect(rulesOf({})).to.not.include('fat-over-lean')
    expect(rulesOf(kept)).to.include('fat-over-lean')
    expect(withPracticeKept({ ...base, ...kept }, { state: 'in-work' }, []).keptPractice).to.equal(null)
  })
})

describe('two schools on the same picture', () => {
  it('tell what each finds and why they differ, on the same days', () => {
    const one = picture([layer('wash', 0, 'py43', { thinner: { material: 'gum_turpentine', parts: 0.4 } })])
    const beside = schoolsSideBySide(
      one,
      judged(one),
      solve(one, findInLibrary)!,
      [practiceOf('oil-led'), practiceOf('body-led')],
      findInLibrary,
    )
    const row = beside.rows.find(({ rule }) => rule === 'thinner-limit')!
    expect(row.severities).to.deep.equal([null, 'unsound'])
    expect(row.because[0]).to.include({
      first: 'watch over 50 %, unsound over 75 %',
      second: 'watch over 0 %, unsound over 5 %',
    })
    expect(beside.verdicts).to.deep.equal(['sound', 'unsound'])
  })
  it('a school beside itself differs in nothing', () => {
    const one = picture([fat, lean])
    const own = practiceOf('glazing')
    const { rows } = schoolsSideBySide(
      one,
      judged(one),
      solve(one, findInLibrary)!,
      [own, own],
      findInLibrary,
    )
    for (const { severities, because } of rows) {
      expect(severities[0]).to.equal(severities[1])
      expect(because).to.deep.equal([])
    }
  })
})

describe('a future cleaning rehearsed', () => {
  it('takes what is young first, surface down, and nothing that is only planned', () => {
    const one = picture([fat, lean])
    const [mildest] = wouldLift(one, judged(one), one.today, findInLibrary)
    expect(mildest!.areas[0]!.films.map(({ name }) => name)).to.deep.equal([fat.name])
    const later = wouldLift(one, judged(one), one.today + 4000, findInLibrary)
    expect(later.slice(0, 4).every(({ areas }) => areas.every(({ films }) => films.length === 0))).to.equal(
      true,
    )
    expect(later[4]!.areas[0]!.films[0]!.because).to.equal('cured oil, well bound')
  })
})

describe('rescue', () => {
  it('has eleven complaints, each of at most three questions that say what to look at or touch', () => {
    expect(complaints).to.have.length(11)
    for (const { questions } of complaints) {
      expect(questions.length).to.be.within(1, 3)
      for (const { how, answers } of questions) {
        expect(how).to.match(/\w/)
        expect(answers.length).to.be.above(1)
      }
    }
  })
  it('is found by a painter’s own words', () => {
    const first = (words: string) => complaintsFor(words)[0]!.id
    expect(first('it is still tacky after a month')).to.equal('sticky')
    expect(first('sunken and grey in the darks')).to.equal('gone-dull')
    expect(complaintsFor('qwertz')).to.have.length(11)
  })
  it('whatever is answered, says what it is, what to do and what to leave', () => {
    const facts = rescueFactsOf(picture([fat, lean]), judged(picture([fat, lean])), 'fat', findInLibrary)
    for (const { diagnose, questions } of complaints)
      for (const known of [null, facts])
        for (const answers of everyAnswer(
          questions.map(({ id, answers: all }) => [id, all.map((one) => one.id)]),
        ))
          for (const { probably, now, leave } of diagnose(answers, known)) {
            expect(probably).to.match(/[.]$/)
            expect(now.length).to.be.above(0)
            expect(leave).to.match(/[.]$/)
            expect([probably, ...now, leave].join(' ')).to.not.match(/NaN|undefined|null|Infinity/)
          }
  })
  it('puts the record’s own figures into the answer: grams of dry colour into what is too fat', () => {
    const one = picture([fat, lean])
    const facts = rescueFactsOf(one, judged(one), 'fat', findInLibrary)!
    expect(facts.dryColourG).to.be.within(0.2, 10)
    const [told] = complaints.find(({ id }) => id === 'too-fat')!.diagnose({ wet: 'yes' }, facts)
    expect(told!.now.join(' ')).to.match(/Knead [\d.]+ g of its own dry colour/)
  })
  it('a named oil that never dries is the likeliest where paint stays sticky; else cold and dark', () => {
    const sticky = complaints.find(({ id }) => id === 'sticky')!
    const olive = medium('olive', recipe('olive'))
    const wet = layer('wet', 0, 'pw6_rutile', { medium: { mediumId: 'olive', parts: 0.5 } })
    const one = { ...picture([wet]), mediums: [olive] }
    const facts = rescueFactsOf(one, judged(one), 'wet', findInLibrary)
    expect(sticky.diagnose({}, facts)[0]!.probably).to.include('Olive oil')
    expect(sticky.diagnose({ what: 'usual', room: 'dark' }, null)[0]!.probably).to.include('Cold and dark')
  })
  it('is reached from a rule by the complaint a painter would make of it, where there is one', () => {
    for (const { id } of rules) {
      const complaint = complaintOf(id)
      if (complaint) expect(complaints.map((one) => one.id)).to.include(complaint)
    }
    expect(complaintOf('wrinkling')).to.equal('wrinkled')
  })
})

/** Every way of answering these questions, none of them among them. */
function everyAnswer(
  questions: readonly (readonly [id: string, answers: readonly string[]])[],
): readonly Readonly<Record<string, string>>[] {
  return questions.reduce<readonly Readonly<Record<string, string>>[]>(
    (all, [id, answers]) =>
      all.flatMap((one) => [one, ...answers.map((answer) => ({ ...one, [id]: answer }))]),
    [{}],
  )
}
