import { atom } from 'nanostores'

/** How many fields on the page show something that cannot be taken as typed: until mended, it is not saved. */
export const faultyFields = atom(0)

export const countFault = (by: 1 | -1): void => faultyFields.set(Math.max(0, faultyFields.get() + by))
