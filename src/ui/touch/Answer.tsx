import type { Finger } from '../../core/cure/checks.ts'

/** What a check found, as a button: filled where it passed. */
export const Answer = ({
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
