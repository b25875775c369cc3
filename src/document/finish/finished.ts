import { practiceOf } from '../../core/practice/shipped.ts'
import { practiceDocumentOf } from '../practiceDocument.ts'
import type { StoredPractice } from '../practiceDocument.ts'
import type { PaintingDocument, WorkState } from '../studio.ts'

/** From then on a picture is judged as it was when it was finished, whatever becomes of its practice. */
const isDone = (state: WorkState): boolean => state === 'finished' || state === 'gone'

type Kept = Pick<PaintingDocument, 'state' | 'practice' | 'keptPractice'>

/** A picture in another state, or with another practice: finished, it keeps its practice as it is now. */
export function withPracticeKept(
  before: Kept,
  change: Partial<Pick<Kept, 'state' | 'practice'>>,
  practices: readonly StoredPractice[],
): Partial<Kept> {
  const after = { ...before, ...change }
  if (!isDone(after.state)) return { ...change, keptPractice: null }
  if (isDone(before.state) && after.practice === before.practice) return change
  return { ...change, keptPractice: practiceDocumentOf(practiceOf(after.practice, practices)) }
}
