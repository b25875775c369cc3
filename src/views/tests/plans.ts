import { wetUmFromUse } from '../../core/film/thickness.ts'
import type { SwatchTold } from '../../document/requests.ts'
import { newPaint } from '../stack/PaintLine.tsx'

/** A card and a dose that make 70 µm wet. */
export const usualDrawn = { ml: 0.42, areaCm2: 60 } as const

/** A swatch nothing is told of yet. */
export const newSwatch = (name: string): SwatchTold => ({
  id: crypto.randomUUID(),
  name,
  laid: {
    event: { kind: 'paint' },
    areas: [],
    paints: [newPaint],
    medium: null,
    thinner: null,
    besides: [],
    wetThicknessUm: wetUmFromUse(usualDrawn.ml, usualDrawn.areaCm2),
    ridgeWetUm: null,
  },
  drawn: usualDrawn,
  ground: null,
  placeId: 'studio',
  fingers: [],
  colours: [],
  note: '',
})

/** The same drawn down so: how thick it is follows. */
export const drawnAs = (swatch: SwatchTold, drawn: NonNullable<SwatchTold['drawn']>): SwatchTold => ({
  ...swatch,
  drawn,
  laid: { ...swatch.laid, wetThicknessUm: wetUmFromUse(drawn.ml, drawn.areaCm2) },
})
