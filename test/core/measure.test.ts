import { readFileSync } from 'node:fs'
import { expect } from 'chai'
import { describe, it } from 'mocha'
import { parseAmount, parseNumber, parseParts, parseRatio } from '../../src/core/measure/parse.ts'
import { parseMoney, parseQuantity, parseRange } from '../../src/core/measure/quantity.ts'
import { dropFactors } from '../../src/core/materials/drops.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { weigh } from '../../src/core/medium/weigh.ts'
import { analyseMedium } from '../../src/core/medium/medium.ts'
import type { NamedRecipe } from '../../src/core/medium/recipe.ts'
import { bookSource, exposuresSource, librarySource } from '../../scripts/library.ts'

describe('what a painter types', () => {
  it('a comma is a decimal sign and fractions are read', () => {
    expect(['3,5', '1/3', '1 1/2', '2½', '.5'].map(parseNumber)).to.deep.equal([3.5, 1 / 3, 1.5, 2.5, 0.5])
    expect(['1/0', 'two', '', '1,2,3'].map(parseNumber)).to.deep.equal([null, null, null, null])
  })
  it('thousands may be set apart, and never become ones', () => {
    expect(['1,000', '1 000', '12,500', '1,000,000', '1.000.000', '1,250.5'].map(parseNumber)).to.deep.equal([
      1000, 1000, 12500, 1e6, 1e6, 1250.5,
    ])
    expect(['0,125', '3,25', '1.000'].map(parseNumber)).to.deep.equal([0.125, 3.25, 1])
    const litre = parseAmount('1,000 ml', 'metric')
    expect(litre.ok && litre.value.amount).to.equal(1000)
  })
  it('a number may bring its unit, a range its ends in any order, money its sign', () => {
    expect(
      ['70 microns', '1.5 mm', '70', 'about 60', '70 g'].map((text) => parseQuantity(text, 'µm')),
    ).to.deep.equal([70, 1500, 70, 60, null])
    expect([parseQuantity('60 cm', 'cm'), parseQuantity('24 in', 'cm')]).to.deep.equal([60, 24 * 2.54])
    expect(parseRange('70-50')).to.deep.equal({ low: 50, high: 70 })
    expect(parseRange('0.5–0.7 %')).to.deep.equal({ low: 0.5, high: 0.7 })
    expect(parseRange('a lot')).to.equal(null)
    expect(['€12.50', '12,50 EUR', '$1,200', '18.–'].map(parseMoney)).to.deep.equal([12.5, 12.5, 1200, 18])
  })
  it('parts may be told as a ratio to the paint they go with', () => {
    const parts = (text: string) => {
      const parsed = parseParts(text, 6)
      return parsed.ok ? parsed.value : parsed.message
    }
    expect(['1:3', '1 to 1', '0.5', '1/2', '0'].map(parts)).to.deep.equal([2, 6, 0.5, 0.5, 0])
    for (const text of ['1:0', '-1', '25 %']) expect(parts(text)).to.include('a ratio to the paint')
  })
  it('a bare teaspoon is the painter’s own; a named one is not', () => {
    const unit = (text: string, spoons: 'us' | 'metric'): string => {
      const parsed = parseAmount(text, spoons)
      return parsed.ok ? parsed.value.unit : parsed.message
    }
    expect(unit('2 tsp', 'us')).to.equal('tsp')
    expect(unit('2 tsp', 'metric')).to.equal('tsp_metric')
    expect(unit('2 us tsp', 'metric')).to.equal('tsp')
    expect(unit('1 fl oz', 'metric')).to.equal('floz')
    expect(unit('12 drops', 'metric')).to.equal('drop')
    expect(unit('2', 'metric')).to.equal('part')
    const under = parseAmount('50', 'metric', 'ml')
    expect(under.ok && under.value).to.deep.equal({ amount: 50, unit: 'ml' })
    expect(['1 T', '1 t', '1 tbs', '2 spoons'].map((text) => unit(text, 'metric'))).to.deep.equal([
      'tbsp_metric',
      'tsp_metric',
      'tbsp_metric',
      'tsp_metric',
    ])
    const pint = parseAmount('1 pint', 'metric')
    expect(pint.ok && [pint.value.amount, pint.value.unit]).to.deep.equal([16, 'floz'])
  })
  it('zero, negative, absurd and unknown amounts each get a sentence that says what to do', () => {
    for (const [text, hint] of [
      ['0 ml', 'above zero'],
      ['-3 g', 'above zero'],
      ['9999999 g', 'Check the unit'],
      ['3 bushels', 'not a unit'],
      ['a pinch', 'a number and a unit'],
      ['1 pinch', 'weigh it'],
      ['1e9 ml', 'Write it out'],
      ['some', 'a number and a unit'],
    ] as const) {
      const parsed = parseAmount(text, 'us')
      expect(!parsed.ok && parsed.message, text).to.include(hint)
    }
    const nothing = parseRatio('0:0')
    expect(!nothing.ok && nothing.message).to.include('mixes nothing')
  })
})

