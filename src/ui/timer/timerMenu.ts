import { buttonOf, element } from './elements.ts'
import { askToNotify } from './hold.ts'
import { leftShort, leftWords, startTimer, stopTimer, usualTimers } from './timers.ts'
import type { Timer } from './timers.ts'

const mostMinutes = 7 * 24 * 60

/** The timers in the head of a page: what is left of the next one; opened, all of them, and a way to start another. */
export interface TimerMenu {
  readonly shown: HTMLElement
  /** Draws what is left now of these that run, the next to ring first. */
  readonly draw: (running: readonly Timer[], now: number) => void
}

/** @param onChange called when one was started or stopped */
export function timerMenu(onChange: () => void): TimerMenu {
  const menu = element('details', '')
  const summary = element(
    'summary',
    'flex min-h-11 cursor-pointer items-center justify-end gap-1.5 text-[0.88rem] whitespace-nowrap text-soft tabular-nums hover:text-ink',
  )
  const name = element('span', 'hidden truncate lg:inline')
  const left = element('span', '', 'Timer')
  summary.append(name, left)
  const box = element('div', 'absolute right-0 z-30 grid w-80 gap-2 border border-ink bg-sheet p-4 text-left')
  const list = element('ul', 'grid')
  box.append(
    list,
    starters((told) => {
      startTimer(told, Date.now())
      void askToNotify()
      menu.open = false
      onChange()
    }),
  )
  menu.append(summary, box)
  closesOutside(menu, summary)
  let listed = ''
  return {
    shown: menu,
    draw: (running, now) => {
      const [next, ...others] = running
      name.textContent = next ? next.name : ''
      left.textContent = next
        ? `${leftShort(next, now)}${others.length > 0 ? ` +${others.length}` : ''}`
        : 'Timer'
      summary.classList.toggle('text-ink', next !== undefined)
      summary.ariaLabel = next ? `Timers; ${next.name}: ${leftWords(next, now)}` : null
      const ids = running.map(({ id }) => id).join()
      if (ids !== listed) list.replaceChildren(...running.map((one) => runningLine(one, onChange)))
      listed = ids
      for (const [at, one] of running.entries())
        list.children[at]!.querySelector('[role=timer]')!.textContent = runningWords(one, now)
    },
  }
}

const runningWords = (timer: Timer, now: number): string =>
  `${timer.name}${timer.repeats ? ' (again and again)' : ''}: ${leftWords(timer, now)}`

function runningLine({ id, name }: Timer, onChange: () => void): HTMLElement {
  const line = element('li', 'flex min-h-11 items-center justify-between gap-2 border-b border-rule')
  const words = element('span', 'tabular-nums')
  words.setAttribute('role', 'timer')
  const stop = buttonOf('stop', 'min-h-11 link', () => {
    stopTimer(id)
    onChange()
  })
  stop.setAttribute('aria-label', `Stop the timer ${name}`)
  line.append(words, stop)
  return line
}

type Told = Pick<Timer, 'name' | 'minutes' | 'repeats'>

/** The usual ones in a tap, any other by name and minutes. */
function starters(begin: (told: Told) => void): DocumentFragment {
  const all = document.createDocumentFragment()
  for (const usual of usualTimers)
    all.append(
      buttonOf(
        `${usual.name}, ${minutesText(usual.minutes)}${usual.repeats ? ', again and again' : ''}`,
        'button min-h-11 justify-start',
        () => begin(usual),
      ),
    )
  all.append(
    ownTimer(begin),
    element(
      'p',
      'text-[0.8rem] text-soft',
      'It sounds while a page of Grelta is open in this browser. A locked screen may hold it back, so the screen is kept on in the last hour where the browser allows; a page in the background may ring late.',
    ),
  )
  return all
}

const minutesText = (minutes: number): string => (minutes >= 60 ? `${minutes / 60} h` : `${minutes} min`)

function ownTimer(begin: (told: Told) => void): HTMLElement {
  const form = element('form', 'grid grid-cols-[1fr_4.5rem_auto] items-end gap-2')
  const name = field('Name of the timer', 'text')
  const minutes = field('Minutes', 'number')
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
    form.reset()
  })
  return form
}

function field(label: string, type: string) {
  const made = element('label', 'grid min-w-0 text-[0.8rem] text-soft', label)
  const input = element('input', 'field w-full min-w-0')
  input.type = type
  made.append(input)
  return { label: made, input }
}

/** By a tap anywhere else, and by Escape, which gives the focus back. */
function closesOutside(menu: HTMLDetailsElement, summary: HTMLElement): void {
  document.addEventListener('click', (event) => {
    if (!event.composedPath().includes(menu)) menu.open = false
  })
  menu.addEventListener('keydown', ({ key }) => {
    if (key !== 'Escape' || !menu.open) return
    menu.open = false
    summary.focus()
  })
}
