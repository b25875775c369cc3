import type { APIRoute } from 'astro'
import { saveMediumRequest } from '../../../document/requests.ts'
import { nowMinute, studio } from '../../../studio/studio.ts'
import { saveMedium } from '../../../studio/writing.ts'
import { answer } from '../_http.ts'

export const PUT: APIRoute = ({ request }) =>
  answer(request, saveMediumRequest, async ({ medium, seen }) => saveMedium(await studio(), nowMinute(), medium, seen))
