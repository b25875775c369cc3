import type { APIRoute } from 'astro'
import { designRequest } from '../../../document/design.ts'
import { designAnswer } from '../../../studio/compute.ts'
import { answer } from '../_http.ts'

export const POST: APIRoute = ({ request }) => answer(request, designRequest, designAnswer)
