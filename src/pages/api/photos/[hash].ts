import type { APIRoute } from 'astro'
import { photoOf } from '../../../studio/photos.ts'
import { problem } from '../_http.ts'

export const GET: APIRoute = async ({ params }) => {
  const photo = await photoOf(params['hash']!)
  return photo
    ? new Response(Buffer.from(photo), { headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' } })
    : problem(404, 'not-found', 'There is no photograph by that name.')
}
