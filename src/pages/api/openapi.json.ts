import type { APIRoute } from 'astro'
import { openApi } from '../../document/openapi.ts'
import { json } from './_http.ts'

export const GET: APIRoute = () => json(openApi)
