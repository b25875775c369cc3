import { assess } from '../document/judging/assess.ts'
import { conservatorSheet, sheetDate } from '../document/finish/conservatorSheet.ts'
import { ownerLetter } from '../document/finish/letter.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import type { Database } from '../store/database.ts'
import { conservatorPdf } from './paper/conservatorPdf.ts'
import { mapDrawing, sectionDrawing } from './paper/drawings.ts'
import { letterPdf } from './paper/letterPdf.ts'
import { loadPicture, solvedBefore } from './pictures.ts'
import { gone } from './refused.ts'

async function judged(db: Database, id: string, now: string) {
  const picture = await loadPicture(db, id, now)
  if (!picture) throw gone('painting')
  const findMaterial = findInStudio(picture.shelf)
  return { picture, findMaterial, assessment: assess(picture, findMaterial, await solvedBefore(db, picture)) }
}

/** The letter that goes with a picture to its owner, as PDF; `address` opens its record. */
export async function letterOf(db: Database, id: string, now: string, address: string): Promise<Uint8Array> {
  const { picture, assessment, findMaterial } = await judged(db, id, now)
  return letterPdf(ownerLetter(picture, assessment, findMaterial), mapDrawing(picture), address)
}

/** Everything a future conservator should know of a picture, as PDF. */
export async function sheetOf(db: Database, id: string, now: string, address: string): Promise<Uint8Array> {
  const { picture, assessment, findMaterial } = await judged(db, id, now)
  return conservatorPdf(
    conservatorSheet(picture, assessment, findMaterial),
    { map: mapDrawing(picture), section: sectionDrawing(picture, assessment, findMaterial) },
    sheetDate(picture),
    address,
  )
}
