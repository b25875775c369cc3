import { undatedBecause } from '../../core/plan/forward.ts'
import type { StepDate } from '../../core/plan/forward.ts'
import type { AssessedFinding, Assessment } from '../../document/judging/assess.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { dayText } from '../../ui/format.ts'
import { VerdictMark, verdictColour, verdictWords } from '../../ui/Verdict.tsx'
import { gravestOf } from '../../document/judging/assess.ts'
import type { FindingDeeds } from './Findings.tsx'
import { More } from './Findings.tsx'
import type { MendsFound } from './useSolve.ts'

interface TopLineProps {
  readonly picture: Picture
  readonly assessment: Assessment
  readonly mends: MendsFound
  readonly deeds: FindingDeeds
}

/** The answer a painter came for: is it sound, and if not what is the smallest change that makes it so. */
export function TopLine({ picture, assessment, mends, deeds }: TopLineProps) {
  const { verdict, findings } = assessment
  if (picture.layers.length === 0) return <div />
  const worst = gravestOf(assessment)
  const takenOn = findings.filter((finding) => finding.takenOn !== null).length
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
        {worst ? worst.message : soundText(takenOn)}
      </p>
      <p className={`mt-1 leading-relaxed text-soft [&>*]:mr-3 ${roomFor(worst, mayBeMended)}`}>
        {worst && (
          <More finding={worst} mends={mends.get(findings.indexOf(worst))} picture={picture} deeds={deeds} />
        )}
        {date && (
          <span>
            Next: {picture.layers[next]!.name}, {nextText(date, picture.today)}
          </span>
        )}
      </p>
    </div>
  )
}

/** The place kept for what comes once the page answers, so that nothing moves then. */
const roomFor = (worst: AssessedFinding | undefined, mayBeMended: boolean): string =>
  mayBeMended
    ? 'min-h-13 lg:min-h-[4.9rem]'
    : worst?.severity === 'unsound'
      ? 'min-h-[4.9rem] lg:min-h-[6.5rem]'
      : worst
        ? 'min-h-13 lg:min-h-[4.9rem]'
        : 'lg:min-h-13'

const soundText = (takenOn: number): string =>
  takenOn === 0
    ? 'Every layer is sound over what lies under it.'
    : `Sound, but for ${takenOn === 1 ? 'one thing' : `${takenOn} things`} taken on knowingly.`

/** When the next layer may go on; where the judge asks for more than the gate, both days. */
function nextText({ source, day, gateDay }: StepDate, today: number): string {
  if (source === 'unknown' || source === 'unsound') return `no date: ${undatedBecause[source]}`
  if (source === 'planned') return `planned for ${dayText(day)}`
  const from = Math.floor(day) <= Math.floor(today) ? 'from today' : `from ${dayText(day)}`
  if (gateDay === null) return from
  const ready = Math.floor(gateDay) <= Math.floor(today) ? 'today' : `about ${dayText(gateDay)}`
  return `dry enough ${ready}, but unsound before ${dayText(day)}`
}
