import type { OilingOut } from '../practice/practice.ts'
import { rankOf } from './stageOf.ts'
import type { Reached } from './stageOf.ts'

/** What may be done about a dull surface, and which of it is wise (C68). */
export const brightenings = ['oil-out', 'temporary-varnish', 'nothing'] as const
export type Brightening = (typeof brightenings)[number]

export const brighteningNames: Readonly<Record<Brightening, string>> = {
  'oil-out': 'Oil it out',
  'temporary-varnish': 'A temporary varnish',
  nothing: 'Leave it',
}

export interface DullPicture {
  /** Whether paint still goes on it. */
  readonly isGoingOn: boolean
  /** Days until it is shown; null: no day is set. */
  readonly showDays: number | null
  readonly state: Reached
  readonly oilingOut: OilingOut
  /** Why its surface takes no oil; null: it does. */
  readonly refusesOil: string | null
}

export interface BrightenAdvice {
  readonly what: Brightening
  readonly advice: 'do' | 'may' | 'not'
  readonly because: string
}

/** So soon before a show there is no time for its varnish. */
const soonDays = 90

export function brightenAdvice(picture: DullPicture): readonly BrightenAdvice[] {
  return [adviceOnOil(picture), adviceOnTemporary(picture), adviceOnNothing(picture)]
}

function adviceOnOil({ isGoingOn, refusesOil, oilingOut }: DullPicture): BrightenAdvice {
  const say = (advice: BrightenAdvice['advice'], because: string): BrightenAdvice => ({
    what: 'oil-out',
    advice,
    because,
  })
  if (refusesOil) return say('not', refusesOil)
  if (oilingOut === 'never') return say('not', 'its practice never oils out: the surface stays matt as it is')
  if (isGoingOn)
    return say('do', 'only where you work today, and paint into it: what is left open is a layer of its own')
  return say('may', 'it evens the sheen before a varnish, and what is left over 3 µm restarts its date')
}

function adviceOnTemporary({ isGoingOn, state, showDays }: DullPicture): BrightenAdvice {
  const say = (advice: BrightenAdvice['advice'], because: string): BrightenAdvice => ({
    what: 'temporary-varnish',
    advice,
    because,
  })
  if (isGoingOn)
    return say('not', 'paint goes on over it: a soluble film inside the picture can never be cleaned past')
  if (rankOf(state) < rankOf('touch')) return say('not', 'something on it is not touch dry')
  if (showDays === null) return say('not', 'no show is near: the varnish itself will even it')
  return showDays <= soonDays
    ? say('do', 'a thin coat a week after all is touch dry, and off again before the varnish')
    : say('may', 'there may still be time for its varnish')
}

const adviceOnNothing = ({ isGoingOn, showDays }: DullPicture): BrightenAdvice => ({
  what: 'nothing',
  advice: !isGoingOn && showDays === null ? 'do' : 'may',
  because: isGoingOn
    ? 'where you do not work today: it comes back under the next layer or the varnish'
    : 'a varnish evens what differs by one step',
})
