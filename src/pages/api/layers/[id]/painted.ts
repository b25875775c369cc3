import type { APIRoute } from 'astro'
import { paintedRequest } from '../../../../document/requests.ts'
import { nowMinute, studio } from '../../../../studio/studio.ts'
import { logPainted } from '../../../../studio/writing.ts'
import { answer } from '../../_http.ts'

export const POST: APIRoute = ({ request, params }) =>
  answer(request, paintedRequest, async ({ paintedAt }) => {
    const now = nowMinute()
    return logPainted(await studio(), now, params['id']!, paintedAt ?? now)
  })
