import { sql } from 'kysely'
import type { Database, Trx } from './database.ts'

/**
 * What is reckoned from all that is stored, kept until it is reckoned anew; `carried` is the newest event that a file
 * taken out, or brought in, knows of.
 */
export type Known = 'learnt' | 'films' | 'learning' | 'carried'

export async function knownOf<Value>(db: Database | Trx, name: Known): Promise<Value | null> {
  const row = await db.selectFrom('known').select('body').where('name', '=', name).executeTakeFirst()
  return row ? (JSON.parse(row.body) as Value) : null
}

export const keepKnown = async (db: Database | Trx, name: Known, value: unknown): Promise<void> => {
  const body = JSON.stringify(value)
  await db
    .insertInto('known')
    .values({ name, body })
    .onConflict((conflict) => conflict.column('name').doUpdateSet({ body }))
    .execute()
}

/** Asks for everything to be learnt anew: a check was made, changed or taken out somewhere. */
export const askToLearn = (trx: Database | Trx): Promise<void> => keepKnown(trx, 'learning', true)

export const isToLearn = async (db: Database): Promise<boolean> =>
  (await knownOf<boolean>(db, 'learning')) === true

/** What checks say, of every painting that has any. */
export async function allTried<Film>(db: Database): Promise<readonly Film[]> {
  const rows = await db
    .selectFrom('assessment')
    .select(sql<string>`tried`.as('tried'))
    .where('tried', 'is not', null)
    .orderBy('painting_id')
    .execute()
  return rows.flatMap(({ tried }) => JSON.parse(tried) as readonly Film[])
}
