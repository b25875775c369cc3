import { createHash, timingSafeEqual } from 'node:crypto'

/** The studio's passphrase, asked of every request where the server can be reached from other machines. */

const mostGuesses = 10
const pauseMs = 60_000

interface Guesses {
  readonly count: number
  readonly since: number
}

const wrong = new Map<string, Guesses>()

export type Entry = 'open' | 'wrong' | 'too-many'

/** Whether a caller may enter by what its `Authorization` header says. */
export const entryOf = (authorization: string | null, caller: string, now: number): Entry =>
  entryBy(authorization === null ? null : phraseIn(authorization), caller, now)

/** Whether a caller may enter by a phrase. After ten wrong guesses within a minute none is looked at until it is over. */
export function entryBy(typed: string | null, caller: string, now: number): Entry {
  const passphrase = process.env['GRELTA_PASSPHRASE']
  if (!passphrase) return 'open'
  const guesses = recent(caller, now)
  if (guesses.count >= mostGuesses) return 'too-many'
  if (typed !== null && isSame(typed, passphrase)) {
    wrong.delete(caller)
    return 'open'
  }
  // A first request brings no passphrase at all; that is no guess.
  if (typed !== null) {
    wrong.set(caller, { count: guesses.count + 1, since: guesses.since })
    if (guesses.count + 1 === mostGuesses)
      console.warn(`Ten wrong passphrases from ${caller}; no more are looked at for a minute.`)
  }
  return 'wrong'
}

function recent(caller: string, now: number): Guesses {
  const before = wrong.get(caller)
  return before && now - before.since < pauseMs ? before : { count: 0, since: now }
}

/** The phrase in a header of HTTP Basic, whatever the name before it. */
function phraseIn(authorization: string): string {
  const sent = /^basic (.+)$/i.exec(authorization)?.[1] ?? ''
  return Buffer.from(sent, 'base64').toString().split(':').slice(1).join(':')
}

/** Compared by their hashes, so that neither its length nor its letters can be told from the time it takes. */
const isSame = (typed: string, passphrase: string): boolean =>
  timingSafeEqual(hashOf(typed), hashOf(passphrase))

const hashOf = (text: string): Buffer => createHash('sha256').update(text).digest()
