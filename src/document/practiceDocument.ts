import type { Practice } from '../core/practice/practice.ts'
import { isShipped } from '../core/practice/shipped.ts'
import type { PracticeDocument } from './practice.ts'

/** A practice, shipped or as a studio keeps it. */
export type StoredPractice = Practice &
  Partial<Pick<PracticeDocument, 'provenance' | 'basedOn'>> & { readonly revision?: number }

/** A practice as it is stored, without its revision. */
export const practiceDocumentOf = ({
  revision: _revision,
  provenance = {},
  basedOn = null,
  ...practice
}: StoredPractice): PracticeDocument => ({ ...practice, provenance, basedOn })

/** Another one to begin with what this one says; it remembers the school it comes from. */
export const begunFrom = (practice: StoredPractice, id: string): PracticeDocument => ({
  ...practiceDocumentOf(practice),
  id,
  name: `My ${practice.name}`.slice(0, 120),
  basedOn: isShipped(practice.id) ? practice.id : (practice.basedOn ?? null),
})
