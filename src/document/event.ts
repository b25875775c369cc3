import { z } from 'zod'
import { pastEdgeMm } from '../core/stack/event.ts'
import { idSchema, thicknessUmSchema } from './values.ts'

/** What is done to a picture, with what its kind asks for besides paint, medium and thickness (reckonings.md, Events). */

const share = z.number('Write a share.').min(0.01, 'At least 1 %.').max(1, 'At most all of it.')
const coats = z.number().int('Coats are counted.').min(1, 'At least one coat.').max(12, 'At most 12 coats.')

export const eventSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.enum(['wash', 'waterborne', 'gouache', 'paint', 'glaze', 'impasto', 'emulsion', 'wax']),
  }),
  /** The share of the surface it covers where it lies: for amounts and colour only. */
  z.object({ kind: z.literal('scumble'), covered: share }),
  /** How far it goes past every edge, where it covers a part of the picture. */
  z.object({
    kind: z.literal('isolating'),
    pastEdgeMm: z.number().min(0).max(pastEdgeMm.most).default(0),
  }),
  /** Of what is laid on, wiped off again; and the patches it was for: absent, all of its areas. */
  z.object({
    kind: z.literal('oil-out'),
    wiped: z.number().min(0).max(0.99),
    patches: z.array(idSchema).max(60).optional(),
  }),
  z.object({
    kind: z.enum(['temporary-varnish', 'varnish']),
    coats,
    /** Whether it holds a light absorber; absent: not told. */
    absorber: z.boolean().optional(),
  }),
  /** Null: with a dry cloth. */
  z.object({ kind: z.literal('wipe'), takes: share, solvent: idSchema.nullable() }),
  z.object({ kind: z.literal('scrape'), takes: share }),
  z.object({ kind: z.literal('dissolve'), takes: share, solvent: idSchema }),
  z.object({ kind: z.literal('sand-wet'), takesUm: thicknessUmSchema }),
  z.object({ kind: z.literal('varnish-off'), solvent: idSchema }),
])
export type PictureEvent = z.infer<typeof eventSchema>
