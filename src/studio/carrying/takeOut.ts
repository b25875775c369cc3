import { createWriteStream, existsSync } from 'node:fs'
import { rename, rm } from 'node:fs/promises'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { lastEvent } from '../../store/history.ts'
import type { OpenStudio } from '../../store/open.ts'
import { photoFile } from '../photos.ts'
import { pack } from './archive.ts'
import { documentText } from './documentText.ts'
import type { Tell } from '../jobs.ts'

export interface TakenOut {
  /** The newest event of the studio as it was taken out. */
  readonly event: number
  readonly photographs: number
}

/** Writes the whole studio into a file: as a document, or as a zip with its photographs beside it. */
export async function takeOut(
  { db, folder }: Pick<OpenStudio, 'db' | 'folder'>,
  file: string,
  withPhotographs: boolean,
  tell: Tell,
): Promise<TakenOut> {
  const text = `${file}.json`
  const named = new Set<string>()
  try {
    const event = await db.transaction().execute(async (trx) => {
      const pieces = withPhotographs ? noting(documentText(trx, tell), named) : documentText(trx, tell)
      await pipeline(Readable.from(pieces), createWriteStream(text))
      return lastEvent(trx)
    })
    const hashes = [...named].filter((hash) => existsSync(photoFile(hash, folder))).sort()
    if (withPhotographs) await pack(text, hashes, folder, file)
    else await rename(text, file)
    return { event, photographs: hashes.length }
  } finally {
    await rm(text, { force: true })
  }
}

const hashes = /"([0-9a-f]{64})"/g

/** Passes text on, and notes the photographs that are named in it. */
async function* noting(text: AsyncIterable<string>, named: Set<string>): AsyncGenerator<string> {
  for await (const piece of text) {
    for (const [, hash] of piece.matchAll(hashes)) named.add(hash!)
    yield piece
  }
}
