import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { differencesBetween } from '../../src/core/practice/differences.ts'
import { limitKeys, limitTable } from '../../src/core/practice/limits.ts'
import type { Limit, LimitKey } from '../../src/core/practice/limits.ts'
import type { Practice } from '../../src/core/practice/practice.ts'
import { practiceOf, shippedPractices } from '../../src/core/practice/shipped.ts'
import { gravity } from '../../src/core/severity.ts'
import { assess } from '../../src/document/judging/assess.ts'
import type { AssessedFinding, Assessment } from '../../src/document/judging/assess.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import { changed } from '../../src/document/mend/change.ts'
import { mendsOf } from '../../src/document/mend/mend.ts'
import type { Picture } from '../../src/document/picture/picture.ts'
import { practiceSchema } from '../../src/document/practice.ts'
import { begunFrom, practiceDocumentOf } from '../../src/document/practiceDocument.ts'
import { schoolsSideBySide } from '../../src/document/judging/schools.ts'
import { solve } from '../../src/document/dates/solve.ts'
import { wouldLift } from '../../src/document/finish/wouldLift.ts'
import { layer, medium, paintedAt, painting, picture as anyPicture } from '../studio/bodies.ts'

const of = (id: string, material: string) =>
  medium(id, { recipe: { lines: [{ material, amount: 1, unit: 'ml' }] } })
const mediums = [
  of('oil', 'linseed_stand_oil'),
  of('alkyd', 'alkyd_medium_fluid'),
  of('wax', 'cold_wax_paste'),
]
const today = dayOf('2026-11-25T09:00')!

const idea = fc.record({
  pigment: fc.constantFrom('pbk9', 'pbr7_raw_umber', 'pw6_rutile', 'pw4', 'pb29'),
  wetThicknessUm: fc.constantFrom(10, 40, 120, 500),
  mediumId: fc.constantFrom('oil', 'alkyd', 'wax', null),
  dose: fc.constantFrom(0.05, 0.3, 1.5),
  thinner: fc.constantFrom(0, 0.2, 1.5),
  painted: fc.boolean(),
})
type Idea = typeof idea extends fc.Arbitrary<infer One> ? One : never

const layerOf = (
  { pigment, wetThicknessUm, mediumId, dose, thinner }: Idea,
  at: number,
  times = 1,
): LayerDocument =>
  layer(`l-${at}`, 'p', at, {
    paints: [{ pigments: [{ pigment, share: 1 }], oil: 'walnut', parts: times }],
    medium: mediumId ? { mediumId, parts: dose * times } : null,
    thinner: thinner > 0 ? { material: 'gum_turpentine', parts: thinner * times } : null,
    wetThicknessUm,
  })

/** The first layers painted a month apart up to now, as far as they are said to be; the others planned. */
function pictureOf(ideas: readonly Idea[], practice: string, times = 1): Picture {
  const from = ideas.findIndex(({ painted }) => !painted)
  const layers = ideas.map((one, at) => {
    const plan = layerOf(one, at, times)
    const used = mediums.find(({ id }) => id === one.mediumId) ?? null
    const isPainted = from < 0 || at < from
    return isPainted ? paintedAt(`2026-0${3 + at}-10T09:00`, plan, used) : plan
  })
  return anyPicture(layers, {
    painting: painting('p', { practice, ground: 'acrylic_dispersion_ground', support: 'linen_stretched' }),
    mediums,
    today,
  })
}
const judged = (one: Picture): Assessment => assess(one, findInLibrary, solve(one, findInLibrary)!)
const told = ({ rule, layerId, underId, severity }: AssessedFinding): string =>
  [rule, layerId, underId ?? '', severity].join(' ')

const ideas = fc.array(idea, { minLength: 1, maxLength: 4 })
const school = fc.constantFrom(...shippedPractices.map(({ id }) => id))

