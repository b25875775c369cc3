import { dateOf, minuteOf } from '../../core/plan/calendar.ts'
import { blankLayer } from '../blank/blankLayer.ts'
import { planOf } from '../brush.ts'
import type { Brush } from '../brush.ts'
import { spirit, startOf, usualOil } from './eventStart.ts'
import type { LayerDocument } from '../layer.ts'
import type { MediumDocument } from '../recipe.ts'

/* Layers as painters call them before they have told the program anything: each by one tap, everything can be changed. */

export interface EverydayLayer {
  readonly id: string
  /** "a thin wash" */
  readonly name: string
  readonly says: string
  readonly brush: (solventFree: boolean) => Partial<Brush>
}

const paintWith =
  (material: string, parts: number) =>
  (solventFree: boolean): Partial<Brush> => ({
    ...startOf('paint', solventFree),
    besides: [{ material, parts }],
  })

export const everydayLayers: readonly EverydayLayer[] = [
  {
    id: 'acrylic',
    name: 'Acrylic underpainting',
    says: 'waterborne, under the oil',
    brush: (solventFree) => startOf('waterborne', solventFree),
  },
  {
    id: 'wash',
    name: 'Thin wash',
    says: 'mostly thinner, to draw with',
    brush: (solventFree) => startOf('wash', solventFree),
  },
  {
    id: 'straight',
    name: 'Paint from the tube',
    says: 'as it comes',
    brush: (solventFree) => startOf('paint', solventFree),
  },
  {
    id: 'little-oil',
    name: 'Paint with a little oil',
    says: '1 part oil to 10',
    brush: paintWith(usualOil, 0.1),
  },
  {
    id: 'much-oil',
    name: 'Paint with a lot of oil',
    says: '1 part oil to 2',
    brush: paintWith(usualOil, 0.5),
  },
  {
    id: 'alkyd',
    name: 'Paint with a fast alkyd medium',
    says: '1 part to 4',
    brush: paintWith('alkyd_medium_fluid', 0.25),
  },
  {
    id: 'thick',
    name: 'Thick paint',
    says: 'knife or loaded brush',
    brush: (solventFree) => startOf('impasto', solventFree),
  },
  {
    id: 'glaze',
    name: 'Glaze',
    says: 'thin and transparent, in stand oil',
    brush: (solventFree) => ({
      ...startOf('glaze', solventFree),
      besides: [{ material: 'linseed_stand_oil', parts: 0.4 }],
      ...(!solventFree && { thinner: { material: spirit, parts: 0.15 } }),
    }),
  },
]

/** What a layer is mended with where the studio has no medium yet: plain oil, out of the bottle. */
export const everydayOil: MediumDocument = {
  id: 'everyday-oil',
  name: 'Linseed oil',
  recipe: { lines: [{ material: usualOil, amount: 1, unit: 'part' }] },
  note: '',
}

/** How long ago a layer was painted, as one remembers it. */
export const longAgo = [
  { days: 0, name: 'today' },
  { days: 1, name: 'yesterday' },
  { days: 7, name: 'last week' },
  { days: 30, name: 'a month ago' },
  { days: 365, name: 'a year ago' },
] as const

/** Ten in the morning of the day so many days ago; of today, this very minute. */
export const minuteAgo = (days: number, now: number): string =>
  days === 0 ? minuteOf(now) : `${dateOf(Math.floor(now) - days)}T10:00`

/** An everyday layer on a picture; `paintedAt` null: it is still to be painted. */
export function everydayLayer(
  { name, brush }: EverydayLayer,
  given: Pick<LayerDocument, 'id' | 'paintingId' | 'position'>,
  paintedAt: string | null,
  solventFree: boolean,
): LayerDocument {
  const layer = blankLayer({ ...given, name, ...brush(solventFree) })
  return paintedAt === null ? layer : asPainted(layer, paintedAt)
}

/** A layer as it would be on record, had it been painted as planned. */
export const asPainted = (layer: LayerDocument, at: string): LayerDocument => ({
  ...layer,
  painted: { at, ...planOf(layer), used: null, materials: [] },
})
