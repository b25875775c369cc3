import { gravity } from '../../core/severity.ts'
import { minuteOf } from '../../core/plan/calendar.ts'
import type { Finding } from '../../core/soundness/finding.ts'
import type { AssessedFinding } from './assess.ts'
import { brushOf, planOf } from '../brush.ts'
import type { Departure } from '../departure.ts'
import type { LayerDocument } from '../layer.ts'
import type { Picture } from '../picture/picture.ts'

/** The painter's departure that covers a finding; null where there is none, or what it rests on has changed. */
export type TakenOn = (finding: Finding) => Departure | null

export const takenOnIn =
  (picture: Picture): TakenOn =>
  (finding) => {
    const { departures } = picture.painting
    if (departures.length === 0 || finding.severity === 'note') return null
    const layerId = picture.layers[finding.layer]!.id
    const underId = finding.under === undefined ? undefined : picture.layers[finding.under]!.id
    const found = departures.findLast((one) =>
      isOf(one, { rule: finding.rule, layerId, ...(underId !== undefined && { underId }) }),
    )
    const isCovered =
      found &&
      gravity[finding.severity] <= gravity[found.severity] &&
      found.rests === restsOn(finding, picture)
    return isCovered ? found : null
  }

/** Whether a departure is from this finding. */
const isOf = (
  departure: Departure,
  { rule, layerId, underId }: Pick<AssessedFinding, 'rule' | 'layerId' | 'underId'>,
): boolean =>
  departure.rule === rule && departure.layerId === layerId && departure.underId === (underId ?? null)

/** A finding taken on knowingly, today. */
const departureOf = (finding: AssessedFinding, reason: string, picture: Picture): Departure => ({
  rule: finding.rule,
  layerId: finding.layerId,
  underId: finding.underId ?? null,
  severity: finding.severity === 'unsound' ? 'unsound' : 'watch',
  message: finding.message,
  reason,
  at: minuteOf(picture.today),
  rests: restsOn(finding, picture),
})

/** The departures of a picture with this finding taken on, or, without a reason, let speak again. */
export const departuresWith = (
  finding: AssessedFinding,
  reason: string | null,
  picture: Picture,
): Departure[] => [
  ...picture.painting.departures.filter((one) => !isOf(one, finding)),
  ...(reason === null ? [] : [departureOf(finding, reason, picture)]),
]

/** A mark of what a finding rests on: both layers as they are or will be, their mediums, the support, ground and practice. */
function restsOn({ layer, under }: Finding, { painting, layers, mediums }: Picture): string {
  const lies = (at: number | undefined): unknown => {
    const one = at === undefined ? undefined : layers[at]
    return one && [planOf(brushOf(one)), recipeOf(one, mediums)]
  }
  const { support, ground, practice } = painting
  return markOf(JSON.stringify([lies(layer), lies(under), support, ground, practice]))
}

const recipeOf = ({ painted, medium }: LayerDocument, mediums: Picture['mediums']): unknown =>
  painted?.used?.recipe ?? mediums.find(({ id }) => id === medium?.mediumId)?.recipe ?? null

/** A short mark of a text: the same for the same text, and hardly ever for another (FNV-1a, 32 bit). */
function markOf(text: string): string {
  let mark = 0x811c9dc5
  for (let at = 0; at < text.length; at++) mark = Math.imul(mark ^ text.charCodeAt(at), 0x01000193)
  return `${text.length}-${(mark >>> 0).toString(36)}`
}
