import { fetched } from '../_fetched.ts'
import { route } from '../_route.ts'

/** What a browser may call the file: letters, digits and what stands between them. */
const sane = /^[\w.-]{1,80}$/

export const GET = route(
  {
    summary: 'A file that was taken out, once its job is done: ?name=',
    answer: 'application/zip',
    errors: [404],
  },
  async ({ params, url }) => {
    const name = url.searchParams.get('name') ?? ''
    return fetched(params['id']!, sane.test(name) ? name : 'grelta.zip')
  },
)
