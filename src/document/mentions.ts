import { findInLibrary } from '../core/materials/find.ts'
import type { Batch } from './batch.ts'
import type { MediumDocument } from './recipe.ts'
import { materialsIn, mediumsIn } from '../core/medium/recipe.ts'
import { isShipped } from '../core/practice/shipped.ts'
import { materialsOn } from './brush.ts'
import type { Brush } from './brush.ts'
import type { LayerDocument } from './layer.ts'
import { materialsOfTube, tubesIn } from './paints.ts'
import type { OwnTube } from './tube.ts'
import type { Reminder } from './reminder.ts'
import type { PaintingDocument, TouchTest } from './studio.ts'
import type { Swatch } from './swatch.ts'
import type { Trial } from './trial.ts'

/** What may be named by something else: a batch is named where a medium is. */
export type Role = 'painting' | 'layer' | 'medium' | 'material' | 'practice' | 'tube' | 'swatch'

/** One thing named by another. */
export interface Mention {
  readonly role: Role
  readonly id: string
  /** Whether it must stay for as long as it is named; a painted layer has its own copy of what was used. */
  readonly holds: boolean
}

/** The book's materials are always there; only the painter's own hold on to a shelf entry. */
const material = (id: string, holds = false): Mention => ({
  role: 'material',
  id,
  holds: holds && !findInLibrary(id),
})

export function mentionsOfLayer(layer: LayerDocument): readonly Mention[] {
  const { paintingId, painted } = layer
  return distinct([
    { role: 'painting', id: paintingId, holds: true },
    ...(painted ? [] : mentionsOfBrush(layer, true)),
    ...(painted ? mentionsOfBrush(painted, false) : []),
    ...(painted?.used ? materialsIn(painted.used.recipe).map((id) => material(id)) : []),
  ])
}

const mentionsOfBrush = (brush: Brush, planned: boolean): readonly Mention[] => [
  ...(brush.medium ? [{ role: 'medium', id: brush.medium.mediumId, holds: planned } as const] : []),
  ...materialsOn(brush).map((id) => material(id)),
  ...tubesIn(brush.paints).map((id): Mention => ({ role: 'tube', id, holds: false })),
]

/** A shipped practice is always there; only a studio's own is held on to. */
export const mentionsOfPainting = ({ practice }: PaintingDocument): readonly Mention[] => [
  { role: 'practice', id: practice, holds: !isShipped(practice) },
]

export const mentionsOfMedium = ({ recipe }: MediumDocument): readonly Mention[] =>
  distinct([
    ...mediumsIn(recipe).map((id): Mention => ({ role: 'medium', id, holds: true })),
    ...materialsIn(recipe).map((id) => material(id, true)),
  ])

export const mentionsOfBatch = ({ targets, mediumId, parentId }: Batch): readonly Mention[] =>
  distinct([
    ...[mediumId, parentId].flatMap((id): Mention[] => (id ? [{ role: 'medium', id, holds: false }] : [])),
    ...targets.map((target) => material(target.material)),
  ])

/** A tube is ground from what it names; a lot in it stays for as long. */
export const mentionsOfTube = (tube: OwnTube): readonly Mention[] =>
  distinct(materialsOfTube(tube).map((id) => material(id, true)))

export const mentionsOfTouchTest = ({ layerId }: TouchTest): readonly Mention[] => [
  { role: 'layer', id: layerId, holds: true },
]

/** A swatch keeps its own copy of what was laid. */
export const mentionsOfSwatch = ({ laid }: Swatch): readonly Mention[] =>
  distinct([
    ...mentionsOfBrush(laid, false),
    ...(laid.used ? materialsIn(laid.used.recipe).map((id) => material(id)) : []),
  ])

export const mentionsOfTrial = ({ swatchId, controlId }: Trial): readonly Mention[] =>
  distinct([swatchId, controlId].map((id) => ({ role: 'swatch', id, holds: true })))

export const mentionsOfReminder = ({ paintingId }: Reminder): readonly Mention[] =>
  paintingId ? [{ role: 'painting', id: paintingId, holds: false }] : []

/** Each thing once; it is held if any mention of it holds. */
function distinct(mentions: readonly Mention[]): readonly Mention[] {
  const byName = new Map<string, Mention>()
  for (const mention of mentions) {
    const name = `${mention.role} ${mention.id}`
    byName.set(name, { ...mention, holds: mention.holds || (byName.get(name)?.holds ?? false) })
  }
  return [...byName.values()]
}
