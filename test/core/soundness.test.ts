import { expect } from 'chai'
import { describe, it } from 'mocha'
import { filmOf } from '../../src/core/film/film.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { waterDays } from '../../src/core/film/waterDays.ts'
import { ruleTexts } from '../../src/core/soundness/ruleTexts.ts'
import { rules } from '../../src/core/soundness/rules/index.ts'
import { soundnessRequest } from '../../src/document/compute.ts'
import type { SoundnessRequest } from '../../src/document/compute.ts'
import { computeSoundness } from '../../src/studio/computing/soundness.ts'
import type { Verdict } from '../../src/core/severity.ts'
import type { PolicyId } from '../../src/core/materials/policy.ts'
import { about, dayCount } from '../../src/core/words.ts'
import { vectors } from '../vectors.ts'

interface ClassicStack extends SoundnessRequest {
  readonly name: string
  readonly accept: readonly Verdict[]
}
const classics = vectors<ClassicStack>('stacks')
const judged = ({ name: _name, accept: _accept, ...stack }: ClassicStack, practice?: string) =>
  computeSoundness({ ...stack, ...(practice && { practice }) })

describe('classic stacks, with the verdict a teacher would give', () => {
  for (const stack of classics)
    it(`${stack.name}: ${stack.accept.join(' or ')}`, () => {
      const { verdict, findings } = judged(stack)
      const told = JSON.stringify(findings.map(({ rule, severity }) => [rule, severity]))
      expect(stack.accept, told).to.include(verdict)
    })
})

const soonAfterAlkyd = 'body-led: umber+25% alkyd 20, ti 70 d2, ti 300 d9'
const alkydThroughout = 'alkyd 25% every layer, 2 d apart (ochre, cad red, ti)'
const tooShort = 'its waits are short of even odds of touch dry, which this school waits for'
const muchAlkyd = 'this school takes a little alkyd, and half of the binder at most'

type Against = Readonly<Record<string, readonly [verdict: Verdict, because: string]>>
const alkydCapped: Against = {
  [soonAfterAlkyd]: ['watch', tooShort],
  [alkydThroughout]: ['watch', muchAlkyd],
  'titanium 70, alkyd glaze phthalo at 28 d': ['unsound', muchAlkyd],
  'alkyd glaze over ti 70 d10': ['unsound', muchAlkyd],
}
/** What a school would not do as these stacks do, and how grave it finds that. Stacks of another school are no matter of its. */
const againstTheSchool: Readonly<Record<string, Against>> = {
  'oil-led': {
    [soonAfterAlkyd]: [
      'watch',
      'alkyd counts as fat in full: the body-led first layer is the fattest of the three',
    ],
    [alkydThroughout]: ['watch', tooShort],
  },
  glazing: {
    [soonAfterAlkyd]: ['watch', 'it waits for firm, and a week is not that'],
    'grisaille (ti 7:black 1) 70, stand-oil glaze d21, 2nd d35': [
      'watch',
      'the grisaille is as likely as not still soft under the nail after three weeks',
    ],
    'cad red:putty 1:1 100, neat cad red 70 d14': ['watch', 'it waits for firm, and a fortnight is not that'],
    [alkydThroughout]: ['watch', 'under two fifths of alkyd the film counts as oil, and oil is to be firm'],
  },
  'resin-wax': alkydCapped,
  'putty-emulsion': alkydCapped,
  mixed: { [soonAfterAlkyd]: ['watch', tooShort], [alkydThroughout]: ['watch', tooShort] },
}

describe('classic stacks, held against the practices', () => {
  for (const [practice, against] of Object.entries(againstTheSchool))
    it(`${practice}: right but for ${Object.keys(against).length} that its own school would not do`, () => {
      for (const stack of classics) {
        const { verdict } = judged(stack, practice)
        const [departs] = against[stack.name] ?? []
        if (departs) expect(verdict, stack.name).to.equal(departs)
        else expect(stack.accept, stack.name).to.include(verdict)
      }
    })
})

