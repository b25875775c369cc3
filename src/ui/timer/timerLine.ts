import { beep } from '../alarm/beep.ts'
import { isDue, leftWords, startTimer, stopTimer, timerHeard, timers, usualTimers } from './timers.ts'
import type { Timer } from './timers.ts'

/** The line of timers on every page: what runs, a way to start one, and, when one is due, one large target to hush it. */

const everyMs = 1000
const ringsEveryMs = 8000
const mostMinutes = 7 * 24 * 60

export function showTimers(): void {
  const place = document.getElementById('timers')
  if (!place) return
  const line = element('div', 'flex flex-wrap items-center gap-x-5')
  const due = element('div', '')
  const start = startMenu(() => draw())
  place.append(due, line)
  let lastRing = 0
  let drawn = ''
  const draw = (): void => {
    const now = Date.now()
    const all = timers()
    const [ringing, running] = [all.filter((one) => isDue(one, now)), all.filter((one) => !isDue(one, now))]
    holdScreen(running.length > 0)
    line.replaceChildren(...running.map((one) => runningChip(one, now, draw)), start)
    const state = ringing.map(({ id }) => id).join()
    if (state !== drawn) due.replaceChildren(...ringing.map((one) => dueBar(one, draw)))
    drawn = state
    if (ringing.length > 0 && now - lastRing > ringsEveryMs) {
      lastRing = now
      beep()
      tell(ringing[0]!)
    }
  }
  draw()
  setInterval(draw, everyMs)
  document.addEventListener('visibilitychange', draw)
}

function element<Tag extends keyof HTMLElementTagNameMap>(
  tag: Tag,
  className: string,
  text = '',
): HTMLElementTagNameMap[Tag] {
  const made = document.createElement(tag)
  made.className = className
  made.textContent = text
  return made
}

function buttonOf(text: string, className: string, onClick: () => void): HTMLButtonElement {
  const made = element('button', className, text)
  made.type = 'button'
  made.addEventListener('click', onClick)
  return made
}

function runningChip(timer: Timer, now: number, draw: () => void): HTMLElement {
  const chip = element('span', 'inline-flex min-h-11 items-center gap-2 text-[0.95rem]')
  const words = element(
    'span',
    '',
    `${timer.name}${timer.repeats ? ' (again and again)' : ''}: ${leftWords(timer, now)}`,
  )
  words.setAttribute('role', 'timer')
  const stop = buttonOf('stop', 'min-h-11 link', () => {
    stopTimer(timer.id)
    draw()
  })
  stop.setAttribute('aria-label', `Stop the timer ${timer.name}`)
  chip.append(words, stop)
  return chip
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

/** A small menu that starts a timer: the usual ones in a tap, any other by name and minutes. */
function startMenu(draw: () => void): HTMLElement {
  const menu = element('details', 'relative')
  const summary = element(
    'summary',
    'inline-flex min-h-11 cursor-pointer items-center text-[0.88rem] text-soft hover:text-ink',
    'Timer',
  )
  const box = element('div', 'absolute z-30 grid w-72 gap-2 border border-ink bg-sheet p-4')
  const begin = (told: Pick<Timer, 'name' | 'minutes' | 'repeats'>): void => {
    startTimer(told, Date.now())
    void askToNotify()
    menu.open = false
    draw()
  }
  for (const usual of usualTimers)
    box.append(
      buttonOf(
        `${usual.name}, ${minutesText(usual.minutes)}${usual.repeats ? ', again and again' : ''}`,
        'button min-h-11 justify-start',
        () => begin(usual),
      ),
    )
  box.append(ownTimer(begin))
  box.append(
    element(
      'p',
      'text-[0.8rem] text-soft',
      'It sounds while this page is open. A locked screen may hold it back, so the screen is kept on where the browser allows; a page in the background may ring late.',
    ),
  )
  menu.append(summary, box)
  return menu
}

const minutesText = (minutes: number): string => (minutes >= 60 ? `${minutes / 60} h` : `${minutes} min`)

function ownTimer(begin: (told: Pick<Timer, 'name' | 'minutes' | 'repeats'>) => void): HTMLElement {
  const form = element('form', 'flex flex-wrap items-end gap-2')
  const name = field('Name of the timer', 'w-28', 'text')
  const minutes = field('Minutes', 'w-16', 'number')
  minutes.input.min = '0.1'
  minutes.input.max = String(mostMinutes)
  minutes.input.step = 'any'
  minutes.input.required = true
  form.append(name.label, minutes.label)
  const start = element('button', 'button min-h-11', 'Start')
  start.type = 'submit'
  form.append(start)
  form.addEventListener('submit', (event) => {
    event.preventDefault()
    begin({
      name: name.input.value.trim().slice(0, 60) || 'Timer',
      minutes: Number(minutes.input.value),
      repeats: false,
    })
  })
  return form
}

function field(label: string, className: string, type: string) {
  const made = element('label', `grid text-[0.8rem] text-soft ${className}`, label)
  const input = element('input', 'field')
  input.type = type
  made.append(input)
  return { label: made, input }
}

let lock: WakeLockSentinel | null = null

/** Keeps the screen on while a timer runs, where the browser allows it. */
function holdScreen(wanted: boolean): void {
  if (!wanted) {
    void lock?.release().catch(() => undefined)
    lock = null
    return
  }
  if (lock || document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
  void navigator.wakeLock.request('screen').then(
    (held) => {
      lock = held
      held.addEventListener('release', () => (lock = null))
    },
    () => undefined,
  )
}

const mayNotify = (): boolean => 'Notification' in window && Notification.permission === 'granted'

async function askToNotify(): Promise<void> {
  if ('Notification' in window && Notification.permission === 'default')
    await Notification.requestPermission().catch(() => undefined)
}

function tell({ name }: Timer): void {
  if (document.visibilityState === 'visible' || !mayNotify()) return
  try {
    new Notification(`${name} is over`, { tag: `grelta ${name}` })
  } catch {
    // Some browsers tell only from a worker.
  }
}
