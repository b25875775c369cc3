import { expect } from 'chai'
import { afterEach, beforeEach, describe, it } from 'mocha'
import type { Finger } from '../../src/core/cure/checks.ts'
import { dateOf, dayOf, minuteOf } from '../../src/core/plan/calendar.ts'
import { swatchToldSchema } from '../../src/document/requests.ts'
import type { SwatchTold } from '../../src/document/requests.ts'
import { daysText, foundWords } from '../../src/views/tests/words.ts'
import { dayScale } from '../../src/views/tests/scale.ts'
import { find, list } from '../../src/store/records.ts'
import { loadPicture } from '../../src/studio/pictures.ts'
import { judgedWithSolve } from '../../src/studio/judge.ts'
import { countTouch, logTouch, saveLayer } from '../../src/studio/layers.ts'
import { logPainted } from '../../src/studio/painted.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { learntOf } from '../../src/studio/learning.ts'
import { rackOf } from '../../src/studio/lists/rack.ts'
import { readingsFromCsv, readingsToCsv, saveReading, saveReadings } from '../../src/studio/readings.ts'
import { removeSwatch, saveSwatch, touchSwatch } from '../../src/studio/swatches.ts'
import { beginTrial, saveTrial } from '../../src/studio/trials.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { layer, medium, painting } from './bodies.ts'
import { emptyStudio, judgeAll, now } from './desk.ts'

const today = dayOf(now)!
const ago = (days: number): string => minuteOf(today - days)
const black = { pigments: [{ pigment: 'pbk9', share: 1 }], oil: 'walnut', parts: 1 }

const swatch = (id: string, rest: Partial<SwatchTold['laid']> = {}): SwatchTold =>
  swatchToldSchema.parse({
    id,
    name: `Swatch ${id}`,
    laid: {
      at: ago(60),
      areas: [],
      paints: [black],
      medium: null,
      thinner: null,
      wetThicknessUm: 60,
      ridgeWetUm: null,
      ...rest,
    },
  })

