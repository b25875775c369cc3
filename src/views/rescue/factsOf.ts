import type { RescueFacts } from '../../core/rescue/complaint.ts'
import { assess } from '../../document/judging/assess.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { rescueFactsOf } from '../../document/judging/rescueFacts.ts'
import { findInStudio } from '../../document/studioMaterials.ts'

/** What the record knows of a layer; with the whole of the judge, so only once the page answers. */
export function factsOf(picture: Picture, layerId: string): RescueFacts | null {
  const findMaterial = findInStudio(picture.shelf)
  return rescueFactsOf(picture, assess(picture, findMaterial), layerId, findMaterial)
}
