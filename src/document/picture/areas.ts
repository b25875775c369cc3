import { restId } from '../../core/stack/area.ts'
import { areasIn } from './picture.ts'
import type { Picture } from './picture.ts'
import type { AreaDocument } from '../studio.ts'

/** A part of a picture with a name of its own, not drawn yet. */
export const newArea = (name: string, id: string): AreaDocument => ({
  id,
  name,
  share: null,
  shapes: [],
  colour: null,
})

/** The parts of a picture that have a name, those that only layers name among them; what they leave over is none. */
export const namedAreasOf = (picture: Pick<Picture, 'painting' | 'layers'>): AreaDocument[] =>
  areasIn(picture)
    .filter(({ id }) => id !== restId)
    .map(({ id, name }) => picture.painting.areas.find((area) => area.id === id) ?? { ...newArea(name, id) })
