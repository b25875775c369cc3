import { useStore } from '@nanostores/react'
import { useEffect, useState } from 'react'
import { deskOf } from '../saving/desk.ts'
import type { Desk, DeskOptions, DeskState } from '../saving/desk.ts'
import { keepIn } from '../saving/kept.ts'
import type { Keep, Kept } from '../saving/kept.ts'
import { leftOf } from '../saving/postman.ts'
import { overHttp } from '../saving/server.ts'
import { tabName } from '../saving/tab.ts'
import { useEarly } from './early.ts'
import { useNews } from './useNews.ts'

/** A keep whose place is known only once the page is shown. */
interface LateKeep extends Keep {
  place: Keep | null
}

function lateKeep(): LateKeep {
  let last: Kept | null = null
  const late: LateKeep = {
    place: null,
    read: () => late.place?.read() ?? null,
    write: (kept) => {
      last = kept
      late.place?.write(last)
    },
  }
  return late
}

/** The desk of a page: its things, saved as they are typed; what an earlier life of the page left is taken up again. */
export function useDesk(
  page: string,
  initial: Parameters<typeof deskOf>[0],
  events: DeskOptions['events'] = [],
  belongs?: DeskOptions['belongs'],
): { readonly desk: Desk; readonly state: DeskState } {
  const [{ desk, keep }] = useState(() => {
    const late = lateKeep()
    return {
      desk: deskOf(initial, { server: overHttp, keep: late, events, ...(belongs && { belongs }) }),
      keep: late,
    }
  })
  useEffect(() => {
    void (async () => {
      const left = await leftOf(page)
      keep.place ??= keepIn(localStorage, page, await tabName())
      for (const one of left) one.forget()
      desk.adopt(left)
    })()
    const leave = (): void => void desk.flush()
    window.addEventListener('pagehide', leave)
    return () => window.removeEventListener('pagehide', leave)
  }, [desk, keep, page])
  useEarly()
  useNews(desk.hear)
  return { desk, state: useStore(desk.state) }
}
