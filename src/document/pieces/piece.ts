import { z } from 'zod'
import { verdicts } from '../../core/severity.ts'
import { layerSchema } from '../layer.ts'
import { mediumSchema } from '../recipe.ts'
import { shelfItemSchema } from '../shelf.ts'
import { paintingSchema } from '../studio.ts'
import { idSchema, minuteSchema, nameSchema } from '../values.ts'
import { reasonIds } from './reasons.ts'
import type { ReasonId } from './reasons.ts'

/** A practice piece as a file: a picture as it stands at a minute, with all it is painted with. */
export const pieceFileSchema = z.object({
  format: z.literal('grelta.piece', 'This is no practice piece of Grelta.'),
  version: z.literal(1, 'This practice piece is of a newer Grelta.'),
  title: nameSchema,
  /** What one would be told of it, standing before it. */
  story: z.string().max(2000).default(''),
  at: minuteSchema,
  painting: paintingSchema,
  layers: z.array(layerSchema).max(60, 'A practice piece has at most 60 layers.'),
  mediums: z.array(mediumSchema).max(200).default([]),
  shelf: z.array(shelfItemSchema).max(200).default([]),
})
export type PieceFile = z.infer<typeof pieceFileSchema>

const reason = z.enum(reasonIds as [ReasonId, ...ReasonId[]])

/** One piece that was looked at: what the painter said of it, and what the program found. */
export const exerciseSchema = z.object({
  id: idSchema,
  at: minuteSchema,
  /** Which piece, where it is one of those that come with the program. */
  pieceId: idSchema.nullable(),
  title: nameSchema,
  said: z.enum(verdicts),
  why: z.array(reason).max(20),
  found: z.enum(verdicts),
  reasons: z.array(reason).max(20),
})
export type Exercise = z.infer<typeof exerciseSchema>
