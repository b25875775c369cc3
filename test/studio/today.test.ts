import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { dayOf, minuteOf } from '../../src/core/plan/calendar.ts'
import { startOf } from '../../src/document/picture/eventStart.ts'
import type { LayerDocument } from '../../src/document/layer.ts'
import type { Database } from '../../src/store/database.ts'
import type { OpenStudio } from '../../src/store/open.ts'
import { batchNotices, shortagesIn } from '../../src/studio/lists/batchList.ts'
import { calendarEntries } from '../../src/studio/lists/calendar.ts'
import { feedText } from '../../src/studio/lists/feed.ts'
import { logTouch, saveLayer } from '../../src/studio/layers.ts'
import { versionsOfMedium } from '../../src/studio/lists/mediumHistory.ts'
import { removeMedium, saveMedium } from '../../src/studio/mediums.ts'
import { logPainted } from '../../src/studio/painted.ts'
import { paintingPage } from '../../src/studio/lists/paintingList.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { saveSettings, settingsOf } from '../../src/studio/settings.ts'
import { morningOf, todayEntries } from '../../src/studio/lists/todayList.ts'
import { layer, painting } from './bodies.ts'
import { demoStudio, emptyStudio, judgeAll, now } from './desk.ts'

let studio: OpenStudio
let db: Database
before(async () => {
  studio = await demoStudio()
  db = studio.db
})
after(() => studio.close())
const entry = async (id: string, at = now) => {
  await judgeAll(db, at)
  return (await todayEntries(db, at)).find(({ paintingId }) => paintingId === id)!
}

