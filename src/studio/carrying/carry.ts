import { existsSync } from 'node:fs'
import { keepKnown } from '../../store/known.ts'
import type { Write } from '../commit.ts'
import { beginJob } from '../jobs.ts'
import { gone } from '../refused.ts'
import { afterWrite, nowMinute, studio, studioFolder } from '../studio.ts'
import { runTelling } from '../threads.ts'
import { bringIn } from './bringIn.ts'
import type { Choice, Preview } from './bringIn.ts'
import { dropPassing, newPassing, passingFile } from './passing.ts'

/** A studio on its way out or in, as work that tells how far it is. */

/** A file that is ready to be fetched, and what it should be called. */
export interface Ready {
  readonly file: string
  readonly name: string
  readonly photographs: number
}

export const beginTakingOut = (withPhotographs: boolean) =>
  beginJob(async (tell, signal): Promise<Ready> => {
    const { id, file } = await newPassing()
    const given = { folder: await studioFolder(), file, withPhotographs }
    const { event, photographs } = await runTelling('takeStudioOut', given, tell, signal)
    await keepKnown(await studio(), 'carried', event)
    const name = `grelta-${nowMinute().slice(0, 10)}.${withPhotographs ? 'zip' : 'json'}`
    return { file: id, name, photographs }
  })

/** Looks through a file that was received; it stays until it is brought in or dropped. */
export const beginLookingThrough = (id: string) =>
  beginJob(async (tell, signal): Promise<Preview & { readonly file: string }> => {
    const given = { folder: await studioFolder(), file: fileOrRefuse(id) }
    try {
      return { ...(await runTelling('previewStudio', given, tell, signal)), file: id }
    } catch (error) {
      await dropPassing(id)
      throw error
    }
  })

export function beginBringingIn(write: Write, id: string, choice: Choice) {
  const file = fileOrRefuse(id)
  return beginJob(async (tell, signal) => {
    const written = await bringIn(write, file, choice, (done, of) => {
      signal.throwIfAborted()
      tell(done, of)
    })
    await dropPassing(id)
    await afterWrite()
    return written
  })
}

function fileOrRefuse(id: string): string {
  const file = passingFile(id)
  if (!file || !existsSync(file)) throw gone('file')
  return file
}
