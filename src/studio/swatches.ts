import { isDeepStrictEqual } from 'node:util'
import { dateText } from '../document/dateText.ts'
import { blankFinger } from '../document/blank/blankFinger.ts'
import { planOf } from '../document/brush.ts'
import type { FingerTold } from '../document/finger.ts'
import type { Painted } from '../document/layer.ts'
import type { SwatchTold } from '../document/requests.ts'
import type { Swatch } from '../document/swatch.ts'
import type { Database, Trx } from '../store/database.ts'
import { find, list } from '../store/records.ts'
import { commit, doneAt, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { latest } from './integrity.ts'
import { asUsed } from './painted.ts'
import { gone, refused } from './refused.ts'

/** Adds a swatch when `seen` is null, changes it otherwise. What was used is written here, as it is now. */
export const saveSwatch = (write: Write, told: SwatchTold, seen: number | null): Promise<Written> =>
  commit(write, async (trx) => {
    const before = await find(trx, 'swatch', told.id)
    const body: Swatch = { ...told, laid: await laidOf(trx, write.at, told, before?.laid ?? null) }
    if (before) await staysAsTried(trx, before, body)
    return {
      what: `${seen === null ? 'Laid' : 'Changed'} the swatch ${told.name}`,
      wishes: [{ kind: 'swatch', id: told.id, body, seen }],
    }
  })

/** What was laid: as it was where nothing about it changed, else what is on the brush with all in it as it stands. */
export async function laidOf(
  trx: Trx,
  now: string,
  { laid }: Pick<SwatchTold, 'laid'>,
  was: Painted | null,
): Promise<Painted> {
  const at = laid.at ?? was?.at ?? now
  if (was && isDeepStrictEqual(planOf(was), planOf(laid))) return { ...was, at }
  return asUsed(trx, at, planOf(laid))
}

/** What a trial compares is fixed once it has begun. */
async function staysAsTried(trx: Trx, before: Swatch, now: Swatch): Promise<void> {
  const same = isDeepStrictEqual([before.laid, before.ground], [now.laid, now.ground])
  if (same) return
  const trial = (await list(trx, 'trial')).find(({ swatchId, controlId }) =>
    [swatchId, controlId].includes(now.id),
  )
  if (trial)
    throw refused(
      `${before.name} belongs to the trial “${trial.question}”, begun ${dateText(trial.begunAt)}: what was laid is fixed. Lay another swatch.`,
    )
}

export async function swatchOrRefuse(db: Database, id: string): Promise<Swatch> {
  const swatch = await find(db, 'swatch', id)
  if (!swatch) throw gone('swatch')
  return swatch
}

export const removeSwatch = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => ({
    what: `Removed the swatch ${(await findOrRefuse(trx, 'swatch', id)).name}`,
    wishes: [{ kind: 'swatch', id, body: null, seen }],
  }))

/** Logs a hand on a swatch. */
export const touchSwatch = (
  write: Write,
  id: string,
  { at, tapped, ...told }: FingerTold,
): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...swatch } = await findOrRefuse(trx, 'swatch', id)
    if (at && at < swatch.laid.at)
      throw refused(`${swatch.name} was laid ${dateText(swatch.laid.at)}. Give a later time.`)
    const finger = blankFinger({
      ...told,
      id: crypto.randomUUID(),
      at: at ?? latest([doneAt(write, tapped), swatch.laid.at]),
    })
    const body = { ...swatch, fingers: [...swatch.fingers, finger] }
    return {
      what: `Touched the swatch ${swatch.name}`,
      wishes: [{ kind: 'swatch', id, body, seen: revision }],
    }
  })
