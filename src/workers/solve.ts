import { expose } from 'comlink'
import { assess } from '../document/judging/assess.ts'
import { livingOf } from '../document/dates/living.ts'
import type { LivingPicture } from '../document/dates/living.ts'
import type { Picture } from '../document/picture/picture.ts'
import { playOut } from '../document/dates/playedOut.ts'
import type { PlayedOut } from '../document/dates/playedOut.ts'
import { solve } from '../document/dates/solve.ts'
import type { SolvedPicture } from '../document/picture/solved.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import { mendsOf } from '../document/mend/mend.ts'
import type { LayerMend } from '../document/mend/mend.ts'

/** What the solving worker does: cure and mismatch of a picture, then how it ends, and what would mend each finding. */
export interface Solving {
  solve: (picture: Picture) => SolvedPicture
  /** How it ends, played through many times. */
  playOut: (picture: Picture, solved: SolvedPicture) => PlayedOut | null
  /** The places of the findings that something planned may mend, in the order of the assessment. */
  toMend: (picture: Picture, solved: SolvedPicture) => readonly number[]
  /** What would mend the finding at this place of the assessment, cheapest first. */
  mends: (picture: Picture, solved: SolvedPicture, at: number) => readonly LayerMend[]
  /** The films through their depth, on days between these two. */
  living: (picture: Picture, solved: SolvedPicture, span: readonly [number, number]) => LivingPicture
}

const solving: Solving = {
  solve: (picture) => solve(picture, findInStudio(picture.shelf))!,
  playOut: (picture, solved) => playOut(picture, assess(picture, findInStudio(picture.shelf), solved)),
  toMend: (picture, solved) =>
    assess(picture, findInStudio(picture.shelf), solved).findings.flatMap(
      ({ severity, layer, takenOn }, at) =>
        severity === 'note' || takenOn || picture.layers[layer]!.painted ? [] : [at],
    ),
  mends: (picture, solved, at) => {
    const findMaterial = findInStudio(picture.shelf)
    const assessment = assess(picture, findMaterial, solved)
    const finding = assessment.findings[at]
    return finding ? mendsOf(finding, picture, assessment, findMaterial) : []
  },
  living: (picture, solved, span) => livingOf(picture, findInStudio(picture.shelf), solved, span),
}

expose(solving)
