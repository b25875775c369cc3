import { expect } from 'chai'
import { describe, it } from 'mocha'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { jarDropMl, jarOf, leftMl } from '../../src/document/batchMedium.ts'
import { emptyBatch } from '../studio/bodies.ts'

const at = '2026-11-20T10:00'
const oilMl = (grams: number): number => grams / findInLibrary('walnut')!.densityGPerMl.mid
const pours = [{ material: 'walnut', grams: 46, at, drawnG: 0 }]

describe('a jar', () => {
  it('holds what was poured, less what stayed in the pot and what was taken since', () => {
    const batch = emptyBatch('b', { pours, loss: 0.1, taken: [{ ml: 5, what: 'the palette', at }] })
    expect(leftMl(batch, findInLibrary)).to.be.closeTo(0.9 * oilMl(46) - 5, 1e-9)
    expect(jarOf(batch).leftMl, 'not finished yet').to.equal(undefined)
    expect(jarOf({ ...batch, madeOn: at }).leftMl).to.be.closeTo(0.9 * oilMl(46) - 5, 1e-9)
  })
  it('drops as it was counted, all weighings together; before that nobody knows', () => {
    const counted = emptyBatch('b', {
      pours,
      dropper: [
        { drops: 20, grams: 0.5 },
        { drops: 30, grams: 0.7 },
      ],
    })
    expect(jarOf(counted).dropMl).to.be.closeTo(oilMl(1.2) / 50, 1e-9)
    expect(jarOf(emptyBatch('b', { pours })).dropMl).to.equal(undefined)
    expect(jarDropMl(emptyBatch('b', { dropper: counted.dropper }), findInLibrary)).to.equal(null)
  })
})