interface RuledStack extends ClassicStack {
  readonly must: readonly string[]
  readonly mustNot: readonly string[]
}
describe('stacks that must, and must not, make a rule speak', () => {
  for (const { name, accept, must, mustNot, ...stack } of vectors<RuledStack>('rules'))
    it(`${name}: ${accept.join(' or ')}`, () => {
      const { verdict, findings } = computeSoundness(soundnessRequest.parse(stack))
      const speaking = findings.filter(({ severity }) => severity !== 'note').map(({ rule }) => rule)
      expect(accept, speaking.join()).to.include(verdict)
      expect(speaking).to.include.members([...must])
      for (const rule of mustNot) expect(speaking).to.not.include(rule)
    })
})

type Layer = SoundnessRequest['layers'][number]
const tube = (pigment: string, parts = 1) => ({
  pigments: [{ pigment, share: 1 }],
  oil: 'linseed_alkali_refined',
  grind: 1.25,
  parts,
})
const layer = (pigment: string, wetThicknessUm: number, appliedDay: number, rest: object = {}): Layer => ({
  paints: [tube(pigment)],
  wetThicknessUm,
  appliedDay,
  ...rest,
})
const grams = (material: string, amount: number) => ({ material, amount, unit: 'g' as const })
const alkyd = {
  lines: [{ material: 'alkyd_medium_fluid', amount: 1, unit: 'ml' as const }],
  parts: 2,
}
const standOil = (parts: number) => ({
  medium: { lines: [{ material: 'linseed_stand_oil', amount: 1, unit: 'ml' as const }], parts },
})

type Request = Omit<SoundnessRequest, 'support'> & { support?: string }
const findingsOf = (request: Request) => computeSoundness({ support: 'linen_stretched', ...request }).findings
const rulesFound = (request: Request): readonly string[] =>
  findingsOf(request)
    .filter(({ severity }) => severity !== 'note')
    .map(({ rule }) => rule)

