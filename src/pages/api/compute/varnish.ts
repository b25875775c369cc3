import { varnishDates } from '../../../core/plan/varnishDates.ts'
import { openAnswer } from '../../../document/answers.ts'
import { varnishRequest } from '../../../document/compute.ts'
import { route } from '../_route.ts'

export const POST = route(
  {
    summary: 'When a picture may be varnished by the calendar of each school, and how much it takes',
    body: varnishRequest,
    answer: openAnswer,
  },
  ({ body }) => Promise.resolve(varnishDates(body)),
)
