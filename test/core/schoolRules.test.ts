import { expect } from 'chai'
import { describe, it } from 'mocha'
import type { SoundnessRequest } from '../../src/document/compute.ts'
import { shippedPractices } from '../../src/core/practice/shipped.ts'
import { dewPointC } from '../../src/core/soundness/room.ts'
import { computeSoundness } from '../../src/studio/computing/soundness.ts'
import { vectors } from '../vectors.ts'

type Layer = SoundnessRequest['layers'][number]
type Request = Omit<SoundnessRequest, 'support'> & { readonly support?: string }
const paint = (pigment: string, parts = 1) => ({
  pigments: [{ pigment, share: 1 }],
  oil: 'linseed_alkali_refined',
  grind: 1.25,
  parts,
})
const layer = (pigment: string, um: number, day: number, rest: object = {}): Layer => ({
  paints: [paint(pigment)],
  wetThicknessUm: um,
  appliedDay: day,
  ...rest,
})
const medium = (material: string, parts: number, rest: object = {}) => ({
  medium: { lines: [{ material, amount: 1, unit: 'ml' as const }], parts, ...rest },
})
const judged = (request: Request) => computeSoundness({ support: 'plywood', ...request })
const severity = (rule: string, request: Request) =>
  judged(request).findings.find((one) => one.rule === rule)?.severity
const speaking = (request: Request) =>
  judged(request)
    .findings.filter((one) => one.severity !== 'note')
    .map(({ rule }) => rule)

describe('the schools, each by its own numbers', () => {
  const wash = (parts: number) =>
    layer('pbr7_raw_umber', 20, 0, { thinner: { material: 'gum_turpentine', parts } })
  it('a body-led or a solvent-free painter takes no thinner; an oil-led one takes a wash for granted', () => {
    const layers = [wash(0.5)]
    expect(severity('thinner-limit', { practice: 'oil-led', layers })).to.equal(undefined)
    expect(severity('thinner-limit', { practice: 'body-led', layers })).to.equal('unsound')
    expect(severity('thinner-limit', { practice: 'solvent-free', layers })).to.equal('unsound')
  })
  it('without solvent means the spirit in a medium too, and not the water in an acrylic', () => {
    const alkyd = [layer('pw6_rutile', 60, 0, medium('alkyd_medium_fluid', 0.2))]
    expect(severity('thinner-limit', { practice: 'solvent-free', layers: alkyd })).to.equal('unsound')
    expect(severity('thinner-limit', { practice: 'oil-led', layers: alkyd })).to.equal(undefined)
    const acrylic = [
      { paints: [{ ...paint('py43'), oil: 'acrylic_dispersion' }], wetThicknessUm: 40, appliedDay: 0 },
    ]
    expect(severity('thinner-limit', { practice: 'solvent-free', layers: acrylic })).to.equal(undefined)
  })
  it('a glazier lets no thinner into a later layer', () => {
    const layers = [
      layer('pw6_rutile', 60, 0),
      layer('pb29', 20, 90, {
        ...medium('linseed_stand_oil', 1.5),
        thinner: { material: 'gum_turpentine', parts: 0.2 },
      }),
    ]
    expect(severity('thinner-limit', { practice: 'glazing', layers })).to.equal('watch')
    expect(severity('thinner-limit', { practice: 'direct', layers })).to.equal(undefined)
  })
  it('alkyd belongs in the first layer, in any, or hardly anywhere: it depends on whom one asks', () => {
    const late = [layer('pw6_rutile', 60, 0), layer('pb15_3', 20, 200, medium('alkyd_medium_fluid', 2))]
    expect(severity('alkyd-limit', { practice: 'body-led', layers: late })).to.equal('unsound')
    expect(severity('alkyd-limit', { practice: 'glazing', layers: late })).to.equal(undefined)
    expect(severity('alkyd-limit', { practice: 'oil-led', layers: late })).to.equal(undefined)
    const soon = [layer('pw6_rutile', 60, 0), layer('pb15_3', 20, 9, medium('alkyd_medium_fluid', 2))]
    expect(severity('alkyd-limit', { practice: 'oil-led', layers: soon })).to.equal('watch')
  })
  it('a mixed technique lets an isolating coat rest a week', () => {
    const isolated = (day: number): Request => ({
      practice: 'mixed',
      layers: [
        { paints: [{ ...paint('py43'), oil: 'acrylic_dispersion' }], wetThicknessUm: 40, appliedDay: 0 },
        {
          ...medium('alkyd_medium_fluid', 1),
          paints: [],
          wetThicknessUm: 10,
          appliedDay: 5,
          purpose: 'isolating',
        },
        layer('pw6_rutile', 60, 5 + day),
      ],
    })
    expect(severity('too-soon', isolated(4))).to.equal('watch')
    expect(severity('too-soon', isolated(7))).to.equal(undefined)
  })
  it('resin and wax is held to caps of a twentieth and a tenth, wax paste to none', () => {
    const waxed = [layer('py43', 80, 0, medium('cold_wax_paste', 0.2))]
    expect(severity('wax-limit', { practice: 'resin-wax', layers: waxed })).to.equal('watch')
    expect(
      severity('wax-limit', {
        practice: 'wax-paste',
        layers: [layer('py43', 80, 0, medium('cold_wax_paste', 1))],
      }),
    ).to.equal(undefined)
  })
  it('every school finds its own sound practice sound', () => {
    const own: Readonly<Record<string, readonly Layer[]>> = {
      'oil-led': [
        layer('pbr7_raw_umber', 20, 0, { thinner: { material: 'gum_turpentine', parts: 0.5 } }),
        layer('py43', 60, 14, medium('linseed_stand_oil', 0.05)),
        layer('pw1', 80, 60, medium('linseed_stand_oil', 0.12)),
      ],
      'body-led': [
        layer('pbr7_burnt_umber', 20, 0, medium('alkyd_medium_fluid', 0.25)),
        layer('pw1', 70, 7),
        layer('pw1', 250, 30),
      ],
      glazing: [layer('pw1', 60, 0), layer('pb29', 15, 60, medium('linseed_stand_oil', 1))],
      'solvent-free': [layer('py43', 30, 0), layer('pw1', 60, 30, medium('walnut', 0.1))],
      'resin-wax': [
        layer('py43', 40, 0, medium('linseed_stand_oil', 0.1)),
        layer('pw1', 60, 40, medium('linseed_stand_oil', 0.15)),
      ],
      'putty-emulsion': [
        layer('pw1', 60, 0, {
          medium: {
            lines: [
              { material: 'walnut', amount: 22, unit: 'g' as const },
              { material: 'chalk_whiting', amount: 60, unit: 'g' as const },
            ],
            parts: 0.5,
          },
        }),
        layer('pw1', 60, 30),
      ],
      'wax-paste': [
        layer('py43', 60, 0, medium('cold_wax_paste', 0.05)),
        layer('py43', 90, 0.1, medium('cold_wax_paste', 0.3)),
      ],
      mixed: [
        { paints: [{ ...paint('py43'), oil: 'acrylic_dispersion' }], wetThicknessUm: 40, appliedDay: 0 },
        layer('pw1', 60, 7),
      ],
      direct: [layer('pbk9', 30, 0), layer('py43', 50, 0.1), layer('pw1', 120, 0.15)],
    }
    for (const { id } of shippedPractices)
      expect(speaking({ practice: id, layers: [...own[id]!] }), id).to.deep.equal([])
  })
})

