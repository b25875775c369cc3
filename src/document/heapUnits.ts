/** What a heap is told in: a squeeze is one of its first tube. */
export const heapUnits = ['ml', 'g', 'squeeze'] as const
