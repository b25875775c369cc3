import { daysAtChance } from '../core/cure/forecast.ts'
import type { Severity } from '../core/severity.ts'
import type { Assessment, AssessedFinding } from '../document/judging/assess.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { Database } from '../store/database.ts'
import { paintingsReached } from '../store/naming.ts'
import { closureOf } from './closure.ts'
import { judgedWithSolve } from './judge.ts'
import { loadPictures } from './pictures.ts'
import type { LoadedPicture } from './pictures.ts'

/** What a planned layer would say to another recipe of its medium. */
export interface Consequence {
  readonly layerId: string
  readonly painting: string
  readonly layer: string
  /** Likely days to touch dry; null: never. */
  readonly touchDays: { readonly before: number | null; readonly after: number | null }
  /** Findings on it, or on what lies over it, that the present recipe does not make. */
  readonly added: readonly { readonly severity: Severity; readonly message: string }[]
}

export interface Consequences {
  readonly layers: readonly Consequence[]
  /** Paintings that use it and were not looked at. */
  readonly more: number
}

/** So many paintings are judged with the other recipe. */
const mostPaintings = 16

/** Judges paintings whose planned layers use this medium with the changed recipe. Nothing is stored. For a worker. */
export async function consequencesOf(
  db: Database,
  now: string,
  mediumId: string,
  recipe: MediumDocument['recipe'],
): Promise<Consequences> {
  const ids = await paintingsReached(db, [{ kind: 'medium', id: mediumId }])
  const looked = await loadPictures(db, ids.slice(0, mostPaintings), now)
  const { mediums, items } = await closureOf(db, [recipe])
  const layers = looked.flatMap((picture) => {
    const others = mediums.filter(({ id }) => !picture.mediums.some((one) => one.id === id))
    const lots = items.filter(({ id }) => !picture.shelf.some((one) => one.id === id))
    const known = { ...picture, mediums: [...picture.mediums, ...others], shelf: [...picture.shelf, ...lots] }
    return consequencesIn(known, mediumId, recipe)
  })
  return { layers, more: Math.max(0, ids.length - mostPaintings) }
}

function consequencesIn(
  picture: LoadedPicture,
  mediumId: string,
  recipe: MediumDocument['recipe'],
): readonly Consequence[] {
  const planned = picture.layers.filter(({ medium, painted }) => medium?.mediumId === mediumId && !painted)
  if (planned.length === 0) return []
  const changed = {
    ...picture,
    mediums: picture.mediums.map((medium) => (medium.id === mediumId ? { ...medium, recipe } : medium)),
  }
  const [before, after] = [judgedWithSolve(picture).assessment, judgedWithSolve(changed).assessment]
  return planned.map((layer): Consequence => {
    const at = picture.layers.indexOf(layer)
    const touch = (assessment: Assessment): number | null =>
      daysAtChance(assessment.layers[at]!.forecast, 'touch', 0.5)
    const added = after.findings.filter(
      (one) =>
        (one.layerId === layer.id || one.underId === layer.id) &&
        !before.findings.some((other) => sameFinding(one, other)),
    )
    return {
      layerId: layer.id,
      painting: picture.painting.title,
      layer: layer.name,
      touchDays: { before: touch(before), after: touch(after) },
      added: added.map(({ severity, message }) => ({ severity, message })),
    }
  })
}

const sameFinding = (a: AssessedFinding, b: AssessedFinding): boolean =>
  a.rule === b.rule && a.layerId === b.layerId && a.underId === b.underId && a.severity === b.severity
