import type { APIRoute } from 'astro'
import { removeRequest } from '../../../../document/requests.ts'
import { nowMinute, studio } from '../../../../studio/studio.ts'
import { removeMedium } from '../../../../studio/writing.ts'
import { answer } from '../../_http.ts'

export const DELETE: APIRoute = ({ request, params }) =>
  answer(request, removeRequest, async ({ seen }) => removeMedium(await studio(), nowMinute(), params['id']!, seen))
