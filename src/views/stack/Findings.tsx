import type { AssessedFinding } from '../../document/judging/assess.ts'
import type { EventKind } from '../../core/stack/kinds.ts'
import type { LayerMend } from '../../document/mend/mend.ts'
import type { StillPossible } from '../../document/mend/stillPossible.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { inTheArea } from '../../core/words.ts'
import { upperFirst } from '../../ui/format.ts'
import { VerdictMark, verdictColour, verdictWords } from '../../ui/Verdict.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import type { MendsFound } from './useSolve.ts'

/** What a painter may do about a finding. */
export interface FindingDeeds {
  readonly onMend: (mend: LayerMend) => void
  readonly onTakeOn: (finding: AssessedFinding, reason: string) => void
  readonly onTakeBack: (finding: AssessedFinding) => void
  /** Plans something that happens to what is painted, where it was found. */
  readonly onEvent: (kind: EventKind, finding: AssessedFinding) => void
  readonly stillPossible: (finding: AssessedFinding) => readonly StillPossible[]
}

const more = later(() => import('./finding/FindingMore.tsx').then(({ FindingMore }) => FindingMore))

/** Why a finding is one, and what can be done about it; told once the page answers. */
export function More({
  finding,
  mends,
  picture,
  deeds,
}: {
  readonly finding: AssessedFinding
  readonly mends: readonly LayerMend[] | undefined
  readonly picture: Picture
  readonly deeds: FindingDeeds
}) {
  const FindingMore = useLater(more)
  return (
    FindingMore && (
      <FindingMore
        finding={finding}
        isPainted={picture.layers[finding.layer]!.painted !== null}
        mends={mends}
        paintingId={picture.painting.id}
        {...deeds}
        stillPossible={deeds.stillPossible(finding)}
      />
    )
  )
}

interface FindingsProps {
  readonly findings: readonly AssessedFinding[]
  readonly mends: MendsFound
  readonly picture: Picture
  /** Where there are several areas, the name of one. */
  readonly areaName: (id: string) => string | null
  readonly selected: string | null
  readonly onSelect: (layerId: string, area: string) => void
  readonly deeds: FindingDeeds
}

/** Findings, gravest first, each with its reason, its number and what would mend it; what is taken on comes last, quietly. */
export function Findings(props: FindingsProps) {
  const { findings } = props
  if (findings.length === 0)
    return (
      <p className="text-soft">Nothing to find fault with: each layer is sound over what lies under it.</p>
    )
  const notes = findings.filter(({ severity }) => severity === 'note')
  const takenOn = findings.filter((finding) => finding.takenOn !== null)
  const open = findings.filter((finding) => !notes.includes(finding) && !takenOn.includes(finding))
  return (
    <>
      {open.length === 0 && (
        <p className="text-soft">Nothing to find fault with: each layer is sound over what lies under it.</p>
      )}
      <ul className="flex flex-col gap-3">
        {open.map((finding) => (
          <FindingItem key={keyOf(finding)} {...props} finding={finding} />
        ))}
      </ul>
      {notes.length > 0 && (
        <details className="mt-3">
          <summary className="min-h-6 text-[0.92rem] link">
            {notes.length === 1 ? 'One note' : `${notes.length} notes`}, worth knowing and no more
          </summary>
          <ul className="mt-2 flex flex-col gap-3">
            {notes.map((finding) => (
              <FindingItem key={keyOf(finding)} {...props} finding={finding} />
            ))}
          </ul>
        </details>
      )}
      {takenOn.length > 0 && (
        <>
          <h3 className="mt-4 font-plain text-[0.85rem] text-soft">Taken on knowingly</h3>
          <ul className="mt-1 flex flex-col gap-2 text-[0.92rem]">
            {takenOn.map((finding) => (
              <FindingItem key={keyOf(finding)} {...props} finding={finding} />
            ))}
          </ul>
        </>
      )}
    </>
  )
}

const keyOf = ({ rule, layerId, underId }: AssessedFinding): string => `${rule}-${layerId}-${underId}`

function FindingItem({
  finding,
  findings,
  mends,
  picture,
  areaName,
  selected,
  onSelect,
  deeds,
}: FindingsProps & { readonly finding: AssessedFinding }) {
  const { severity, takenOn, layerId, message } = finding
  const where = areaName(finding.area)
  return (
    <li className={`border-l-2 pl-3 ${layerId === selected ? 'border-ink' : 'border-rule'}`}>
      <p className={`leading-snug ${takenOn ? 'text-soft' : ''}`}>
        {!takenOn && (
          <span className={`mr-1.5 whitespace-nowrap font-read ${verdictColour(severity)}`}>
            <VerdictMark verdict={severity} size={12} /> {verdictWords[severity]}
            {finding.about === 'look' && severity !== 'note' && ', for its look'}.
          </span>
        )}
        {message}
        {where && <span className="text-soft"> ({upperFirst(inTheArea(where))}.)</span>}
      </p>
      <p className="mt-0.5 flex min-h-6 flex-wrap items-baseline gap-x-4 text-[0.9rem] text-soft">
        <More
          finding={finding}
          mends={mends.get(findings.indexOf(finding))}
          picture={picture}
          deeds={deeds}
        />
        {layerId !== selected && (
          <button type="button" className="min-h-6 link" onClick={() => onSelect(layerId, finding.area)}>
            Show the layer
          </button>
        )}
      </p>
    </li>
  )
}
