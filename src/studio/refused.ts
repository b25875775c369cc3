/** Asked of something that is not there, or cannot be done as things stand; the message says what to do. */
export class Refused extends Error {
  constructor(
    readonly code: 'not-found' | 'refused',
    message: string,
  ) {
    super(message)
  }
}

export const refused = (message: string): Refused => new Refused('refused', message)

export const gone = (what: string): Refused =>
  new Refused('not-found', `This ${what} is no longer there. Go back to the list and open it again.`)
