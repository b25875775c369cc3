import type { APIRoute } from 'astro'
import { mediumRequest } from '../../../document/compute.ts'
import { mediumAnswer } from '../../../studio/compute.ts'
import { answer } from '../_http.ts'

export const POST: APIRoute = ({ request }) => answer(request, mediumRequest, mediumAnswer)
