import type { APIRoute } from 'astro'
import { saveLayerRequest } from '../../../document/requests.ts'
import { nowMinute, studio } from '../../../studio/studio.ts'
import { saveLayer } from '../../../studio/writing.ts'
import { answer } from '../_http.ts'

export const PUT: APIRoute = ({ request }) => answer(request, saveLayerRequest, async ({ layer, seen }) => saveLayer(await studio(), nowMinute(), layer, seen))
