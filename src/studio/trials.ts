import { findInLibrary } from '../core/materials/find.ts'
import { readyOf } from '../document/picture/picture.ts'
import { layerOfSwatch } from '../document/judging/swatchFilm.ts'
import { fixedOnceBegun } from '../document/trial.ts'
import type { Trial } from '../document/trial.ts'
import type { BeginTrial, SwatchTold } from '../document/requests.ts'
import type { Swatch } from '../document/swatch.ts'
import type { Trx } from '../store/database.ts'
import { changedFields } from '../store/history.ts'
import { commit, findOrRefuse } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { refused } from './refused.ts'
import { laidOf } from './swatches.ts'

/** Begins a trial: its question and rule are written and locked, and both films are laid, in one step. */
export const beginTrial = (write: Write, { trial, swatch, control }: BeginTrial): Promise<Written> =>
  commit(write, async (trx) => {
    const id = crypto.randomUUID()
    const laid = async (told: SwatchTold): Promise<Swatch> => ({
      ...told,
      laid: await laidOf(trx, write.at, told, null),
    })
    const [onTrial, beside] = [await laid(swatch), await laid(control)]
    const body: Trial = {
      ...trial,
      id,
      swatchId: swatch.id,
      controlId: control.id,
      begunAt: write.at,
    }
    return {
      what: `Began the trial “${trial.question}”`,
      wishes: [
        { kind: 'trial', id, body, seen: null },
        { kind: 'swatch', id: swatch.id, body: onTrial, seen: null },
        { kind: 'swatch', id: control.id, body: asThickDry(beside, onTrial), seen: null },
      ],
    }
  })

/** The control drawn down so that both dry to one thickness: what is thinned is drawn down thicker. */
function asThickDry(control: Swatch, swatch: Swatch): Swatch {
  const stays = (of: Swatch): number | null => {
    const { mix } = readyOf(layerOfSwatch(of), [], findInLibrary)
    return mix && 1 - mix.film.mix.volatile
  }
  const [ofControl, ofSwatch] = [stays(control), stays(swatch)]
  if (!ofControl || !ofSwatch) return control
  const times = ofSwatch / ofControl
  const { laid, drawn } = control
  return {
    ...control,
    laid: { ...laid, wetThicknessUm: swatch.laid.wetThicknessUm * times },
    drawn: drawn && { ...drawn, ml: Number((drawn.ml * times).toPrecision(3)) },
  }
}

/** Changes the note of a trial; all else was locked when it began. */
export const saveTrial = (write: Write, trial: Trial, seen: number | null): Promise<Written> =>
  commit(write, async (trx: Trx) => {
    const { revision: _seen, ...before } = await findOrRefuse(trx, 'trial', trial.id)
    const fixed: readonly string[] = fixedOnceBegun
    if (changedFields(before, trial).some((field) => fixed.includes(field)))
      throw refused(
        'A trial’s question, films, days and rule are locked once it has begun. Write a note, or begin another.',
      )
    return {
      what: `Wrote on the trial “${trial.question}”`,
      wishes: [{ kind: 'trial', id: trial.id, body: trial, seen }],
    }
  })

/** Removes a trial; its swatches stay on the rack. */
export const removeTrial = (write: Write, id: string, seen: number): Promise<Written> =>
  commit(write, async (trx) => ({
    what: `Removed the trial “${(await findOrRefuse(trx, 'trial', id)).question}”`,
    wishes: [{ kind: 'trial', id, body: null, seen }],
  }))
