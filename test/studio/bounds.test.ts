import { mkdtempSync } from 'node:fs'
import { readdir } from 'node:fs/promises'
import { createServer } from 'node:net'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect } from 'chai'
import fc from 'fast-check'
import { after, afterEach, before, describe, it } from 'mocha'
import highs from 'highs'
import sharp from 'sharp'
import { analyseMedium } from '../../src/core/medium/medium.ts'
import type { NamedRecipe } from '../../src/core/medium/recipe.ts'
import { design } from '../../src/core/dosing/design/design.ts'
import type { Wish } from '../../src/core/dosing/design/wish.ts'
import { usualPaint } from '../../src/core/dosing/usualPaint.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { findInLibrary } from '../../src/core/materials/find.ts'
import { calendarEntries } from '../../src/studio/lists/calendar.ts'
import { feedText } from '../../src/studio/lists/feed.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { keepPhoto, photoOf } from '../../src/studio/photos.ts'
import { followScale, scaleAddress, tellScale } from '../../src/studio/devices/scale.ts'
import { saveSettings, settingsOf } from '../../src/studio/settings.ts'
import { shelfFromCsv, shelfToCsv } from '../../src/studio/csv/shelfCsv.ts'
import { linearSolver } from '../../src/document/dates/linear.ts'
import { Invalid } from '../../src/studio/computing/compute.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { layer, lot, painting } from './bodies.ts'
import { demoStudio, judgeAll, now } from './desk.ts'

describe('mediums in mediums', () => {
  const chain = (depth: number, times: number) => {
    let asked = 0
    const media = (id: string): NamedRecipe => {
      asked++
      const level = Number(id)
      const inner = level === 0 ? { material: 'walnut' } : { medium: String(level - 1) }
      const lines = Array.from({ length: times }, () => ({ ...inner, amount: 1, unit: 'g' as const }))
      return { name: `Medium ${id}`, recipe: { lines } }
    }
    const top = { lines: [{ medium: String(depth), amount: 5, unit: 'g' as const }] }
    return { result: analyseMedium(top, findInLibrary, media), asked: () => asked }
  }
  it('are analysed once each, however often they are named', () => {
    const { result, asked } = chain(8, 10)
    expect(result.ok && result.medium.massG).to.be.closeTo(5, 1e-9)
    expect(asked()).to.be.below(100)
  })
  it('more than a dozen deep are refused by name', () => {
    const { result } = chain(20, 1)
    expect(!result.ok && result.problems[0]!.code).to.equal('depth')
    expect(!result.ok && result.problems[0]!.message).to.match(
      /^Medium \d+ is the 13th medium inside a medium/,
    )
  })
})

describe('a design whose wishes clash', () => {
  it('is told by two programmes a wish, not by one for every pair', async () => {
    const materials = ['linseed_cold_pressed', 'poppy', 'damar'].map((id) => findInLibrary(id)!)
    const loose = Array.from({ length: 28 }, (_, at): Wish => ({
      kind: 'most',
      what: 'resin',
      of: 'mix-mass',
      share: 0.5 - at / 100,
    }))
    const wishes: Wish[] = [...loose, { kind: 'oils', only: ['poppy'] }, { kind: 'speed', least: 0.9 }]
    const solver = linearSolver(await highs())
    let solved = 0
    const found = design(wishes, { materials, paint: usualPaint, dose: 0.25 }, null, (programme) => {
      solved++
      return solver(programme)
    })
    expect(!found.ok && found.clash).to.deep.equal([28, 29])
    expect(solved).to.be.at.most(2 * wishes.length + 1)
  })
})

describe('the calendar file', () => {
  it('stands whatever a date says, and whatever the studio is called', async () => {
    const { db, close } = await demoStudio()
    const write = { db, at: now }
    const { revision, ...settings } = await settingsOf(db)
    await saveSettings(write, { ...settings, studioName: 'S\r\nX-EVIL:1' }, revision)
    await savePainting(write, painting('old', { dates: [{ what: 'shown', on: '0000-01-01' }] }), null)
    await savePainting(write, painting('far', { dates: [{ what: 'sent', on: '9999-12-31' }] }), null)
    await saveLayer(write, layer('far-1', 'far', 0, { plannedOn: '9999-12-31' }), null)
    await saveLayer(write, layer('far-2', 'far', 1), null)
    await judgeAll(db, now)
    const text = await feedText(db, await calendarEntries(db, now), now)
    expect(text)
      .to.include('Glasshouse\\, morning: shown today')
      .and.not.match(/^X-EVIL/m)
    await close()
  })
  it('counts the years before 100 as they are written', () => {
    expect(dayOf('0099-12-31')! - dayOf('0099-01-01')!).to.equal(364)
    expect(dayOf('0100-01-01')! - dayOf('0099-12-31')!).to.equal(1)
  })
})

