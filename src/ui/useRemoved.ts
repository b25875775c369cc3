import { useEffect } from 'react'
import { say } from './Toasts.tsx'

/** After a page that removed something has sent us back to its list: offers to take the removal back, once. */
export function useRemoved(what: string): void {
  useEffect(() => {
    const event = Number(new URLSearchParams(window.location.search).get('removed'))
    if (!event) return
    window.history.replaceState(null, '', window.location.pathname)
    say(`${what} removed.`, event)
  }, [what])
}