describe('the morning at Tern Street', () => {
  it('what is wet is left alone, with a date to wait for; what may be ready is to be touched, with how', async () => {
    expect((await entry('sheds')).readiness).to.equal('wait')
    const glasshouse = await entry('glasshouse')
    expect([glasshouse.readiness, glasshouse.touch!.gate]).to.deep.equal(['touch', 'firm'])
  })
  it('a nail that leaves no mark makes the glaze ready to paint on', async () => {
    await logTouch(
      { db, at: now },
      { layerId: 'glasshouse-4', at: now, check: 'fingernail', passed: true, note: '' },
    )
    expect((await entry('glasshouse')).readiness).to.equal('ready')
  })
  it('what the room forbids has no day, and no finger makes it one', async () => {
    const { revision, ...settings } = await settingsOf(db)
    await saveSettings({ db, at: now }, { ...settings, policies: ['nuts'] }, revision)
    const glasshouse = await entry('glasshouse')
    expect([glasshouse.readiness, glasshouse.next!.source]).to.deep.equal(['wait', 'unsound'])
    await saveSettings({ db, at: now }, settings, (await settingsOf(db)).revision)
    expect((await entry('glasshouse')).readiness).to.equal('ready')
  })
  it('a week later nothing has come nearer to being too early', async () => {
    const order = ['wait', 'touch', 'ready']
    for (const { paintingId, readiness } of await todayEntries(db, now))
      expect(order.indexOf((await entry(paintingId, '2026-12-01T09:00')).readiness)).to.be.at.least(
        order.indexOf(readiness),
      )
  })
  it('of six pictures two are ready, and the one whose wet paint closes this afternoon comes first (C78)', async () => {
    const fresh = await emptyStudio()
    const write = { db: fresh.db, at: now }
    const at = (days: number): string => minuteOf(dayOf(now)! - days)
    const begin = async (id: string, rest: Partial<LayerDocument>, paintedDaysAgo: number | null) => {
      await savePainting(write, painting(id), null)
      await saveLayer(write, layer(`${id}-1`, id, 0), null)
      if (paintedDaysAgo !== null) await logPainted(write, `${id}-1`, { paintedAt: at(paintedDaysAgo) })
      await saveLayer(write, layer(`${id}-2`, id, 1, rest), null)
    }
    await begin('a-dry-one', {}, 300)
    await begin('sitting', { wetInWet: true }, 0.05)
    await begin('set', { wetInWet: true }, 2)
    for (const id of ['wet-1', 'wet-2', 'wet-3']) await begin(id, {}, 0.5)
    await judgeAll(fresh.db, now)
    const { groups } = await morningOf(fresh.db, now)
    const [ready, , wait] = groups
    expect(ready!.entries.map(({ paintingId }) => paintingId)).to.deep.equal(['sitting', 'a-dry-one'])
    const { closes } = ready!.entries[0]!.next!
    expect(closes!).to.be.within(dayOf(now)!, dayOf(now)! + 1)
    expect(wait!.entries.map(({ paintingId }) => paintingId)).to.have.members([
      'set',
      'wet-1',
      'wet-2',
      'wet-3',
    ])
    const later = minuteOf(closes! + 2 / 1440)
    expect(
      (await todayEntries(fresh.db, later)).find((one) => one.paintingId === 'sitting')!.readiness,
    ).to.equal('wait')
    await fresh.close()
  })
  it('tells what each picture is safe for, as its list does; what is planned to be scraped off is still there', async () => {
    const write = { db, at: now }
    await savePainting(write, painting('scraped', { title: 'To be scraped' }), null)
    await saveLayer(write, layer('s-1', 'scraped', 0), null)
    await logPainted(write, 's-1', { paintedAt: '2026-11-23T10:00' })
    await saveLayer(write, layer('s-2', 'scraped', 1), null)
    for (const at of [2, 3])
      await saveLayer(write, layer(`s-${at + 1}`, 'scraped', at, startOf('scrape')), null)
    await judgeAll(db, now)
    const listed = new Map((await paintingPage(db, now)).entries.map(({ id, stage }) => [id, stage]))
    for (const { paintingId, stage } of await todayEntries(db, now))
      expect([paintingId, stage]).to.deep.equal([paintingId, listed.get(paintingId)])
    expect(listed.get('scraped')).to.equal('wet')
    expect(listed.get('quince')).to.equal('touch')
  })
  it('the egg batch about to spoil comes up, and the putty does not yet', async () => {
    const titles = (await batchNotices(db, now)).entries.map(({ title, state }) => `${title}: ${state}`)
    expect(titles).to.include('Yolk and walnut, batch 2: watch')
    expect(titles.join()).to.not.include('putty')
    expect(
      (await batchNotices(db, '2026-11-30T09:00')).entries.map(({ title, state }) => `${title}: ${state}`),
    ).to.include('Yolk and walnut, batch 2: past')
  })
  it('the planned layers’ need is set against the batches there are, and what is short is named', async () => {
    const morning = (await shortagesIn(db, now)).entries.find(({ name }) => name === 'Morning oil')!
    expect(morning.haveMl).to.equal(0)
    expect(morning.shortMl).to.be.closeTo(morning.needMl, 1e-9)
    expect(morning.buy.map(({ material }) => material)).to.include('Walnut oil')
  })
  it('every planned layer and every deadline stands in the calendar file', async () => {
    const text = await feedText(db, await calendarEntries(db, now), now)
    for (const summary of [
      'Glasshouse\\, morning: Sunlight scumble',
      'The clock-mender: First flesh',
      'Glasshouse\\, morning: shown today',
    ])
      expect(text).to.include(summary)
    expect(text.match(/BEGIN:VEVENT/g)!.length).to.be.at.least(6)
  })
  it('the calendar file says what each date rests on', async () => {
    const write = { db, at: now }
    await savePainting(write, painting('kiln'), null)
    const plans = { first: {}, sitting: { wetInWet: true }, later: {}, set: { plannedOn: '2027-06-01' } }
    for (const [place, [id, plan]] of Object.entries(plans).entries())
      await saveLayer(write, layer(id, 'kiln', place, { name: id, ...plan }), null)
    await judgeAll(db, now)
    const text = (await feedText(db, await calendarEntries(db, now), now)).replace(/\r\n /g, '')
    const said = text.matchAll(/^SUMMARY:Painting kiln: (\w+)\r\nDESCRIPTION:(.*?)\.?\r$/gm)
    expect(Object.fromEntries([...said].map(([, name, words]) => [name, words]))).to.deep.equal({
      first: 'Nothing lies under it to wait for',
      sitting: 'In the same sitting as the layer under it',
      later: 'Earliest date at 80 % confidence (estimate). Touch the layer under it first',
      set: 'The day you set. Touch the layer under it first',
    })
  })
  it('a medium in use is not removed, and the reason names where', async () => {
    const refusal = await removeMedium({ db, at: now }, 'harbour-glaze', 1).catch(
      (error: Error) => error.message,
    )
    expect(refusal).to.equal(
      'The layer Last light is planned with Harbour glaze. Choose another medium there first.',
    )
  })
  it('a recipe remembers how it was first written, and where each sitting ended', async () => {
    const recipe = (amount: number) => ({ lines: [{ material: 'walnut', amount, unit: 'ml' as const }] })
    const medium = { id: 'history', name: 'History', note: '', recipe: recipe(1) }
    await saveMedium({ db, at: '2026-11-24T09:00' }, medium, null)
    await saveMedium({ db, at: '2026-11-24T09:01' }, { ...medium, recipe: recipe(2) }, 1)
    await saveMedium({ db, at: '2026-11-24T09:02' }, { ...medium, recipe: recipe(3) }, 2)
    await saveMedium({ db, at: '2026-11-24T15:00' }, { ...medium, recipe: recipe(4) }, 3)
    expect(
      (await versionsOfMedium(db, 'history')).map(({ recipe: { lines } }) => lines[0]!.amount),
    ).to.deep.equal([4, 3, 1])
  })
})
