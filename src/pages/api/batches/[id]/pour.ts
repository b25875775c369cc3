import type { APIRoute } from 'astro'
import { pourRequest } from '../../../../document/batch.ts'
import { pour } from '../../../../studio/batches.ts'
import { nowMinute, studio } from '../../../../studio/studio.ts'
import { answer } from '../../_http.ts'

export const POST: APIRoute = ({ request, params }) =>
  answer(request, pourRequest, async ({ material, grams }) => pour(await studio(), nowMinute(), params['id']!, material, grams))
