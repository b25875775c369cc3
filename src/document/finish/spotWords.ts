import type { SpotResult } from '../spotTest.ts'

/** What came off on the cotton, without the schema it is stored by. */
export const spotWords: Readonly<Record<SpotResult, string>> = {
  nothing: 'nothing came',
  varnish: 'varnish came, clean',
  colour: 'colour came',
}
