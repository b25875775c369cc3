import { expect } from 'chai'
import { afterEach, beforeEach, describe, it } from 'mocha'
import { judge } from '../../src/studio/judge.ts'
import { learnFromAll } from '../../src/studio/learning.ts'
import { judging } from '../../src/studio/judging.ts'
import type { Judging } from '../../src/studio/judging.ts'
import { Invalid } from '../../src/studio/computing/compute.ts'
import { removePainting, savePainting } from '../../src/studio/paintings.ts'
import { endThreads, runForRequest, runTask, valueOf } from '../../src/studio/threads.ts'
import { painting } from './bodies.ts'
import { emptyStudio, now } from './desk.ts'

describe('judging in the background', () => {
  let studio: Awaited<ReturnType<typeof emptyStudio>>
  let rounds: (readonly string[])[]
  let during: () => Promise<void>
  let background: Judging
  const begin = (id: string) => savePainting({ db: studio.db, at: now }, painting(id), null)
  beforeEach(async () => {
    studio = await emptyStudio()
    rounds = []
    during = () => Promise.resolve()
    background = judging(
      studio.db,
      {
        judge: async (ids) => {
          rounds.push(ids)
          const found = await judge(studio.db, ids, now)
          await during()
          return found
        },
        learn: () => learnFromAll(studio.db, now),
      },
      () => now,
    )
  })
  afterEach(() => studio.close())

  it('goes on until nothing is left, two dozen at a time', async () => {
    for (let n = 0; n < 30; n++) await begin(`p-${n}`)
    expect(await background.settled(50_000)).to.equal(0)
    expect(rounds.map((ids) => ids.length)).to.deep.equal([24, 6])
    expect(await background.settled(0)).to.equal(0)
    expect(rounds).to.have.length(2)
  })
  it('judges again what was changed while it was being judged', async () => {
    await begin('p')
    let changed = false
    during = async () => {
      if (changed) return
      changed = true
      await savePainting({ db: studio.db, at: now }, painting('p', { practice: 'glazing' }), 1)
    }
    expect(await background.settled(50_000)).to.equal(0)
    expect(rounds).to.deep.equal([['p'], ['p']])
  })
  it('keeps nothing of a painting that went in the meantime', async () => {
    await begin('p')
    during = async () => {
      await removePainting({ db: studio.db, at: now }, 'p', 1)
    }
    expect(await background.settled(50_000)).to.equal(0)
  })
  it('keeps nobody waiting longer than asked, and says how many are left', async () => {
    await begin('p')
    let judged = (): void => undefined
    const held = new Promise<void>((resolve) => (judged = resolve))
    during = () => held
    expect(await background.settled(30)).to.equal(1)
    judged()
    expect(await background.settled(50_000)).to.equal(0)
  })
  it('that fails stops, and begins again when it is next asked', async () => {
    await begin('p')
    const said: unknown[] = []
    const error = console.error
    console.error = (...words: unknown[]) => said.push(words)
    during = () => Promise.reject(new Error('the thread ended'))
    expect(await background.settled(50_000)).to.equal(1)
    console.error = error
    expect(said).to.have.length(1)
    during = () => Promise.resolve()
    expect(await background.settled(50_000)).to.equal(0)
  })
})

describe('a task in a thread', () => {
  afterEach(() => endThreads())
  const layer = { thicknessUm: 50, rate: 1, q: 0.5, appliedDay: 0 }
  const request = (signal?: AbortSignal) => new Request('http://127.0.0.1/', signal ? { signal } : {})

  it('answers, and its refusals are refusals on this side too', async function () {
    this.timeout(30_000)
    const cure = { what: 'cure' as const, body: { layers: [layer], untilDay: 60 } }
    const answer = valueOf(await runForRequest('calculate', cure, request())) as {
      layers: { touchDays: number }[]
    }
    expect(answer.layers[0]!.touchDays).to.be.within(1, 20)
    const body = { shelf: ['moon_oil'], wishes: [], dose: 0.25 }
    const refusal = await runTask('calculate', { what: 'design', body })
      .then(valueOf)
      .catch((error: unknown) => error)
    expect(refusal).to.be.instanceOf(Invalid)
  })
  it('ends when whoever asked has gone', async function () {
    this.timeout(30_000)
    const stop = new AbortController()
    const layers = Array.from({ length: 60 }, (_, at) => ({
      ...layer,
      thicknessUm: 20_000,
      appliedDay: at * 120,
    }))
    const work = runForRequest(
      'calculate',
      { what: 'cure', body: { layers, untilDay: 7300 } },
      request(stop.signal),
    ).then(
      () => 'answered',
      () => 'ended',
    )
    stop.abort()
    expect(await work).to.equal('ended')
  })
})
