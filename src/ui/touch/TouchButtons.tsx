import { useState } from 'react'
import { checkIds, checks, fingerWords } from '../../core/cure/checks.ts'
import type { CheckId, Finger } from '../../core/cure/checks.ts'
import { stateNames } from '../../core/cure/states.ts'

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
  if (isOpen) return <EveryCheck disabled={disabled} onFinger={tell} />
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
  const state = stateNames[checks[check].state]
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

/** Each check with how it is made, and its two answers. */
const EveryCheck = ({
  disabled,
  onFinger,
}: {
  readonly disabled: boolean
  readonly onFinger: (finger: Finger) => void
}) => (
  <ul aria-label="Every check" className="w-full">
    {checkIds.map((check) => (
      <li key={check} className="flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-rule py-2">
        <span className="min-w-0 grow basis-56">
          <span className="font-semibold">{checks[check].name}</span>
          <span className="block text-[0.85rem] text-soft">{checks[check].how}</span>
        </span>
        <span className="flex flex-wrap gap-2" role="group" aria-label={checks[check].name}>
          {[false, true].map((passed) => (
            <Answer
              key={String(passed)}
              finger={{ check, passed }}
              says={`${passed ? '' : 'not yet: '}${fingerWords({ check, passed })}`}
              disabled={disabled}
              onFinger={onFinger}
            />
          ))}
        </span>
      </li>
    ))}
  </ul>
)

const Answer = ({
  finger,
  says,
  disabled,
  onFinger,
}: {
  readonly finger: Finger
  readonly says: string
  readonly disabled: boolean
  readonly onFinger: (finger: Finger) => void
}) => (
  <button type="button" disabled={disabled} className="button min-h-11" onClick={() => onFinger(finger)}>
    <svg width="12" height="12" viewBox="0 0 12 12" aria-hidden="true">
      <circle
        cx="6"
        cy="6"
        r="4.6"
        fill={finger.passed ? 'currentColor' : 'none'}
        stroke="currentColor"
        strokeWidth="1.6"
      />
    </svg>
    {says}
  </button>
)
