import { createHash } from 'node:crypto'
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import sharp from 'sharp'
import { dataFolder } from '../store/database.ts'
import { Refused } from './writing.ts'

/** Photographs are files beside the database, by the hash of their content; whatever comes in is made a JPEG of ours. */

const folder = (): string => join(dataFolder(), 'photos')
const mostSide = 1600

/** Stores a photograph and answers its hash. */
export async function keepPhoto(sent: Uint8Array): Promise<string> {
  const jpeg = await sharp(sent, { limitInputPixels: 60e6 })
    .rotate()
    .resize(mostSide, mostSide, { fit: 'inside', withoutEnlargement: true })
    .jpeg({ quality: 82 })
    .toBuffer()
    .catch(() => null)
  if (!jpeg) throw new Refused('refused', 'That is no photograph this program can read. Send a JPEG, PNG or WebP.')
  const hash = createHash('sha256').update(jpeg).digest('hex')
  await mkdir(folder(), { recursive: true })
  // Written aside and put in its place in one move, so that a kill leaves no half photograph.
  await writeFile(join(folder(), `${hash}.part`), jpeg)
  await rename(join(folder(), `${hash}.part`), join(folder(), `${hash}.jpg`))
  return hash
}

/** A stored photograph; null when there is none by that hash. Only a hash reaches the file system. */
export const photoOf = (hash: string): Promise<Uint8Array | null> =>
  /^[0-9a-f]{64}$/.test(hash) ? readFile(join(folder(), `${hash}.jpg`)).catch(() => null) : Promise.resolve(null)
