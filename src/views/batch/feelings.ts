import type { Feeling } from '../../document/batch.ts'

/** The five scales in a painter's words. */
export const feelingWords: Readonly<Record<Feeling, string>> = {
  viscosity: 'thick',
  tack: 'tacky',
  string: 'stringy',
  spike: 'stands up',
  levelling: 'levels',
}
export const feelings = Object.keys(feelingWords) as readonly Feeling[]
