import { ruleTexts } from '../../../core/soundness/ruleTexts.ts'
import { complaintOf } from '../../../core/rescue/byRule.ts'
import type { AssessedFinding } from '../../../document/judging/assess.ts'
import type { EventKind } from '../../../core/stack/kinds.ts'
import type { LayerMend } from '../../../document/mend/mend.ts'
import type { StillPossible } from '../../../document/mend/stillPossible.ts'
import { dateText } from '../../../ui/format.ts'
import { Why } from '../../../ui/Why.tsx'
import { TakeOn } from './TakeOn.tsx'
import { Ways } from './Ways.tsx'

export interface MoreProps {
  readonly finding: AssessedFinding
  readonly isPainted: boolean
  /** Absent until they are looked up. */
  readonly mends: readonly LayerMend[] | undefined
  readonly paintingId: string
  /** What can still be done about it, once it is painted. */
  readonly stillPossible: readonly StillPossible[]
  readonly onEvent: (kind: EventKind, finding: AssessedFinding) => void
  readonly onMend: (mend: LayerMend) => void
  readonly onTakeOn: (finding: AssessedFinding, reason: string) => void
  readonly onTakeBack: (finding: AssessedFinding) => void
}

/** What can be done about a finding, and why it is one: its mends side by side, what is left once painted, taking it on. */
export function FindingMore(props: MoreProps) {
  const { finding, isPainted, mends, paintingId, onMend, onTakeOn, onTakeBack } = props
  const { title, reason, afterwards } = ruleTexts[finding.rule]!
  const why = (
    <Why
      reason={{
        title,
        formula: finding.message,
        figures: Object.values(finding.numbers),
        source: reason,
        section: 'soundness',
      }}
      label={`Why: ${title}`}
      className="not-printed"
    >
      Why
    </Why>
  )
  if (finding.takenOn)
    return (
      <>
        <span>
          Taken on {dateText(finding.takenOn.at.slice(0, 10))}
          {finding.takenOn.reason && `: ${finding.takenOn.reason.replace(/\.$/, '')}`}.
        </span>
        <button type="button" className="min-h-6 link" onClick={() => onTakeBack(finding)}>
          Take it back
        </button>
        {why}
      </>
    )
  return (
    <>
      {isPainted
        ? finding.severity !== 'note' && (
            <>
              <span>{afterwards}</span>
              <Still {...props} />
            </>
          )
        : mends && <Ways mends={mends} onMend={onMend} />}
      {why}
      {finding.severity !== 'note' && (
        <TakeOn title={title} onTakeOn={(because) => onTakeOn(finding, because)} />
      )}
      {finding.severity !== 'note' && (
        <a className="not-printed link" href={rescueOf(finding, paintingId)}>
          Rescue
        </a>
      )}
    </>
  )
}

/** Its rescue, under what a painter would call it where that is known. */
function rescueOf({ rule, layerId }: AssessedFinding, painting: string): string {
  const what = complaintOf(rule)
  return `/rescue?${new URLSearchParams({ ...(what && { what }), painting, layer: layerId }).toString()}`
}

/** Paint is taken off again only for what is unsound; it is oiled out, or waited with, for less. */
const isWorth =
  ({ severity }: AssessedFinding) =>
  ({ event }: StillPossible): boolean =>
    severity === 'unsound' || event === null || event === 'oil-out'

/** What can still be done on the picture, each added as something that happens to it. */
const Still = ({ finding, stillPossible, onEvent }: MoreProps) =>
  stillPossible.filter(isWorth(finding)).map(({ says, event }) => (
    <span key={says}>
      {says}.{' '}
      {event && (
        <button
          type="button"
          className="min-h-6 font-medium text-ink link"
          onClick={() => onEvent(event, finding)}
        >
          Do that
        </button>
      )}
    </span>
  ))
