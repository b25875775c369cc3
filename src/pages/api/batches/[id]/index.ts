import type { APIRoute } from 'astro'
import { saveBatchRequest } from '../../../../document/batch.ts'
import { removeRequest } from '../../../../document/requests.ts'
import { removeBatch, saveBatch } from '../../../../studio/batches.ts'
import { batchOf } from '../../../../studio/reading.ts'
import { nowMinute, studio } from '../../../../studio/studio.ts'
import { answer, json, problem } from '../../_http.ts'

export const GET: APIRoute = async ({ params }) => {
  const batch = await batchOf(await studio(), params['id']!)
  return batch ? json(batch) : problem(404, 'not-found', 'There is no batch by that id.')
}

export const PUT: APIRoute = ({ request }) => answer(request, saveBatchRequest, async ({ batch, seen }) => saveBatch(await studio(), nowMinute(), batch, seen))

export const DELETE: APIRoute = ({ request, params }) =>
  answer(request, removeRequest, async ({ seen }) => removeBatch(await studio(), nowMinute(), params['id']!, seen))
