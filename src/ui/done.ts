import { useEffect } from 'react'
import { say } from './messages.ts'

/** After a page was loaded anew because something was done: says what, and offers to take it back, once. */
export function useDone(): void {
  useEffect(() => {
    const query = new URLSearchParams(window.location.search)
    const [did, event] = [query.get('did'), Number(query.get('event'))]
    if (!did || !event) return
    window.history.replaceState(null, '', window.location.pathname)
    say(did, event)
  }, [])
}

/** Loads a page and says there what was done. */
export const goAndSay = (path: string, did: string, event: number): void =>
  window.location.assign(`${path}?did=${encodeURIComponent(did)}&event=${event}`)