describe('the rules', () => {
  it('say each why it holds, in a sentence or more, and nothing is said of a rule there is not', () => {
    expect(Object.keys(ruleTexts)).to.have.members(rules.map(({ id }) => id))
    for (const { title, reason, afterwards } of Object.values(ruleTexts)) {
      expect(title).to.match(/^[A-Z]/)
      expect(reason).to.match(/^[A-Z].{40,}\.$/s)
      expect(afterwards).to.match(/^[A-Z].+\.$/s)
    }
  })
  it('a lean layer over a fat one that is not firm is unsound; over a cured one it is only noted', () => {
    const over = (day: number) => ({
      layers: [layer('pw6_rutile', 60, 0, standOil(1)), layer('pw6_rutile', 60, day)],
    })
    expect(rulesFound(over(8))).to.include('fat-over-lean')
    expect(rulesFound(over(1500))).to.not.include('fat-over-lean')
    expect(
      computeSoundness({ support: 'plywood', ...over(1500) }).findings.map(({ rule }) => rule),
    ).to.include('fat-over-lean')
  })
  it('a fatter glaze over neat paint that has become firm is what every school teaches', () => {
    expect(
      rulesFound({
        practice: 'glazing',
        layers: [layer('pbr7_raw_umber', 60, 0), layer('pb29', 25, 40, standOil(1.5))],
      }),
    ).to.deep.equal([])
  })
  it('the glazing practice waits for firm, the oil-led one for touch dry', () => {
    const layers = [layer('pw6_rutile', 70, 0), layer('pw6_rutile', 70, 12, standOil(0.3))]
    expect(rulesFound({ practice: 'glazing', layers })).to.include('too-soon')
    expect(rulesFound({ practice: 'oil-led', layers })).to.not.include('too-soon')
  })
  it('an emulsion bears the next layer once its water is gone: in two days, in a cold room in more', () => {
    const egg = {
      lines: ['egg_yolk', 'linseed_cold_pressed', 'water'].map((material) => grams(material, 1)),
      parts: 0.5,
    }
    const soon = (day: number, climate?: Request['climate']) =>
      findingsOf({
        practice: 'putty-emulsion',
        support: 'plywood',
        ...(climate && { climate }),
        layers: [layer('pw6_rutile', 30, 0, { medium: egg }), layer('pw6_rutile', 30, day, { medium: egg })],
      }).find(({ rule }) => rule === 'too-soon')
    expect(soon(1.5)?.message).to.include('before the water has left it')
    expect([soon(1.5)?.severity, soon(2)]).to.deep.equal(['watch', undefined])
    expect(soon(2, { temperatureC: 8, relativeHumidityPct: 50, light: 1 })?.severity).to.equal('watch')
  })
  it('fast umber over slow black that is not firm: slow under fast, where a practice is named', () => {
    const layers = [layer('pbk9', 60, 0), layer('pbr7_raw_umber', 30, 6)]
    expect(rulesFound({ practice: 'oil-led', layers })).to.include('slow-under-fast')
  })
  it('a thin film over young impasto is thick under thin; three times as thick, as told, is not yet', () => {
    const over = (thickUm: number, thinUm: number) =>
      rulesFound({ practice: 'oil-led', layers: [layer('pw1', thickUm, 0), layer('pw1', thinUm, 30)] })
    expect(over(900, 40)).to.include('thick-under-thin')
    expect(over(152, 50)).to.include('thick-under-thin')
    expect(over(150.1, 50)).to.not.include('thick-under-thin')
  })
  it('a thinned stain on a thirsty ground is left underbound; the same on a sealed one is not', () => {
    const stain = {
      paints: [tube('pbr7_raw_umber')],
      thinner: { material: 'gum_turpentine', parts: 2 },
      wetThicknessUm: 20,
      appliedDay: 0,
    }
    expect(rulesFound({ practice: 'oil-led', groundSuctionUm: 40, layers: [stain] })).to.include('underbound')
    expect(rulesFound({ practice: 'oil-led', groundSuctionUm: 0, layers: [stain] })).to.not.include(
      'underbound',
    )
  })
  it('wax bears less on cloth than on a panel', () => {
    const waxed = layer('py43', 80, 0, {
      medium: { lines: [{ material: 'cold_wax_paste', amount: 1, unit: 'ml' }], parts: 0.15 },
    })
    expect(rulesFound({ layers: [waxed] })).to.include('wax-limit')
    expect(findingsOf({ layers: [waxed] })[0]!.message).to.include('it is soft, and stretched linen bends it')
    expect(rulesFound({ support: 'plywood', layers: [waxed] })).to.not.include('wax-limit')
  })
  it('resin and wax, each within its limit, have a limit on their sum', () => {
    const lines = [
      { material: 'linseed_stand_oil', amount: 56, unit: 'g' as const },
      { material: 'damar', amount: 22, unit: 'g' as const },
      { material: 'beeswax', amount: 22, unit: 'g' as const },
    ]
    expect(
      rulesFound({
        support: 'plywood',
        layers: [layer('pw6_rutile', 60, 0, { medium: { lines, parts: 0.32 } })],
      }),
    ).to.have.members(['remover', 'resin-and-wax-limit'])
  })
  it('olive oil on a picture never dries: said first, and nothing over it is given a day', () => {
    const olive = { clear: 'olive', wetThicknessUm: 20, appliedDay: 0 }
    const { findings } = computeSoundness({
      support: 'plywood',
      layers: [olive, layer('pw6_rutile', 60, 300)],
    })
    const [never, soon] = ['will-not-harden', 'too-soon'].map((id) =>
      findings.find(({ rule }) => rule === id),
    )
    expect(never!.message).to.equal(
      '100\u00a0% of the oil in Layer 1 never dries (Olive oil): it stays sticky, and so does what lies over it.',
    )
    expect(soon!.message).to.include('may never be touch dry')
  })
  it('a fiftieth of an oil that never dries is watched, a tenth is unsound', () => {
    const with_ = (olive: number) =>
      findingsOf({
        layers: [
          layer('pw6_rutile', 60, 0, {
            medium: {
              lines: [
                { material: 'olive', amount: olive, unit: 'ml' as const },
                { material: 'linseed_cold_pressed', amount: 1 - olive, unit: 'ml' as const },
              ],
              parts: 0.3,
            },
          }),
        ],
      }).find(({ rule }) => rule === 'will-not-harden')?.severity
    expect([with_(0.02), with_(0.08), with_(0.4)]).to.deep.equal([undefined, 'watch', 'unsound'])
  })
  it('an egg tempera is no oil film: no rule of oil is asked of it', () => {
    const tempera = {
      paints: [],
      medium: {
        lines: [
          { material: 'egg_yolk', amount: 1, unit: 'g' as const },
          { material: 'py43', amount: 1, unit: 'g' as const },
        ],
        parts: 1,
      },
      wetThicknessUm: 30,
      appliedDay: 0,
    }
    expect(rulesFound({ support: 'plywood', layers: [tempera] })).to.deep.equal([])
    expect(rulesFound({ layers: [layer('pw6_rutile', 60, 0), { ...tempera, appliedDay: 90 }] })).to.include(
      'water-over-oil',
    )
  })
  it('an acrylic underpainting dries in days whatever its thickness in oil would take; oil goes over it', () => {
    const acrylic = {
      ...tube('py43'),
      oil: 'acrylic_dispersion',
    }
    const under = { paints: [acrylic], wetThicknessUm: 60, appliedDay: 0 }
    const found = filmOf({ paints: [acrylic], wetThicknessUm: 60 }, findInLibrary)
    if (!found.ok) throw new Error(found.message)
    const climate = { temperatureC: 20, relativeHumidityPct: 50, light: 1 }
    expect(waterDays(found.film, climate).touch).to.equal(3)
    expect(waterDays(found.film, { ...climate, temperatureC: 8 }).touch).to.equal(6)
    expect(found.film.flexPlain).to.equal(1.3)
    expect(rulesFound({ layers: [under, layer('pw6_rutile', 60, 7)] })).to.deep.equal([])
  })
  it('egg emulsion goes into wet oil, or thinly over firm; in between it lifts', () => {
    const emulsion = (day: number) =>
      findingsOf({
        support: 'plywood',
        layers: [
          layer('pw6_rutile', 60, 0),
          layer('pw6_rutile', 30, day, {
            medium: {
              lines: [
                { material: 'egg_yolk', amount: 1, unit: 'g' as const },
                { material: 'linseed_stand_oil', amount: 1, unit: 'g' as const },
              ],
              parts: 0.5,
            },
          }),
        ],
      }).find(({ rule }) => rule === 'water-over-oil')?.severity
    expect([emulsion(0.2), emulsion(9), emulsion(120)]).to.deep.equal([undefined, 'unsound', 'watch'])
  })
  it('a chalk ground wants a panel, and days to dry; twice as many in a cold room', () => {
    const on = (support: string, groundAgeDays: number, temperatureC = 20) =>
      rulesFound({
        support: support,
        ground: 'chalk_glue_gesso',
        groundAgeDays,
        groundSuctionUm: 0,
        climate: { temperatureC, relativeHumidityPct: 50, light: 1 },
        layers: [layer('pw6_rutile', 60, 0)],
      })
    expect(on('linen_stretched', 30)).to.include('ground-on-support')
    expect(on('plywood', 8)).to.deep.equal([])
    expect(on('plywood', 8, 10)).to.deep.equal(['ground-age'])
    expect(on('plywood', 1)).to.deep.equal(['ground-age'])
  })
  it('zinc under oil is as bad on cloth as it is told, and a step less on a panel', () => {
    const zinc = (support: string) =>
      findingsOf({
        support: support,
        layers: [layer('pw4', 70, 0), layer('py43', 60, 90)],
      }).find(({ rule }) => rule === 'zinc')
    expect([zinc('linen_stretched')?.severity, zinc('plywood')?.severity]).to.deep.equal(['unsound', 'watch'])
    expect(zinc('linen_stretched')!.message).to.include('Waiting does not help')
    expect(rulesFound({ layers: [layer('pw4', 70, 0)] })).to.not.include('zinc')
  })
  it('two driers each within its most come to more than is advised; so do alkyd and a drier', () => {
    const dried = (lines: ReturnType<typeof grams>[], parts = 0.3) =>
      rulesFound({
        layers: [layer('pw6_rutile', 60, 0, { medium: { lines, parts } })],
      }).includes('drier-over-maximum')
    const oil = grams('linseed_cold_pressed', 10)
    expect(dried([oil, grams('cobalt', 0.3)])).to.equal(false)
    expect(dried([oil, grams('manganese', 0.2)])).to.equal(false)
    expect(dried([oil, grams('cobalt', 0.3), grams('manganese', 0.2)])).to.equal(true)
    expect(dried([grams('alkyd_medium_fluid', 10), grams('cobalt', 0.3)], 1)).to.equal(true)
  })
  it('paint as from the tube does not wrinkle at a millimetre and a half; clear oil of a fifth of one does', () => {
    const neat = layer('pw6_rutile', 1500, 0)
    const oil = { clear: 'linseed_cold_pressed', wetThicknessUm: 200, appliedDay: 0 }
    expect(rulesFound({ support: 'plywood', layers: [neat] })).to.not.include('wrinkling')
    expect(findingsOf({ layers: [oil] }).find(({ rule }) => rule === 'wrinkling')?.severity).to.equal(
      'unsound',
    )
  })
  it('what the room forbids is unsound wherever it is, in tube, medium, thinner or ground', () => {
    const told = (rest: object, policies: PolicyId[]) =>
      findingsOf({ support: 'plywood', policies, layers: [layer('pw6_rutile', 60, 0)], ...rest }).filter(
        ({ rule }) => rule === 'policy',
      )
    const thinned = layer('pw6_rutile', 60, 0, { thinner: { material: 'gum_turpentine', parts: 1 } })
    expect(told({ layers: [thinned] }, ['solvent'])[0]!.message).to.include('Gum turpentine')
    expect(told({ layers: [thinned] }, ['solvent'])[0]!.about).to.equal('room')
    const lead = { ground: 'oil_ground_lead_white' as const, groundAgeDays: 90 }
    expect(told(lead, ['lead'])[0]!.message).to.include('holds lead')
    expect(told({}, ['lead'])).to.deep.equal([])
  })
  it('a single wash on the ground is no surface yet: that it sinks is noted, no more', () => {
    const wash = layer('pbr7_raw_umber', 20, 0, { thinner: { material: 'gum_turpentine', parts: 1 } })
    const told = (layers: Layer[]) =>
      findingsOf({ ground: 'acrylic_dispersion_ground', groundAgeDays: 30, layers }).find(
        ({ rule, layer: at }) => rule === 'underbound' && at === 0,
      )?.severity
    expect(told([wash])).to.not.equal('watch')
    expect(told([layer('pbr7_burnt_umber', 15, 0)])).to.equal('note')
  })
})

describe('what a finding says', () => {
  it('a number over what is unsound is told as times as much as the film can follow', () => {
    const { findings } = computeSoundness({
      support: 'linen_stretched',
      layers: [layer('pr108', 150, 0), layer('pv19', 20, 4, { medium: alkyd })],
    })
    const { message, numbers } = findings.find(({ rule }) => rule === 'mismatch')!
    const times = Math.max(numbers['slip']!.value!, numbers['later']!.value!) / 0.6
    expect(message).to.include(`${about(times)} times as much as the film can follow`)
  })
  it('a wait of a day and a half is told as that, and a chance of next to none in words', () => {
    expect([0.3, 0.9, 1.5, 6.4].map(dayCount)).to.deep.equal(['7 hours', '1 day', '1.5 days', '6 days'])
    const { findings } = computeSoundness({
      support: 'plywood',
      practice: 'glazing',
      layers: [layer('pw6_rutile', 70, 0), layer('pw6_rutile', 70, 1.5)],
    })
    const { message } = findings.find(({ rule }) => rule === 'too-soon')!
    expect(message).to.match(
      /^Layer 2 goes on 1\.5 days after Layer 1, which is then almost surely still soft/,
    )
  })
})
