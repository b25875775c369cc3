import { cautionsOf } from '../core/materials/hazards.ts'
import type { Hurting } from '../core/materials/hazards.ts'

/** Every caution that belongs to these materials, each in its own sentence; `wet`: no powder is handled dry. */
export function Cautions({
  materials,
  wet = false,
  className = '',
}: {
  readonly materials: readonly Hurting[]
  readonly wet?: boolean
  readonly className?: string
}) {
  return (
    <ul aria-label="Cautions" className={`text-[0.85rem] leading-snug text-soft ${className}`}>
      {cautionsOf(materials, wet).map((sentence) => (
        <li key={sentence}>{sentence}</li>
      ))}
    </ul>
  )
}
