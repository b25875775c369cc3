import type { LayerDocument } from '../layer.ts'

/** A layer of plain paint of which nothing is told yet but what is given. */
export const blankLayer = (
  given: Pick<LayerDocument, 'id' | 'paintingId' | 'position' | 'name'> & Partial<LayerDocument>,
): LayerDocument => ({
  event: { kind: 'paint' },
  areas: [],
  paints: [],
  medium: null,
  thinner: null,
  besides: [],
  wetThicknessUm: 70,
  ridgeWetUm: null,
  wetInWet: false,
  pass: false,
  prepared: null,
  plannedOn: null,
  hours: null,
  swatch: null,
  palette: null,
  mixed: [],
  painted: null,
  corrections: [],
  brushSet: null,
  note: '',
  ...given,
})
