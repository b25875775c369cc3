import type { FindMaterial } from '../../core/materials/find.ts'
import { massOf, volumeOf } from '../../core/medium/amount.ts'
import { searchMends } from '../../core/mend/search.ts'
import type { Found } from '../../core/mend/search.ts'
import type { MendKind } from '../../core/soundness/finding.ts'
import { rules } from '../../core/soundness/rules/index.ts'
import { areaCm2Of } from '../picture/area.ts'
import { assess } from '../judging/assess.ts'
import type { AssessedFinding, Assessment } from '../judging/assess.ts'
import { readyOf } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'
import { solve } from '../dates/solve.ts'
import { attemptsOf } from './attempts.ts'
import type { WordedChange } from './attempts.ts'
import { changed } from './change.ts'
import type { PictureChange } from './change.ts'

/** A change that clears a finding, tried on the whole picture before it is offered. */
export interface LayerMend {
  readonly kind: MendKind
  readonly layerId: string
  readonly does: PictureChange
  readonly says: string
  readonly character: string
  /** Medium more or less than now, g; of a picture without a size, for 10 ml of paint. Null: as now. */
  readonly mediumG: number | null
  readonly isForTenMl: boolean
  /** Days by which the last layer goes on later; negative: sooner. */
  readonly laterDays: number
  /** What is still unsound on that layer afterwards, in words; empty: this is the mend. */
  readonly leaves: readonly string[]
  /** What was unsound is then still watched. */
  readonly isEased: boolean
}

/**
 * The changes that take this finding away without making any other worse, of each kind the least, cheapest first: the paint
 * first, later dates and another order last. None where nothing does, or where the layer is already painted.
 */
export function mendsOf(
  finding: AssessedFinding,
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): readonly LayerMend[] {
  const layer = picture.layers[finding.layer]!
  if (layer.painted) return []
  const { mends } = rules.find(({ id }) => id === finding.rule)!
  const to = { finding, layer, picture, assessment, findMaterial }
  const found = searchMends<WordedChange, Assessment>(
    finding,
    assessment,
    mends,
    (kind) => attemptsOf(kind, to),
    ({ does }) => {
      const tried = changed(picture, does)
      const solved = solve(tried, findMaterial)
      return solved && assess(tried, findMaterial, solved)
    },
  )
  return found.map((one) => told(one, finding.layerId, picture, assessment, findMaterial))
}

function told(
  { kind, change: { does, says, character }, leaves, isEased, after }: Found<WordedChange, Assessment>,
  layerId: string,
  picture: Picture,
  before: Assessment,
  findMaterial: FindMaterial,
): LayerMend {
  const layer = picture.layers.find(({ id }) => id === layerId)!
  const tried = changed(picture, does).layers.find(({ id }) => id === layerId)
  const areaCm2 = areaCm2Of(picture.painting, layer)
  const grams = (one: typeof layer | undefined): number =>
    one ? mediumGOf(one, areaCm2, picture, findMaterial) : 0
  const mediumG = grams(tried) - grams(layer)
  return {
    kind,
    layerId,
    does,
    says,
    character,
    mediumG: Math.abs(mediumG) < 0.05 ? null : mediumG,
    isForTenMl: areaCm2 === 0,
    laterDays: Math.round(lastDay(after) - lastDay(before)),
    leaves,
    isEased,
  }
}

const lastDay = ({ layers }: Assessment): number => Math.max(...layers.map(({ date }) => date.day))

/** Medium a layer takes on its surface, g; without a size, to 10 ml of paint. */
function mediumGOf(
  layer: Picture['layers'][number],
  areaCm2: number,
  picture: Picture,
  findMaterial: FindMaterial,
): number {
  const { mix } = readyOf(layer, picture.mediums, findMaterial)
  if (!mix) return 0
  const { paint, medium } = mix.portions
  const ml =
    areaCm2 > 0 ? areaCm2 * layer.wetThicknessUm * 1e-4 : (10 * volumeOf(mix.all)) / (volumeOf(paint) || 1)
  return (ml * massOf(medium)) / volumeOf(mix.all)
}
