import { z } from 'zod'
import { owedVarnishes } from '../../studio/owed.ts'
import { reading } from './_route.ts'

export const GET = reading(
  {
    summary: 'Varnishes agreed on, what is due first',
    answer: z.object({ varnishes: z.array(z.looseObject({})) }),
  },
  async (db) => ({ varnishes: await owedVarnishes(db) }),
)
