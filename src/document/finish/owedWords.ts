import type { Owed, OwedWay } from '../owed.ts'

/* Read off an agreement without its schema. */

/** How a picture comes by its varnish once it has left. */
export const owedWayNames: Readonly<Record<OwedWay, string>> = {
  return: 'it comes back to the studio',
  visit: 'the painter visits it',
  colleague: 'a colleague does it there',
  owner: 'its owner does it',
}

export const payNames: Readonly<Record<NonNullable<Owed['pays']>, string>> = {
  painter: 'the painter pays',
  owner: 'the owner pays',
  shared: 'it is shared',
}

/** An agreement nobody has written anything of yet. */
export const blankOwed = (due: string, varnish: string): Owed => ({
  way: 'visit',
  due,
  varnish,
  coats: 1,
  pays: null,
  by: '',
  owner: '',
  address: '',
  note: '',
  doneOn: null,
})
