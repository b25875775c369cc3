import { undatedBecause } from '../../core/plan/forward.ts'
import type { StepDate } from '../../core/plan/forward.ts'
import type { Assessment } from '../../document/assess.ts'
import type { LayerMend } from '../../document/mend.ts'
import type { Picture } from '../../document/picture.ts'
import { dayText } from '../../ui/format.ts'
import { VerdictMark, verdictColour, verdictWords } from '../../ui/Verdict.tsx'
import { FindingWhy, afterwardsOf, leftText, mendText } from './Findings.tsx'

interface TopLineProps {
  readonly picture: Picture
  readonly assessment: Assessment
  readonly mends: readonly (LayerMend | null)[] | null
  readonly onMend: (mend: LayerMend) => void
}

/** The answer a painter came for: is it sound, and if not what is the smallest change that makes it so. */
export function TopLine({ picture, assessment, mends, onMend }: TopLineProps) {
  const { verdict, findings } = assessment
  if (picture.layers.length === 0) return <div />
  const worst = findings.find(({ severity }) => severity === verdict)
  const at = worst ? findings.indexOf(worst) : -1
  const mend = at >= 0 ? (mends?.[at] ?? null) : null
  const mayBeMended = worst !== undefined && !picture.layers[worst.layer]!.painted
  const next = picture.layers.findIndex(({ painted }) => !painted)
  const date = assessment.layers[next]?.date
  return (
    <div
      className={`border-l-[3px] pl-4 ${{ sound: 'border-sound', watch: 'border-watch', unsound: 'border-unsound' }[verdict]}`}
      aria-live="polite"
    >
      <p className="font-read text-[1.2rem] leading-snug">
        <span className={`mr-1.5 whitespace-nowrap ${verdictColour(verdict)}`}>
          <VerdictMark verdict={verdict} size={17} /> {verdictWords[verdict]}.
        </span>
        {worst ? worst.message : 'Every layer is sound over what lies under it.'}
      </p>
      <p
        className={`mt-1 leading-relaxed text-soft [&>*]:mr-3 ${mayBeMended ? 'min-h-13 lg:min-h-[4.9rem]' : 'lg:min-h-13'}`}
      >
        {mend && (
          <span>
            {mendText(mend, picture)}.{' '}
            <button type="button" className="min-h-6 font-medium text-ink link" onClick={() => onMend(mend)}>
              Do that
            </button>{' '}
            {leftText(mend)}
          </span>
        )}
        {worst && picture.layers[worst.layer]!.painted && <span>{afterwardsOf(worst)}</span>}
        {worst && <FindingWhy finding={worst} />}
        {date && (
          <span>
            Next: {picture.layers[next]!.name}, {nextText(date, picture.today)}
          </span>
        )}
      </p>
    </div>
  )
}

/** When the next layer may go on; where the judge asks for more than the gate, both days. */
function nextText({ source, day, gateDay }: StepDate, today: number): string {
  if (source === 'unknown' || source === 'unsound') return `no date: ${undatedBecause[source]}`
  if (source === 'planned') return `planned for ${dayText(day)}`
  const from = Math.floor(day) <= Math.floor(today) ? 'from today' : `from ${dayText(day)}`
  if (gateDay === null) return from
  const ready = Math.floor(gateDay) <= Math.floor(today) ? 'today' : `about ${dayText(gateDay)}`
  return `dry enough ${ready}, but unsound before ${dayText(day)}`
}
