import { createHash, randomUUID } from 'node:crypto'
import { existsSync } from 'node:fs'
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { failureOf } from '../store/failure.ts'
import { dataFolder } from '../store/open.ts'
import { refused } from './refused.ts'

/** Photographs are files beside the database, by the hash of their content; whatever comes in is made a JPEG of ours. */

const folder = (data = dataFolder()): string => join(data, 'photos')

/** Where the photograph of this hash is kept in a studio's folder; the hash is of its form. */
export const photoFile = (hash: string, data?: string): string => join(folder(data), `${hash}.jpg`)

const mostSide = 1600
const mostPixels = 60e6
const mostSeconds = 10
const kinds: readonly string[] = ['jpeg', 'png', 'webp', 'heif']

/** The image library; it comes with the first photograph, not with the program. */
async function images() {
  const { default: sharp } = await import('sharp')
  sharp.concurrency(1)
  return sharp
}

/** One photograph is decoded at a time; the next waits. */
let decoding: Promise<unknown> = Promise.resolve()

/** Stores a photograph and answers its hash. Refused: anything but a photograph of a known kind and a sane size. */
export function keepPhoto(sent: Uint8Array): Promise<string> {
  const turn = decoding.then(() => keepNow(sent))
  decoding = turn.catch(() => undefined)
  return turn
}

async function keepNow(sent: Uint8Array): Promise<string> {
  const jpeg = await jpegOf(sent)
  const hash = hashOf(jpeg)
  await write(jpeg, hash)
  return hash
}

const hashOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex')

async function write(jpeg: Uint8Array, hash: string): Promise<void> {
  // Written aside and put in its place in one move, so that a kill leaves no half photograph.
  const aside = join(folder(), `${randomUUID()}.part`)
  try {
    await mkdir(folder(), { recursive: true })
    await writeFile(aside, jpeg)
    await rename(aside, photoFile(hash))
  } catch (error) {
    throw failureOf(error) ?? error
  }
}

/**
 * Takes back a photograph that was made by this program before, under its hash. Answers whether it is one: bytes of
 * that hash, a JPEG no larger than ours, which can be decoded.
 */
export async function takeBackPhoto(hash: string, bytes: Uint8Array): Promise<boolean> {
  if (existsSync(photoFile(hash))) return true
  if (hashOf(bytes) !== hash) return false
  const sharp = await images()
  const known = await sharp(bytes, { limitInputPixels: mostPixels })
    .metadata()
    .catch(() => null)
  if (known?.format !== 'jpeg' || Math.max(known.width, known.height) > mostSide) return false
  const decoded = await sharp(bytes)
    .timeout({ seconds: mostSeconds })
    .stats()
    .catch(() => null)
  if (!decoded) return false
  await write(bytes, hash)
  return true
}

const unreadable = 'That is no photograph this program can read. Send a JPEG, PNG, WebP or HEIC.'

async function jpegOf(sent: Uint8Array): Promise<Buffer> {
  if (sent.byteLength === 0) throw refused('The photograph is empty. Choose it again.')
  const sharp = await images()
  const known = await sharp(sent, { limitInputPixels: mostPixels })
    .metadata()
    .catch(() => null)
  if (!known || !kinds.includes(known.format)) throw refused(unreadable)
  if (known.width * known.height > mostPixels)
    throw refused('That photograph is larger than 60 million points. Send a smaller copy of it.')
  const jpeg = await sharp(sent, { limitInputPixels: mostPixels })
    .timeout({ seconds: mostSeconds })
    .rotate()
    .resize(mostSide, mostSide, { fit: 'inside', withoutEnlargement: true })
    .jpeg({ quality: 82 })
    .toBuffer()
    .catch(() => null)
  if (!jpeg) throw refused(unreadable)
  return jpeg
}

/** A stored photograph; null when there is none by that hash. Only a hash reaches the file system. */
export const photoOf = (hash: string): Promise<Uint8Array | null> =>
  /^[0-9a-f]{64}$/.test(hash) ? readFile(photoFile(hash)).catch(() => null) : Promise.resolve(null)
