import { z } from 'zod'
import { reading } from './_route.ts'

export const GET = reading(
  {
    summary: 'Answers once the studio is open; with the name of this very program',
    answer: z.object({ ok: z.literal(true), run: z.string() }),
  },
  () => Promise.resolve({ ok: true as const, run: process.env['GRELTA_RUN'] ?? '' }),
)