describe('fat judged five ways', () => {
  // Oil of the dried film falls in the third layer while the layers grow thicker.
  const three: readonly Layer[] = [
    layer('pbk9', 60, 0, medium('linseed_stand_oil', 0.1)),
    layer('pbk9', 90, 120, medium('linseed_stand_oil', 0.4)),
    layer('pbk9', 140, 240),
  ]
  it('the same three layers are less oily above to one who goes by oil, and climb for one who goes by thickness', () => {
    const oil = judged({ practice: 'oil-led', layers: [...three] }).findings
    expect(oil.find(({ rule }) => rule === 'less-oil-above')).to.include({ severity: 'note', layer: 2 })
    expect(oil.map(({ rule }) => rule)).to.not.include('thinner-above')
    expect(severity('less-oil-above', { practice: 'body-led', layers: [...three] })).to.equal(undefined)
  })
  it('a thin film over a thicker one that is not firm is watched by a body-led painter alone', () => {
    const layers = [layer('pw1', 150, 0), layer('pw1', 40, 8)]
    expect(severity('thinner-above', { practice: 'body-led', layers })).to.equal('watch')
    expect(severity('thinner-above', { practice: 'oil-led', layers })).to.equal('note')
    expect(severity('thinner-above', { practice: 'glazing', layers })).to.equal(undefined)
  })
  it('leanness that only advises makes a note of what it makes unsound elsewhere', () => {
    const layers = [layer('pb29', 60, 0, medium('linseed_stand_oil', 0.4)), layer('pw6_rutile', 60, 6)]
    expect(severity('fat-over-lean', { practice: 'oil-led', layers })).to.equal('unsound')
    expect(severity('fat-over-lean', { practice: 'wax-paste', layers })).to.equal('note')
    expect(severity('fat-over-lean', { practice: 'direct', layers })).to.equal(undefined)
  })
})

