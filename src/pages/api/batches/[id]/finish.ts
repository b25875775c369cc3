import type { APIRoute } from 'astro'
import { emptyRequest } from '../../../../document/batch.ts'
import { finishBatch } from '../../../../studio/batches.ts'
import { nowMinute, studio } from '../../../../studio/studio.ts'
import { answer } from '../../_http.ts'

export const POST: APIRoute = ({ request, params }) => answer(request, emptyRequest, async () => finishBatch(await studio(), nowMinute(), params['id']!))
