import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import { openJarGPerHour } from '../../src/core/air/emission.ts'
import type { VapourSource } from '../../src/core/air/emission.ts'
import { exposures } from '../../src/core/air/exposures.ts'
import { airOverDay } from '../../src/core/air/vapour.ts'
import { airRequest } from '../../src/document/compute.ts'
import { expectClose, vectors } from '../vectors.ts'

describe('air, against the vectors', () => {
  for (const one of vectors<{ name: string; request: object; expect: unknown }>('air'))
    it(one.name, () => expectClose(airOverDay(airRequest.parse(one.request)), one.expect, 0.005))
})

const day = (sources: readonly VapourSource[], airChangesPerHour = 1, roomM3 = 40) =>
  airOverDay({ roomM3, airChangesPerHour, hours: 8, sources })
const washed = { fromHour: 3, airChangesPerHour: 4 }
const washing: VapourSource = { solvent: 'gum_turpentine', grams: 25, overHours: 3 }

describe('the air of a room', () => {
  it('25 g of turpentine over three hours: 198 mg/m³ then, on the way to 208 (C95)', () => {
    const { overTime } = day([washing])
    expect(overTime.find(({ hour }) => hour === 3)!.mgPerM3).to.be.closeTo(198, 0.5)
    const forLong = day([{ ...washing, grams: 250, overHours: 30 }])
    expect(forLong.overTime.at(-1)!.mgPerM3).to.be.closeTo(208.3, 0.1)
  })
  it('an open jar of turpentine, 20 cm², gives off 0.6 g an hour', () => {
    expect(openJarGPerHour('gum_turpentine', 20)).to.be.closeTo(0.6, 0.01)
  })
  it('several solvents add up as shares of what each is allowed', () => {
    const spirit: VapourSource = { ...washing, solvent: 'isoparaffin' }
    const [one, other, both] = [[washing], [spirit], [washing, spirit]].map((sources) => day(sources))
    expect(both!.fractionOfStrictLimit).to.be.closeTo(
      one!.fractionOfStrictLimit! + other!.fractionOfStrictLimit!,
      1e-12,
    )
    expect([one!.sensitiser, other!.sensitiser]).to.deep.equal([true, false])
  })
  it('what has no guidance of its own has no share of it', () => {
    const spike = day([{ ...washing, solvent: 'spike_lavender_oil' }])
    expect(spike.fractionOfCommonLimit).to.equal(null)
    expect(spike.fractionOfStrictLimit).to.be.above(0)
  })
  it('a sealed room is never clear again, and an empty one always is', () => {
    expect(day([washing], 0).clearAfterHours).to.equal(null)
    expect(day([])).to.include({ clearAfterHours: 0, airChangesToStayBelowStrict: 0, peakMgPerM3: 0 })
  })
  it('law: the changes of air it asks for keep the highest moment at the guidance', () => {
    const solvents = Object.keys(exposures)
    const source = fc.record({
      solvent: fc.constantFrom(...solvents),
      grams: fc.double({ min: 0.1, max: 500, noNaN: true }),
      fromHour: fc.double({ min: 0, max: 6, noNaN: true }),
      overHours: fc.double({ min: 0.1, max: 6, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.array(source, { minLength: 1, maxLength: 5 }), (sources) => {
        const n = day(sources).airChangesToStayBelowStrict
        if (n === null || n === 0) return
        const again = day(sources, n).airChangesToStayBelowStrict
        expect(again).to.be.closeTo(n, n * 1e-6)
        const peak = (changes: number): number => day(sources, changes).peakMgPerM3
        expect(peak(n)).to.be.at.most(peak(n / 2))
      }),
      { numRuns: 300 },
    )
  })
  it('windows thrown open while a varnish gives off keep it lower, and afterwards clear it sooner', () => {
    const room = { roomM3: 24, airChangesPerHour: 0.3, hours: 12, sources: [washing] }
    const open = (fromHour: number, toHour: number) =>
      airOverDay({ ...room, aired: [{ fromHour, toHour, airChangesPerHour: 4 }] })
    const shut = airOverDay(room)
    expect(open(0, 3).peakMgPerM3).to.be.below(shut.peakMgPerM3 / 3)
    const after = open(3, 4)
    expect(after.peakMgPerM3).to.equal(shut.peakMgPerM3)
    expect(after.clearAfterHours).to.be.below(shut.clearAfterHours! - 5)
    const sealed = airOverDay({ ...room, airChangesPerHour: 0, aired: [{ ...washed, toHour: 3.25 }] })
    expect(sealed.clearAfterHours, 'a quarter of an hour is not enough, and then it stands').to.equal(null)
  })
  it('law: hours aired as the rest of the day are no other air', () => {
    const hour = fc.double({ min: 0, max: 8, noNaN: true })
    fc.assert(
      fc.property(hour, hour, fc.double({ min: 0.1, max: 8, noNaN: true }), (a, b, n) => {
        fc.pre(Math.abs(a - b) > 0.01)
        const aired = [{ fromHour: Math.min(a, b), toHour: Math.max(a, b), airChangesPerHour: n }]
        const split = airOverDay({ roomM3: 40, airChangesPerHour: n, aired, hours: 8, sources: [washing] })
        expectClose(split, day([washing], n), 1e-6)
      }),
    )
  })
  it('law: a room twice as large holds half as much, and a quarter of an hour is never above the moment', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 200, noNaN: true }), (roomM3) => {
        const [small, large] = [day([washing], 1, roomM3), day([washing], 1, 2 * roomM3)]
        expect(large.peakMgPerM3).to.be.closeTo(small.peakMgPerM3 / 2, 1e-9)
        expect(small.mean15MinMgPerM3).to.be.at.most(small.peakMgPerM3)
        expect(small.mean8hMgPerM3).to.be.at.most(small.mean15MinMgPerM3)
      }),
    )
  })
})
