import type { APIRoute } from 'astro'
import { studio } from '../../studio/studio.ts'
import { json } from './_http.ts'

/** Answers once the studio's file is open and in its newest form. */
export const GET: APIRoute = async () => {
  await studio()
  return json({ ok: true })
}
