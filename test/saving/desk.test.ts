import { expect } from 'chai'
import fc from 'fast-check'
import { beforeEach, describe, it } from 'mocha'
import { shownOn } from '../../src/saving/desk.ts'
import type { Desk } from '../../src/saving/desk.ts'
import type { Thing } from '../../src/saving/drafts.ts'
import { merged, same } from '../../src/saving/draft.ts'
import { keepIn, leftBehind } from '../../src/saving/kept.ts'
import { FakeKeep, FakeStudio, pageOn, shown, standing, typedOn } from './fakeServer.ts'

const oil = { id: 'oil', name: 'Evening oil', note: '', recipe: { lines: [] } }
const pourRequest = (grams: number) => ({
  method: 'POST' as const,
  path: '/api/batches/jar/pour',
  body: { grams },
})

describe('saving what is typed', () => {
  let studio: FakeStudio
  let keep: FakeKeep
  let desk: Desk
  beforeEach(() => {
    studio = new FakeStudio()
    studio.put('oil', oil)
    keep = new FakeKeep()
    desk = pageOn(studio, keep)
  })
  const type = (note: string): void => desk.edit('medium', 'oil', { note })

  it('many keys are one write, shown at once and stored in a moment', async () => {
    for (const note of ['w', 'wa', 'war', 'warm']) type(note)
    expect(shown(desk)['note']).to.equal('warm')
    expect(desk.state.get().standing).to.equal('saving')
    await standing(desk, 'saved')
    expect(studio.body('oil')['note']).to.equal('warm')
    expect(studio.heard).to.have.length(1)
  })
  it('what nobody typed in is shown as the same object, so that nothing is reckoned anew for it', () => {
    const now = () => shownOn(desk.state.get(), 'medium', 'oil')
    const before = now()
    expect(now()).to.equal(before)
    type('warm')
    expect(now()).not.to.equal(before)
  })
  it('what is typed while a save is on its way is saved after it, at the revision it made', async () => {
    type('first')
    const sending = desk.flush()
    type('second')
    await sending
    await standing(desk, 'saved')
    expect(studio.body('oil')['note']).to.equal('second')
    expect(studio.heard).to.have.length(2)
  })
  it('what is typed and typed back is no write at all', async () => {
    type('x')
    type('')
    await standing(desk, 'saved')
    expect(studio.heard).to.have.length(0)
  })
  it('is kept while nobody answers, in the browser too, and sent once when somebody does', async () => {
    studio.mood = 'away'
    type('through the power cut')
    await standing(desk, 'kept')
    expect(keep.text).to.include('through the power cut')
    expect(desk.state.get().message).to.include('does not answer')
    studio.mood = 'well'
    await standing(desk, 'saved')
    expect(studio.body('oil')['note']).to.equal('through the power cut')
    expect(keep.text).to.equal(null)
  })
  it('a full disk is told in its own words, and tried again', async () => {
    studio.mood = 'full'
    type('no room')
    await standing(desk, 'kept')
    expect(desk.state.get().message).to.equal('The disk is full.')
    studio.mood = 'well'
    await standing(desk, 'saved')
    expect(studio.body('oil')['note']).to.equal('no room')
  })
  it('a lost answer does no harm: it is sent again under its key, and done once', async () => {
    studio.mood = 'deaf'
    type('heard')
    await standing(desk, 'kept')
    studio.mood = 'well'
    await standing(desk, 'saved')
    expect(new Set(studio.heard.map(({ once }) => once)).size).to.equal(1)
    expect(studio.things.get('oil')!.revision).to.equal(2)
  })
  it('what cannot be stored stays as typed, says why, and is not called saved', async () => {
    studio.refuses = 'forbidden'
    type('forbidden')
    await standing(desk, 'refused')
    expect(shown(desk)['note']).to.equal('forbidden')
    expect(desk.state.get().message).to.include('cannot be stored')
    expect(keep.text).to.include('forbidden')
    type('allowed')
    await standing(desk, 'saved')
    expect(studio.body('oil')['note']).to.equal('allowed')
  })
})

