import { isCalendarKey } from '../../../studio/lists/feed.ts'
import { studio } from '../../../studio/studio.ts'
import { problem } from '../_answers.ts'
import { calendarNow } from '../_calendar.ts'
import { route } from '../_route.ts'

/** The calendar at its secret address, for a phone: it brings no passphrase, the address is one. */
export const GET = route(
  {
    summary: 'The calendar at its secret, renewable address, to subscribe to',
    answer: 'text/calendar',
    errors: [404],
  },
  async ({ params }) => {
    const key = (params['key'] ?? '').replace(/\.ics$/, '')
    if (!(await isCalendarKey(await studio(), key)))
      return problem(
        404,
        'not-found',
        'No calendar is given out at this address. Its newest one is on the Studio page.',
      )
    return new Response(await calendarNow(), {
      headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'no-store' },
    })
  },
)
