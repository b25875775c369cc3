import { useEffect, useRef } from 'react'
import type { Thing } from '../saving/drafts.ts'
import { read } from './client.ts'
import { say } from './messages.ts'

/** What other windows do is asked for while this one is looked at: at each return to it, and so often. */
const everyMs = 5000

/** Takes the news over. False: not now, tell it again. */
type Hear = (news: readonly Thing[]) => boolean

const hearing = new Set<Hear>()
let since: number | null = null
let asking = false
const said = new Set<string>()
let timer: ReturnType<typeof setInterval> | undefined

/** Has a part of the page told what other windows changed, as it stands now. */
export function useNews(hear: Hear): void {
  const latest = useRef(hear)
  useEffect(() => {
    latest.current = hear
  })
  useEffect(() => {
    const told: Hear = (news) => latest.current(news)
    hearing.add(told)
    if (hearing.size === 1) listen()
    return () => {
      hearing.delete(told)
      if (hearing.size === 0) stop()
    }
  }, [])
}

const ask = (): void => void asked(false)
const returned = (): void => void asked(true)

function listen(): void {
  timer = setInterval(ask, everyMs)
  document.addEventListener('visibilitychange', returned)
  window.addEventListener('focus', returned)
}

function stop(): void {
  clearInterval(timer)
  document.removeEventListener('visibilitychange', returned)
  window.removeEventListener('focus', returned)
}

async function asked(onReturn: boolean): Promise<void> {
  if (asking || document.visibilityState !== 'visible') return
  asking = true
  const page = document.getElementById('sheet')!.dataset
  since ??= Number(page['event'])
  const reply = await read('GET /api/since', { query: { event: since } })
  asking = false
  if (!reply.ok) return
  const { event, day, things, more } = reply.value
  const told = [...hearing].map((hear) => hear(things)).every(Boolean)
  if (told) since = event
  if (more) loadAnew('Much was changed in another window.', told && onReturn)
  else if (day !== page['day']) loadAnew('A new day has begun.', told && onReturn)
}

/** Where nothing would be lost by it; else it is said, once. */
function loadAnew(why: string, mayBe: boolean): void {
  const typing = document.activeElement?.matches('input, textarea, select') ?? false
  if (mayBe && !typing) return window.location.reload()
  if (said.has(why)) return
  said.add(why)
  say(`${why} Load this page again to see it.`)
}
