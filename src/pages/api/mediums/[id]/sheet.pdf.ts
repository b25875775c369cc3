import type { APIRoute } from 'astro'
import { studioShelf } from '../../../../document/studioShelf.ts'
import { sheetPdf } from '../../../../studio/label.ts'
import { loadMediums } from '../../../../studio/reading.ts'
import { studio } from '../../../../studio/studio.ts'
import { pdf, problem } from '../../_http.ts'

/** The weighing sheet of every batch of a medium that nothing is poured for yet. */
export const GET: APIRoute = async ({ params }) => {
  const { mediums, batches, shelf } = await loadMediums(await studio())
  const medium = mediums.find(({ id }) => id === params['id'])
  const open = batches.filter(({ mediumId, pours }) => mediumId === params['id'] && pours.length === 0).toReversed()
  if (!medium || open.length === 0) return problem(404, 'not-found', 'There is nothing to weigh of it: lay out a grid or begin a batch first.')
  const find = studioShelf(shelf)
  return pdf(await sheetPdf(`${medium.name}: weighing sheet`, open, (id) => find(id)?.name ?? id), 'weighing-sheet.pdf')
}
