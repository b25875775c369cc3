import { randomUUID } from 'node:crypto'
import { createReadStream, createWriteStream } from 'node:fs'
import { mkdir, readdir, rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { failureOf } from '../../store/failure.ts'
import { dataFolder } from '../../store/open.ts'

/** Files on their way out of the studio or into it: in a folder beside it that is emptied when the program starts. */

const folder = (): string => join(dataFolder(), 'passing')

/** A file on its way; null where that is no name of one. Only such a name reaches the file system. */
export const passingFile = (id: string): string | null =>
  /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/.test(id) ? join(folder(), id) : null

/** So many files wait to be fetched or brought in; of more, the oldest go. */
const mostWaiting = 10

async function dropForgotten(): Promise<void> {
  const found = await readdir(folder(), { withFileTypes: true })
  const files = found.filter((entry) => entry.isFile()).map(({ name }) => join(folder(), name))
  const known = await Promise.all(
    files.map(async (file) => ({ file, changed: (await stat(file).catch(() => null))?.mtimeMs ?? 0 })),
  )
  const oldestLast = known.sort((a, b) => b.changed - a.changed)
  for (const { file } of oldestLast.slice(mostWaiting)) await rm(file, { force: true })
}

export async function newPassing(): Promise<{ readonly id: string; readonly file: string }> {
  await mkdir(folder(), { recursive: true })
  await dropForgotten()
  const id = randomUUID()
  return { id, file: join(folder(), id) }
}

export const clearPassing = (): Promise<void> => rm(folder(), { recursive: true, force: true })

export async function dropPassing(id: string): Promise<void> {
  const file = passingFile(id)
  if (file) await rm(file, { force: true })
}

export class TooMuch extends Error {}

/** Keeps what comes in as a file, as it comes. Throws TooMuch when it is over `most` bytes. */
export async function receive(body: AsyncIterable<Uint8Array>, most: number): Promise<string> {
  const { id, file } = await newPassing()
  let size = 0
  async function* measured(): AsyncGenerator<Uint8Array> {
    for await (const chunk of body) {
      size += chunk.byteLength
      if (size > most) throw new TooMuch()
      yield chunk
    }
  }
  try {
    await pipeline(Readable.from(measured()), createWriteStream(file))
    return id
  } catch (error) {
    await rm(file, { force: true })
    throw failureOf(error) ?? error
  }
}

/** A file on its way out, to be read once from its beginning; null when there is none of that name. */
export async function passingOut(
  id: string,
): Promise<{ readonly bytes: number; readonly stream: ReadableStream } | null> {
  const file = passingFile(id)
  const known = file && (await stat(file).catch(() => null))
  if (!file || !known) return null
  return { bytes: known.size, stream: Readable.toWeb(createReadStream(file)) as ReadableStream }
}
