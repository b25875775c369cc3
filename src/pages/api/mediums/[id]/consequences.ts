import type { APIRoute } from 'astro'
import { consequencesRequest } from '../../../../document/requests.ts'
import { consequencesOf } from '../../../../studio/consequences.ts'
import { nowMinute, studio } from '../../../../studio/studio.ts'
import { answer } from '../../_http.ts'

export const POST: APIRoute = ({ request, params }) =>
  answer(request, consequencesRequest, async ({ recipe }) => ({ layers: await consequencesOf(await studio(), nowMinute(), params['id']!, recipe) }))
