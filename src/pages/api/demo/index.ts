import { begunAnswer } from '../../../document/carrying.ts'
import { openDemo } from '../../../studio/demoWalk.ts'
import { beginJob } from '../../../studio/jobs.ts'
import { route } from '../_route.ts'

export const POST = route(
  { summary: 'Begins to open a demo studio beside this one; the job answers its port', answer: begunAnswer },
  () => Promise.resolve(beginJob(() => openDemo())),
)
