import { clamp } from '../clamp.ts'

export interface Drinking {
  readonly suctionUm: number
  /** Volatile and water in the wet mix, by volume. */
  readonly volatileShare: number
  /** Binder, powder demand and dry film, all µm (= ml/m²). */
  readonly binderUm: number
  readonly demandUm: number
  readonly dryThicknessUm: number
  readonly binderRatio: number | null
}

export interface Drunk {
  readonly lossUm: number
  readonly binderRatioAfter: number | null
  /** Fraction of the binder that stays in the film. */
  readonly binderKept: number
  readonly suctionLeftUm: number
}

/** How hard a wet film is pulled at by what lies under it, µm: thin, solvent-rich paint is drained more easily. */
export const pullUm = (suctionUm: number, volatileShare: number): number =>
  suctionUm * (0.3 + 0.7 * Math.min(1, volatileShare / 0.5))

/**
 * What an absorbent layer below takes out of a wet film (model; science.md, Drinking).
 * Thin, solvent-rich paint is drained more easily; powder holds its last oil; a well-bound film seals what it covers.
 */
export function drink({
  suctionUm,
  volatileShare,
  binderUm,
  demandUm,
  dryThicknessUm,
  binderRatio,
}: Drinking): Drunk {
  const pull = pullUm(suctionUm, volatileShare)
  if (binderRatio === null) {
    const lossUm = Math.min(pull, binderUm)
    return {
      lossUm,
      binderRatioAfter: null,
      binderKept: binderUm > 0 ? (binderUm - lossUm) / binderUm : 0,
      suctionLeftUm: dryThicknessUm - lossUm > 0.5 ? 0 : suctionUm - lossUm,
    }
  }
  const floor = 1 - 0.4 * clamp((volatileShare - 0.4) / 0.45, 0, 1)
  const lossUm = binderRatio > 0 ? Math.min(pull, binderUm * Math.max(0, 1 - floor / binderRatio)) : 0
  const binderKept = binderUm > 0 ? (binderUm - lossUm) / binderUm : 0
  const after = binderRatio * binderKept
  return {
    lossUm,
    binderRatioAfter: after,
    binderKept,
    suctionLeftUm:
      (suctionUm - lossUm) * clamp((1.05 - after) / 0.25, 0, 1) + Math.max(0, 1 - after) * demandUm,
  }
}
