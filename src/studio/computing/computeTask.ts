import type { LearnRequest, MendRequest, PlanRequest, SoundnessRequest } from '../../document/compute.ts'
import type { DesignRequest } from '../../document/design.ts'
import { computeCure, computeMismatch, designAnswer } from './compute.ts'
import { learnAnswer } from './learnAnswer.ts'
import { mendAnswer } from './mend.ts'
import { planAnswer } from './planAnswer.ts'
import { computeSoundness } from './soundness.ts'

/** A computation by its path, with a body of its shape. */
export type ComputeTask =
  | { readonly what: 'cure'; readonly body: Parameters<typeof computeCure>[0] }
  | { readonly what: 'mismatch'; readonly body: Parameters<typeof computeMismatch>[0] }
  | { readonly what: 'soundness'; readonly body: SoundnessRequest }
  | { readonly what: 'mend'; readonly body: MendRequest }
  | { readonly what: 'learn'; readonly body: LearnRequest }
  | { readonly what: 'plan'; readonly body: PlanRequest }
  | { readonly what: 'design'; readonly body: DesignRequest }

/** The slow computations, as a worker runs them. */
export function compute(task: ComputeTask): unknown {
  switch (task.what) {
    case 'cure':
      return computeCure(task.body)
    case 'mismatch':
      return computeMismatch(task.body)
    case 'soundness':
      return computeSoundness(task.body)
    case 'mend':
      return mendAnswer(task.body)
    case 'learn':
      return learnAnswer(task.body)
    case 'plan':
      return planAnswer(task.body)
    case 'design':
      return designAnswer(task.body)
  }
}
