import type { APIRoute } from 'astro'
import { mismatchRequest } from '../../../document/compute.ts'
import { computeMismatch } from '../../../studio/compute.ts'
import { answer } from '../_http.ts'

export const POST: APIRoute = ({ request }) => answer(request, mismatchRequest, computeMismatch)
