import { expose } from 'comlink'
import { assess } from '../document/assess.ts'
import { livingOf } from '../document/living.ts'
import type { LivingPicture } from '../document/living.ts'
import type { Picture } from '../document/picture.ts'
import { solve } from '../document/solve.ts'
import type { SolvedPicture } from '../document/solved.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import { mendOf } from '../document/mend.ts'
import type { LayerMend } from '../document/mend.ts'

/** What the solving worker does: cure and mismatch of a picture, then what would mend each finding. */
export interface Solving {
  solve: (picture: Picture) => SolvedPicture
  /** One entry a finding, in the order the assessment lists them; null where nothing simple mends it. */
  mends: (picture: Picture, solved: SolvedPicture) => readonly (LayerMend | null)[]
  /** The films through their depth, on days between these two. */
  living: (picture: Picture, solved: SolvedPicture, span: readonly [number, number]) => LivingPicture
}

const solving: Solving = {
  solve: (picture) => solve(picture, findInStudio(picture.shelf))!,
  mends: (picture, solved) => {
    const findMaterial = findInStudio(picture.shelf)
    const assessment = assess(picture, findMaterial, solved)
    return assessment.findings.map((finding) =>
      finding.severity === 'note' ? null : mendOf(finding, picture, assessment, findMaterial),
    )
  },
  living: (picture, solved, span) => livingOf(picture, findInStudio(picture.shelf), solved, span),
}

expose(solving)
