import type { APIRoute } from 'astro'
import { soundnessRequest } from '../../../document/compute.ts'
import { computeSoundness } from '../../../studio/compute.ts'
import { answer } from '../_http.ts'

export const POST: APIRoute = ({ request }) => answer(request, soundnessRequest, computeSoundness)
