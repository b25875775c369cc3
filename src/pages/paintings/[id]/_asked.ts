import { undoable } from '../../../studio/done.ts'
import { loadPicture, solvedBefore } from '../../../studio/pictures.ts'
import { nowMinute, studio } from '../../../studio/studio.ts'

/** A painting with what was found of it and what can be taken back; null when there is none by that id. */
export async function pictureAsked(id: string) {
  const db = await studio()
  const now = nowMinute()
  const picture = await loadPicture(db, id, now)
  if (!picture) return null
  const solved = await solvedBefore(db, picture)
  return { now, picture, solved, events: await undoable(db, { painting: id }) }
}