describe('two things on one page', () => {
  /** A page with two mediums on it; each is typed in by its id. */
  function twoOn(studio: FakeStudio): {
    readonly desk: Desk
    readonly type: (id: string, note: string) => void
  } {
    studio.put('oil', oil)
    studio.put('gel', { ...oil, id: 'gel' })
    const desk = pageOn(studio)
    const gel = { ...oil, id: 'gel', revision: 1 }
    desk.take([{ kind: 'medium', id: 'gel', body: gel }])
    return { desk, type: (id, note) => desk.edit('medium', id, { note }) }
  }
  const noteOn = (desk: Desk, id: string): unknown => shownOn(desk.state.get(), 'medium', id)?.note

  it('are stored in the order they were typed in, however the answers come', async () => {
    const edit = fc.record({
      id: fc.constantFrom('oil', 'gel'),
      pauseMs: fc.constantFrom(0, 0, 8),
      mood: fc.constantFrom('well' as const, 'well' as const, 'deaf' as const, 'away' as const),
    })
    await fc.assert(
      fc.asyncProperty(fc.array(edit, { minLength: 1, maxLength: 8 }), async (all) => {
        const studio = new FakeStudio()
        const { desk, type } = twoOn(studio)
        const notes = { oil: '', gel: '' }
        const shownSoFar = [JSON.stringify(notes)]
        for (const [at, { id, pauseMs, mood }] of all.entries()) {
          studio.mood = mood
          type(id, String(at))
          shownSoFar.push(JSON.stringify(Object.assign(notes, { [id]: String(at) })))
          if (pauseMs) await new Promise((resolve) => setTimeout(resolve, pauseMs))
        }
        studio.mood = 'well'
        await standing(desk, 'saved')
        const stored = { oil: '', gel: '' }
        const came = studio.heard.map(({ body }) => {
          const { id, note } = (body as { medium: { id: string; note: string } }).medium
          return shownSoFar.indexOf(JSON.stringify(Object.assign(stored, { [id]: note })))
        })
        expect(came).to.deep.equal([...came].sort((a, b) => a - b))
        expect(came[0]).to.be.above(0)
        expect(came.at(-1)).to.equal(all.length)
        desk.close()
      }),
      { numRuns: 40 },
    )
  })
  it('keep what was typed in one before the other was typed in, when only what came after is taken back', async () => {
    const { desk, type } = twoOn(new FakeStudio())
    type('oil', 'first')
    type('gel', 'between')
    type('oil', 'second')
    await desk.undo()
    expect([noteOn(desk, 'oil'), noteOn(desk, 'gel')]).to.deep.equal(['first', 'between'])
    await standing(desk, 'saved')
    expect([noteOn(desk, 'oil'), noteOn(desk, 'gel')]).to.deep.equal(['first', 'between'])
  })
  it('are saved only when both are: one refused is not hidden by another that is stored', async () => {
    const studio = new FakeStudio()
    const { desk, type } = twoOn(studio)
    studio.refuses = 'forbidden'
    type('oil', 'forbidden')
    await standing(desk, 'refused')
    type('gel', 'fine')
    await standing(desk, 'saving')
    await standing(desk, 'refused')
    expect(studio.body('gel')['note']).to.equal('fine')
    expect(desk.state.get().message).to.include('cannot be stored')
    type('oil', 'allowed')
    await standing(desk, 'saved')
  })
})

