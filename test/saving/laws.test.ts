import { expect } from 'chai'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, it } from 'mocha'
import { deliver, leftOf } from '../../src/saving/postman.ts'
import { keepIn } from '../../src/saving/kept.ts'
import { FakeKeep, FakeStudio, pageOn, standing } from './fakeServer.ts'

const oil = { id: 'oil', name: 'Evening oil', note: '', recipe: { lines: [] } }
const fields = ['name', 'note'] as const

describe('two windows typing at random', () => {
  const typing = fc.array(
    fc.record({
      window: fc.constantFrom(0, 1),
      field: fc.constantFrom(...fields),
      text: fc.stringMatching(/^[a-z]{1,6}$/),
      pauseMs: fc.constantFrom(0, 0, 8),
      mood: fc.constantFrom('well' as const, 'well' as const, 'deaf' as const, 'away' as const),
    }),
    { minLength: 1, maxLength: 8 },
  )
  it('end with the same, and with nothing in it that neither typed', async function () {
    this.timeout(60_000)
    await fc.assert(
      fc.asyncProperty(typing, async (all) => {
        const studio = new FakeStudio()
        studio.put('oil', oil)
        const windows = [pageOn(studio), pageOn(studio)]
        for (const { window, field, text, pauseMs, mood } of all) {
          studio.mood = mood
          windows[window]!.edit('medium', 'oil', { [field]: text })
          if (pauseMs) await new Promise((resolve) => setTimeout(resolve, pauseMs))
        }
        studio.mood = 'well'
        for (const window of windows) {
          for (let round = 0; round < 20 && window.state.get().standing !== 'saved'; round++) {
            if (window.state.get().conflict) window.resolve('mine')
            else await window.flush()
          }
          await standing(window, 'saved')
        }
        const stored = studio.body('oil')
        for (const field of fields) {
          const typed = all.filter((one) => one.field === field).map(({ text }) => text)
          expect(typed.length > 0 ? typed : [oil[field]]).to.include(stored[field])
        }
        windows.forEach((window) => window.close())
      }),
      { numRuns: 40 },
    )
  })
})

describe('the postman', () => {
  const stored = new Map<string, string>()
  const store = {
    getItem: (name: string) => stored.get(name) ?? null,
    setItem: (name: string, text: string) => void stored.set(name, text),
    removeItem: (name: string) => void stored.delete(name),
    key: (index: number) => [...stored.keys()][index] ?? null,
    get length() {
      return stored.size
    },
  }
  const session = new Map<string, string>()
  const before = { fetch: globalThis.fetch }
  let studio: FakeStudio
  beforeEach(() => {
    studio = new FakeStudio()
    studio.put('oil', oil)
    stored.clear()
    Object.assign(globalThis, {
      localStorage: store,
      // A browser without locks: every tab but this one counts as closed.
      navigator: {},
      sessionStorage: {
        getItem: (name: string) => session.get(name) ?? null,
        setItem: (name: string, text: string) => session.set(name, text),
      },
      fetch: async (path: string, init: RequestInit) => {
        const headers = init.headers as Record<string, string>
        const once = headers['idempotency-key']
        const reply = await studio.server({
          method: init.method as 'PUT',
          path,
          body: JSON.parse((init.body as string | undefined) ?? 'null'),
          ...(once && { once }),
        })
        if (!reply.ok && reply.refusal.status === 0) throw new TypeError('fetch failed')
        return reply.ok
          ? Response.json(reply.value)
          : Response.json({ error: reply.refusal }, { status: reply.refusal.status })
      },
    })
  })
  afterEach(() => {
    globalThis.fetch = before.fetch
  })
  /** A page of a tab that was closed before the studio answered. */
  async function closedTab(note: string): Promise<void> {
    const keep = new FakeKeep()
    studio.mood = 'away'
    const desk = pageOn(studio, keep)
    desk.edit('medium', 'oil', { note })
    await standing(desk, 'kept')
    desk.close()
    keepIn(store, 'medium/oil', 'closed-tab').write(keep.read())
    studio.mood = 'well'
  }

  it('sends what a closed tab left, and forgets it', async () => {
    await closedTab('left behind')
    expect(await leftOf('medium/oil')).to.have.length(1)
    expect(await deliver('painting/gate')).to.deep.equal([{ page: 'medium/oil', standing: 'saved' }])
    expect(studio.body('oil')['note']).to.equal('left behind')
    expect(stored.size).to.equal(0)
  })
  it('leaves to a page what is its own', async () => {
    await closedTab('for its own page')
    expect(await deliver('medium/oil')).to.deep.equal([])
    expect(stored.size).to.equal(1)
  })
  it('keeps what cannot be saved yet, and what somebody has to choose', async () => {
    await closedTab('still away')
    studio.mood = 'away'
    expect((await deliver(''))[0]!.standing).to.equal('kept')
    expect(stored.size).to.equal(1)
    studio.mood = 'well'
    studio.put('oil', { ...oil, note: 'changed meanwhile' })
    expect((await deliver(''))[0]!.standing).to.equal('elsewhere')
    expect(stored.size).to.equal(1)
    expect(studio.body('oil')['note']).to.equal('changed meanwhile')
  })
})
