import { useEffect, useMemo, useRef, useState } from 'react'
import type { Verdict } from '../../core/severity.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { listed } from '../../core/words.ts'
import { assess } from '../../document/judging/assess.ts'
import { paintedAtOf } from '../../document/brush.ts'
import { faultReasons, reasonsOf } from '../../document/pieces/reasons.ts'
import type { ReasonId } from '../../document/pieces/reasons.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { unsolved } from '../../document/picture/solved.ts'
import { VerdictMark, verdictColour, verdictWords } from '../../ui/Verdict.tsx'
import { OnDay } from '../stack/OnDay.tsx'
import { StillDrawing } from '../stack/StillDrawing.tsx'
import { useLiving } from '../stack/useLiving.ts'
import { useSolve } from '../stack/useSolve.ts'
import type { PieceShown, Said } from './Piece.tsx'

interface Props {
  readonly piece: PieceShown
  readonly said: Verdict
  readonly why: readonly ReasonId[]
  readonly onFound: (said: Said) => void
  readonly onNext: () => void
}

const nameOf = (id: ReasonId): string => faultReasons.find((one) => one.id === id)!.name

/** How far the section can be looked at, days ahead. */
const aheadDays = 400

/** What the program finds in a piece, beside what was said of it, and the section through time. */
export function Reveal({ piece: { picture }, said, why, onFound, onNext }: Props) {
  const { solved, isRefining } = useSolve(picture, unsolved)
  const find = useMemo(() => findInStudio(picture.shelf), [picture.shelf])
  const assessment = useMemo(() => assess(picture, find, solved), [picture, find, solved])
  const [onDay, setOnDay] = useState<number | null>(null)
  const first = picture.layers.map(paintedAtOf).find((at) => at !== null)
  const span = [first ? dayOf(first)! : picture.today, Math.floor(picture.today) + aheadDays] as const
  const living = useLiving(picture, solved, span, onDay !== null)
  const findings = assessment.findings.filter(({ severity }) => severity !== 'note')
  const reasons = reasonsOf(findings)
  const { verdict } = assessment
  const isTold = useRef(false)
  useEffect(() => {
    if (isRefining || isTold.current) return
    isTold.current = true
    onFound({ said, why: [...why], found: verdict, reasons: [...reasons] })
  })
  if (isRefining) return <h1 className="text-[2.2rem] leading-tight">One moment …</h1>
  return (
    <>
      <h1 className="text-[2.2rem] leading-tight" aria-live="polite">
        <span className={verdictColour(verdict)}>
          <VerdictMark verdict={verdict} size={26} /> {verdictWords[verdict]}
        </span>
        {verdict === said ? ', as you said.' : `; you said ${verdictWords[said].toLowerCase()}.`}
      </h1>
      <p className="mt-1 max-w-[56rem] text-[1.05rem]">{comparison(why, reasons)}</p>
      {findings.length > 0 && (
        <ul aria-label="What is found" className="mt-3 max-w-[62rem]">
          {findings.map(({ rule, layerId, severity, message }, at) => (
            <li key={`${rule} ${layerId} ${at}`} className="border-t border-rule py-1.5">
              <VerdictMark verdict={severity === 'unsound' ? 'unsound' : 'watch'} size={13} /> {message}
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3">
        <button type="button" className="button button-ink min-h-12" onClick={onNext}>
          The next one
        </button>
      </p>
      <StillDrawing
        picture={picture}
        assessment={assessment}
        day={onDay ?? picture.today}
        living={living}
        handle={
          <OnDay
            picture={picture}
            assessment={assessment}
            span={span}
            day={onDay ?? picture.today}
            isComing={living === null}
            onDay={setOnDay}
          />
        }
      />
    </>
  )
}

/** What was seen, what was missed, and what was said and is not there. */
function comparison(why: readonly ReasonId[], reasons: readonly ReasonId[]): string {
  const names = (ids: readonly ReasonId[]): string => listed(ids.map(nameOf))
  const seen = reasons.filter((reason) => why.includes(reason))
  const missed = reasons.filter((reason) => !why.includes(reason))
  const wrong = why.filter((reason) => !reasons.includes(reason))
  const parts = [
    seen.length > 0 && `You saw: ${names(seen)}.`,
    missed.length > 0 && `Not said: ${names(missed)}.`,
    wrong.length > 0 && `Said, and not there: ${names(wrong)}.`,
    reasons.length === 0 && why.length === 0 && 'Nothing in it speaks against anything else in it.',
  ]
  return parts.filter(Boolean).join(' ')
}
