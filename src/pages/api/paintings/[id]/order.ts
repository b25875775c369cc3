import type { APIRoute } from 'astro'
import { orderRequest } from '../../../../document/requests.ts'
import { nowMinute, studio } from '../../../../studio/studio.ts'
import { orderLayers } from '../../../../studio/writing.ts'
import { answer } from '../../_http.ts'

export const PUT: APIRoute = ({ request, params }) =>
  answer(request, orderRequest, async ({ layerIds }) => orderLayers(await studio(), nowMinute(), params['id']!, layerIds))
