import type { LayerDocument } from './layer.ts'
import type { OwnTube } from './tube.ts'

/** A layer, and a heap for it, holds at most so many paints, and so many other things. */
export const mostPaints = 12
export const mostBesides = 24

/* Read off paints without their schema; pages look at them before they know of tubes. */

export type Paint = LayerDocument['paints'][number]

/** A paint as it stands by itself, no longer that of a tube; what it is made of may then be changed. */
export function asLoosePaint({ tube: _tube, name: _name, ...paint }: Paint): Paint {
  return paint
}

/** What a tube is made of, by id. */
export const materialsOfTube = ({ pigments, oil }: Pick<OwnTube, 'pigments' | 'oil'>): readonly string[] => [
  ...pigments.map(({ pigment }) => pigment),
  oil,
]

/** The tubes these paints come from. */
export const tubesIn = (paints: readonly Paint[]): readonly string[] =>
  paints.flatMap(({ tube }) => tube ?? [])