describe('the rack', () => {
  let studio: Awaited<ReturnType<typeof emptyStudio>>
  const write = (at = now) => ({ db: studio.db, at })
  const touch = (id: string, days: number, finger: Finger, where?: string) =>
    touchSwatch(write(), id, { ...finger, at: minuteOf(today - 60 + days), ...(where && { where }) })
  const tacky: Finger = { check: 'touch', passed: false }
  const dry: Finger = { check: 'touch', passed: true }
  const refusal = (deed: Promise<unknown>): Promise<string> =>
    deed.then(
      () => 'was not refused',
      ({ message }: Error) => message,
    )
  beforeEach(async () => {
    studio = await emptyStudio()
  })
  afterEach(() => studio.close())

  it('the check that would tell most may be on a picture: on a layer that lies bare, not on one that is covered', async () => {
    await savePainting(write(), painting('p'), null)
    const blackLayer = (id: string, at: number) => layer(id, 'p', at, { paints: [black] })
    await saveLayer(write(), blackLayer('under', 0), null)
    await logPainted(write(), 'under', { paintedAt: ago(40) })
    await judgeAll(studio.db, now)
    const { telling } = await rackOf(studio.db, now)
    expect(telling).to.deep.include({ of: 'layer', id: 'under', picture: { id: 'p', title: 'Painting p' } })
    expect(telling!.chance).to.be.within(0.05, 0.95)
    await saveLayer(write(), blackLayer('over', 1), null)
    await logPainted(write(), 'over', { paintedAt: ago(1) })
    await judgeAll(studio.db, now)
    expect((await rackOf(studio.db, now)).telling?.id).to.not.equal('under')
  })
  it('keeps what was used as it was: a recipe changed later changes no swatch', async () => {
    await saveMedium(write(), medium('m'), null)
    await saveSwatch(write(), swatch('a', { medium: { mediumId: 'm', parts: 0.5 } }), null)
    const recipe = { lines: [{ material: 'linseed_stand_oil', amount: 1, unit: 'ml' as const }] }
    await saveMedium(write(), medium('m', { recipe }), 1)
    const kept = (await find(studio.db, 'swatch', 'a'))!
    expect(kept.laid.used!.recipe.lines[0]).to.deep.include({ material: 'walnut' })
    await saveSwatch(write(), { ...swatch('a', { medium: { mediumId: 'm', parts: 0.5 } }), note: 'black' }, 1)
    expect((await find(studio.db, 'swatch', 'a'))!.laid.used!.recipe.lines[0]).to.deep.include({
      material: 'walnut',
    })
  })
  it('five checks move a forecast, and one taken out moves it back', async () => {
    const other = await saveSwatch(write(), swatch('other'), null)
    expect(other.made).to.deep.equal(['other'])
    const forecast = async () =>
      (await rackOf(studio.db, now)).swatches.find((one) => one.swatch.id === 'other')!.film!.bands[0]!
    const book = await forecast()
    expect(book.days![1]).to.be.closeTo(book.book!, 1e-6)
    for (const id of ['a', 'b']) {
      await saveSwatch(write(), swatch(id), null)
      await touch(id, 1.4 * book.book!, tacky)
      await touch(id, 1.6 * book.book!, dry)
    }
    await touch('b', 30, { check: 'fingernail', passed: false })
    const slower = await forecast()
    expect(slower.days![1]).to.be.above(1.2 * book.book!)
    expect(slower.days![2] / slower.days![0]).to.be.below(book.days![2] / book.days![0])
    const { swatches, checks } = await rackOf(studio.db, now)
    expect(checks).to.have.length(5)
    const b = swatches.find((one) => one.swatch.id === 'b')!.swatch
    const fingers = b.fingers.map((one) => ({ ...one, counts: false }))
    await saveSwatch(write(), { ...b, fingers }, b.revision)
    const without = await forecast()
    expect(without.days![1]).to.be.within(book.book!, slower.days![1])
    expect((await rackOf(studio.db, now)).checks).to.have.length(2)
  })
  it('shows the latest swatches; the one that is looked for is always among them', async () => {
    for (const days of [90, 80, 70]) await saveSwatch(write(), swatch(`of-${days}`, { at: ago(days) }), null)
    const { count, swatches } = await rackOf(studio.db, now, { rows: 1, swatch: 'of-90' })
    expect(count).to.equal(3)
    expect(swatches.map((one) => one.swatch.id)).to.deep.equal(['of-70', 'of-90'])
  })
  it('what a thin edge does says nothing of the film', async () => {
    await saveSwatch(write(), swatch('a'), null)
    await touch('a', 2, dry, 'a thin edge')
    const { checks, swatches } = await rackOf(studio.db, now)
    expect(checks).to.deep.equal([])
    expect(swatches[0]!.swatch.fingers).to.have.length(1)
  })
  it('a finger from before it was laid is refused with the day', async () => {
    await saveSwatch(write(), swatch('a'), null)
    expect(await refusal(touch('a', -3, dry))).to.match(/was laid 25 Sep/)
  })
  it('a trial locks its rule and lays both films to one dry thickness; the control failing shows nothing', async () => {
    await beginTrial(write(ago(50)), {
      trial: {
        question: 'Does it harden?',
        rule: { by: 'check', check: 'fingernail', day: 49 },
        ifYes: 'Use it.',
        ifNo: 'Leave it.',
        lookDays: [28, 49],
        note: '',
      },
      swatch: { ...swatch('t', { at: ago(50) }), drawn: { ml: 0.4, areaCm2: 60 } },
      control: {
        ...swatch('c', { at: ago(50), thinner: { material: 'gum_turpentine', parts: 1 } }),
        drawn: { ml: 0.4, areaCm2: 60 },
      },
    })
    const rack = await rackOf(studio.db, now)
    const dryUm = (id: string) => rack.swatches.find((one) => one.swatch.id === id)!.film!.dryUm
    expect(dryUm('c')).to.be.closeTo(dryUm('t'), 0.01)
    expect(rack.swatches.find(({ swatch: { id } }) => id === 'c')!.swatch.drawn!.ml).to.be.above(0.7)
    const noRows = await rackOf(studio.db, now, { rows: 0, swatch: null })
    expect(noRows.swatches.map(({ swatch: { id } }) => id)).to.have.members(['c', 't'])
    expect(rack.trials[0]).to.deep.include({ isDue: true, lookOn: dateOf(today - 22) })
    const [trial] = await list(studio.db, 'trial')
    const { revision: _seen, ...body } = trial!
    const bent = { ...body, rule: { by: 'check', check: 'touch', day: 3 } as const }
    expect(await refusal(saveTrial(write(), bent, 1))).to.include('locked once it has begun')
    await saveTrial(write(), { ...body, note: 'Damp week.' }, 1)
    expect(await refusal(saveSwatch(write(), swatch('t', { wetThicknessUm: 20 }), 1))).to.include(
      'what was laid is fixed',
    )
    expect(await refusal(removeSwatch(write(), 'c', 1))).to.include('part of the trial')
    for (const id of ['t', 'c'])
      await touchSwatch(write(), id, { check: 'fingernail', passed: false, at: ago(1) })
    const [{ verdict, lookOn } = { verdict: null, lookOn: '' }] = (await rackOf(studio.db, now)).trials
    expect(verdict!.outcome).to.equal('inconclusive')
    expect(lookOn).to.equal(null)
  })
  it('a check on a layer teaches every other forecast, and bears on its own layer by itself', async () => {
    await savePainting(write(), painting('p'), null)
    for (const [at, id] of ['first', 'second'].entries())
      await saveLayer(write(), layer(id, 'p', at, { paints: [black] }), null)
    await logPainted(write(), 'first', { paintedAt: ago(40) })
    await judgeAll(studio.db, now)
    const touchDays = async (id: string) => {
      const picture = (await loadPicture(studio.db, 'p', now))!
      const { layers } = judgedWithSolve(picture).assessment
      return layers.find((one) => one.id === id)!.forecast.days.touch!
    }
    const [own, next] = [await touchDays('first'), await touchDays('second')]
    const { made } = await logTouch(write(), {
      layerId: 'first',
      ...tacky,
      at: minuteOf(today - 40 + 1.5 * own),
    })
    await judgeAll(studio.db, now)
    expect((await learntOf(studio.db)).names).to.include('powder pbk9')
    expect(await touchDays('second')).to.be.above(1.1 * next)
    expect(await touchDays('first')).to.be.closeTo(own, 1e-6)
    await countTouch(write(), made[0]!, false, 1)
    await judgeAll(studio.db, now)
    expect(await touchDays('second')).to.be.closeTo(next, 1e-6)
  })
  it('tells days and what was found as a painter would', async () => {
    await saveSwatch(write(), swatch('a'), null)
    await touch('a', 8, tacky)
    const [entry] = (await rackOf(studio.db, now)).swatches
    expect(foundWords(entry!, 'touch')).to.match(
      /^touch dry: forecast \d+.\d+ days, by the book \d+; not yet on day 8$/,
    )
    expect([0.4, 2.3, 9.6].map(daysText)).to.deep.equal(['0.5', '2.5', '10'])
    const scale = dayScale(100, 400)
    expect(scale.x(100)).to.equal(400)
    expect(scale.ticks.every(({ day }) => day <= 100)).to.equal(true)
  })
})

