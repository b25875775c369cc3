import { expect } from 'chai'
import { sql } from 'kysely'
import { describe, it } from 'mocha'
import { failureOf } from '../../src/store/failure.ts'
import { list } from '../../src/store/records.ts'
import { saveMedium } from '../../src/studio/mediums.ts'
import { medium } from '../studio/bodies.ts'
import { emptyStudio } from '../studio/desk.ts'

const at = '2026-11-24T09:00'
const coded = (code: string): Error => Object.assign(new Error('of the machine'), { code })

describe('a disk with no room left', () => {
  it('is told as what it is, keeps what was saved, and takes the same again once there is room', async () => {
    const { db, close } = await emptyStudio()
    await saveMedium({ db, at }, medium('before'), null)
    const pages = (await sql<{ page_count: number }>`pragma page_count`.execute(db)).rows[0]!.page_count
    await sql`pragma max_page_count = ${sql.raw(String(pages))}`.execute(db)
    const large = medium('large', { note: 'x'.repeat(4000) })
    let failure: unknown
    for (let n = 0; n < 20 && !failure; n++)
      await saveMedium({ db, at }, { ...large, id: `large-${n}` }, null).catch((error: unknown) => {
        failure = error
      })
    expect(failureOf(failure)!.code).to.equal('disk-full')
    expect((await list(db, 'medium')).some(({ id }) => id === 'before')).to.equal(true)
    await sql`pragma max_page_count = 100000`.execute(db)
    await saveMedium({ db, at }, medium('after'), null)
    expect((await list(db, 'medium')).some(({ id }) => id === 'after')).to.equal(true)
    await close()
  })
})

describe('a failure of the machine', () => {
  for (const [code, told] of [
    ['SQLITE_FULL', 'disk is full'],
    ['ENOSPC', 'disk is full'],
    ['SQLITE_READONLY_DBMOVED', 'cannot be written to'],
    ['EACCES', 'cannot be written to'],
    ['EROFS', 'cannot be written to'],
    ['SQLITE_CORRUPT_INDEX', 'damaged'],
    ['SQLITE_NOTADB', 'damaged'],
    ['SQLITE_BUSY', 'Another Grelta has this studio open'],
    ['SQLITE_IOERR_WRITE', 'does not answer'],
  ] as const)
    it(`${code} is a sentence that says what is safe and what to do`, () => {
      const { message } = failureOf(coded(code))!
      expect(message).to.include(told)
      expect(message).to.match(/(safe|[Nn]othing)/)
    })
  it('that is none of the disk’s is left to others', () => {
    expect(failureOf(new Error('a mistake in the program'))).to.equal(null)
    expect(failureOf(coded('SQLITE_CONSTRAINT'))).to.equal(null)
  })
})
