import type { APIRoute } from 'astro'
import { gridRequest } from '../../../document/batch.ts'
import { createGrid } from '../../../studio/batches.ts'
import { nowMinute, studio } from '../../../studio/studio.ts'
import { answer } from '../_http.ts'

export const POST: APIRoute = ({ request }) => answer(request, gridRequest, async (body) => createGrid(await studio(), nowMinute(), body))
