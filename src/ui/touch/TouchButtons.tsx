import { useState } from 'react'
import { stateOfCheck } from '../../core/cure/checks.ts'
import type { CheckId, Finger } from '../../core/cure/checks.ts'
import { stateNames } from '../../core/cure/states.ts'
import { later, useLater } from '../useLater.ts'
import { Answer } from './Answer.tsx'

const every = later(() => import('./EveryCheck.tsx').then(({ EveryCheck }) => EveryCheck))

/** What is told most: one tap. */
const quick: readonly (Finger & { readonly says: string })[] = [
  { check: 'smudge', passed: false, says: 'wet: comes off' },
  { check: 'touch', passed: false, says: 'tacky' },
  { check: 'touch', passed: true, says: 'touch dry' },
  { check: 'fingernail', passed: true, says: 'firm: a nail leaves no mark' },
]

interface TouchProps {
  /** Checks that hardly a film of this age passes yet: asked about before a pass is told. */
  readonly doubtful: readonly CheckId[]
  readonly onFinger: (finger: Finger) => void
  readonly disabled?: boolean
  /** Every check is offered at once, where there is room for it. */
  readonly all?: boolean
}

/** How a film feels: four answers in one tap, every check in two. */
export function TouchButtons({ doubtful, onFinger, disabled = false, all = false }: TouchProps) {
  const [asked, setAsked] = useState<Finger | null>(null)
  const [isOpen, setOpen] = useState(all)
  const EveryCheck = useLater(every)
  const tell = (finger: Finger): void =>
    finger.passed && doubtful.includes(finger.check) ? setAsked(finger) : onFinger(finger)
  if (asked)
    return (
      <AreYouSure
        finger={asked}
        disabled={disabled}
        onNo={() => setAsked(null)}
        onYes={() => onFinger(asked)}
      />
    )
  if (isOpen) return EveryCheck && <EveryCheck disabled={disabled} onFinger={tell} />
  return (
    <div className="flex flex-wrap gap-2" role="group" aria-label="How does it feel?">
      {quick.map(({ says, ...finger }) => (
        <Answer key={says} finger={finger} says={says} disabled={disabled} onFinger={tell} />
      ))}
      <button type="button" disabled={disabled} className="button min-h-11" onClick={() => setOpen(true)}>
        Another check
      </button>
    </div>
  )
}

function AreYouSure({
  finger: { check },
  disabled,
  onNo,
  onYes,
}: {
  readonly finger: Finger
  readonly disabled: boolean
  readonly onNo: () => void
  readonly onYes: () => void
}) {
  const state = stateNames[stateOfCheck[check]]
  return (
    <div role="group" aria-label="Are you sure?" className="max-w-[34rem]">
      <p role="alert" className="text-[0.95rem]">
        {state[0]!.toUpperCase() + state.slice(1)} already? Hardly one film in a hundred like it is, so soon.
        Touch it again at its thickest spot.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="button min-h-11" onClick={onNo}>
          It is not yet
        </button>
        <button type="button" disabled={disabled} className="button min-h-11" onClick={onYes}>
          It is: write it down
        </button>
      </div>
    </div>
  )
}
