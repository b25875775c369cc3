import type { APIRoute } from 'astro'
import { touchRequest } from '../../../../document/requests.ts'
import { nowMinute, studio } from '../../../../studio/studio.ts'
import { logTouch } from '../../../../studio/writing.ts'
import { answer } from '../../_http.ts'

export const POST: APIRoute = ({ request, params }) =>
  answer(request, touchRequest, async ({ at, feel, note }) => {
    const now = nowMinute()
    return logTouch(await studio(), now, { layerId: params['id']!, at: at ?? now, feel, note })
  })
