import type { APIRoute } from 'astro'
import { savePaintingRequest } from '../../../document/requests.ts'
import { nowMinute, studio } from '../../../studio/studio.ts'
import { savePainting } from '../../../studio/writing.ts'
import { answer } from '../_http.ts'

export const PUT: APIRoute = ({ request }) =>
  answer(request, savePaintingRequest, async ({ painting, seen }) => savePainting(await studio(), nowMinute(), painting, seen))
