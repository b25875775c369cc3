import { findInLibrary } from '../src/core/materials/find.ts'
import { practiceOf } from '../src/core/practice/shipped.ts'
import { judge } from '../src/core/soundness/judge.ts'
import type { LaidPicture } from '../src/core/soundness/lay.ts'
import { assess, laidAt, spotsOf } from '../src/document/judging/assess.ts'
import { mendsOf } from '../src/document/mend/mend.ts'
import { folded } from '../src/document/picture/picture.ts'
import type { Picture } from '../src/document/picture/picture.ts'
import { schoolsSideBySide } from '../src/document/judging/schools.ts'
import { solve } from '../src/document/dates/solve.ts'
import { median } from './median.ts'
import { ms } from './report.ts'
import type { Tell } from './report.ts'

/** The same picture with so many layers, its first ones again on top, none of those painted. */
const ofLayers = (picture: Picture, count: number): Picture => ({
  ...picture,
  layers: Array.from({ length: count }, (_, position) => {
    const layer = picture.layers[position % picture.layers.length]!
    return position < picture.layers.length
      ? layer
      : { ...layer, id: `${layer.id}-again`, position, painted: null }
  }),
})

/** Times every rule over a long stack, the mends of its gravest finding and of all, and two schools side by side. */
export function measureJudging(ten: Picture, tell: Tell): void {
  const fourteen = ofLayers(ten, 14)
  const solved = solve(fourteen, findInLibrary)!
  const fold = folded(fourteen, findInLibrary)
  const { layers } = assess(fourteen, findInLibrary, solved)
  const areas = fold.areas.map(({ area }) => solved.areas.find((one) => one.area === area.id) ?? null)
  const spots = fold.areas.map((area, at) => spotsOf(fourteen, fold, area, areas[at]!))
  const laid = (): LaidPicture => laidAt(fourteen, fold, spots, areas, (at) => layers[at]!.date.day)
  const everyRule = median(() => judge(laid()), 51)
  tell('14 layers in three areas: every rule, without the solve', ms(everyRule, 5))
  const known = solve(ten, findInLibrary)!
  const assessment = assess(ten, findInLibrary, known)
  const planned = assessment.findings.filter(
    ({ severity, layer }) => severity !== 'note' && !ten.layers[layer]!.painted,
  )
  const mending = median(() => mendsOf(planned[0]!, ten, assessment, findInLibrary), 5)
  tell('ten layers in three areas: the mends of the gravest finding', ms(mending, 300))
  const practices = [practiceOf('glazing'), practiceOf('body-led')] as const
  const beside = median(() => schoolsSideBySide(ten, assessment, known, practices, findInLibrary), 31)
  tell('ten layers in three areas: two schools side by side', ms(beside, 20))
}
