import { planOf } from '../../src/document/brush.ts'
import type { Batch } from '../../src/document/batch.ts'
import type { MediumDocument } from '../../src/document/recipe.ts'
import type { ShelfItem } from '../../src/document/shelf.ts'
import { blankLayer } from '../../src/document/blank/blankLayer.ts'
import { blankPainting } from '../../src/document/blank/blankPainting.ts'
import { blankLot } from '../../src/document/blank/blankLot.ts'
import { blankTube } from '../../src/document/blank/blankTube.ts'
import type { OwnTube } from '../../src/document/tube.ts'
import type { LayerDocument, Painted } from '../../src/document/layer.ts'
import { blankFinger } from '../../src/document/blank/blankFinger.ts'
import type { Finger } from '../../src/core/cure/checks.ts'
import { dayOf } from '../../src/core/plan/calendar.ts'
import type { Picture } from '../../src/document/picture/picture.ts'
import { defaultSettings } from '../../src/document/studio.ts'
import type { PaintingDocument, TouchTest } from '../../src/document/studio.ts'

/** Plain things to test with; what matters to a test is said there. */

export const medium = (id: string, rest: Partial<MediumDocument> = {}): MediumDocument => ({
  id,
  name: `Medium ${id}`,
  recipe: { lines: [{ material: 'walnut', amount: 10, unit: 'ml' }] },
  note: '',
  ...rest,
})

export const painting = (id: string, rest: Partial<PaintingDocument> = {}): PaintingDocument =>
  blankPainting({
    id,
    title: `Painting ${id}`,
    widthCm: 30,
    heightCm: 40,
    support: 'plywood',
    ground: null,
    ...rest,
  })

/** A picture to be judged, in a room of 20 °C. */
export const picture = (layers: readonly LayerDocument[], rest: Partial<Picture> = {}): Picture => ({
  painting: painting('p'),
  layers,
  touchTests: [],
  mediums: [],
  shelf: [],
  practices: [],
  settings: defaultSettings,
  today: dayOf('2026-11-24')! + 0.4,
  ...rest,
})

export const layer = (
  id: string,
  paintingId: string,
  position: number,
  rest: Partial<LayerDocument> = {},
): LayerDocument =>
  blankLayer({
    id,
    paintingId,
    position,
    name: `Layer ${id}`,
    paints: [{ pigments: [{ pigment: 'pw1', share: 1 }], oil: 'walnut', parts: 1 }],
    wetThicknessUm: 60,
    ...rest,
  })

/** The same layer painted at that minute, with this medium in it if any. */
export function paintedAt(at: string, plan: LayerDocument, used: Painted['used'] = null): LayerDocument {
  return { ...plan, plannedOn: null, painted: { at, ...planOf(plan), used, materials: [] } }
}

/** A hand on a layer. */
export const touched = (layerId: string, at: string, finger: Finger): TouchTest => ({
  ...blankFinger({ ...finger, id: 't', at }),
  layerId,
})

export const lot = (id: string, rest: Partial<ShelfItem> = {}): ShelfItem =>
  blankLot({ id, name: `Lot ${id}`, base: 'walnut', family: 'oil', ...rest })

export const emptyBatch = (id: string, rest: Partial<Batch> = {}): Batch => ({
  id,
  name: `Batch ${id}`,
  number: 1,
  mediumId: null,
  parentId: null,
  targets: [],
  drops: [],
  dropper: [],
  pours: [],
  jarMl: null,
  loss: 0.05,
  keptCold: false,
  doneSteps: [],
  leftOut: [],
  madeOn: null,
  taken: [],
  looks: [],
  feel: { viscosity: null, tack: null, string: null, spike: null, levelling: null },
  photo: null,
  materials: [],
  note: '',
  ...rest,
})

export const tube = (id: string, rest: Partial<OwnTube> = {}): OwnTube =>
  blankTube({ id, name: `Tube ${id}`, pigments: [{ pigment: 'pb29', share: 1 }], ...rest })
