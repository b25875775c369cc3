import type { APIRoute } from 'astro'
import { cureRequest } from '../../../document/compute.ts'
import { computeCure } from '../../../studio/compute.ts'
import { answer } from '../_http.ts'

export const POST: APIRoute = ({ request }) => answer(request, cureRequest, computeCure)
