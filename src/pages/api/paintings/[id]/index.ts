import type { APIRoute } from 'astro'
import { removeRequest } from '../../../../document/requests.ts'
import { loadPicture } from '../../../../studio/reading.ts'
import { nowMinute, studio } from '../../../../studio/studio.ts'
import { removePainting } from '../../../../studio/writing.ts'
import { answer, json, problem } from '../../_http.ts'

export const GET: APIRoute = async ({ params }) => {
  const picture = await loadPicture(await studio(), params['id']!, nowMinute())
  return picture ? json(picture) : problem(404, 'not-found', 'This painting is no longer there.')
}

export const DELETE: APIRoute = ({ request, params }) =>
  answer(request, removeRequest, async ({ seen }) => removePainting(await studio(), nowMinute(), params['id']!, seen))
