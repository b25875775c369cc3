import { planOf } from '../document/brush.ts'
import type { PlannedLayer } from '../document/layer.ts'
import type { MediumDocument } from '../document/recipe.ts'
import type { PaintingDocument } from '../document/studio.ts'
import type { Wish } from '../store/history.ts'
import { exists } from '../store/records.ts'
import { commit, withId } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { asUsed } from './painted.ts'
import { refused } from './refused.ts'

/** A layer of a picture that is described as it stands on the easel; `paintedAt` null: it is still to be painted. */
export interface StandingLayer {
  readonly layer: PlannedLayer
  readonly paintedAt: string | null
}

/** A picture as it stands on the easel, and the mediums its layers are planned with. */
export interface Standing {
  readonly painting: PaintingDocument
  readonly mediums: readonly MediumDocument[]
  readonly layers: readonly StandingLayer[]
}

/** Begins a painting with all that is on it already, in one step. */
export const beginStanding = (
  write: Write,
  { painting, mediums, layers }: Standing,
): Promise<Written & { readonly id: string }> =>
  withId(
    commit(write, async (trx) => {
      const elsewhere = layers.find(({ layer }) => layer.paintingId !== painting.id)
      if (elsewhere) throw refused(`${elsewhere.layer.name} is a layer of another painting.`)
      const wishes: Wish[] = [{ kind: 'painting', id: painting.id, body: painting, seen: null }]
      for (const medium of mediums)
        if (!(await exists(trx, 'medium', medium.id)))
          wishes.push({ kind: 'medium', id: medium.id, body: medium, seen: null })
      for (const { layer, paintedAt } of layers) {
        const painted = paintedAt === null ? null : await asUsed(trx, paintedAt, planOf(layer))
        const body = { ...layer, painted, corrections: [], mixed: [] }
        wishes.push({ kind: 'layer', id: layer.id, body, seen: null })
      }
      return { what: `Began ${painting.title}`, paintingId: painting.id, wishes }
    }),
  )
