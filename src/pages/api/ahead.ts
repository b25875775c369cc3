import { z } from 'zod'
import { aheadOf } from '../../studio/lists/ahead.ts'
import { nowMinute } from '../../studio/studio.ts'
import { reading } from './_route.ts'

export const GET = reading(
  {
    summary: 'What is to be done on which day besides painting',
    answer: z.object({ items: z.array(z.looseObject({})) }),
  },
  async (db) => ({ items: await aheadOf(db, nowMinute()) }),
)
