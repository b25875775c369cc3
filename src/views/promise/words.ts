import { dayOf } from '../../core/plan/calendar.ts'
import type { Promised } from '../../core/plan/promise.ts'
import { dayText } from '../../ui/format.ts'
import { chanceInTen } from '../horizon/words.ts'

/** The sentence to send: what is likely, what is safe, what follows, and how their own day stands. */
export function sentenceOf({ days, chance }: Promised, on: string | null): string {
  const { sent, varnished } = days
  if (!sent)
    return 'As it is planned it would never be dry enough to travel: something in it has to change first.'
  const parts = [
    `It can most likely travel to you about ${dayText(sent.likely)}, and safely from ${dayText(sent.safe)}.`,
    varnished
      ? `The varnish follows from about ${dayText(varnished.safe)}; until then it is best kept out of dust.`
      : 'It will stay without a varnish.',
  ]
  if (on && chance !== null) parts.push(theirDay(on, chance))
  return parts.join(' ')
}

function theirDay(on: string, chance: number): string {
  const day = dayText(dayOf(on)!)
  if (chance >= 0.9) return `${day} can be kept.`
  if (chance >= 0.55) return `${day} is likely, about ${chanceInTen(chance)}, but not sure.`
  if (chance >= 0.45) return `${day} is about an even chance.`
  return `${day} is unlikely (${chanceInTen(chance)}): oil takes its time to dry, and hurrying it would cost the picture.`
}

/** What a lever wins of the likely day it may be sent. */
export function gainWords(before: Promised, pulled: Promised): string {
  const [was, is] = [before.days.sent, pulled.days.sent]
  if (!was || !is) return 'never firm'
  const days = Math.round(was.likely - is.likely)
  if (days === 0) return 'no sooner firm'
  return days > 0 ? `firm ${days} days sooner` : `firm ${-days} days later`
}
