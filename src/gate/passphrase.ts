import { timingSafeEqual } from 'node:crypto'

/** The studio's passphrase, asked of every request where the server can be reached from other machines. */

const mostGuesses = 10
const pauseMs = 60_000

interface Guesses {
  readonly count: number
  readonly since: number
}

const wrong = new Map<string, Guesses>()

export type Entry = 'open' | 'wrong' | 'too-many'

/** Whether a caller may enter. After ten wrong guesses within a minute none is looked at until the minute is over. */
export function entryOf(authorization: string | null, caller: string, now: number): Entry {
  const passphrase = process.env['GRELTA_PASSPHRASE']
  if (!passphrase) return 'open'
  const guesses = recent(caller, now)
  if (guesses.count >= mostGuesses) return 'too-many'
  if (matches(authorization, passphrase)) {
    wrong.delete(caller)
    return 'open'
  }
  // A browser's first request brings no passphrase at all; that is no guess.
  if (authorization !== null) {
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

function matches(authorization: string | null, passphrase: string): boolean {
  const sent = /^basic (.+)$/i.exec(authorization ?? '')?.[1] ?? ''
  const typed = Buffer.from(sent, 'base64').toString().split(':').slice(1).join(':')
  const [a, b] = [Buffer.from(typed), Buffer.from(passphrase)]
  return a.length === b.length && timingSafeEqual(a, b)
}
