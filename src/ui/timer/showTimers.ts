import { beep } from '../alarm/beep.ts'
import { buttonOf } from './elements.ts'
import { holdScreen, notify } from './hold.ts'
import { timerMenu } from './timerMenu.ts'
import { isDue, timerHeard, timers } from './timers.ts'
import type { Timer } from './timers.ts'

const everyMs = 1000
const ringsEveryMs = 8000
/** The screen is kept on this long before one rings, and while it does: not through a night. */
const holdsForMs = 3_600_000

/** Shows the timers in the head of every page and, when one is due, one large target to hush it. */
export function showTimers(): void {
  const [head, below] = [document.getElementById('timers'), document.getElementById('rings')]
  if (!head || !below) return
  const menu = timerMenu(() => draw())
  head.append(menu.shown)
  let lastRing = 0
  let ringing = ''
  const draw = (): void => {
    const now = Date.now()
    const all = timers()
    const due = all.filter((one) => isDue(one, now))
    const running = all.filter((one) => !isDue(one, now)).sort((a, b) => a.at - b.at)
    holdScreen(all.some(({ at }) => at - now < holdsForMs))
    menu.draw(running, now)
    const ids = due.map(({ id }) => id).join()
    if (ids !== ringing) below.replaceChildren(...due.map((one) => dueBar(one, draw)))
    ringing = ids
    if (due.length > 0 && now - lastRing > ringsEveryMs) {
      lastRing = now
      beep()
      notify(`${due[0]!.name} is over`)
    }
  }
  draw()
  setInterval(draw, everyMs)
  document.addEventListener('visibilitychange', draw)
}

/** As large as the page is wide: it can be hit with an elbow. */
function dueBar(timer: Timer, draw: () => void): HTMLElement {
  const bar = buttonOf(
    `${timer.name} is over. Tap anywhere here.`,
    'my-2 block min-h-28 w-full border-2 border-watch bg-sheet px-6 text-left font-read text-[1.8rem]',
    () => {
      timerHeard(timer.id, Date.now())
      draw()
    },
  )
  bar.setAttribute('role', 'alert')
  return bar
}