describe('amounts', () => {
  const one = { ml: 1 }
  const massOf = (id: string, amount: number, unit: Parameters<typeof weigh>[1]['unit']): number => {
    const found = weigh(findInLibrary(id)!, { amount, unit }, one)
    if (!found.ok) throw new Error(found.message)
    return found.value.massG
  }
  it('C03: a third of a US cup of oil at 0.93 is 78.9 ml, 73.3 g', () => {
    expect(massOf('linseed_alkali_refined', 1 / 3, 'cup')).to.be.closeTo(73.34, 0.01)
  })
  it('a spoon of crushed resin is half air', () => {
    expect(massOf('damar', 1, 'tbsp_metric')).to.be.closeTo(15 * 0.6, 1e-9)
  })
  it('an uncounted drop of thin oil is half to double; of thick oil it is told too large rather than too small', () => {
    expect(dropFactors(findInLibrary('walnut')!)).to.deep.equal([1 / 2, 2])
    expect(dropFactors(findInLibrary('linseed_stand_oil')!)).to.deep.equal([1 / 3, 1.5])
  })
  it('a drop of a solid and a spoon of dry pigment are refused: weigh them', () => {
    for (const [id, unit] of [
      ['damar', 'drop'],
      ['pb29', 'tsp_metric'],
    ] as const) {
      const found = weigh(findInLibrary(id)!, { amount: 1, unit }, one)
      expect(!found.ok && found.message).to.include('Weigh it')
    }
  })
  it('a medium that holds itself is refused by name, however far round', () => {
    const media: Record<string, NamedRecipe> = {
      a: { name: 'Slow glaze', recipe: { lines: [{ medium: 'b', amount: 1, unit: 'ml' }] } },
      b: { name: 'Base oil', recipe: { lines: [{ medium: 'a', amount: 1, unit: 'ml' }] } },
    }
    const made = analyseMedium(media['a']!.recipe, findInLibrary, (id) => media[id], ['a'])
    expect(!made.ok && made.problems[0]!.message).to.equal(
      'Slow glaze holds Base oil holds Slow glaze: a medium cannot hold itself. Take out one of these lines.',
    )
  })
  it('parts beside measured amounts are refused until one part has a size', () => {
    const lines = [
      { material: 'walnut', amount: 2, unit: 'part' as const },
      { material: 'damar', amount: 5, unit: 'g' as const },
    ]
    const unsized = analyseMedium({ lines }, findInLibrary)
    expect(!unsized.ok && unsized.problems[0]!.message).to.include('Say how big a part is')
    const sized = analyseMedium({ lines, partSize: { amount: 10, unit: 'ml' } }, findInLibrary)
    expect(sized.ok && sized.medium.lines[0]!.volumeMl).to.be.closeTo(20, 1e-9)
  })
  it('the shipped library is what the reference files say', () => {
    const written = (name: string): string =>
      readFileSync(new URL(`../../src/core/${name}.ts`, import.meta.url), 'utf8')
    expect(['materials/library', 'materials/book', 'air/exposures'].map(written)).to.deep.equal([
      librarySource,
      bookSource,
      exposuresSource,
    ])
  })
})
