import { openAnswer } from '../../document/answers.ts'
import type { Rack } from '../../studio/lists/rack.ts'
import { nowMinute, studioFolder } from '../../studio/studio.ts'
import { runTask } from '../../studio/threads.ts'
import { route } from './_route.ts'

export const GET = route(
  { summary: 'The rack of swatches, its trials, and what all checks have taught', answer: openAnswer },
  async (): Promise<Rack> => runTask('rack', { folder: await studioFolder(), now: nowMinute() }),
)
