import { z } from 'zod'
import type { Database } from '../../store/database.ts'
import { keepPhoto } from '../../studio/photos.ts'
import { studio } from '../../studio/studio.ts'
import { readUpTo } from './_body.ts'
import { route } from './_route.ts'

const mostBytes = 15_000_000

/** Takes a photograph of something the studio has, which is looked up first. */
export const photographOf = (what: string, orRefuse: (db: Database, id: string) => Promise<unknown>) =>
  route(
    {
      summary: `A photograph of ${what}, as the bytes of a picture; answers its hash`,
      answer: z.object({ photo: z.string() }),
      errors: [404, 413, 422],
    },
    async ({ params, request }) => {
      const sent = await readUpTo(request, mostBytes)
      await orRefuse(await studio(), params['id']!)
      return { photo: await keepPhoto(sent) }
    },
  )
