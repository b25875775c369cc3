import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { assess } from '../../src/document/judging/assess.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import type { Picture } from '../../src/document/picture/picture.ts'
import { solve } from '../../src/document/dates/solve.ts'
import { layer, medium, paintedAt, painting, picture as anyPicture } from '../studio/bodies.ts'

const oils = medium('oil', { recipe: { lines: [{ material: 'linseed_stand_oil', amount: 1, unit: 'ml' }] } })
const paints = (pigment: string) => [{ pigments: [{ pigment, share: 1 }], oil: 'walnut', parts: 1 }]
const picture = (layers: readonly LayerDocument[], practice = 'oil-led'): Picture =>
  anyPicture(layers, {
    painting: painting('p', { practice, support: 'linen_stretched', ground: 'acrylic_dispersion_ground' }),
    mediums: [oils],
    today: dayOf('2026-11-25T09:00')!,
  })
const judged = (one: Picture) => assess(one, findInLibrary, solve(one, findInLibrary)!)

const idea = fc.record({
  pigment: fc.constantFrom('pbk9', 'pbr7_raw_umber', 'pw6_rutile', 'pw1', 'pb29'),
  wetThicknessUm: fc.constantFrom(15, 40, 80, 200, 600),
  oil: fc.constantFrom(0, 0.1, 0.3),
  areas: fc.constantFrom<string[][]>([], ['sky'], ['boat']),
})

describe('the planner', () => {
  it('never proposes a day on which the judge finds the layer unsound', () =>
    fc.assert(
      fc.property(
        fc.array(idea, { minLength: 2, maxLength: 4 }),
        fc.constantFrom('oil-led', 'glazing'),
        (ideas, practice) => {
          const layers = ideas.map(({ pigment, oil, ...rest }, at) =>
            layer(`l-${at}`, 'p', at, {
              ...rest,
              paints: paints(pigment),
              medium: oil > 0 ? { mediumId: 'oil', parts: oil } : null,
            }),
          )
          const { layers: assessed, findings } = judged(picture(layers, practice))
          for (const { layer: at, severity, rule } of findings)
            if (severity === 'unsound' && assessed[at]!.date.source === 'forecast')
              expect.fail(`${rule} on layer ${at}: ${JSON.stringify(ideas)}`)
        },
      ),
      { numRuns: 40 },
    ))
  it('waits beyond the gate where a lean layer goes over a fat one, and tells both days', () => {
    const fat = layer('fat', 'p', 0, { paints: paints('pbk9'), medium: { mediumId: 'oil', parts: 0.3 } })
    const over = layer('lean', 'p', 1, { paints: paints('pbr7_raw_umber'), wetThicknessUm: 40 })
    const one = picture([paintedAt('2026-11-20T09:00', fat, oils), over])
    const { date, step } = judged(one).layers[1]!
    expect(step.until).to.not.equal('gate')
    expect(date.gateDay!).to.be.below(date.day)
  })
  it('has no day for what no waiting mends, nor for what lies over it', () => {
    const brittle = layer('resin', 'p', 1, {
      paints: paints('pw6_rutile'),
      medium: { mediumId: 'resin', parts: 0.4 },
    })
    const resin = medium('resin', { recipe: { lines: [{ material: 'damar', amount: 1, unit: 'g' }] } })
    const one = { ...picture([layer('a', 'p', 0), brittle, layer('c', 'p', 2)]), mediums: [resin] }
    const { layers, findings } = judged(one)
    expect(layers.map(({ date }) => date.source)).to.deep.equal(['forecast', 'unsound', 'unknown'])
    expect(findings.some(({ layer: at, severity }) => at === 1 && severity === 'unsound')).to.equal(true)
  })
  it('lets areas that never meet go their own ways', () => {
    const slow = layer('sky', 'p', 0, { paints: paints('pbk9'), wetThicknessUm: 200, areas: ['sky'] })
    const over = (area: string) => layer(`over-${area}`, 'p', 1, { areas: [area], wetThicknessUm: 30 })
    const dayOver = (area: string): number => judged(picture([slow, over(area)])).layers[1]!.date.day
    expect(dayOver('boat')).to.be.below(dayOver('sky'))
  })
})
