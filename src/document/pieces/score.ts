import type { Exercise } from './piece.ts'
import { faultReasons } from './reasons.ts'
import type { ReasonId } from './reasons.ts'

/** How practising goes: what was seen, what was missed, and what was said that was not there. */

export interface ReasonScore {
  readonly reason: ReasonId
  /** How often it was there, and how often of these it was not seen. */
  readonly there: number
  readonly missed: number
  /** How often it was said where it was not. */
  readonly imagined: number
}

export interface Score {
  readonly looked: number
  /** With the program's own verdict. */
  readonly right: number
  /** Each reason that was ever there or said: the most missed first. */
  readonly reasons: readonly ReasonScore[]
}

export function scoreOf(exercises: readonly Exercise[]): Score {
  const reasons = faultReasons
    .map(({ id }) => scoreOfReason(id, exercises))
    .filter(({ there, imagined }) => there + imagined > 0)
    .toSorted((a, b) => shareMissed(b) - shareMissed(a) || b.missed - a.missed)
  const right = exercises.filter(({ said, found }) => said === found).length
  return { looked: exercises.length, right, reasons }
}

function scoreOfReason(reason: ReasonId, exercises: readonly Exercise[]): ReasonScore {
  const there = exercises.filter(({ reasons }) => reasons.includes(reason))
  const said = exercises.filter(({ why }) => why.includes(reason))
  const seen = there.filter((one) => said.includes(one)).length
  return { reason, there: there.length, missed: there.length - seen, imagined: said.length - seen }
}

const shareMissed = ({ missed, there }: ReasonScore): number => (there === 0 ? 0 : missed / there)

/** What is known of a piece beforehand: what is wrong with it. */
export interface KnownPiece {
  readonly id: string
  readonly reasons: readonly ReasonId[]
}

/**
 * The piece to look at next: one like what was missed the last time it was there, if there is another; else one not seen
 * yet; else the one seen longest ago.
 * @param exercises oldest first
 */
export function nextPiece(pieces: readonly KnownPiece[], exercises: readonly Exercise[]): string | null {
  const lastSeen = (id: string): number => exercises.findLastIndex(({ pieceId }) => pieceId === id)
  const last = exercises.at(-1)
  const missed = last ? last.reasons.filter((reason) => !last.why.includes(reason)) : []
  const others = pieces.filter(({ id }) => id !== last?.pieceId)
  const like = others.filter(({ reasons }) => reasons.some((reason) => missed.includes(reason)))
  const from = like.some(({ id }) => lastSeen(id) < 0) ? like : others
  return from.toSorted((a, b) => lastSeen(a.id) - lastSeen(b.id))[0]?.id ?? null
}