describe('two windows', () => {
  let studio: FakeStudio
  let here: Desk
  let there: Desk
  beforeEach(() => {
    studio = new FakeStudio()
    studio.put('oil', oil)
    here = pageOn(studio)
    there = pageOn(studio)
  })

  it('on different fields keep both, without a question', async () => {
    there.edit('medium', 'oil', { name: 'Morning oil' })
    await standing(there, 'saved')
    here.edit('medium', 'oil', { note: 'warm it' })
    await standing(here, 'saved')
    expect(studio.body('oil')).to.include({ name: 'Morning oil', note: 'warm it' })
    expect(shown(here)['name']).to.equal('Morning oil')
  })
  it('that typed the same are agreed', async () => {
    there.edit('medium', 'oil', { note: 'warm it' })
    await standing(there, 'saved')
    here.edit('medium', 'oil', { note: 'warm it' })
    await standing(here, 'saved')
    expect(here.state.get().conflict).to.equal(null)
  })
  const clash = async (): Promise<void> => {
    there.edit('medium', 'oil', { note: 'theirs', name: 'Their oil' })
    await standing(there, 'saved')
    here.edit('medium', 'oil', { note: 'mine', recipe: { lines: [], partsBy: 'weight' } })
    await standing(here, 'elsewhere')
  }
  it('on one field show both versions, and nothing is sent until the painter chooses', async () => {
    await clash()
    expect(here.state.get().conflict!.clashes).to.deep.equal([
      { field: 'note', mine: 'mine', theirs: 'theirs' },
    ])
    const before = studio.heard.length
    await here.flush()
    expect(studio.heard).to.have.length(before)
    expect(typedOn(here)['note']).to.equal('mine')
  })
  it('keeping mine keeps the other window’s other fields', async () => {
    await clash()
    here.resolve('mine')
    await standing(here, 'saved')
    expect(studio.body('oil')).to.deep.include({
      note: 'mine',
      name: 'Their oil',
      recipe: { lines: [], partsBy: 'weight' },
    })
  })
  it('taking theirs keeps what only I typed', async () => {
    await clash()
    here.resolve('theirs')
    await standing(here, 'saved')
    expect(studio.body('oil')).to.deep.include({ note: 'theirs', recipe: { lines: [], partsBy: 'weight' } })
    expect(shown(here)['note']).to.equal('theirs')
  })
  it('of which one removed the thing: it is let go, or put back as it is shown here', async () => {
    studio.remove('oil')
    here.edit('medium', 'oil', { note: 'still here' })
    there.edit('medium', 'oil', { note: 'gone' })
    await standing(here, 'elsewhere')
    await standing(there, 'elsewhere')
    there.resolve('theirs')
    there.hear([{ kind: 'medium', id: 'oil', revision: 2, body: null }])
    expect(there.state.get()).to.deep.include({ drafts: new Map(), standing: 'saved', message: null })
    here.resolve('mine')
    await standing(here, 'saved')
    expect(studio.body('oil')).to.include({ note: 'still here', name: 'Evening oil' })
  })
})

describe('news of another window', () => {
  let studio: FakeStudio
  let desk: Desk
  beforeEach(() => {
    studio = new FakeStudio()
    studio.put('oil', oil)
    desk = pageOn(studio)
  })
  const news = (change: object | null): Thing => ({
    kind: 'medium',
    id: 'oil',
    revision: 2,
    body: change && { ...oil, ...change },
  })

  it('is shown where nothing was typed, and is no change of one’s own', () => {
    expect(desk.hear([news({ note: 'theirs' })])).to.equal(true)
    expect(shown(desk)['note']).to.equal('theirs')
    expect(desk.state.get()).to.include({ standing: 'saved', canUndo: false })
  })
  it('leaves what is typed in another field, which is then saved on top of it', async () => {
    studio.put('oil', { ...oil, name: 'Their oil' })
    desk.edit('medium', 'oil', { note: 'mine' })
    desk.hear([news({ name: 'Their oil' })])
    await standing(desk, 'saved')
    expect(studio.body('oil')).to.include({ note: 'mine', name: 'Their oil' })
    expect(studio.heard).to.have.length(1)
  })
  it('of the field one types in shows both versions at once', () => {
    desk.edit('medium', 'oil', { note: 'mine' })
    expect(desk.hear([news({ note: 'theirs' })])).to.equal(false)
    expect(desk.state.get().conflict!.clashes).to.deep.equal([
      { field: 'note', mine: 'mine', theirs: 'theirs' },
    ])
  })
  it('waits while something is on its way, and what is already known changes nothing', async () => {
    const pouring = desk.act(pourRequest(5))
    expect(desk.hear([news({ note: 'theirs' })])).to.equal(false)
    await pouring
    desk.hear([{ ...news({ note: 'old' }), revision: 1 }])
    expect(shown(desk)['note']).to.equal('')
  })
  it('that the thing is gone asks whether to put it back', async () => {
    studio.remove('oil')
    desk.hear([news(null)])
    expect(desk.state.get().standing).to.equal('elsewhere')
    expect(shown(desk)['name']).to.equal('Evening oil')
    desk.resolve('mine')
    await standing(desk, 'saved')
    expect(studio.body('oil')).to.include({ name: 'Evening oil' })
  })
  it('that it is back ends the question', () => {
    desk.hear([news(null)])
    desk.hear([{ ...news({ note: 'back' }), revision: 3 }])
    expect(desk.state.get()).to.include({ standing: 'saved', conflict: null })
    expect(shown(desk)['note']).to.equal('back')
  })
  it('brings and takes the parts of what is shown without a question', () => {
    const page = pageOn(studio, new FakeKeep(), [], (_kind, { name }) => name === 'Their gel')
    const gel = { kind: 'medium' as const, id: 'gel', revision: 1, body: { ...oil, name: 'Their gel' } }
    const wax = { ...gel, id: 'wax', body: { ...oil, name: 'Their wax' } }
    page.hear([gel, wax])
    expect([...page.state.get().drafts.keys()]).to.deep.equal(['medium/oil', 'medium/gel'])
    page.hear([{ ...gel, revision: 2, body: null }])
    expect(page.state.get().drafts.has('medium/gel')).to.equal(false)
    expect(page.state.get().conflict).to.equal(null)
  })
})

