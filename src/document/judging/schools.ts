import { differencesBetween } from '../../core/practice/differences.ts'
import type { Difference } from '../../core/practice/differences.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Practice } from '../../core/practice/practice.ts'
import type { Severity, Verdict } from '../../core/severity.ts'
import { judge } from '../../core/soundness/judge.ts'
import { restsOnSubjects } from '../../core/soundness/restsOn.ts'
import { laidAt, spotsOf } from './assess.ts'
import type { Assessment } from './assess.ts'
import { folded } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'
import type { SolvedPicture } from '../picture/solved.ts'
import { takenOnIn } from './takenOn.ts'

/** What one of two schools, or both, find of the same layer. */
export interface SchoolRow {
  readonly rule: string
  readonly layer: number
  readonly message: string
  /** How grave each of them finds it; null: silent. */
  readonly severities: readonly [Severity | null, Severity | null]
  /** What of the two practices makes the difference. */
  readonly because: readonly Difference[]
}

/** Two schools on the same picture, painted on the same days. */
export interface SchoolsSideBySide {
  readonly verdicts: readonly [Verdict, Verdict]
  /** Where they differ first. */
  readonly rows: readonly SchoolRow[]
}

export function schoolsSideBySide(
  picture: Picture,
  { layers }: Pick<Assessment, 'layers'>,
  solved: SolvedPicture,
  practices: readonly [Practice, Practice],
  findMaterial: FindMaterial,
): SchoolsSideBySide {
  const fold = folded(picture, findMaterial)
  const takenOn = takenOnIn(picture)
  const judgedBy = (practice: Practice) => {
    const own = { ...fold, practice }
    const known = fold.areas.map(({ area }) => solved.areas.find((one) => one.area === area.id) ?? null)
    const spots = fold.areas.map((area, at) => spotsOf(picture, own, area, known[at]!))
    return judge(
      laidAt(picture, own, spots, known, (at) => layers[at]!.date.day),
      (finding) => takenOn(finding) !== null,
    )
  }
  const [first, second] = [judgedBy(practices[0]), judgedBy(practices[1])]
  const differences = differencesBetween(...practices)
  const rows = new Map<string, SchoolRow>()
  for (const [at, { findings }] of [first, second].entries())
    for (const { rule, layer, under, severity, message } of findings) {
      const place = `${rule} ${layer} ${under ?? ''}`
      const before = rows.get(place)?.severities ?? [null, null]
      const severities = [at === 0 ? severity : before[0], at === 1 ? severity : before[1]] as const
      const because = differences.filter(({ subject }) => restsOnSubjects(rule).includes(subject))
      rows.set(place, { rule, layer, message, severities, because })
    }
  const isSame = ({ severities: [a, b] }: SchoolRow): boolean => a === b
  return {
    verdicts: [first.verdict, second.verdict],
    rows: [...rows.values()].sort((a, b) => Number(isSame(a)) - Number(isSame(b))),
  }
}
