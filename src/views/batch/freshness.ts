import type { Freshness } from '../../core/batch/keeping.ts'
import type { Verdict } from '../../core/severity.ts'

/** How fresh a batch is, as a verdict. */
export const freshnessMarks: Readonly<Record<Freshness, Verdict>> = {
  fresh: 'sound',
  watch: 'watch',
  past: 'unsound',
}
