import { lastUses, putAwayTexts, stillOut } from '../core/evening/putAway.ts'
import type { PutAway } from '../core/evening/putAway.ts'
import { dateOf, dayOf } from '../core/plan/calendar.ts'
import type { Closing } from '../document/closing.ts'
import type { TickRequest } from '../document/requests.ts'
import { dateText } from '../document/dateText.ts'
import type { Summary } from '../document/judging/summary.ts'
import type { Database, Trx } from '../store/database.ts'
import { find, listByIds, listHolding } from '../store/records.ts'
import { commit, doneAt } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { workOn } from './dayWork.ts'
import type { Work } from './dayWork.ts'
import { refused } from './refused.ts'

/** How a day ends: what was used, what of it is still about, whether it is closed. */
export interface Evening {
  readonly on: string
  /** What was done that day, in words. */
  readonly done: readonly string[]
  readonly asks: readonly PutAway[]
  readonly out: readonly PutAway[]
  /** At revision 0 while nobody has ticked anything. */
  readonly closing: Closing & { readonly revision: number }
}

/** So far back it is asked what was never put away, days. */
const askedBackDays = 4

const openClosing = (on: string): Evening['closing'] => ({
  ...{ id: on, on, ticked: {}, checked: [], closedAt: null, revision: 0 },
})

/** One day's end. */
export async function eveningOf(db: Database | Trx, on: string): Promise<Evening> {
  const layers = await listHolding(db, 'layer', `"at":"${on}T`)
  return asEvening(on, await workOn(db, [on], layers), await find(db, 'closing', on))
}

/** The days before today, as far back as is asked, that were worked on and are not closed. */
export async function notPutAway(
  db: Database,
  now: string,
  open: readonly { readonly summary: Summary }[],
): Promise<readonly Evening[]> {
  const today = Math.floor(dayOf(now)!)
  const days = Array.from({ length: askedBackDays }, (_, back) => dateOf(today - askedBackDays + back))
  const work = await workOn(db, days, await listByIds(db, 'layer', workedOn(open, days)))
  const closings = await listByIds(db, 'closing', days)
  return days
    .map((on) => asEvening(on, work, closings.find(({ id }) => id === on) ?? null))
    .filter(({ asks, closing }) => asks.length > 0 && closing.closedAt === null)
}

function asEvening(on: string, work: readonly Work[], kept: Evening['closing'] | null): Evening {
  const done = work.filter(({ at }) => at.startsWith(on))
  const closing = kept ?? openClosing(on)
  const used = lastUses(done)
  const out = stillOut(used, closing.ticked)
  return {
    ...{ on, done: done.map(({ name }) => name), asks: [...used.keys()], out },
    // What was closed is open again once something is used after it.
    closing: out.length > 0 ? { ...closing, closedAt: null } : closing,
  }
}

/** Ids of the layers painted or mixed for on these days, of paintings that are not at rest. */
const workedOn = (
  open: readonly { readonly summary: Summary }[],
  days: readonly string[],
): readonly string[] =>
  open.flatMap(({ summary }) =>
    summary.layers.flatMap(({ id, paintedDay, mixedOn }) =>
      (paintedDay !== null && days.includes(dateOf(paintedDay))) || mixedOn.some((on) => days.includes(on))
        ? [id]
        : [],
    ),
  )

/** Ticks one thing of a day, or takes the tick back. */
export const tick = (write: Write, on: string, { what, check, is, tapped }: TickRequest): Promise<Written> =>
  commit(write, async (trx) => {
    const { revision, ...kept } = (await find(trx, 'closing', on)) ?? openClosing(on)
    const others = Object.entries(kept.ticked).filter(([one]) => one !== what)
    const ticked = Object.fromEntries(what && is ? [...others, [what, doneAt(write, tapped)]] : others)
    const checked = kept.checked.filter((one) => one !== check)
    if (check && is) checked.push(check)
    const name = what ? putAwayTexts[what].name : (check ?? '')
    return {
      what: `${dateText(on)}: ${name} ${is ? 'put away' : 'not put away'}`,
      wishes: [
        {
          kind: 'closing',
          id: on,
          // What is put away now was still about: the day is closed after it, not before.
          body: { ...kept, ticked, checked, closedAt: what === null && is ? kept.closedAt : null },
          seen: revision === 0 ? null : revision,
        },
      ],
    }
  })

/** Calls a day put away; refused while anything of it is still about, the rags first. */
export const closeDay = (write: Write, on: string, tapped?: string): Promise<Written> =>
  commit(write, async (trx) => {
    const { out, closing } = await eveningOf(trx, on)
    const [first] = out
    if (first)
      throw refused(`The day is not put away: ${putAwayTexts[first].short} first. ${putAwayTexts[first].how}`)
    const { revision, ...kept } = closing
    return {
      what: `${dateText(on)} is put away`,
      wishes: [
        {
          kind: 'closing',
          id: on,
          body: { ...kept, closedAt: doneAt(write, tapped) },
          seen: revision === 0 ? null : revision,
        },
      ],
    }
  })
