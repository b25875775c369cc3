import { dateOf } from '../../core/plan/calendar.ts'
import { blankPainting } from '../blank/blankPainting.ts'
import { blankLayer } from '../blank/blankLayer.ts'
import type { Brush } from '../brush.ts'
import { spirit, startOf, tube } from '../picture/eventStart.ts'
import { asPainted, minuteAgo } from '../picture/everyday.ts'
import type { LayerDocument } from '../layer.ts'
import type { PaintingDocument } from '../studio.ts'

/* Eighteen made-up pictures to practise on: one or two classic faults, or none. What is wrong with them stands nowhere;
   the program judges them as it judges any picture. */

export interface ShippedPiece {
  readonly id: string
  readonly title: string
  /** What one would be told of it, standing before it. */
  readonly story: string
  readonly painting?: Partial<PaintingDocument>
  /** Bottom first. */
  readonly layers: readonly PieceLayer[]
}

interface PieceLayer {
  readonly name: string
  /** Days ago it was painted; null: it comes next. */
  readonly ago: number | null
  /** So many days from now it is meant to go on; absent: as soon as it may. */
  readonly inDays?: number
  readonly brush: Partial<Brush>
}

type Paint = Brush['paints'][number]
const [umber, white, ochre, ultramarine, black] = [
  tube('pbr7_burnt_umber'),
  tube('pw6_rutile'),
  tube('py43'),
  tube('pb29'),
  tube('pbk9'),
]
const thinned = (parts: number): Pick<Brush, 'thinner'> => ({
  thinner: { material: spirit, parts },
})
const turpentine = (parts: number): Pick<Brush, 'thinner'> => ({
  thinner: { material: 'gum_turpentine', parts },
})
const stirredIn = (...portions: readonly (readonly [string, number])[]): Pick<Brush, 'besides'> => ({
  besides: portions.map(([material, parts]) => ({ material, parts })),
})
const painted = (paints: readonly Paint[], rest: Partial<Brush> = {}): Partial<Brush> => ({
  ...startOf('paint'),
  paints: [...paints],
  ...rest,
})
const wash = (rest: Partial<Brush> = {}): Partial<Brush> => ({ ...startOf('wash'), paints: [umber], ...rest })
const glaze = (paint: Paint, oilParts: number, rest: Partial<Brush> = {}): Partial<Brush> => ({
  ...startOf('glaze'),
  paints: [paint],
  thinner: null,
  ...stirredIn(['linseed_stand_oil', oilParts]),
  ...rest,
})

