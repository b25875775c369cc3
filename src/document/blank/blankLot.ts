import type { ShelfItem } from '../shelf.ts'

/** A lot of which nothing is known but what it is: all else goes by the book. */
export const blankLot = (
  lot: Pick<ShelfItem, 'id' | 'name' | 'base' | 'family'> & Partial<ShelfItem>,
): ShelfItem => ({
  densityGPerMl: null,
  nonVolatile: null,
  stays: {},
  hazards: [],
  iodine: null,
  rate: null,
  price: null,
  stockG: null,
  dropper: [],
  openedOn: null,
  note: '',
  ...lot,
})
