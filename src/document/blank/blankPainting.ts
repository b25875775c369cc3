import type { PaintingDocument } from '../studio.ts'

/** A painting of which nothing is known yet but what is given. */
export const blankPainting = (
  given: Pick<PaintingDocument, 'id' | 'title'> & Partial<PaintingDocument>,
): PaintingDocument => ({
  widthCm: null,
  heightCm: null,
  support: 'linen_stretched',
  ground: 'acrylic_dispersion_ground',
  groundOn: null,
  old: null,
  practice: 'oil-led',
  keptPractice: null,
  departures: [],
  areas: [],
  dates: [],
  state: 'in-work',
  client: '',
  place: '',
  photos: [],
  moves: [],
  mapPhoto: null,
  patches: [],
  owed: null,
  spotTests: [],
  habitsOff: [],
  note: '',
  ...given,
})
