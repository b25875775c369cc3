import { deskOf } from './desk.ts'
import type { Standing } from './desk.ts'
import { keepIn, leftBehind } from './kept.ts'
import type { Left } from './kept.ts'
import { overHttp } from './server.ts'
import { otherTabs, tabName } from './tab.ts'

/** What became of something a page left unsaved. */
export interface Delivered {
  readonly page: string
  readonly standing: Standing
}

/** What closed tabs, and earlier pages of this one, left unsaved. */
export async function everythingLeft(): Promise<readonly Left[]> {
  return leftBehind(localStorage, await otherTabs())
}

/** What was left of one page. */
export const leftOf = async (page: string): Promise<readonly Left[]> =>
  (await everythingLeft()).filter((left) => left.page === page)

/** Sends what was left of every page but the one shown, in order; what cannot be saved stays kept for its own page. */
export async function deliver(shown: string): Promise<readonly Delivered[]> {
  const delivered: Delivered[] = []
  const tab = await tabName()
  for (const left of await everythingLeft()) {
    if (left.page === shown) continue
    const desk = deskOf([], { server: overHttp, keep: keepIn(localStorage, left.page, tab) })
    left.forget()
    desk.adopt([left])
    await desk.flush()
    const { standing, message } = desk.state.get()
    desk.close()
    delivered.push({ page: left.page, standing: message && standing === 'saved' ? 'refused' : standing })
  }
  return delivered
}
