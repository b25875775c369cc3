import { expect } from 'chai'
import fc from 'fast-check'
import { after, before, describe, it } from 'mocha'
import { overlap } from '../../src/core/stack/area.ts'
import { assess } from '../../src/document/judging/assess.ts'
import { solve } from '../../src/document/dates/solve.ts'
import { mixtureShares } from '../../src/document/mixture.ts'
import { findInStudio } from '../../src/document/studioMaterials.ts'
import { quietDayOf, summaryOf } from '../../src/document/judging/summary.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { computeFilm, computeMedium, Invalid, mediumAnswer } from '../../src/studio/computing/compute.ts'
import { consequencesOf } from '../../src/studio/consequences.ts'
import { judgedWithSolve } from '../../src/studio/judge.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { loadPicture } from '../../src/studio/pictures.ts'
import { layer, lot, medium, painting } from './bodies.ts'
import { demoStudio, emptyStudio, now } from './desk.ts'

const recipeOf = (material: string) => ({ lines: [{ material, amount: 10, unit: 'ml' as const }] })

describe('what another recipe would do', () => {
  let studio: Awaited<ReturnType<typeof emptyStudio>>
  before(async () => {
    studio = await emptyStudio()
    const write = { db: studio.db, at: now }
    await saveMedium(write, medium('quick', { recipe: recipeOf('linseed_cold_pressed') }), null)
    for (let n = 0; n < 20; n++) {
      await savePainting(write, painting(`p-${n}`), null)
      const glaze = layer(`l-${n}`, `p-${n}`, 0, {
        name: `Glaze ${n}`,
        medium: { mediumId: 'quick', parts: 1 },
      })
      await saveLayer(write, glaze, null)
    }
  })
  after(() => studio.close())

  it('is judged on the layers planned with it, and stores nothing', async () => {
    const before = (await studio.db.selectFrom('event').select('id').execute()).length
    const { layers } = await consequencesOf(studio.db, now, 'quick', recipeOf('poppy'))
    expect(layers[0]!.layer).to.match(/^Glaze \d/)
    for (const { touchDays } of layers) expect(touchDays.after!).to.be.above(touchDays.before!)
    expect(await studio.db.selectFrom('event').select('id').execute()).to.have.length(before)
  })
  it('looks at sixteen pictures, and says how many more there are', async () => {
    const { layers, more } = await consequencesOf(studio.db, now, 'quick', recipeOf('poppy'))
    expect([layers.length, more]).to.deep.equal([16, 4])
  })
  it('of a medium no layer is planned with is nothing', async () => {
    expect(await consequencesOf(studio.db, now, 'unknown', recipeOf('poppy'))).to.deep.equal({
      layers: [],
      more: 0,
    })
  })
  it('the same recipe adds no finding and moves no date', async () => {
    const { layers } = await consequencesOf(studio.db, now, 'quick', recipeOf('linseed_cold_pressed'))
    for (const { added, touchDays } of layers) {
      expect(added).to.deep.equal([])
      expect(touchDays.after).to.equal(touchDays.before)
    }
  })
})