describe('rules of what is painted with', () => {
  it('the third layer of a medium that bears two is watched, where a practice is named', () => {
    const glaze = (day: number) =>
      layer('pb29', 10, day, { ...medium('linseed_stand_oil', 1), mostPasses: 2 })
    const layers = [glaze(0), glaze(60), glaze(120)]
    expect(severity('passes', { practice: 'glazing', layers })).to.equal('watch')
    expect(severity('passes', { practice: 'glazing', layers: layers.slice(0, 2) })).to.equal(undefined)
    expect(severity('passes', { layers })).to.equal('note')
  })
  it('glazes that come to sixty micrometres in one place are one thick film', () => {
    const glaze = (day: number) => layer('pb29', 30, day, medium('linseed_stand_oil', 2))
    expect(severity('passes', { layers: [glaze(0), glaze(90), glaze(180)] })).to.equal('watch')
  })
  it('linseed, alkyd, linseed are two changes of medium: watched by a school, noted without one', () => {
    const layers = [
      layer('py43', 40, 0, medium('linseed_stand_oil', 0.2)),
      layer('py43', 40, 60, medium('alkyd_medium_fluid', 0.4)),
      layer('py43', 40, 200, medium('linseed_stand_oil', 0.4)),
    ]
    const found = judged({ practice: 'oil-led', layers }).findings.find(
      ({ rule }) => rule === 'medium-changed',
    )
    expect(found!.severity).to.equal('watch')
    expect(found!.numbers['changes']!.value).to.equal(2)
    expect(found!.message).to.include('oil, alkyd then oil')
    expect(severity('medium-changed', { layers })).to.equal('note')
    expect(severity('medium-changed', { practice: 'oil-led', layers: layers.slice(0, 2) })).to.equal('note')
  })
  it('clove under another layer is watched from a fifth of a percent, on top from one', () => {
    const clove = (grams: number) => ({
      medium: {
        lines: [
          { material: 'linseed_stand_oil', amount: 10 - grams, unit: 'g' as const },
          { material: 'clove_oil', amount: grams, unit: 'g' as const },
        ],
        parts: 0.1,
      },
    })
    const under = (grams: number) =>
      severity('retarder-below', { layers: [layer('pw1', 40, 0, clove(grams)), layer('pw1', 40, 6)] })
    expect([under(0.2), under(1.2), under(4)]).to.deep.equal([undefined, 'watch', 'unsound'])
    expect(severity('retarder-below', { layers: [layer('pw1', 40, 0, clove(1.2))] })).to.equal(undefined)
  })
  it('what a varnish remover takes is told of the surface, not of what is covered', () => {
    const resinous = layer('pw1', 40, 0, {
      medium: {
        lines: [
          { material: 'linseed_stand_oil', amount: 1, unit: 'g' as const },
          { material: 'damar', amount: 1, unit: 'g' as const },
        ],
        parts: 0.6,
      },
    })
    expect(severity('remover', { layers: [resinous] })).to.equal('unsound')
    expect(severity('remover', { layers: [resinous, layer('pw1', 40, 90)] })).to.equal(undefined)
  })
  it('a wash that a thirsty ground drains comes off with the varnish; on a sealed one it does not', () => {
    const powderAlone = judged({ layers: [layer('pr101', 10, 0)] })
    expect(powderAlone.verdict).to.equal('sound')
    // Spread with four parts of spirit, which takes no binder out but lets the ground drain it.
    const wash = layer('pr101', 25, 0, { thinner: { material: 'gum_turpentine', parts: 4 } })
    expect(speaking({ groundSuctionUm: 10, layers: [wash] })).to.include.members(['underbound', 'remover'])
    expect(speaking({ groundSuctionUm: 0, layers: [wash] })).to.not.include('underbound')
  })
  it('a final coat of alkyd, oil or egg can never be taken off; damar over sound paint can', () => {
    const coat = (material: string, day = 400): Layer => ({
      ...medium(material, 1),
      paints: [],
      wetThicknessUm: 20,
      appliedDay: day,
      purpose: 'varnish',
    })
    const over = (material: string) =>
      severity('unremovable-varnish', { layers: [layer('pw1', 60, 0), coat(material, 900)] })
    expect(over('alkyd_medium_fluid')).to.equal('unsound')
    expect(over('linseed_stand_oil')).to.equal('unsound')
    expect(over('damar_varnish_30')).to.equal(undefined)
  })
  it('damar over what is underbound takes it along when it comes off', () => {
    const wash = layer('pbr7_burnt_umber', 25, 0, { thinner: { material: 'gum_turpentine', parts: 4 } })
    const coat: Layer = {
      ...medium('damar_varnish_30', 1),
      paints: [],
      wetThicknessUm: 20,
      appliedDay: 900,
      purpose: 'varnish',
    }
    const found = judged({ groundSuctionUm: 10, layers: [wash, coat] }).findings.find(
      ({ rule }) => rule === 'unremovable-varnish',
    )
    expect(found).to.include({ severity: 'unsound', layer: 1, under: 0 })
  })
})

