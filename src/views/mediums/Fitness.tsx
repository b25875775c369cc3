import { unfitnessOf } from '../../core/dosing/fitness.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { VerdictMark, verdictColour } from '../../ui/Verdict.tsx'

/** What speaks against a medium before anything else is told of it. */
export function Fitness({ medium }: { readonly medium: Medium }) {
  const found = unfitnessOf(medium)
  if (!found) return null
  return (
    <p role="alert" className={`mb-3 font-read text-[1.2rem] leading-snug ${verdictColour(found.severity)}`}>
      <VerdictMark verdict={found.severity} size={15} /> {found.message}
    </p>
  )
}
