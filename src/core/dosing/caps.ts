import type { Practice } from '../practice/practice.ts'
import type { Cap } from './dose.ts'

/** The practice's limits on resin, wax and their sum, where each begins to be watched; of the organic binder by mass. */
export const practiceCaps = (
  { limits: { resin, wax, resinAndWax, waxOnFlexible } }: Practice,
  onCloth = false,
): readonly Cap[] => [
  { what: 'resin', of: 'binder-mass', most: resin.watch },
  { what: 'wax', of: 'binder-mass', most: (onCloth ? waxOnFlexible : wax).watch },
  { what: 'solubles', of: 'binder-mass', most: resinAndWax.watch },
]
