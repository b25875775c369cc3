import { rules } from '../../core/soundness/rules/index.ts'
import type { AssessedFinding } from '../../document/assess.ts'
import type { Picture } from '../../document/picture.ts'
import type { LayerMend } from '../../document/mend.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { inTheArea, listed } from '../../core/words.ts'
import { about, dateText, dayText, upperFirst } from '../../ui/format.ts'
import { VerdictMark, verdictColour, verdictWords } from '../../ui/Verdict.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { Why } from '../../ui/Why.tsx'

const ruleReasons = later(() => import('../../core/soundness/ruleReasons.ts').then((all) => all.ruleReasons))

/** A rule's reason with the numbers this finding used. */
export function FindingWhy({
  finding,
  className = '',
}: {
  readonly finding: AssessedFinding
  readonly className?: string
}) {
  const reasons = useLater(ruleReasons)
  const { id, title } = rules.find(({ id: ruleId }) => ruleId === finding.rule)!
  return (
    <Why
      reason={
        reasons && {
          title,
          formula: finding.message,
          figures: Object.values(finding.numbers),
          source: reasons[id]!,
          section: 'soundness',
        }
      }
      label={`Why: ${title}`}
      className={className}
    >
      Why
    </Why>
  )
}

/** What can still be done about a painted layer. */
export const afterwardsOf = (finding: AssessedFinding): string =>
  rules.find(({ id }) => id === finding.rule)!.afterwards

/** What a mend would do, in words. */
export function mendText(mend: LayerMend, picture: Picture): string {
  const name = picture.layers.find(({ id }) => id === mend.layerId)?.name ?? 'the layer'
  switch (mend.kind) {
    case 'medium': {
      const medium = picture.mediums.find(({ id }) => id === mend.change.medium.mediumId)
      return `Let ${name} have 1 part of ${medium?.name ?? 'its medium'} to ${mend.paintPerPart} of paint`
    }
    case 'without-medium':
      return `Leave the medium out of ${name}`
    case 'oil':
      return `Take paint ground in ${mend.oil} for ${name}`
    case 'allowed':
      return `For ${name} take ${listed(mend.names)}`
    case 'thickness':
      return `Lay ${name} a little thicker: ${about(mend.change.wetThicknessUm, 3)} µm wet`
    case 'wait': {
      const { plannedOn } = mend.change
      const day = dayOf(plannedOn)!
      return `Wait with ${name} until ${day - picture.today > 150 ? dateText(plannedOn) : dayText(day)}`
    }
  }
}

/** What a step leaves unsound on its layer. */
export const leftText = ({ leaves }: LayerMend): string =>
  leaves.length === 0
    ? ''
    : `A first step; it leaves ${leaves.length === 1 ? 'one thing' : `${leaves.length} things`} unsound there: ${leaves.join(' ')}`

interface FindingsProps {
  readonly findings: readonly AssessedFinding[]
  readonly mends: readonly (LayerMend | null)[] | null
  readonly picture: Picture
  /** Where there are several areas, the name of one. */
  readonly areaName: (id: string) => string | null
  readonly selected: string | null
  readonly onSelect: (layerId: string, area: string) => void
  readonly onMend: (mend: LayerMend) => void
}

/** Findings, gravest first, each with its reason, its number and what would mend it. */
export function Findings({ findings, mends, picture, areaName, selected, onSelect, onMend }: FindingsProps) {
  const isPainted = ({ layer }: AssessedFinding): boolean => picture.layers[layer]!.painted !== null
  if (findings.length === 0)
    return (
      <p className="text-soft">Nothing to find fault with: each layer is sound over what lies under it.</p>
    )
  return (
    <ul className="flex flex-col gap-3">
      {findings.map((finding, index) => {
        const mend = mends?.[index] ?? null
        const where = areaName(finding.area)
        return (
          <li
            key={`${finding.rule}-${finding.layerId}-${finding.underId}`}
            className={`border-l-2 pl-3 ${finding.layerId === selected ? 'border-ink' : 'border-rule'}`}
          >
            <p className="leading-snug">
              <span className={`mr-1.5 whitespace-nowrap font-read ${verdictColour(finding.severity)}`}>
                <VerdictMark verdict={finding.severity} size={12} /> {verdictWords[finding.severity]}.
              </span>
              {finding.message}
              {where && <span className="text-soft"> ({upperFirst(inTheArea(where))}.)</span>}
            </p>
            <p className="mt-0.5 flex flex-wrap items-baseline gap-x-4 text-[0.9rem] text-soft">
              {mend && (
                <span>
                  {mendText(mend, picture)}.{' '}
                  <button
                    type="button"
                    className="min-h-6 font-medium text-ink link"
                    onClick={() => onMend(mend)}
                  >
                    Do that
                  </button>{' '}
                  {leftText(mend)}
                </span>
              )}
              {isPainted(finding) && finding.severity !== 'note' && <span>{afterwardsOf(finding)}</span>}
              {finding.layerId !== selected && (
                <button
                  type="button"
                  className="min-h-6 link"
                  onClick={() => onSelect(finding.layerId, finding.area)}
                >
                  Show the layer
                </button>
              )}
              <FindingWhy finding={finding} />
            </p>
          </li>
        )
      })}
    </ul>
  )
}
