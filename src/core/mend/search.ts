import { gravity } from '../severity.ts'
import type { Severity, Verdict } from '../severity.ts'
import type { MendKind } from '../soundness/finding.ts'

/** A finding as far as mends compare it: what it is, of which layer by a name that outlives any change of order. */
export interface ComparedFinding {
  readonly rule: string
  readonly layerId: string
  readonly severity: Severity
  readonly message: string
}

export interface Judged {
  readonly verdict: Verdict
  readonly findings: readonly ComparedFinding[]
}

/** A change that might take a finding away; those of one kind are tried from the least on. */
export interface Attempt<Change> {
  readonly kind: MendKind
  readonly change: Change
  /** How far it goes within its kind, 0 nothing to about 10. */
  readonly effort: number
}

/** An attempt that does take it away, and makes nothing worse. */
export interface Found<Change, After extends Judged = Judged> extends Attempt<Change> {
  readonly after: After
  /** What is still unsound on that layer, in words; empty: it is mended. */
  readonly leaves: readonly string[]
  /** What was unsound is still watched. */
  readonly isEased: boolean
  readonly cost: number
}

/** What a kind of change costs before it goes far: what changes the paint least comes first, dates and order last. */
const startingCost: Readonly<Record<MendKind, number>> = {
  prepare: 0.5,
  medium: 1,
  'less-medium': 1,
  'less-thinner': 1,
  'medium-for-thinner': 1.2,
  'without-opaque': 1.2,
  allowed: 1.5,
  thicker: 1.5,
  'thinner-coat': 1.5,
  oil: 2,
  'paler-oil': 2,
  'without-zinc': 2,
  'without-medium': 2,
  'another-medium': 2.5,
  split: 3,
  wait: 4,
  order: 6,
  'leave-out': 9,
}

/**
 * Of each kind the first attempt that takes the finding away without making any other worse, cheapest first. One that
 * leaves nothing unsound on the layer is preferred to a mere step, and a step to one that only eases what is unsound.
 */
export function searchMends<Change, After extends Judged>(
  finding: Pick<ComparedFinding, 'rule' | 'layerId'>,
  before: Judged,
  kinds: readonly MendKind[],
  attemptsOf: (kind: MendKind) => Iterable<Attempt<Change>>,
  judged: (change: Change) => After | null,
): readonly Found<Change, After>[] {
  return kinds
    .flatMap((kind) => {
      let [step, easing]: (Found<Change, After> | null)[] = [null, null]
      for (const attempt of attemptsOf(kind)) {
        const after = judged(attempt.change)
        const outcome = after && outcomeFor(finding, before, after)
        if (!after || !outcome) continue
        const found = foundOf(finding, attempt, after, outcome === 'eased')
        if (found.isEased) easing ??= found
        else if (found.leaves.length > 0) step ??= found
        else return [found]
      }
      const best = step ?? easing
      return best ? [best] : []
    })
    .sort(
      (a, b) =>
        Number(isLastResort(a)) - Number(isLastResort(b)) || stepsShort(a) - stepsShort(b) || a.cost - b.cost,
    )
}

/** How far an answer stays from mending it all. */
const stepsShort = ({ leaves, isEased }: Pick<Found<unknown>, 'leaves' | 'isEased'>): number =>
  Number(leaves.length > 0) + Number(isEased)

const isLastResort = ({ kind }: Pick<Attempt<unknown>, 'kind'>): boolean => kind === 'leave-out'

function foundOf<Change, After extends Judged>(
  { layerId }: Pick<ComparedFinding, 'layerId'>,
  attempt: Attempt<Change>,
  after: After,
  isEased: boolean,
): Found<Change, After> {
  const leaves = after.findings
    .filter((one) => one.layerId === layerId && one.severity === 'unsound')
    .map(({ message }) => message)
  const cost = startingCost[attempt.kind] + attempt.effort
  return { ...attempt, after, leaves, isEased, cost }
}

type Compared = Pick<ComparedFinding, 'rule' | 'layerId'>
const isSame = (a: Compared, b: Compared): boolean => a.rule === b.rule && a.layerId === b.layerId

/** What an attempt makes of a finding: it is gone, only watched where it was unsound, or (null) no better or something else worse. */
function outcomeFor(finding: Compared, before: Judged, after: Judged): 'gone' | 'eased' | null {
  const worstOf = ({ findings }: Judged, of: Compared): number =>
    Math.max(0, ...findings.filter((one) => isSame(one, of)).map(({ severity }) => gravity[severity]))
  const isNoWorse = after.findings.every((one) => gravity[one.severity] <= worstOf(before, one))
  if (!isNoWorse) return null
  const left = worstOf(after, finding)
  return left === 0 ? 'gone' : left < worstOf(before, finding) ? 'eased' : null
}
