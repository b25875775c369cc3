import type { APIRoute } from 'astro'
import { createBatchRequest } from '../../../document/batch.ts'
import { createBatch } from '../../../studio/batches.ts'
import { nowMinute, studio } from '../../../studio/studio.ts'
import { answer } from '../_http.ts'

export const POST: APIRoute = ({ request }) => answer(request, createBatchRequest, async (body) => createBatch(await studio(), nowMinute(), body))
