import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { solveCure } from '../../src/core/cure/solver.ts'
import type { CureLayer, Taken } from '../../src/core/cure/column.ts'
import type { Climate } from '../../src/core/cure/climate.ts'
import { stateIds } from '../../src/core/cure/states.ts'
import type { StateDays } from '../../src/core/cure/states.ts'
import { mismatchOf, solveToHorizon } from '../../src/core/soundness/mismatch.ts'
import type { Mismatch, MismatchLayer } from '../../src/core/soundness/mismatch.ts'
import { cureRequest } from '../../src/document/compute.ts'
import type { CureRequest } from '../../src/document/compute.ts'
import { computeCure } from '../../src/studio/computing/compute.ts'
import { vectors } from '../vectors.ts'

type Days = Record<`${(typeof stateIds)[number]}Days`, number | null>
interface CureCase {
  readonly name: string
  readonly request: CureRequest
  readonly expect: { readonly layers: readonly Days[] }
}

function expectDays(found: readonly Days[], expected: readonly Days[]): void {
  expected.forEach((layer, index) => {
    for (const [state, days] of Object.entries(layer)) {
      const is = found[index]![state as keyof Days]
      if (days === null) expect(is, `${index} ${state}`).to.equal(null)
      else expect(is!, `${index} ${state}`).to.be.closeTo(days, Math.max(0.1, 0.02 * days))
    }
  })
}

describe('cure and what is taken off a film: the vectors', () => {
  for (const { name, request, expect: expected } of [
    ...vectors<CureCase>('cure'),
    ...vectors<CureCase>('events'),
  ])
    it(name, () => expectDays(computeCure(request).layers, expected.layers))
})

describe('a film that is taken off', () => {
  const film = (thicknessUm: number, appliedDay: number, removed?: Taken): CureLayer => ({
    thicknessUm,
    rate: 0.8,
    q: 0.5,
    appliedDay,
    ...(removed && { removed: [removed] }),
  })
  it('bares what is under it: never as soon as if nothing had lain there, sooner than if it had stayed', () => {
    const firm = (layers: readonly CureLayer[]): number => solveCure(layers, 3000)!.layers[0]!.firm!
    const bare = firm([film(300, 0)])
    const freed = firm([film(300, 0), film(80, 3, { day: 8, takes: 1 })])
    const covered = firm([film(300, 0), film(80, 3)])
    expect(bare).to.be.below(freed)
    expect(freed).to.be.below(covered)
  })
  it('keeps what it had reached, and reaches nothing once it is gone', () => {
    const { layers, gone } = solveCure([film(60, 0, { day: 8, takes: 1 })], 900)!
    expect(layers[0]!.touch).to.be.below(8)
    expect(layers[0]!.firm).to.equal(null)
    expect(gone).to.deep.equal([8])
  })
  it('taken twice by half is taken by three quarters', () => {
    const twice = {
      ...film(200, 0),
      removed: [
        { day: 10, takes: 0.5 },
        { day: 10, takes: 0.5 },
      ],
    }
    expect(solveCure([twice], 900)!.layers[0]!.cured).to.be.closeTo(
      solveCure([film(200, 0, { day: 10, takes: 0.75 })], 900)!.layers[0]!.cured!,
      0.1,
    )
  })
  it('moves against nothing any more', () => {
    const under = { ...film(200, 0), rate: 0.4, flex: 1 }
    const over = { ...film(60, 6), rate: 5, flex: 0.7 }
    const judged = (layers: readonly MismatchLayer[]): Mismatch => mismatchOf(layers, solveToHorizon(layers)!)
    expect(judged([under, over]).verdict).to.equal('unsound')
    expect(judged([under, { ...over, removed: [{ day: 6.2, takes: 1 }] }]).verdict).to.equal('sound')
  })
  it('can only be the one on top', () => {
    const body = (day: number) =>
      cureRequest.safeParse({
        layers: [{ ...film(60, 0), removed: { day, takes: 1 } }, film(60, 5)],
        untilDay: 90,
      })
    expect(body(4).success).to.equal(true)
    expect(body(9).error!.issues[0]!.message).to.include('Only the film on top')
  })
})

describe('the solver', () => {
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

describe('a slower room', () => {
  const film = fc.record({
    thicknessUm: fc.double({ min: 8, max: 1500, noNaN: true }),
    rate: fc.double({ min: 0.3, max: 5, noNaN: true }),
    q: fc.double({ min: 0.3, max: 0.9, noNaN: true }),
    after: fc.double({ min: 0.1, max: 60, noNaN: true }),
  })
  const stack = fc.array(film, { minLength: 1, maxLength: 4 }).map((films) => {
    let day = 0
    return films.map(({ after, ...one }) => ({ ...one, appliedDay: (day += after) }))
  })
  const room = fc.record({
    temperatureC: fc.double({ min: 12, max: 30, noNaN: true }),
    relativeHumidityPct: fc.double({ min: 45, max: 70, noNaN: true }),
    light: fc.constantFrom(0.8, 1, 1.25),
  })
  const notSooner = (later: readonly StateDays[], sooner: readonly StateDays[]): void =>
    later.forEach((states, at) => {
      for (const id of stateIds) {
        const before = sooner[at]![id]
        if (before === null) expect(states[id]).to.equal(null)
        else if (states[id] !== null) expect(states[id]).to.be.at.least(before * 0.99 - 0.05)
      }
    })
  it('colder, darker or damper brings no state of any layer nearer', () =>
    fc.assert(
      fc.property(stack, room, fc.constantFrom('cold', 'dark', 'damp'), (layers, good, how) => {
        const bad = {
          cold: { ...good, temperatureC: good.temperatureC - 6 },
          dark: { ...good, light: 0.55 },
          damp: { ...good, relativeHumidityPct: good.relativeHumidityPct + 25 },
        }[how]
        notSooner(solveCure(layers, 3000, bad)!.layers, solveCure(layers, 3000, good)!.layers)
      }),
      { numRuns: 200 },
    ))
  it('nor does a slower material, a millimetre thick', () => {
    const rates = [0.3, 0.5, 0.8, 1, 1.4, 2, 3, 5]
    const days = rates.map(
      (rate) => solveCure([{ thicknessUm: 1000, rate, q: 0.5, appliedDay: 0 }], 7000)!.layers,
    )
    for (let at = 1; at < rates.length; at++) notSooner(days[at - 1]!, days[at]!)
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
