import { expect } from 'chai'
import { after, before, describe, it } from 'mocha'
import { fitting, Unfit } from '../../src/store/records.ts'
import { kindNames, kinds } from '../../src/document/kinds.ts'
import {
  mentionsOfBatch,
  mentionsOfLayer,
  mentionsOfMedium,
  mentionsOfTouchTest,
} from '../../src/document/mentions.ts'
import { paintingsReached, namersOf } from '../../src/store/naming.ts'
import { saveLayer } from '../../src/studio/layers.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { removeShelfItem, saveShelfItem } from '../../src/studio/shelf.ts'
import { savePainting } from '../../src/studio/paintings.ts'
import { emptyBatch, layer, lot, medium, painting, paintedAt, touched } from '../studio/bodies.ts'
import { emptyStudio, now } from '../studio/desk.ts'

const held = (mentions: ReturnType<typeof mentionsOfLayer>): readonly string[] =>
  mentions.filter(({ holds }) => holds).map(({ role, id }) => `${role} ${id}`)

describe('what a thing names', () => {
  it('a planned layer holds its picture and its medium; a painted one has its own copy of what was used', () => {
    const planned = layer('l', 'p', 0, { medium: { mediumId: 'm', parts: 1 } })
    expect(held(mentionsOfLayer(planned))).to.deep.equal(['painting p', 'medium m'])
    const used = {
      name: 'M',
      recipe: { lines: [{ material: 'lot-b', amount: 1, unit: 'ml' as const }] },
    }
    const painted = mentionsOfLayer(paintedAt(now, planned, used))
    expect(held(painted)).to.deep.equal(['painting p'])
    expect(painted.map(({ id }) => id)).to.include('lot-b')
  })
  it('a recipe holds the mediums in it and the painter’s own materials, not the book’s', () => {
    const recipe = {
      lines: [
        { material: 'walnut', amount: 1, unit: 'ml' as const },
        { material: 'lot-b', amount: 1, unit: 'ml' as const },
        { material: 'lot-b', amount: 2, unit: 'ml' as const },
        { medium: 'inner', amount: 1, unit: 'ml' as const },
      ],
    }
    const mentions = mentionsOfMedium(medium('m', { recipe }))
    expect(held(mentions)).to.have.members(['medium inner', 'material lot-b'])
    expect(mentions).to.have.length(3)
  })
  it('a batch names what it was made of and from, and holds none of it; a finger holds its layer', () => {
    const batch = emptyBatch('b', {
      mediumId: 'm',
      parentId: 'a',
      targets: [{ material: 'damar', grams: 1 }],
    })
    expect(mentionsOfBatch(batch).map(({ role, id, holds }) => [role, id, holds])).to.deep.equal([
      ['medium', 'm', false],
      ['medium', 'a', false],
      ['material', 'damar', false],
    ])
    expect(held(mentionsOfTouchTest(touched('l', now, { check: 'smudge', passed: false })))).to.deep.equal([
      'layer l',
    ])
  })
})

describe('asked the other way round', () => {
  let studio: Awaited<ReturnType<typeof emptyStudio>>
  const write = () => ({ db: studio.db, at: now })
  before(async () => {
    studio = await emptyStudio()
    await saveShelfItem(write(), lot('lot-b'), null)
    const inner = { lines: [{ material: 'lot-b', amount: 1, unit: 'ml' as const }] }
    await saveMedium(write(), medium('inner', { recipe: inner }), null)
    const outer = { lines: [{ medium: 'inner', amount: 1, unit: 'ml' as const }] }
    await saveMedium(write(), medium('outer', { recipe: outer }), null)
    for (const id of ['one', 'two']) await savePainting(write(), painting(id), null)
    await saveLayer(write(), layer('l', 'one', 0, { medium: { mediumId: 'outer', parts: 1 } }), null)
    await saveLayer(write(), layer('k', 'two', 0, { thinner: { material: 'lot-b', parts: 1 } }), null)
  })
  after(() => studio.close())

  it('a lot reaches every picture, through the mediums it is in and the mediums those are in', async () => {
    const reached = (kind: 'shelf_item' | 'medium', id: string) => paintingsReached(studio.db, [{ kind, id }])
    expect([...(await reached('shelf_item', 'lot-b'))].sort()).to.deep.equal(['one', 'two'])
    expect(await reached('medium', 'inner')).to.deep.equal(['one'])
    expect(await reached('medium', 'nothing')).to.deep.equal([])
  })
  it('a lot in a recipe stays; one that only stands in for the book’s may go', async () => {
    const refusal = await removeShelfItem(write(), 'lot-b', 1).catch((error: Error) => error.message)
    expect(refusal).to.equal('Medium inner is made with Lot lot-b. Take it out there first.')
    await saveShelfItem(write(), lot('walnut'), null)
    await removeShelfItem(write(), 'walnut', 1)
    expect(await namersOf(studio.db, 'material', 'lot-b')).to.have.length(2)
  })
})

describe('each kind of thing stored', () => {
  it('has a version, a word, a schema, and nothing judged by a field it has not', () => {
    for (const kind of kindNames) {
      const { version, upcasts, word, judgedBy, schema } = kinds[kind]
      expect(version, kind).to.equal(upcasts.length + 1)
      expect(word, kind).to.match(/^[a-z ]+$/)
      const fields = Object.keys((schema as unknown as { shape: Record<string, unknown> }).shape)
      expect(fields, kind).to.include.members([...judgedBy])
    }
  })
  it('is refused where the schema says so, with where and why', () => {
    const fault = (work: () => unknown): Unfit => {
      try {
        work()
      } catch (error) {
        if (error instanceof Unfit) return error
      }
      throw new Error('It was taken.')
    }
    const { issues, message } = fault(() => fitting('painting', painting('p', { widthCm: -3 })))
    expect(issues[0]!.path).to.deep.equal(['widthCm'])
    expect(message).to.equal('Give the width in cm.')
  })
})
