import type { FingerDocument } from '../finger.ts'

/** A hand on a film of which nothing is told but what is given. */
export const blankFinger = (
  given: Pick<FingerDocument, 'id' | 'at' | 'check' | 'passed'> & Partial<FingerDocument>,
): FingerDocument => ({ where: '', photo: null, counts: true, note: '', ...given })
