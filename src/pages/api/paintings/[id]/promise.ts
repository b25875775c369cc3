import { dayOf } from '../../../../core/plan/calendar.ts'
import { stateIds } from '../../../../core/cure/states.ts'
import { openAnswer } from '../../../../document/answers.ts'
import type { PaintingPromise } from '../../../../studio/promises.ts'
import { paintingOrRefuse } from '../../../../studio/pictures.ts'
import { nowMinute, studio, studioFolder } from '../../../../studio/studio.ts'
import { runForRequest, valueOf } from '../../../../studio/threads.ts'
import { route } from '../../_route.ts'

export const GET = route(
  {
    summary:
      'What may be promised of a painting by a day (on) in a state (needs), as it stands or with one of its levers pulled (lever)',
    answer: openAnswer,
    errors: [404, 422],
  },
  async ({ params, url, request }): Promise<PaintingPromise> => {
    const id = params['id']!
    await paintingOrRefuse(await studio(), id)
    const on = url.searchParams.get('on')
    const needs = stateIds.find((state) => state === url.searchParams.get('needs')) ?? null
    const known = on !== null && /^\d{4}-\d{2}-\d{2}$/.test(on) && dayOf(on) !== null ? on : null
    const given = {
      folder: await studioFolder(),
      now: nowMinute(),
      id,
      on: known,
      needs,
      lever: url.searchParams.get('lever'),
    }
    return valueOf(await runForRequest('promise', given, request))
  },
)
