import { z } from 'zod'
import { batchOrRefuse } from '../../../../studio/batchList.ts'
import { keepPhoto } from '../../../../studio/photos.ts'
import { studio } from '../../../../studio/studio.ts'
import { readUpTo } from '../../_body.ts'
import { route } from '../../_route.ts'

const mostBytes = 15_000_000

export const PUT = route(
  {
    summary: 'A photograph of a batch, as the bytes of a picture; answers its hash',
    answer: z.object({ photo: z.string() }),
    errors: [404, 413, 422],
  },
  async ({ params, request }) => {
    const sent = await readUpTo(request, mostBytes)
    await batchOrRefuse(await studio(), params['id']!)
    return { photo: await keepPhoto(sent) }
  },
)
