import { openAnswer } from '../../document/answers.ts'
import type { Rack } from '../../studio/lists/rack.ts'
import { linesAtATime } from '../../studio/listPage.ts'
import { nowMinute, studioFolder } from '../../studio/studio.ts'
import { runTask } from '../../studio/threads.ts'
import { route } from './_route.ts'

export const GET = route(
  {
    summary:
      'The rack of swatches (so many rows, the latest first, and this swatch), its trials, and what all checks have taught',
    answer: openAnswer,
  },
  async ({ url }): Promise<Rack> => {
    const rows = Number(url.searchParams.get('rows') ?? linesAtATime)
    const asked = {
      rows: Number.isSafeInteger(rows) ? rows : linesAtATime,
      swatch: url.searchParams.get('swatch'),
    }
    return runTask('rack', { folder: await studioFolder(), now: nowMinute(), asked })
  },
)
