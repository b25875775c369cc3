import type { APIRoute } from 'astro'
import { splitRequest } from '../../../../document/batch.ts'
import { splitBatch } from '../../../../studio/batches.ts'
import { nowMinute, studio } from '../../../../studio/studio.ts'
import { answer } from '../../_http.ts'

export const POST: APIRoute = ({ request, params }) =>
  answer(request, splitRequest, async ({ grams, name }) => splitBatch(await studio(), nowMinute(), params['id']!, grams, name))
