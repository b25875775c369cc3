import { z } from 'zod'

/** Shapes on the map of a picture; across and down as fractions of its width and height, 0..1. */
const across = z.number().min(-0.5).max(1.5)
const points = z.array(across).min(4, 'A line needs two points.').max(2000, 'That line is too long to keep.')

export const shapeSchema = z.discriminatedUnion('kind', [
  /** x, y, x, y, ... round its edge. */
  z.object({ kind: z.literal('outline'), points: points.min(6, 'An outline needs three points.') }),
  /** x, y, x, y, ... along the stroke; its width is a fraction of the picture's. */
  z.object({ kind: z.literal('stroke'), points, width: z.number().gt(0).max(1) }),
  z.object({
    kind: z.literal('box'),
    x: across,
    y: across,
    width: z.number().gt(0).max(2),
    height: z.number().gt(0).max(2),
  }),
])
export type Shape = z.infer<typeof shapeSchema>