describe('undo on a page', () => {
  let studio: FakeStudio
  beforeEach(() => {
    studio = new FakeStudio()
    studio.put('oil', oil)
  })

  it('at once takes back what was just typed, not the edit before it', async () => {
    const desk = pageOn(studio)
    desk.edit('medium', 'oil', { note: 'first' })
    await standing(desk, 'saved')
    desk.edit('medium', 'oil', { note: 'second' })
    await desk.undo()
    expect(shown(desk)['note']).to.equal('first')
    expect(studio.body('oil')['note']).to.equal('first')
    await desk.undo()
    await standing(desk, 'saved')
    expect(shown(desk)['note']).to.equal('')
  })
  it('after a reload goes on with what was done before it', async () => {
    const before = pageOn(studio)
    before.edit('medium', 'oil', { note: 'before the reload' })
    await standing(before, 'saved')
    const reloaded = pageOn(studio, new FakeKeep(), [1])
    expect(reloaded.state.get().canUndo).to.equal(true)
    await reloaded.undo()
    await standing(reloaded, 'saved')
    expect(studio.body('oil')['note']).to.equal('')
    expect(reloaded.state.get().canUndo).to.equal(false)
  })
  it('does not try again what was taken back from the list of what was done', async () => {
    const desk = pageOn(studio)
    for (const note of ['first', 'second']) {
      desk.edit('medium', 'oil', { note })
      await standing(desk, 'saved')
    }
    await desk.act({ method: 'POST', path: '/api/undo', body: { event: 2 } })
    await desk.undo()
    await standing(desk, 'saved')
    expect(studio.body('oil')['note']).to.equal('')
    expect(desk.state.get().canUndo).to.equal(false)
  })
  it('of something refused as typed brings back what is stored', async () => {
    const desk = pageOn(studio, new FakeKeep(), [])
    desk.edit('medium', 'oil', { note: 'fine' })
    await standing(desk, 'saved')
    studio.refuses = 'forbidden'
    desk.edit('medium', 'oil', { note: 'forbidden' })
    await standing(desk, 'refused')
    await desk.undo()
    expect(shown(desk)['note']).not.to.equal('forbidden')
  })
})

