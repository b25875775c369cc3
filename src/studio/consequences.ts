import { daysAtChance } from '../core/cure/forecast.ts'
import type { Severity } from '../core/soundness/finding.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { Database } from '../store/database.ts'
import { judgedWithSolve, loadPictures } from './reading.ts'

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

/** Judges every painting whose planned layers use this medium with the changed recipe. Nothing is stored. */
export async function consequencesOf(db: Database, now: string, mediumId: string, recipe: MediumDocument['recipe']): Promise<readonly Consequence[]> {
  return (await loadPictures(db, now)).flatMap((picture) => {
    const planned = picture.layers.filter(({ medium, paintedAt }) => medium?.mediumId === mediumId && !paintedAt)
    if (planned.length === 0) return []
    const changed = { ...picture, mediums: picture.mediums.map((medium) => (medium.id === mediumId ? { ...medium, recipe } : medium)) }
    const [before, after] = [judgedWithSolve(picture).assessment, judgedWithSolve(changed).assessment]
    return planned.map((layer): Consequence => {
      const at = picture.layers.indexOf(layer)
      const touch = (assessment: typeof before): number | null => daysAtChance(assessment.layers[at]!.forecast, 'touch', 0.5)
      const added = after.findings.filter(
        (one) =>
          (one.layerId === layer.id || one.underId === layer.id) &&
          !before.findings.some(
            (other) => other.rule === one.rule && other.layerId === one.layerId && other.underId === one.underId && other.severity === one.severity,
          ),
      )
      return {
        layerId: layer.id,
        painting: picture.painting.title,
        layer: layer.name,
        touchDays: { before: touch(before), after: touch(after) },
        added: added.map(({ severity, message }) => ({ severity, message })),
      }
    })
  })
}
