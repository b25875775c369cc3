import type { APIRoute } from 'astro'
import { undoRequest } from '../../document/requests.ts'
import { undoEvent } from '../../studio/writing.ts'
import { nowMinute, studio } from '../../studio/studio.ts'
import { answer } from './_http.ts'

export const POST: APIRoute = ({ request }) => answer(request, undoRequest, async ({ event }) => undoEvent(await studio(), nowMinute(), event))