export const shippedPieces: readonly ShippedPiece[] = [
  {
    id: 'net-loft',
    title: 'The net loft',
    story: 'A drawing in thinned umber, straight paint two weeks later, and now a little oil for the lights.',
    layers: [
      { name: 'Drawing', ago: 40, brush: wash() },
      { name: 'Body', ago: 30, brush: painted([white, ochre]) },
      { name: 'Lights', ago: null, brush: painted([white], stirredIn(['linseed_alkali_refined', 0.08])) },
    ],
  },
  {
    id: 'two-jugs',
    title: 'Two jugs',
    story:
      'The cloth was laid in with plenty of oil last week. Today the jugs go over it as they come from the tube.',
    layers: [
      { name: 'Cloth', ago: 7, brush: painted([white], stirredIn(['linseed_alkali_refined', 0.3])) },
      { name: 'Jugs', ago: 0, brush: painted([umber, white]) },
    ],
  },
  {
    id: 'harbour-wall',
    title: 'Harbour wall',
    story: 'Knife work as thick as a coin, and three days later a thin scumble over all of it.',
    layers: [
      { name: 'Wall', ago: 4, brush: { ...startOf('impasto'), paints: [white], wetThicknessUm: 1500 } },
      {
        name: 'Scumble',
        ago: 1,
        brush: painted([ochre], { wetThicknessUm: 20, ...stirredIn(['linseed_alkali_refined', 0.1]) }),
      },
    ],
  },
  {
    id: 'greenhouse-door',
    title: 'Greenhouse door',
    story:
      'A grey underpainting that stood for two months, and three blue-green glazes, each a touch richer, a month apart.',
    layers: [
      { name: 'Grey', ago: 150, brush: painted([white, black]) },
      { name: 'First glaze', ago: 90, brush: glaze(ultramarine, 0.15) },
      { name: 'Second glaze', ago: 45, brush: glaze(tube('pg7'), 0.25) },
    ],
  },
  {
    id: 'poppy-field',
    title: 'Field in August',
    story:
      'Ultramarine in poppy oil, put on generously a fortnight ago; today a quick alkyd over it to be done by Friday.',
    layers: [
      { name: 'Sky', ago: 14, brush: painted([tube('pb29', 'poppy')], { wetThicknessUm: 120 }) },
      { name: 'Grasses', ago: 0, brush: painted([tube('py43')], stirredIn(['alkyd_medium_fluid', 0.5])) },
    ],
  },
  {
    id: 'old-quay',
    title: 'Old quay',
    story:
      'Laid in with acrylic, then body colour with a little oil, and the last lights straight from the tube.',
    layers: [
      { name: 'Acrylic', ago: 60, brush: startOf('waterborne') },
      { name: 'Body', ago: 40, brush: painted([white], stirredIn(['linseed_alkali_refined', 0.1])) },
      { name: 'Lights', ago: 3, brush: painted([white]) },
    ],
  },
  {
    id: 'signboard',
    title: 'The signboard',
    story:
      'Oil for the ground colour; the lettering is meant to go on in acrylic, which dries while one looks.',
    painting: { support: 'hardwood_panel' },
    layers: [
      { name: 'Ground colour', ago: 120, brush: painted([ochre, white]) },
      { name: 'Lettering', ago: null, brush: startOf('waterborne') },
    ],
  },
  {
    id: 'chapel',
    title: 'Chapel in the dark',
    story: 'The first colours were let down with spirit until they ran like tea, on an absorbent ground.',
    painting: { ground: 'acrylic_absorbent_ground' },
    layers: [
      { name: 'Tea', ago: 20, brush: painted([umber], { wetThicknessUm: 60, ...thinned(3) }) },
      { name: 'Walls', ago: null, brush: painted([white, umber]) },
    ],
  },
  {
    id: 'amber-head',
    title: 'Amber head',
    story:
      'Flesh, two months dry, and over it a golden glaze: half of the stirred-in medium is damar varnish.',
    layers: [
      { name: 'Flesh', ago: 80, brush: painted([white, ochre]) },
      {
        name: 'Gold glaze',
        ago: null,
        brush: glaze(
          tube('py42_transparent'),
          0.3,
          stirredIn(['linseed_stand_oil', 0.3], ['damar_varnish_30', 1.2]),
        ),
      },
    ],
  },
  {
    id: 'salt-marsh',
    title: 'Salt marsh',
    story: 'Cold wax paste worked into the paint, as much of it as of paint, on stretched linen.',
    layers: [
      { name: 'Mud', ago: 30, brush: painted([ochre, umber]) },
      {
        name: 'Wax',
        ago: null,
        brush: { ...startOf('wax'), paints: [white], ...stirredIn(['cold_wax_paste', 1]) },
      },
    ],
  },
  {
    id: 'kitchen-window',
    title: 'Kitchen window',
    story: 'The tube had gone stiff, so it was let down with olive oil out of the kitchen.',
    layers: [
      { name: 'Wall', ago: 25, brush: painted([white, ochre]) },
      { name: 'Window', ago: 3, brush: painted([white], stirredIn(['olive', 0.3])) },
    ],
  },
  {
    id: 'signal-box',
    title: 'Signal box',
    story:
      'Finished nine days ago in straight paint. The varnish stands ready, since it is to be fetched tomorrow.',
    layers: [
      { name: 'Underpainting', ago: 60, brush: wash() },
      { name: 'Body', ago: 9, brush: painted([white, umber], { wetThicknessUm: 90 }) },
      { name: 'Varnish', ago: null, inDays: 1, brush: startOf('varnish') },
    ],
  },
  {
    id: 'rowan',
    title: 'Rowan in one sitting',
    story: 'One sitting, wet in wet, straight from the tube, on linen. Nothing is to follow.',
    layers: [
      { name: 'All of it', ago: 12, brush: painted([white, ochre, ultramarine], { wetThicknessUm: 120 }) },
    ],
  },
  {
    id: 'slate-roofs',
    title: 'Slate roofs',
    story: 'A slow black that was a fortnight old, and the roofs over it in quick umber.',
    layers: [
      {
        name: 'Night',
        ago: 14,
        brush: painted([black], { wetThicknessUm: 100, ...stirredIn(['walnut', 0.2]) }),
      },
      { name: 'Roofs', ago: 0, brush: painted([umber]) },
    ],
  },
  {
    id: 'ferry-rail',
    title: 'At the ferry rail',
    story:
      'Three coats of the same glaze in stand oil, a day after one another, because it looked dry in the lamplight.',
    layers: [
      { name: 'Underpainting', ago: 120, brush: painted([white, black]) },
      { name: 'First glaze', ago: 3, brush: glaze(ultramarine, 0.4) },
      { name: 'Second glaze', ago: 2, brush: glaze(ultramarine, 0.4) },
      { name: 'Third glaze', ago: 1, brush: glaze(ultramarine, 0.4) },
    ],
  },
  {
    id: 'boatyard',
    title: 'Boatyard',
    story:
      'Lean, dry, and then richer: a turpentine wash, straight paint, and paint with a tenth of oil, each given its weeks.',
    layers: [
      { name: 'Wash', ago: 90, brush: wash(turpentine(1)) },
      { name: 'Hulls', ago: 75, brush: painted([umber, white]) },
      { name: 'Timber', ago: 40, brush: painted([ochre, white], stirredIn(['linseed_alkali_refined', 0.1])) },
    ],
  },
  {
    id: 'white-cloth',
    title: 'White cloth',
    story: 'Chalk was stirred into the white until it stood like butter cream, with no more oil to bind it.',
    layers: [
      { name: 'Drawing', ago: 30, brush: wash() },
      { name: 'Cloth', ago: 6, brush: painted([white], stirredIn(['chalk_whiting', 0.9])) },
    ],
  },
  {
    id: 'last-light',
    title: 'Last light',
    story: 'Body colour, eight months old and firm, and a thin veil of oil and a little white over the sky.',
    layers: [
      { name: 'Underpainting', ago: 280, brush: wash() },
      { name: 'Body', ago: 250, brush: painted([white, ultramarine]) },
      {
        name: 'Veil',
        ago: null,
        brush: { ...startOf('scumble'), paints: [white], ...stirredIn(['linseed_stand_oil', 0.25]) },
      },
    ],
  },
]

/** A picture to practise on, as it stands on a day. */
export interface StandingPiece {
  readonly id: string
  readonly title: string
  readonly story: string
  readonly painting: PaintingDocument
  readonly layers: readonly LayerDocument[]
}

export function standing(
  { id, title, story, painting = {}, layers }: ShippedPiece,
  today: number,
): StandingPiece {
  return {
    id,
    title,
    story,
    painting: blankPainting({ id, title, ...painting }),
    layers: layers.map(({ name, ago, inDays, brush }, position) => {
      const plannedOn = inDays === undefined ? null : dateOf(Math.floor(today) + inDays)
      const given = { id: `${id}-${position}`, paintingId: id, position, name, plannedOn }
      const layer = blankLayer({ ...given, ...brush })
      return ago === null ? layer : asPainted(layer, minuteAgo(ago, today))
    }),
  }
}
