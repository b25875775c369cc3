import type { ReactNode } from 'react'

/** What the marks of the drawing mean. */
export function Legend() {
  return (
    <ul className="mt-1 flex flex-wrap gap-x-6 gap-y-1 text-[0.82rem] text-soft" aria-label="Legend">
      <Key label="painted">
        <circle cx="8" cy="7" r="5" fill="var(--ink)" />
      </Key>
      <Key label="planned">
        <circle cx="8" cy="7" r="5" fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      </Key>
      <Key label="taken off">
        <path d="M3 2L13 12M13 2L3 12" stroke="var(--ink)" strokeWidth="2" />
      </Key>
      <Key label="touch dry, 8 times in 10" wide>
        <rect y="2" width="26" height="10" fill="var(--soft)" opacity="0.75" />
      </Key>
      <Key label="firm, 8 times in 10" wide>
        <rect y="0" width="26" height="14" fill="var(--stone)" opacity="0.5" />
      </Key>
      <Key label="touch test: passed, not yet" wide>
        <circle cx="6" cy="7" r="4" fill="var(--ink)" />
        <circle cx="19" cy="7" r="3.4" fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      </Key>
      <li>
        Light strokes in the section: still soft. Thickness on a square-root scale. Days and fatness are
        estimates.
      </li>
    </ul>
  )
}

const Key = ({
  label,
  children,
  wide = false,
}: {
  readonly label: string
  readonly children: ReactNode
  readonly wide?: boolean
}) => (
  <li className="flex items-center gap-1.5">
    <svg width={wide ? 26 : 16} height="14" aria-hidden="true">
      {children}
    </svg>
    {label}
  </li>
)
