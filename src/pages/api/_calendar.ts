import { feedText } from '../../studio/lists/feed.ts'
import { nowMinute, stillToJudge, studio, studioFolder } from '../../studio/studio.ts'
import { runTask } from '../../studio/threads.ts'

/** A calendar is read by programs that come again; it waits longer than a page for what is being judged. */
const patienceMs = 1000

/** The studio's calendar as it stands, its entries numbered. */
export async function calendarNow(): Promise<string> {
  await stillToJudge(patienceMs)
  const now = nowMinute()
  const entries = await runTask('calendar', { folder: await studioFolder(), now })
  return feedText(await studio(), entries, now)
}
