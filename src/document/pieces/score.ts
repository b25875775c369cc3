import type { Exercise } from './piece.ts'
import { faultReasons } from './reasons.ts'
import type { ReasonId } from './reasons.ts'

/** How practising goes: what was seen and what was missed. */

export interface Score {
  readonly looked: number
  /** With the program's own verdict. */
  readonly right: number
  /** Of each reason that was ever there: how often, and how often it was not seen; most missed first. */
  readonly missed: readonly { readonly reason: ReasonId; readonly missed: number; readonly of: number }[]
}

export function scoreOf(exercises: readonly Exercise[]): Score {
  const missed = faultReasons
    .map(({ id: reason }) => {
      const there = exercises.filter(({ reasons }) => reasons.includes(reason))
      return { reason, of: there.length, missed: there.filter(({ why }) => !why.includes(reason)).length }
    })
    .filter(({ of }) => of > 0)
    .sort((a, b) => b.missed / b.of - a.missed / a.of || b.missed - a.missed)
  const right = exercises.filter(({ said, found }) => said === found).length
  return { looked: exercises.length, right, missed }
}

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