describe('what holds of every judgement', () => {
  it('squeezing out twice as much of everything changes no finding', () =>
    fc.assert(
      fc.property(ideas, school, (some, practice) => {
        const [once, twice] = [1, 2].map((times) =>
          judged(pictureOf(some, practice, times)).findings.map(told),
        )
        expect(twice).to.deep.equal(once)
      }),
      { numRuns: 40 },
    ))
  it('each finding is a whole sentence, and every number in it is one', () =>
    fc.assert(
      fc.property(ideas, school, (some, practice) => {
        for (const { message, numbers } of judged(pictureOf(some, practice)).findings) {
          expect(message).to.match(/^[A-Z0-9].*[.?]$/s)
          expect(message).to.not.match(/NaN|undefined|null|Infinity/)
          for (const { is, value } of Object.values(numbers)) {
            expect(is).to.match(/\w/)
            if (value !== null) expect(value, is).to.satisfy(Number.isFinite)
          }
        }
      }),
      { numRuns: 60 },
    ))
  it('a stricter limit finds no less', () =>
    fc.assert(
      fc.property(
        ideas,
        fc.constantFrom(...twoLevelled),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        (some, key, by) => {
          const usual = practiceOf('oil-led')
          const strict = stricter(usual, key, by)
          const one = pictureOf(some, usual.id)
          const solved = solve(one, findInLibrary)!
          const { layers } = assess(one, findInLibrary, solved)
          const { rows } = schoolsSideBySide(one, { layers }, solved, [usual, strict], findInLibrary)
          for (const { severities, rule } of rows)
            expect(gravity[severities[1] ?? 'note'], `${key} ${rule}`).to.be.at.least(
              gravity[severities[0] ?? 'note'],
            )
        },
      ),
      { numRuns: 60 },
    ))
  it('a stronger cleaning solvent takes at least what a milder one takes', () =>
    fc.assert(
      fc.property(ideas, fc.integer({ min: 0, max: 4000 }), (some, later) => {
        const one = pictureOf(
          some.map((each) => ({ ...each, painted: true })),
          'glazing',
        )
        const rows = wouldLift(one, judged(one), today + later, findInLibrary)
        rows
          .slice(1)
          .forEach(({ areas }, at) =>
            areas.forEach(({ films }, where) =>
              expect(films.length).to.be.at.least(rows[at]!.areas[where]!.films.length),
            ),
          )
      }),
      { numRuns: 30 },
    ))
})

/** Limits with two levels that speak upward or downward; those of a school's own choosing of states are left out. */
const twoLevelled = limitKeys.filter((key) => {
  const { default: usual } = limitTable[key]
  return 'watch' in usual && 'unsound' in usual && key !== 'gateChance' && key !== 'mismatch'
})

/** The practice with one of its limits drawn closer. */
function stricter(practice: Practice, key: LimitKey, by: number): Practice {
  const { watch, unsound } = practice.limits[key] as unknown as Limit
  const { side } = limitTable[key]
  const times = side === 'below' || side === 'up to' ? 1 / by : by
  return {
    ...practice,
    id: 'strict',
    limits: {
      ...practice.limits,
      [key]: { ...practice.limits[key], watch: watch * times, unsound: unsound * times },
    },
  }
}

describe('what holds of every mend', () => {
  it('it makes nothing worse than it was, and what it says is mended is', () =>
    fc.assert(
      fc.property(fc.array(idea, { minLength: 1, maxLength: 3 }), school, (some, practice) => {
        const one = pictureOf(some, practice)
        const before = judged(one)
        const finding = before.findings.find(
          ({ severity, layer: at }) => severity !== 'note' && !one.layers[at]!.painted,
        )
        if (!finding) return
        for (const { does, isEased } of mendsOf(finding, one, before, findInLibrary)) {
          const after = judged(changed(one, does))
          for (const each of after.findings)
            expect(gravity[each.severity], each.message).to.be.at.most(worstOf(before, each))
          const left = worstOf(after, finding)
          expect(left).to.be.at.most(isEased ? 1 : 0)
        }
      }),
      { numRuns: 25 },
    ))
})

const worstOf = ({ findings }: Assessment, { rule, layerId }: AssessedFinding): number =>
  Math.max(
    0,
    ...findings
      .filter((one) => one.rule === rule && one.layerId === layerId)
      .map(({ severity }) => gravity[severity]),
  )

describe('what holds of every practice', () => {
  it('it is a document that stores and comes back the same, and one begun from it knows where it came from', () => {
    for (const practice of shippedPractices) {
      const stored = practiceDocumentOf(practice)
      expect(practiceSchema.parse(JSON.parse(JSON.stringify(stored)))).to.deep.equal(stored)
      const own = begunFrom(practice, 'mine')
      expect(practiceSchema.parse(own)).to.deep.equal(own)
      expect([own.basedOn, begunFrom(own, 'again').basedOn]).to.deep.equal([practice.id, practice.id])
    }
  })
  it('it differs from itself in nothing, and from another as that differs from it', () =>
    fc.assert(
      fc.property(school, school, (a, b) => {
        const [first, second] = [practiceOf(a), practiceOf(b)]
        const there = differencesBetween(first, second)
        expect(there.length === 0).to.equal(a === b)
        expect(differencesBetween(second, first).map(({ first: x, second: y }) => [y, x])).to.deep.equal(
          there.map(({ first: x, second: y }) => [x, y]),
        )
      }),
    ))
})