describe('rules of the look change no verdict', () => {
  it('neat linseed white is no matter, much oil in it yellows, a pale oil does not', () => {
    const white = (rest: object = {}) => ({ layers: [layer('pw6_rutile', 70, 0, rest)] })
    expect(severity('yellowing', white())).to.equal(undefined)
    const { verdict, findings } = judged(white(medium('linseed_alkali_refined', 0.25)))
    expect(findings.find(({ rule }) => rule === 'yellowing')).to.include({ about: 'look' })
    expect(verdict).to.equal('sound')
    expect(
      severity('yellowing', { layers: [{ clear: 'linseed_stand_oil', wetThicknessUm: 3, appliedDay: 0 }] }),
    ).to.equal(undefined)
  })
  it('a scumble under a glaze’s name is only called what it is', () => {
    const layers = [layer('pw1', 60, 0), layer('pw6_rutile', 20, 90, { purpose: 'glaze' })]
    expect(severity('opaque-in-glaze', { layers })).to.equal('note')
  })
})

describe('rules of the room', () => {
  const damp = { temperatureC: 20, relativeHumidityPct: 88, light: 1 }
  const egg = layer('py43', 40, 0, {
    medium: { lines: [{ material: 'egg_yolk', amount: 1, unit: 'g' as const }], parts: 1 },
  })
  it('the dew point is where air of that humidity is full: 20 °C at 50 % is about 9 °C', () => {
    expect(dewPointC({ temperatureC: 20, relativeHumidityPct: 50 })).to.be.closeTo(9.3, 0.2)
    expect(dewPointC({ temperatureC: 20, relativeHumidityPct: 100 })).to.be.closeTo(20, 1e-9)
  })
  it('egg blooms in a damp room and feeds mould where that lasts; oil does neither', () => {
    expect(severity('bloom', { climate: damp, layers: [egg] })).to.equal('unsound')
    expect(severity('mould', { climate: damp, layers: [egg] })).to.equal('unsound')
    expect(speaking({ climate: damp, layers: [layer('pw1', 40, 0)] })).to.not.include.members(['bloom'])
  })
  it('readings outrank how the room is set: a dry fortnight is no matter', () => {
    const readings = (humidity: number) =>
      Array.from({ length: 20 }, (_, day) => ({
        day,
        temperatureC: 18,
        relativeHumidityPct: humidity,
        light: 1,
      }))
    expect(severity('mould', { climate: damp, readings: readings(50), layers: [egg] })).to.equal(undefined)
    expect(severity('mould', { readings: readings(74), layers: [egg] })).to.equal('watch')
    expect(severity('bloom', { climate: damp, readings: readings(50), layers: [egg] })).to.equal(undefined)
  })
  it('humidity that swings by thirty points within a week slackens linen, and no panel', () => {
    const readings = [40, 55, 70, 45].map((relativeHumidityPct, at) => ({
      day: 2 * at,
      temperatureC: 18,
      relativeHumidityPct,
      light: 1,
    }))
    const layers = [layer('pw1', 40, 0)]
    expect(severity('slack-canvas', { support: 'linen_stretched', readings, layers })).to.equal('watch')
    expect(severity('slack-canvas', { readings, layers })).to.equal(undefined)
    expect(severity('slack-canvas', { support: 'linen_stretched', layers })).to.equal(undefined)
  })
  it('acrylic is not rolled or packed below ten degrees', () => {
    const cold = { temperatureC: 8, relativeHumidityPct: 50, light: 1 }
    const moved = (what: 'pack' | 'show') => ({
      climate: cold,
      ground: 'acrylic_dispersion_ground',
      actions: [{ day: 100, what }],
      layers: [layer('pw1', 40, 0)],
    })
    expect(severity('cold-brittle', moved('pack'))).to.equal('watch')
    expect(severity('cold-brittle', moved('show'))).to.equal(undefined)
  })
})

describe('the classic stacks again', () => {
  it('no school calls a stack of one wet sitting unsound', () => {
    const direct = vectors<SoundnessRequest & { name: string }>('stacks').filter(({ name }) =>
      name.startsWith('direct:'),
    )
    for (const { id } of shippedPractices)
      for (const { name, layers, support } of direct)
        expect(computeSoundness({ support, layers, practice: id }).verdict, `${id}: ${name}`).to.not.equal(
          'unsound',
        )
  })
})
