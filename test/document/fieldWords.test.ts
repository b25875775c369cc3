import { expect } from 'chai'
import { describe, it } from 'mocha'
import { fieldWords, valueWords } from '../../src/document/fieldWords.ts'

describe('a field told in words', () => {
  it('is called as a painter would', () => {
    expect(['note', 'wetThicknessUm', 'wetInWet'].map(fieldWords)).to.deep.equal([
      'note',
      'wet thickness, µm',
      'wet in wet',
    ])
  })
  it('holds a recipe as it is read aloud', () => {
    const lines = [
      { amount: 2, unit: 'tbsp', material: 'linseed_stand_oil' },
      { amount: 1 / 3, unit: 'tsp', medium: 'f47ac10b-58cc-4372-a567-0e02b2c3d479' },
    ]
    expect(valueWords({ lines })).to.equal('2 tbsp linseed stand oil, 0.333333 tsp one of your own')
  })
  it('says of what is empty that there is nothing, and cuts what is long', () => {
    expect([null, '', ' ', [], { medium: null }].map(valueWords)).to.deep.equal(Array(5).fill('nothing'))
    expect([true, false, 'a_b'].map(valueWords)).to.deep.equal(['yes', 'no', 'a_b'])
    expect(valueWords('x'.repeat(200))).to.equal(`${'x'.repeat(90)} …`)
  })
})
