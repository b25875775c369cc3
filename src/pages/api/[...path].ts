import type { APIRoute } from 'astro'
import { problem } from './_answers.ts'

export const ALL: APIRoute = ({ url }) =>
  problem(404, 'not-found', `There is nothing at ${url.pathname}. /api/openapi.json lists what there is.`)
