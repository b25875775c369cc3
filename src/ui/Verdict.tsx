import type { Severity, Verdict } from '../core/severity.ts'

/** The three verdicts: word, shape and colour. Whole disc, half disc, split disc. */

const colours = {
  sound: 'text-sound',
  watch: 'text-watch',
  unsound: 'text-unsound',
  note: 'text-soft',
} as const
export const verdictColour = (verdict: Verdict | Severity): string => colours[verdict]

export const verdictWords: Readonly<Record<Verdict | 'note', string>> = {
  sound: 'Sound',
  watch: 'Watch',
  unsound: 'Unsound',
  note: 'Note',
}

export function VerdictMark({
  verdict,
  size = 14,
}: {
  readonly verdict: Verdict | 'note'
  readonly size?: number
}) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 16 16"
      aria-hidden="true"
      className={`inline-block shrink-0 align-[-0.08em] ${colours[verdict]}`}
    >
      <MarkShape verdict={verdict} />
    </svg>
  )
}

/** The mark's outline in a 16 by 16 box, for drawings of their own. */
export function MarkShape({ verdict }: { readonly verdict: Verdict | 'note' }) {
  if (verdict === 'note')
    return <circle cx="8" cy="8" r="3" fill="none" stroke="currentColor" strokeWidth="1.6" />
  if (verdict === 'sound') return <circle cx="8" cy="8" r="6.5" fill="currentColor" />
  if (verdict === 'watch')
    return (
      <>
        <circle cx="8" cy="8" r="6" fill="none" stroke="currentColor" strokeWidth="1.5" />
        <path d="M8 2a6 6 0 0 1 0 12Z" fill="currentColor" />
      </>
    )
  return (
    <>
      <path d="M7.2 1.5A6.5 6.5 0 0 0 6.4 14.3L8.2 10.2 5.9 7.6Z" fill="currentColor" />
      <path d="M9.6 1.7A6.5 6.5 0 0 1 8.9 14.5L10.7 10 8.3 7.3Z" fill="currentColor" />
    </>
  )
}

export function VerdictWord({ verdict }: { readonly verdict: Verdict | 'note' }) {
  return (
    <span className={`whitespace-nowrap ${colours[verdict]}`}>
      <VerdictMark verdict={verdict} /> {verdictWords[verdict]}
    </span>
  )
}
