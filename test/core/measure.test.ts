import { readFileSync } from 'node:fs'
import { expect } from 'chai'
import { describe, it } from 'mocha'
import { parseAmount, parseNumber, parseRatio } from '../../src/core/measure/parse.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { weigh } from '../../src/core/medium/weigh.ts'
import { analyseMedium } from '../../src/core/medium/medium.ts'
import type { NamedRecipe } from '../../src/core/medium/recipe.ts'
import { bookSource, librarySource } from '../../scripts/library.ts'

describe('what a painter types', () => {
  it('a comma is a decimal sign and fractions are read', () => {
    expect(['3,5', '1/3', '1 1/2', '2½', '.5'].map(parseNumber)).to.deep.equal([3.5, 1 / 3, 1.5, 2.5, 0.5])
    expect(['1,000,000', '1/0', 'two', ''].map(parseNumber)).to.deep.equal([null, null, null, null])
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
  })
  it('zero, negative, absurd and unknown amounts each get a sentence that says what to do', () => {
    for (const [text, hint] of [
      ['0 ml', 'above zero'],
      ['-3 g', 'above zero'],
      ['9999999 g', 'Check the unit'],
      ['3 pints', 'not a unit'],
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
      readFileSync(new URL(`../../src/core/materials/${name}.ts`, import.meta.url), 'utf8')
    expect([written('library'), written('book')]).to.deep.equal([librarySource, bookSource])
  })
})
