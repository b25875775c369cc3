import { useState } from 'react'
import type { Feel } from '../document/studio.ts'

/** How a layer feels: four answers, one tap. */
export const feelNames: Readonly<Record<Feel, string>> = {
  wet: 'wet: comes off',
  tacky: 'tacky',
  touch: 'touch dry',
  firm: 'firm: a nail leaves no mark',
}

interface TouchProps {
  /** Feels that hardly a film of this age has yet: asked about before they are told. */
  readonly doubtful: readonly Feel[]
  readonly onFeel: (feel: Feel) => void
  readonly disabled?: boolean
}

export function TouchButtons({ doubtful, onFeel, disabled = false }: TouchProps) {
  const [asked, setAsked] = useState<Feel | null>(null)
  if (asked)
    return (
      <div role="group" aria-label="Are you sure?" className="max-w-[34rem]">
        <p role="alert" className="text-[0.95rem]">
          {asked === 'firm' ? 'Firm' : 'Touch dry'} already? Hardly one film in a hundred like it is, so soon.
          Touch it again at its thickest spot.
        </p>
        <div className="mt-2 flex flex-wrap gap-2">
          <button type="button" className="button min-h-11" onClick={() => setAsked(null)}>
            It is not yet
          </button>
          <button type="button" disabled={disabled} className="button min-h-11" onClick={() => onFeel(asked)}>
            It is: write it down
          </button>
        </div>
      </div>
    )
  return (
    <div className="flex flex-wrap gap-2" role="group" aria-label="How does it feel?">
      {(Object.keys(feelNames) as Feel[]).map((feel) => (
        <button
          key={feel}
          type="button"
          disabled={disabled}
          className="button min-h-11"
          onClick={() => (doubtful.includes(feel) ? setAsked(feel) : onFeel(feel))}
        >
          <svg width="12" height="12" viewBox="0 0 12 12" aria-hidden="true">
            <circle
              cx="6"
              cy="6"
              r="4.6"
              fill={feel === 'wet' || feel === 'tacky' ? 'none' : 'currentColor'}
              stroke="currentColor"
              strokeWidth="1.6"
            />
          </svg>
          {feelNames[feel]}
        </button>
      ))}
    </div>
  )
}
