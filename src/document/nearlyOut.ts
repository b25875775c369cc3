import type { ShelfItem } from './shelf.ts'
import type { OwnTube } from './tube.ts'

/** What the painter has of a thing by name, where it is nearly out. */
export interface NearlyOut {
  readonly id: string
  readonly name: string
}

/** From here down a bottle or bag is told to be nearly out, g; and a tube, ml. */
const [leastG, leastMl] = [50, 5]

/** Nothing is told of what no count is kept of. */
export const bottleIsLow = ({ stockG }: Pick<ShelfItem, 'stockG'>): boolean =>
  stockG !== null && stockG <= leastG

export const tubeIsLow = ({ leftMl }: Pick<OwnTube, 'leftMl'>): boolean =>
  leftMl !== null && leftMl <= leastMl