describe('readings of the room', () => {
  let studio: Awaited<ReturnType<typeof emptyStudio>>
  const write = { at: now } as const
  beforeEach(async () => {
    studio = await emptyStudio()
  })
  afterEach(() => studio.close())
  const told = (on: string, temperatureC: number) =>
    ({ placeId: 'studio', on, temperatureC, relativeHumidityPct: 50, light: null, by: 'hand' }) as const

  it('one a day and place: a later one of the day takes its place, and undo brings the first back', async () => {
    await saveReading({ db: studio.db, ...write }, told('2026-11-20', 18))
    const again = await saveReading({ db: studio.db, ...write }, told('2026-11-20', 12))
    const temperatures = async () => (await list(studio.db, 'reading')).map((one) => one.temperatureC)
    expect(await temperatures()).to.deep.equal([12])
    await undoEvent({ db: studio.db, ...write }, again.event)
    expect(await temperatures()).to.deep.equal([18])
  })
  it('a cold week puts every date of a picture off', async () => {
    const { db } = studio
    await savePainting({ db, at: now }, painting('p'), null)
    for (const [at, id] of ['a', 'b'].entries()) await saveLayer({ db, at: now }, layer(id, 'p', at), null)
    await logPainted({ db, at: now }, 'a', { paintedAt: ago(3) })
    const nextDay = async () => {
      const picture = (await loadPicture(db, 'p', now))!
      return judgedWithSolve(picture).assessment.layers[1]!.date.day
    }
    const before = await nextDay()
    const cold = [0, 1, 2, 3].map((days) => told(dateOf(today - days), 6))
    await saveReadings({ db, at: now }, 'studio', cold)
    expect(await nextDay()).to.be.above(before)
  })
  it('a CSV is read whole or not at all, each fault by its line; several readings of a day count by their mean', () => {
    const csv = 'date;temperature_c;humidity_percent\n2026-11-20 08:00;17,5;50\n2026-11-20 20:00;18,5;60\n'
    expect(readingsFromCsv(csv, 'rack', today)).to.deep.equal([
      {
        ...{ placeId: 'rack', on: '2026-11-20', temperatureC: 18, relativeHumidityPct: 55 },
        ...{ light: null, by: 'file' },
      },
    ])
    const wrong = 'date,temperature_c,humidity_percent\n2026-13-20,17,50\n2027-01-01,170,50\n'
    expect(() => readingsFromCsv(wrong, 'rack', today)).to.throw(/Line 2, column "date"/)
    const back = readingsToCsv([{ ...told('2026-11-20', 18), id: 'x' }])
    expect(readingsFromCsv(back, 'studio', today)[0]).to.deep.include({ temperatureC: 18 })
  })
  it('of a day to come is refused', async () => {
    const early = saveReading({ db: studio.db, ...write }, told('2026-12-24', 18))
    expect(await early.catch(({ message }: Error) => message)).to.include('cannot have been made')
  })
})
