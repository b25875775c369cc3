import { createReadStream, createWriteStream } from 'node:fs'
import { open } from 'node:fs/promises'
import type { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import yauzl from 'yauzl'
import type { Entry, ZipFile } from 'yauzl'
import yazl from 'yazl'
import { documentJsonSchema } from '../../document/studioDocument.ts'
import { photoFile } from '../photos.ts'
import { refused } from '../refused.ts'

/** A studio as a zip: the document, its published form, and the photographs it names. */

const documentName = 'studio.json'
const schemaName = 'grelta.studio.schema.json'
const photoName = /^photos\/([0-9a-f]{64})\.jpg$/

const mostDocumentBytes = 5e8
const mostPhotoBytes = 15e6
const mostEntries = 200_000

/** No time of its own stands in it, so that the same studio makes the same bytes. */
const timeless = { mtime: new Date(1980, 0, 1), mode: 0o100644, forceDosTimestamp: true }

/** Packs a document and these photographs of a studio's folder into a zip. */
export async function pack(
  document: string,
  hashes: readonly string[],
  folder: string,
  to: string,
): Promise<void> {
  const zip = new yazl.ZipFile()
  zip.addFile(document, documentName, timeless)
  zip.addBuffer(Buffer.from(JSON.stringify(documentJsonSchema(), null, 1)), schemaName, timeless)
  for (const hash of hashes)
    zip.addFile(photoFile(hash, folder), `photos/${hash}.jpg`, { ...timeless, compress: false })
  zip.end()
  await pipeline(zip.outputStream as Readable, createWriteStream(to))
}

/** A studio file that came in: its document, and the photographs beside it. */
export interface Incoming {
  readonly document: () => Promise<Readable>
  readonly photographs: readonly Photograph[]
  readonly close: () => void
}

export interface Photograph {
  readonly hash: string
  readonly bytes: () => Promise<Buffer>
}

/** Opens a studio file, zip or bare document. Refused: a zip that is damaged, or holds no studio. */
export async function unpack(file: string): Promise<Incoming> {
  if (!(await isZip(file)))
    return {
      document: () => Promise.resolve(createReadStream(file)),
      photographs: [],
      close: () => undefined,
    }
  const zip = await yauzl.openPromise(file, { autoClose: false }).catch(damaged)
  try {
    return await insideOf(zip)
  } catch (error) {
    zip.close()
    throw error
  }
}

function damaged(): never {
  throw refused(
    'This zip is damaged or not all of it arrived. Take the studio out again, and bring that file.',
  )
}

async function insideOf(zip: ZipFile): Promise<Incoming> {
  if (zip.entryCount > mostEntries)
    throw refused('This zip holds too many files to be a studio. Choose the zip that Grelta made.')
  const entries: Entry[] = []
  try {
    for await (const entry of zip.eachEntry()) entries.push(entry)
  } catch {
    damaged()
  }
  const document = entries.find(({ fileName }) => fileName === documentName)
  if (!document)
    throw refused(`There is no ${documentName} in this zip. Choose the zip that Grelta made, as it made it.`)
  if (document.uncompressedSize > mostDocumentBytes)
    throw refused('The studio in this zip is larger than 500 MB, which is more than can be brought in.')
  return {
    document: () => zip.openReadStreamPromise(document).catch(damaged),
    photographs: entries.flatMap((entry) => photographIn(zip, entry)),
    close: () => zip.close(),
  }
}

function photographIn(zip: ZipFile, entry: Entry): readonly Photograph[] {
  const [, hash] = photoName.exec(entry.fileName) ?? []
  if (!hash || entry.uncompressedSize > mostPhotoBytes) return []
  const bytes = async (): Promise<Buffer> => {
    const parts: Buffer[] = []
    for await (const part of await zip.openReadStreamPromise(entry)) parts.push(part as Buffer)
    return Buffer.concat(parts)
  }
  return [{ hash, bytes: () => bytes().catch(damaged) }]
}

async function isZip(file: string): Promise<boolean> {
  const handle = await open(file)
  try {
    const { buffer } = await handle.read(Buffer.alloc(2), 0, 2, 0)
    return buffer.toString('latin1') === 'PK'
  } finally {
    await handle.close()
  }
}