describe('deeds', () => {
  let studio: FakeStudio
  let keep: FakeKeep
  let desk: Desk
  beforeEach(() => {
    studio = new FakeStudio()
    studio.put('oil', oil)
    keep = new FakeKeep()
    desk = pageOn(studio, keep)
  })

  it('come after what was typed before them', async () => {
    desk.edit('medium', 'oil', { note: 'typed first' })
    const outcome = await desk.act(pourRequest(5))
    expect(outcome.is).to.equal('done')
    expect(studio.heard.map(({ path }) => path)).to.deep.equal(['/api/mediums', '/api/batches/jar/pour'])
  })
  it('have seen what an edit from here made of a thing: what is typed and then taken away at once goes', async () => {
    const { revision } = studio.things.get('oil')!
    desk.edit('medium', 'oil', { note: 'typed first' })
    await desk.act({ method: 'DELETE', path: '/api/mediums/oil', body: { seen: revision } })
    expect(studio.heard.map(({ method, body }) => [method, (body as { seen: number }).seen])).to.deep.equal([
      ['PUT', revision],
      ['DELETE', revision + 1],
    ])
  })
  it('done while nobody answers are kept, shown, and done once and in order', async () => {
    studio.mood = 'away'
    expect((await desk.act(pourRequest(5))).is).to.equal('kept')
    void desk.act(pourRequest(7))
    expect(desk.state.get().deeds.map(({ body }) => body)).to.deep.equal([{ grams: 5 }, { grams: 7 }])
    studio.mood = 'deaf'
    await new Promise((resolve) => setTimeout(resolve, 40))
    studio.mood = 'well'
    await standing(desk, 'saved')
    expect(studio.body('jar')['grams']).to.equal(12)
  })
  it('that are refused say so to whoever asked', async () => {
    studio.refuses = '99'
    const outcome = await desk.act(pourRequest(99))
    expect(outcome.is === 'refused' && outcome.refusal.message).to.include('cannot be stored')
    expect(desk.state.get().deeds).to.deep.equal([])
  })
  it('and what was typed survive a closed tab, and are laid over what stands now', async () => {
    studio.mood = 'away'
    desk.edit('medium', 'oil', { note: 'typed here' })
    await standing(desk, 'kept')
    await desk.act(pourRequest(5))
    desk.close()
    const left = keep.read()!
    studio.mood = 'well'
    studio.put('oil', { ...oil, name: 'Renamed meanwhile' })
    const next = pageOn(studio)
    next.adopt([left])
    await standing(next, 'saved')
    expect(studio.body('oil')).to.include({ note: 'typed here', name: 'Renamed meanwhile' })
    expect(studio.body('jar')['grams']).to.equal(5)
  })
  it('left by a tab whose last answer was lost are not done twice', async () => {
    studio.mood = 'deaf'
    await desk.act(pourRequest(5))
    desk.close()
    studio.mood = 'well'
    const next = pageOn(studio)
    next.adopt([keep.read()!])
    await standing(next, 'saved')
    expect(studio.body('jar')['grams']).to.equal(5)
  })
  it('left of a field that was changed meanwhile are a question', async () => {
    studio.mood = 'away'
    desk.edit('medium', 'oil', { note: 'typed here' })
    await standing(desk, 'kept')
    desk.close()
    studio.mood = 'well'
    studio.put('oil', { ...oil, note: 'changed meanwhile' })
    const next = pageOn(studio)
    next.adopt([keep.read()!])
    expect(next.state.get().standing).to.equal('elsewhere')
    next.resolve('mine')
    await standing(next, 'saved')
    expect(studio.body('oil')['note']).to.equal('typed here')
  })
})

describe('what is kept in the browser', () => {
  const storage = () => {
    const all = new Map<string, string>()
    return {
      getItem: (name: string) => all.get(name) ?? null,
      setItem: (name: string, text: string) => void all.set(name, text),
      removeItem: (name: string) => void all.delete(name),
      key: (at: number) => [...all.keys()][at] ?? null,
      get length() {
        return all.size
      },
    }
  }
  it('of a closed tab is found by its page; of an open one it is left to it', () => {
    const store = storage()
    const kept = { drafts: [], waiting: [] }
    keepIn(store, 'medium/oil', 'tab-1').write(kept)
    keepIn(store, 'painting/gate', 'tab-2').write(kept)
    expect(leftBehind(store, ['tab-2']).map(({ page }) => page)).to.deep.equal(['medium/oil'])
    leftBehind(store, ['tab-2'])[0]!.forget()
    expect(leftBehind(store, []).map(({ page }) => page)).to.deep.equal(['painting/gate'])
  })
  it('a store that is full, or holds what is no JSON, stops nothing', () => {
    const full = {
      ...storage(),
      setItem: () => {
        throw new Error('full')
      },
      getItem: () => '{half',
    }
    const keep = keepIn(full, 'medium/oil', 'tab')
    expect(() => keep.write({ drafts: [], waiting: [] })).to.not.throw()
    expect(keep.read()).to.equal(null)
  })
})

describe('laying one version over another', () => {
  const fields = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), fc.jsonValue({ maxDepth: 2 }))
  it('keeps what only one side changed, and asks only about what both did', () => {
    fc.assert(
      fc.property(fields, fields, fields, (stored, typed, theirs) => {
        const { typed: still, clashes } = merged({ stored, typed }, theirs)
        for (const [field, mine] of Object.entries(still)) {
          expect(same(mine, theirs[field])).to.equal(false)
          const clashed = clashes.some((one) => one.field === field)
          expect(clashed).to.equal(!same(stored[field], theirs[field]))
        }
        for (const field of Object.keys(typed))
          if (!(field in still)) expect(same(typed[field], theirs[field])).to.equal(true)
      }),
    )
  })
})
