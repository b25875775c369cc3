import { openAnswer } from '../../document/answers.ts'
import type { TellingCheck } from '../../studio/telling.ts'
import { nowMinute, studioFolder } from '../../studio/studio.ts'
import { runTask } from '../../studio/threads.ts'
import { route } from './_route.ts'

export const GET = route(
  {
    summary: 'The one check that would tell most today',
    answer: openAnswer,
  },
  async (): Promise<{ readonly telling: TellingCheck | null }> => {
    const { telling } = await runTask('rack', {
      folder: await studioFolder(),
      now: nowMinute(),
      asked: { rows: 0, swatch: null },
    })
    return { telling }
  },
)
