import type { Until } from '../../core/plan/step.ts'
import type { AreaSolve } from '../../core/soundness/lay.ts'

/** What the solver found for one area of a picture; kept until the next solve. */
export interface SolvedArea extends AreaSolve {
  readonly area: string
  /** The layers that lie there, bottom first. */
  readonly layerIds: readonly string[]
}

/** A picture solved: every area, and what each undated layer has to wait for. */
export interface SolvedPicture {
  readonly areas: readonly SolvedArea[]
  readonly untils: Readonly<Record<string, Until>>
}

export const unsolved: SolvedPicture = { areas: [], untils: {} }
