/** How sure a number is. */
export const sureness = ['sure', 'fairly', 'hardly'] as const
export type Sureness = (typeof sureness)[number]
