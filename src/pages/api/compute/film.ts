import type { APIRoute } from 'astro'
import { filmRequest } from '../../../document/compute.ts'
import { computeFilm } from '../../../studio/compute.ts'
import { answer } from '../_http.ts'

export const POST: APIRoute = ({ request }) => answer(request, filmRequest, computeFilm)
