import { expect } from 'chai'
import { describe, it } from 'mocha'
import type { SoundnessRequest } from '../../src/document/compute.ts'
import { computeSoundness } from '../../src/studio/soundness.ts'
import type { Verdict } from '../../src/core/severity.ts'
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

/** What a school would not do as these stacks do: each is watched there, and why. */
const againstTheSchool: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'oil-led': {
    'body-led: umber+25% alkyd 20, ti 70 d2, ti 300 d9':
      'alkyd counts as fat in full: the body-led first layer is the fattest of the three',
    'alkyd 25% every layer, 2 d apart (ochre, cad red, ti)':
      'two days are short of even odds of touch dry, which this school waits for',
  },
  glazing: {
    'body-led: umber+25% alkyd 20, ti 70 d2, ti 300 d9': 'it waits for firm, and a week is not that',
    'grisaille (ti 7:black 1) 70, stand-oil glaze d21, 2nd d35':
      'the grisaille is as likely as not still soft under the nail after three weeks',
    'cad red:putty 1:1 100, neat cad red 70 d14': 'it waits for firm, and a fortnight is not that',
    'alkyd 25% every layer, 2 d apart (ochre, cad red, ti)':
      'under two fifths of alkyd the film counts as oil, and oil is to be firm',
  },
}

describe('classic stacks, held against the practices', () => {
  for (const [practice, watched] of Object.entries(againstTheSchool))
    it(`${practice}: right but for ${Object.keys(watched).length} that its own school would not do, all of them watched`, () => {
      for (const stack of classics) {
        const { verdict } = judged(stack, practice)
        if (watched[stack.name]) expect(verdict, stack.name).to.equal('watch')
        else expect(stack.accept, stack.name).to.include(verdict)
      }
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
const standOil = (parts: number) => ({
  medium: { lines: [{ material: 'linseed_stand_oil', amount: 1, unit: 'ml' as const }], parts },
})

const rulesFound = (request: Omit<SoundnessRequest, 'support'> & { support?: string }): readonly string[] =>
  computeSoundness({ support: 'linen_stretched', ...request })
    .findings.filter(({ severity }) => severity !== 'note')
    .map(({ rule }) => rule)

describe('the rules', () => {
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
    ).to.deep.equal(['resin-and-wax-limit'])
  })
  it('an oil that does not dry is told as such, in words', () => {
    const olive = { clear: 'olive', wetThicknessUm: 20, appliedDay: 30 }
    const { verdict, findings } = computeSoundness({
      support: 'plywood',
      layers: [layer('pw6_rutile', 60, 0), olive],
    })
    expect(verdict).to.equal('unsound')
    expect(findings.map(({ message }) => message).join()).to.include('will not harden')
  })
})