describe('a judged picture', () => {
  it('is judged alike by the table at once and by the solve, where films do not hinder each other', async () => {
    const { db, close } = await demoStudio()
    const picture = (await loadPicture(db, 'quince', now))!
    const findMaterial = findInStudio(picture.shelf)
    const [atOnce, solved] = [
      assess(picture, findMaterial),
      assess(picture, findMaterial, solve(picture, findMaterial)!),
    ]
    expect(solved.solved).to.equal(true)
    expect(atOnce.solved).to.equal(false)
    expect(solved.layers.map(({ worst }) => worst!.film.leanness)).to.deep.equal(
      atOnce.layers.map(({ worst }) => worst!.film.leanness),
    )
    await close()
  })
  it('that is unfinished is never quiet; that is finished is, once its films have dried', async () => {
    const { db, close } = await demoStudio()
    const quiet = async (id: string) => {
      const picture = (await loadPicture(db, id, now))!
      return quietDayOf(summaryOf(picture, judgedWithSolve(picture).assessment), null)
    }
    expect(await quiet('glasshouse')).to.equal(null)
    expect(await quiet('quince')).to.be.above(dayOf('2026-09-01')!)
    await close()
  })
  it('knows which layers lie over one another: one without an area covers all', () => {
    const area = (...areas: string[]) => layer('l', 'p', 0, { areas })
    expect(overlap(area(), area('sky'))).to.equal(true)
    expect(overlap(area('sky', 'boat'), area('boat'))).to.equal(true)
    expect(overlap(area('sky'), area('boat'))).to.equal(false)
    fc.assert(
      fc.property(fc.subarray(['sky', 'boat', 'quay']), fc.subarray(['sky', 'boat', 'quay']), (a, b) => {
        expect(overlap(area(...a), area(...b))).to.equal(overlap(area(...b), area(...a)))
      }),
    )
  })
  it('shows the pigments of its paints by their share of the parts', () => {
    const tube = (parts: number, ...pigments: { pigment: string; share: number }[]) => ({
      pigments,
      oil: 'walnut',
      parts,
    })
    const shares = mixtureShares(
      [
        tube(3, { pigment: 'pw1', share: 2 }, { pigment: 'my-blue', share: 1 }),
        tube(1, { pigment: 'pw6_rutile', share: 5 }),
      ],
      findInStudio([lot('my-blue', { base: 'pb29', family: 'pigment' })]),
    )
    expect(shares).to.deep.equal([
      { id: 'pw1', share: 2 },
      { id: 'pb29', share: 1 },
      { id: 'pw6_rutile', share: 1 },
    ])
  })
})

describe('the computations as a script asks for them', () => {
  const fault = (work: () => unknown): Invalid => {
    try {
      work()
    } catch (error) {
      if (error instanceof Invalid) return error
      throw error
    }
    throw new Error('It was computed.')
  }
  it('a medium scaled to a jar is the jar, with the shares it had', () => {
    const lines = [
      { material: 'walnut', amount: 3, unit: 'tbsp_metric' as const },
      { material: 'damar', amount: 5, unit: 'g' as const },
    ]
    const [plain, jar] = [
      computeMedium({ lines }),
      computeMedium({ lines, scaleTo: { amount: 180, unit: 'ml' } }),
    ]
    expect(jar.volumeMl).to.be.closeTo(180, 1e-9)
    expect(jar.dry.byMass.resin).to.be.closeTo(plain.dry.byMass.resin, 1e-12)
  })
  it('with a paint, the shares rise with the dose and the largest keeps every limit', () => {
    const answer = mediumAnswer({
      lines: [
        { material: 'linseed_stand_oil', amount: 1, unit: 'ml' },
        { material: 'damar', amount: 0.5, unit: 'g' },
      ],
      paint: { pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'walnut' },
      doses: [0, 0.1, 0.2, 0.4],
    })
    const { doses } = answer as { doses: { resinOfBinder: number }[] }
    const resin = doses.map(({ resinOfBinder }) => resinOfBinder)
    expect(resin).to.deep.equal([...resin].sort((a, b) => a - b))
  })
  it('what is not on the shelf is refused where it stands', () => {
    const { issues } = fault(() =>
      computeMedium({ lines: [{ material: 'moon_oil', amount: 1, unit: 'ml' }] }),
    )
    expect(issues[0]!.path).to.deep.equal(['lines', 0])
    const film = {
      paints: [{ pigments: [{ pigment: 'pw1', share: 1 }], oil: 'moon_oil', parts: 1 }],
      wetThicknessUm: 50,
    }
    expect(fault(() => computeFilm(film)).issues[0]!.path.join('.')).to.include('paints.0')
  })
})
