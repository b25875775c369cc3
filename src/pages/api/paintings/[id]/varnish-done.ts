import { writtenAnswer } from '../../../../document/answers.ts'
import { varnishDoneRequest } from '../../../../document/requests.ts'
import { varnishDone } from '../../../../studio/owed.ts'
import { writing } from '../../_route.ts'

export const POST = writing(
  {
    summary: 'Say on which day the varnish that was owed went on; null takes it back',
    body: varnishDoneRequest,
    answer: writtenAnswer,
    errors: [404],
  },
  (write, { body, params }) => varnishDone(write, params['id']!, body.on),
)
