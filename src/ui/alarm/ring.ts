import { alarmsDue, heard } from './alarms.ts'
import type { Alarm } from './alarms.ts'
import { beep } from './beep.ts'

/** Rings the alarms of heaps on every page: a line that stays until it is heard, a sound, and the page's title. */

const everyMs = 5000

export function ringAlarms(): void {
  const place = document.getElementById('alarms')
  if (!place) return
  const shown = new Set<string>()
  const title = document.title
  const look = (): void => {
    for (const alarm of alarmsDue(Date.now())) {
      if (shown.has(alarm.id)) continue
      shown.add(alarm.id)
      place.append(
        lineOf(alarm, () => {
          heard(alarm.id)
          shown.delete(alarm.id)
          if (shown.size === 0) document.title = title
        }),
      )
      document.title = `A heap sets · ${title}`
      beep()
    }
  }
  look()
  setInterval(look, everyMs)
}

function lineOf({ says, sets, address }: Alarm, onHeard: () => void): HTMLElement {
  const line = document.createElement('p')
  line.role = 'alert'
  line.className =
    'flex flex-wrap items-center gap-x-5 gap-y-1 border-l-[6px] border-watch bg-sheet px-4 py-2 text-[1.15rem]'
  const words = document.createElement('span')
  const when = new Date(sets).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
  words.textContent = `${says}: it begins to set about ${when}. Use it, cover it, or let it go.`
  const link = document.createElement('a')
  link.href = address
  link.className = 'link'
  link.textContent = 'the palette'
  const button = document.createElement('button')
  button.type = 'button'
  button.className = 'button min-h-11'
  button.textContent = 'I hear'
  button.addEventListener('click', () => {
    onHeard()
    line.remove()
  })
  line.append(words, link, button)
  return line
}
