import type { TickRequest } from '../../document/requests.ts'
import type { Evening } from '../../studio/evening.ts'
import type { EveningPage } from '../../studio/lists/eveningPage.ts'

/** A tick on something a day asks for, or on a check of the studio's own. */
export type Tick = Omit<TickRequest, 'tapped'>

const without = <Of>(all: readonly Of[], one: Of | null): readonly Of[] =>
  all.filter((other) => other !== one)

/** The page with a tick as it was tapped, while the studio is still to be told of it. */
export const tickedAsTapped = (page: EveningPage, on: string, { what, check, is }: Tick): EveningPage =>
  onDay(page, on, ({ out, closing, ...day }) => ({
    ...day,
    out: what === null ? out : is ? without(out, what) : [...without(out, what), what],
    closing: {
      ...closing,
      closedAt: what === null ? closing.closedAt : null,
      checked:
        check === null ? closing.checked : [...without(closing.checked, check), ...(is ? [check] : [])],
    },
  }))

/** The page with a day closed at that minute, if nothing of it is about, while the studio is still to be told of it. */
export const closedAsTapped = (page: EveningPage, on: string, at: string): EveningPage =>
  onDay(page, on, (day) => (day.out.length > 0 ? day : { ...day, closing: { ...day.closing, closedAt: at } }))

function onDay({ today, before }: EveningPage, on: string, change: (day: Evening) => Evening): EveningPage {
  const changed = (day: Evening): Evening => (day.on === on ? change(day) : day)
  return { today: changed(today), before: before.map(changed) }
}
