import { z } from 'zod'
import { jobAnswer } from '../../../document/carrying.ts'
import { jobOf, stopJob } from '../../../studio/jobs.ts'
import { gone } from '../../../studio/refused.ts'
import { route } from '../_route.ts'

export const GET = route(
  {
    summary: 'How far a piece of work is; what it failed with, if it did',
    answer: jobAnswer,
    errors: [404, 422],
  },
  ({ params }) => {
    const job = jobOf(params['id']!)
    if (!job) throw gone('work')
    return Promise.resolve(job)
  },
)

export const DELETE = route(
  { summary: 'Stops a piece of work', answer: z.object({}), errors: [404] },
  ({ params }) => {
    if (!stopJob(params['id']!)) throw gone('work')
    return Promise.resolve({})
  },
)
