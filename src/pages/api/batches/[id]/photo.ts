import type { APIRoute } from 'astro'
import { keepPhoto } from '../../../../studio/photos.ts'
import { Refused } from '../../../../studio/writing.ts'
import { json, problem, readUpTo } from '../../_http.ts'

const mostBytes = 15_000_000

export const PUT: APIRoute = async ({ request }) => {
  const sent = await readUpTo(request, mostBytes)
  if (!sent) return problem(413, 'too-large', 'The photograph is over 15 MB. Take a smaller one.')
  try {
    return json({ photo: await keepPhoto(sent) })
  } catch (error) {
    if (error instanceof Refused) return problem(422, error.code, error.message)
    throw error
  }
}