describe('a shelf as CSV', () => {
  const note = fc.stringMatching(/^[ -~\t\n＝＋]{0,30}$/)
  it('comes back as it went out, whatever stands in a note', () => {
    fc.assert(
      fc.property(note, (text) => {
        const [back] = shelfFromCsv(shelfToCsv([lot('one', { note: text })]))
        expect(back!.note).to.equal(text.replace(/\r\n?/g, '\n'))
      }),
    )
  })
  it('has no cell a spreadsheet would take for a formula', () => {
    for (const note of ['=1+1', ' =1+1', '\n=1+1', '＝1+1', '@SUM(A1)', '-2', '+2', '\t=1'])
      expect(
        shelfToCsv([lot('one', { note })])
          .split('"')
          .at(-2),
        note,
      ).to.match(/^'/)
    expect(shelfToCsv([lot('one', { note: 'a;=1+1' })])).to.include('"a;=1+1"')
  })
  const refusal = (csv: string): Invalid => {
    try {
      shelfFromCsv(csv)
    } catch (error) {
      if (error instanceof Invalid) return error
      throw error
    }
    throw new Error('It was taken.')
  }
  it('of more than 2,000 lines is to be split, and of many faults the first hundred are told', () => {
    const lines = (count: number, line: (n: number) => string) =>
      Array.from({ length: count }, (_, n) => line(n)).join('\n')
    expect(refusal(`id,name,family\n${lines(2001, (n) => `l-${n},Lot,oil`)}`).message).to.include('Split it')
    expect(refusal(`id,name,family\n${lines(900, () => ',,')}x,,`).issues.length).to.be.at.most(100)
  })
})

describe('photographs', () => {
  const dataBefore = process.env['GRELTA_DATA']
  const folder = mkdtempSync(join(tmpdir(), 'grelta-photos-'))
  before(() => {
    process.env['GRELTA_DATA'] = folder
  })
  after(() => {
    if (dataBefore === undefined) delete process.env['GRELTA_DATA']
    else process.env['GRELTA_DATA'] = dataBefore
  })
  const refusal = (sent: Uint8Array): Promise<string> =>
    keepPhoto(sent).then(
      () => 'kept',
      (error: Error) => error.message,
    )
  const picture = (width: number, height: number) =>
    sharp({ create: { width, height, channels: 3, background: '#a55' } })
      .png()
      .toBuffer()

  it('are photographs: a drawing in SVG, an animation or nothing at all is refused at once', async () => {
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="7000" height="7000"><filter id="f"><feGaussianBlur stdDeviation="200"/></filter><rect width="7000" height="7000" filter="url(#f)"/></svg>`
    expect(await refusal(Buffer.from(svg))).to.include('no photograph')
    expect(
      await refusal(
        await sharp(await picture(4, 4))
          .gif()
          .toBuffer(),
      ),
    ).to.include('no photograph')
    expect(await refusal(new Uint8Array())).to.include('empty')
    expect(await refusal(Buffer.from('no picture'))).to.include('no photograph')
  })
  it('of more than 60 million points are to be sent smaller', async () => {
    expect(await refusal(await picture(9000, 7000))).to.match(/60 million points|no photograph/)
  })
  it('sent twenty times at once are one file, and every sender is answered', async () => {
    const sent = await picture(300, 200)
    const hashes = await Promise.all(Array.from({ length: 20 }, () => keepPhoto(sent)))
    expect(new Set(hashes).size).to.equal(1)
    expect(
      (await readdir(join(folder, 'photos'))).filter((name) => name.startsWith(hashes[0]!)),
    ).to.have.length(1)
    expect(await readdir(join(folder, 'photos'))).to.satisfy((names: string[]) =>
      names.every((name) => name.endsWith('.jpg')),
    )
    expect((await photoOf(hashes[0]!))!.length).to.be.above(100)
  })
})

describe('where the scale is', () => {
  afterEach(() => {
    delete process.env['GRELTA_SCALE']
  })
  it('is a host and a port, in either form of address; anything else is no scale', () => {
    expect(scaleAddress('')).to.deep.equal({ host: '127.0.0.1', port: 4872 })
    expect(scaleAddress('bench.lan:5000')).to.deep.equal({ host: 'bench.lan', port: 5000 })
    expect(scaleAddress('[::1]:4872')).to.deep.equal({ host: '::1', port: 4872 })
    for (const told of ['127.0.0.1:99999', '127.0.0.1:abc', 'a b', ':'])
      expect(scaleAddress(told), told).to.equal(null)
  })
  it('that is no address is a scale that does not answer', async () => {
    process.env['GRELTA_SCALE'] = '127.0.0.1:abc'
    expect(await tellScale('tare')).to.equal(false)
    expect(
      await new Promise((resolve) =>
        followScale(
          () => undefined,
          () => resolve('gone'),
        ),
      ),
    ).to.equal('gone')
  })
  it('that only streams readings has not answered', async () => {
    const streaming = createServer((socket) => {
      const timer = setInterval(() => socket.write('W 1.00 S\n'), 50)
      socket.on('error', () => undefined)
      socket.on('close', () => clearInterval(timer))
    }).listen(0, '127.0.0.1')
    await new Promise((resolve) => streaming.once('listening', resolve))
    process.env['GRELTA_SCALE'] = `127.0.0.1:${(streaming.address() as AddressInfo).port}`
    expect(await tellScale('tare')).to.equal(false)
    streaming.close()
  })
})
