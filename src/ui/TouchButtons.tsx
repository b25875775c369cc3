import type { Feel } from '../document/studio.ts'

/** How a layer feels: four answers, one tap. */
export const feelNames: Readonly<Record<Feel, string>> = {
  wet: 'comes off',
  tacky: 'tacky',
  touch: 'touch dry',
  firm: 'nail leaves no mark',
}

export function TouchButtons({
  onFeel,
  disabled = false,
}: {
  readonly onFeel: (feel: Feel) => void
  readonly disabled?: boolean
}) {
  return (
    <div className="flex flex-wrap gap-2" role="group" aria-label="How does it feel?">
      {(Object.keys(feelNames) as Feel[]).map((feel) => (
        <button
          key={feel}
          type="button"
          disabled={disabled}
          className="button min-h-11"
          onClick={() => onFeel(feel)}
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
