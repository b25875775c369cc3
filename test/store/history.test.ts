import { expect } from 'chai'
import fc from 'fast-check'
import { describe, it } from 'mocha'
import type { Database } from '../../src/store/database.ts'
import { changedFields, versionsOf } from '../../src/store/history.ts'
import { find } from '../../src/store/records.ts'
import { removeMedium, saveMedium } from '../../src/studio/mediums.ts'
import { undoEvent } from '../../src/studio/undo.ts'
import { medium } from '../studio/bodies.ts'
import { emptyStudio } from '../studio/desk.ts'

const at = '2026-11-24T09:00'

type Deed = { readonly is: 'name' | 'note'; readonly to: string } | { readonly is: 'remove or bring back' }
const deeds = fc.array(
  fc.oneof(
    fc.record({
      is: fc.constantFrom('name' as const, 'note' as const),
      to: fc.stringMatching(/^[a-z]{1,8}$/),
    }),
    fc.constant({ is: 'remove or bring back' as const }),
  ),
  { minLength: 1, maxLength: 12 },
)

/** Does one thing to a medium; answers the event and the revision it left. */
async function done(db: Database, id: string, deed: Deed) {
  const now = await find(db, 'medium', id)
  if (deed.is === 'remove or bring back')
    return now ? removeMedium({ db, at }, id, now.revision) : saveMedium({ db, at }, medium(id), null)
  const { revision, ...body } = now ?? { revision: null, ...medium(id) }
  return saveMedium({ db, at }, { ...body, [deed.is]: deed.to }, revision)
}

describe('a history of anything', () => {
  it('taken back from its end leads to its beginning, by every state between', async () => {
    const { db, close } = await emptyStudio()
    let made = 0
    await fc.assert(
      fc.asyncProperty(deeds, async (all) => {
        const id = `m-${made++}`
        await saveMedium({ db, at }, medium(id), null)
        const bodyNow = async () => {
          const now = await find(db, 'medium', id)
          if (!now) return null
          const { revision: _revision, ...body } = now
          return body
        }
        const states = [await bodyNow()]
        const events: number[] = []
        for (const deed of all) {
          events.push((await done(db, id, deed)).event)
          states.push(await bodyNow())
        }
        for (const [index, event] of [...events.entries()].reverse()) {
          expect(await bodyNow()).to.deep.equal(states[index + 1])
          await undoEvent({ db, at }, event)
          expect(await bodyNow()).to.deep.equal(states[index])
        }
      }),
      { numRuns: 25 },
    )
    await close()
  })
  it('counts on, through removal and return, so that no revision comes twice', async () => {
    const { db, close } = await emptyStudio()
    let made = 0
    await fc.assert(
      fc.asyncProperty(deeds, async (all) => {
        const id = `m-${made++}`
        const seen = [(await saveMedium({ db, at }, medium(id), null)).revisions[id]!]
        for (const deed of all) seen.push((await done(db, id, deed)).revisions[id]!)
        expect(seen).to.deep.equal(seen.map((_, index) => index + 1))
      }),
      { numRuns: 25 },
    )
    await close()
  })
  it('tells every state a thing has been in, newest first', async () => {
    const { db, close } = await emptyStudio()
    await saveMedium({ db, at }, medium('m', { note: '0' }), null)
    for (let n = 1; n <= 6; n++)
      await saveMedium({ db, at: `2026-11-24T09:0${n}` }, medium('m', { note: `${n}` }), n)
    await removeMedium({ db, at }, 'm', 7)
    const versions = await versionsOf(db, 'medium', 'm', 50)
    expect(versions.map(({ body }) => body.note)).to.deep.equal(['6', '5', '4', '3', '2', '1', '0'])
    expect(versions[0]!.at).to.equal('2026-11-24T09:06')
    expect(await versionsOf(db, 'medium', 'm', 3)).to.have.length(2)
    expect(await versionsOf(db, 'medium', 'never', 3)).to.deep.equal([])
    await close()
  })
  it('finds the fields in which two bodies differ, whatever is in them', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.constantFrom('a', 'b', 'c'), fc.jsonValue()), (body) => {
        expect(changedFields(body, structuredClone(body))).to.deep.equal([])
        expect(changedFields(body, { ...body, d: 1 })).to.deep.equal(['d'])
      }),
    )
  })
})
