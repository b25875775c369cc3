import { expect } from 'chai'
import { describe, it } from 'mocha'
import { assess } from '../../src/document/judging/assess.ts'
import { startOf } from '../../src/document/picture/eventStart.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import { beforeVarnish } from '../../src/document/finish/readiness.ts'
import { findInStudio } from '../../src/document/studioMaterials.ts'
import { answerOf, decidedBy } from '../../src/views/finish/words.ts'
import { layer, paintedAt, picture } from '../studio/bodies.ts'

const find = findInStudio([])
const earth: Partial<LayerDocument> = {
  paints: [{ pigments: [{ pigment: 'pbr7_raw_umber', share: 1 }], oil: 'linseed_alkali_refined', parts: 1 }],
  wetThicknessUm: 5,
}
const laid = (on: string, rest: Partial<LayerDocument> = {}, id = 'a', position = 0) =>
  paintedAt(`${on}T10:00`, layer(id, 'p', position, { ...earth, ...rest }))

const before = (layers: readonly LayerDocument[]) => {
  const shown = picture(layers)
  return { shown, waits: beforeVarnish(shown, assess(shown, find)) }
}
const answer = (...layers: readonly LayerDocument[]): string => {
  const { shown, waits } = before(layers)
  return answerOf(shown, waits, 'six', find)
}

describe('the first thing said of a picture’s end', () => {
  it('nothing lies on it, then the day or, far off, the month of its own school', () => {
    expect(answer()).to.match(/nothing to varnish/)
    expect(answer(laid('2026-11-20'))).to.match(/varnished from about [A-Z][a-z]+ 20\d\d: /)
  })
  it('thin earth waits for its year alone, thick white for itself', () => {
    const [thin, thick] = [before([laid('2026-10-01')]), before([laid('2026-10-01', thickWhite)])]
    const year = ({ waits }: typeof thin) => waits!.schools.find(({ school }) => school === 'year')!
    expect(decidedBy(year(thin))).to.equal('its months decide')
    expect(decidedBy(year(thick))).to.equal('Layer a decides')
  })
  it('a temporary varnish is on it, and comes off before the other; one for good is the end', () => {
    const old = laid('2024-01-10')
    const over = (kind: 'temporary-varnish' | 'varnish', name: string) =>
      laid('2026-09-01', { ...startOf(kind), name }, 'b', 1)
    expect(answer(old, over('temporary-varnish', 'For the show'))).to.match(
      /^For the show is on it since 1 Sep 2026; it comes off first\. By its own school/,
    )
    expect(answer(old, over('varnish', 'Varnish'))).to.equal('Varnish is on it since 1 Sep 2026.')
  })
})

const thickWhite: Partial<LayerDocument> = {
  paints: [{ pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'safflower', parts: 1 }],
  wetThicknessUm: 300,
}
