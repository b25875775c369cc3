import { photoOf } from '../../../studio/photos.ts'
import { problem } from '../_answers.ts'
import { route } from '../_route.ts'

export const GET = route(
  { summary: 'A photograph by the hash of its content', answer: 'image/jpeg', errors: [404] },
  async ({ params }) => {
    const photo = await photoOf(params['hash']!)
    if (!photo) return problem(404, 'not-found', 'There is no photograph by that name.')
    const headers = { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' }
    return new Response(Buffer.from(photo), { headers })
  },
)
