import { openAnswer } from '../../../../document/answers.ts'
import { consequencesRequest } from '../../../../document/requests.ts'
import { nowMinute, studioFolder } from '../../../../studio/studio.ts'
import { runForRequest } from '../../../../studio/threads.ts'
import { route } from '../../_route.ts'

export const POST = route(
  {
    summary: 'What the planned layers that use the medium would say to another recipe',
    body: consequencesRequest,
    answer: openAnswer,
  },
  async ({ body, params, request }) =>
    runForRequest(
      'consequences',
      { folder: await studioFolder(), now: nowMinute(), mediumId: params['id']!, recipe: body.recipe },
      request,
    ),
)
