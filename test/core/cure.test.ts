import { expect } from 'chai'
import { describe, it } from 'mocha'
import { solveCure } from '../../src/core/cure/solver.ts'
import type { CureLayer } from '../../src/core/cure/solver.ts'
import type { Climate } from '../../src/core/cure/climate.ts'
import { stateIds } from '../../src/core/cure/states.ts'
import type { StateDays } from '../../src/core/cure/states.ts'
import { mismatchOf, solveToHorizon } from '../../src/core/soundness/mismatch.ts'
import type { Mismatch, MismatchLayer } from '../../src/core/soundness/mismatch.ts'
import { vectors } from '../vectors.ts'

type Days = Record<`${(typeof stateIds)[number]}Days`, number | null>
describe('cure vectors', () => {
  for (const { name, request, expect: expected } of vectors<{
    name: string
    request: { climate?: Climate; layers: CureLayer[]; untilDay: number }
    expect: { layers: Days[] }
  }>('cure'))
    it(name, () => {
      const solution = solveCure(request.layers, request.untilDay, request.climate)!
      expected.layers.forEach((layer, index) => {
        for (const id of stateIds) {
          const days = layer[`${id}Days`]
          const found = solution.layers[index]![id]
          if (days === null) expect(found).to.equal(null)
          else
            expect(Math.abs(found! - days), `${index} ${id}: ${found} for ${days}`).to.be.at.most(
              Math.max(0.1, 0.02 * days),
            )
        }
      })
    })
  it('halving grid and step changes no state by more than 1 %', () => {
    const layers = [
      { thicknessUm: 1000, rate: 0.65, q: 0.5, appliedDay: 0 },
      { thicknessUm: 30, rate: 2, q: 0.6, appliedDay: 40 },
    ]
    const coarse = solveCure(layers, 1500)!.layers
    const fine = solveCure(layers, 1500, undefined, { fineness: 2 })!.layers
    coarse.forEach((states: StateDays, index) => {
      for (const id of stateIds)
        expect(Math.abs(states[id]! / fine[index]![id]! - 1), `${index} ${id}`).to.be.below(0.01)
    })
  })
})

describe('mismatch vectors', () => {
  for (const { name, request, expect: expected } of vectors<{
    name: string
    request: { climate?: Climate; layers: MismatchLayer[] }
    expect: Mismatch
  }>('mismatch'))
    it(name, () => {
      const found = mismatchOf(request.layers, solveToHorizon(request.layers, request.climate)!)
      expect(found.verdict).to.equal(expected.verdict)
      expected.pairs.forEach((pair, index) => {
        for (const key of ['slip', 'later'] as const) {
          if (pair[key] === null) expect(found.pairs[index]![key]).to.equal(null)
          else
            expect(
              Math.abs(found.pairs[index]![key]! - pair[key]),
              `${key} ${found.pairs[index]![key]} for ${pair[key]}`,
            ).to.be.at.most(Math.max(0.03, 0.05 * pair[key]))
        }
      })
    })
})
