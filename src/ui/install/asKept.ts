import { asRead } from '../../writing/reader.ts'
import { momentText } from '../../document/dateText.ts'
import { minuteAt } from '../../core/plan/calendar.ts'

/** Says of a page that this device has kept from when it is, and what becomes of what is tapped on it. */
export function tellAsKept(at: string): void {
  const told = document.createElement('p')
  told.role = 'status'
  told.className = 'mx-auto max-w-[84rem] border-b border-watch px-6 py-2 sm:px-8'
  told.textContent = asRead(
    `The studio’s computer does not answer. This is the page as it was ${momentText(minuteAt(new Date(at)))}; what you tap and type is kept here and sent once it answers.`,
  )
  document.querySelector('body > header')?.after(told)
}
