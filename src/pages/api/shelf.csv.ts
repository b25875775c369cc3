import type { APIRoute } from 'astro'
import { importShelfRequest } from '../../document/requests.ts'
import { loadMediums } from '../../studio/reading.ts'
import { shelfFromCsv, shelfToCsv } from '../../studio/shelfCsv.ts'
import { nowMinute, studio } from '../../studio/studio.ts'
import { saveShelf } from '../../studio/writing.ts'
import { answer } from './_http.ts'

export const GET: APIRoute = async () =>
  new Response(shelfToCsv((await loadMediums(await studio())).shelf), {
    headers: { 'content-type': 'text/csv; charset=utf-8', 'content-disposition': 'attachment; filename="grelta-shelf.csv"', 'cache-control': 'no-store' },
  })

export const POST: APIRoute = ({ request }) =>
  answer(request, importShelfRequest, async ({ csv }) => {
    const items = shelfFromCsv(csv)
    return { ...(await saveShelf(await studio(), nowMinute(), items)), count: items.length }
  })
