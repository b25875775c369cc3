import type { APIRoute } from 'astro'
import { calendarOf } from '../../studio/calendar.ts'
import { nowMinute, studio } from '../../studio/studio.ts'

export const GET: APIRoute = async () =>
  new Response(await calendarOf(await studio(), nowMinute()), {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'content-disposition': 'attachment; filename="grelta-plan.ics"', 'cache-control': 'no-store' },
  })
