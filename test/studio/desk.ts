import { cpSync, mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { ternStreet } from '../../demo/ternStreet.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import { studioDocumentSchema } from '../../src/document/studioDocument.ts'
import { keepAssessments, toJudge } from '../../src/store/assessments.ts'
import type { Database } from '../../src/store/database.ts'
import { openStudio } from '../../src/store/open.ts'
import type { OpenStudio } from '../../src/store/open.ts'
import { judge } from '../../src/studio/judge.ts'
import { isToLearn } from '../../src/store/known.ts'
import { keepLearnt, learnFromAll } from '../../src/studio/learning.ts'
import { loadDocument } from '../../src/studio/load.ts'

export const now = '2026-11-24T09:00'

/** A folder of its own. */
export const emptyFolder = (): string => mkdtempSync(join(tmpdir(), 'grelta-unit-'))

/** A studio of its own, empty; its queries are counted. */
export const emptyStudio = (): Promise<CountedStudio> => studioIn(emptyFolder())

type CountedStudio = OpenStudio & { readonly queries: string[] }

async function studioIn(folder: string): Promise<CountedStudio> {
  const queries: string[] = []
  return { ...(await openStudio(folder, (sql) => queries.push(sql))), queries }
}

/** Tern Street on the day it is loaded, judged: a copy of its own. */
export async function demoStudio(at = now): Promise<CountedStudio> {
  const made = filled.get(at) ?? demoFolder(at)
  filled.set(at, made)
  const folder = emptyFolder()
  cpSync(await made, folder, { recursive: true })
  return studioIn(folder)
}

/** The folders copied from, by the minute they were filled. */
const filled = new Map<string, Promise<string>>()

async function demoFolder(at: string): Promise<string> {
  const folder = emptyFolder()
  const { db, close } = await studioIn(folder)
  await loadDocument({ db, at }, studioDocumentSchema.parse(ternStreet(at)))
  await judgeAll(db, at)
  await close()
  return folder
}

/** Judges whatever has to be, as the background does; answers what it judged before it learnt anything of that. */
export async function judgeAll(db: Database, at: string): Promise<readonly string[]> {
  const ids = await judgeOnce(db, at)
  if (await isToLearn(db)) {
    await keepLearnt(db, await learnFromAll(db, at), dayOf(at)!)
    await judgeOnce(db, at)
  }
  return ids
}

async function judgeOnce(db: Database, at: string): Promise<readonly string[]> {
  const ids = await toJudge(db, dayOf(at)!, 10_000)
  await keepAssessments(db, await judge(db, ids, at))
  return ids
}
