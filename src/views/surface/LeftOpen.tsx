import { windowDays } from '../../core/cure/workable.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { overlap } from '../../core/stack/area.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { hourText } from '../../document/dateText.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'

/** Oil that lies open: until when it is painted into, or what it has become because it was not. */
export function LeftOpen({
  picture,
  assessment,
}: {
  readonly picture: Picture
  readonly assessment: Assessment
}) {
  const open = picture.layers.flatMap((layer, at) => {
    if (layer.painted?.event.kind !== 'oil-out') return []
    const isCovered = picture.layers
      .slice(at + 1)
      .some(({ painted }) => painted && painted.paints.length > 0 && overlap(painted, layer.painted!))
    if (isCovered) return []
    const { worst } = assessment.layers[at]!
    const until = dayOf(layer.painted.at)! + windowDays(worst?.forecast.days.touch ?? null)
    const finding = assessment.findings.find(
      ({ rule, layerId }) => rule === 'oiled-out-not-reworked' && layerId === layer.id,
    )
    return [{ layer, until, finding }]
  })
  if (open.length === 0) return null
  return (
    <ul aria-label="Oil that lies open" className="mt-3 grid gap-1 border-b border-rule pb-3">
      {open.map(({ layer, until, finding }) =>
        picture.today <= until ? (
          <li key={layer.id}>
            <VerdictMark verdict="watch" size={13} /> {layer.name} is open: paint into it until about{' '}
            {hourText(until, picture.today)}, and it joins the new layer.
          </li>
        ) : (
          finding && (
            <li key={layer.id}>
              <VerdictMark verdict={finding.severity} size={13} /> {finding.message}
            </li>
          )
        ),
      )}
    </ul>
  )
}
