import { checks } from '../cure/checkWords.ts'
import { isThinSpot, stateOfCheck } from '../cure/checks.ts'
import type { CheckId, Finger } from '../cure/checks.ts'
import { stateIds } from '../cure/states.ts'

/**
 * What a trial has shown: a swatch beside a control, by a rule written before it began. A control that fails too makes it
 * inconclusive, whatever the swatch did.
 */
export type TrialOutcome = 'open' | 'yes' | 'no' | 'inconclusive'

/** A hand on a swatch, so many days after it was laid. */
export interface TrialFinger extends Finger {
  readonly day: number
  /** In a few words; what is said to be thin counts as a thin part. */
  readonly where: string
}

export interface TrialVerdict {
  readonly outcome: TrialOutcome
  readonly says: string
  /** What to do otherwise next time, where nothing was shown. */
  readonly change: string | null
}

export interface CheckRule {
  readonly check: CheckId
  /** By this day after it was laid. */
  readonly day: number
}

/** A look a day early, or some days late, still decides. */
const early = 1

const open = (says: string): TrialVerdict => ({ outcome: 'open', says, change: null })

/** The verdict of a trial of drying (C83). */
export function verdictByCheck(
  rule: CheckRule,
  tried: readonly TrialFinger[],
  control: readonly TrialFinger[],
): TrialVerdict {
  const { name, passes } = checks[rule.check]
  const [ofTried, ofControl] = [lookAt(rule, tried), lookAt(rule, control)]
  if (!ofTried || !ofControl) {
    const missing = !ofTried && !ofControl ? 'both' : ofTried ? 'the control' : 'the swatch'
    return open(`Still to be looked at by ${name} on day ${rule.day}: ${missing}.`)
  }
  if (!ofControl.passed) {
    const thin = ofTried.thinPassed || ofControl.thinPassed
    return {
      outcome: 'inconclusive',
      says: `The control fails too (${name}, day ${rule.day})${thin ? '; thin parts pass only' : ''}. It shows nothing of what was tried.`,
      change: thin
        ? 'Draw both down again at one even thickness, thinner, with a spacer under the blade.'
        : 'Draw both down again, thinner, or give them more days; a control has to pass for a trial to tell.',
    }
  }
  return ofTried.passed
    ? { outcome: 'yes', says: `By day ${rule.day} it is as the control: ${passes}.`, change: null }
    : {
        outcome: 'no',
        says: `On day ${rule.day} it ${checks[rule.check].fails}, and the control does not.`,
        change: null,
      }
}

interface Look {
  readonly passed: boolean
  /** A thin part passed although the whole did not. */
  readonly thinPassed: boolean
}

/** What decides: the first look at the whole that is due, else an earlier pass; null: it has to be looked at yet. */
function lookAt({ check, day }: CheckRule, fingers: readonly TrialFinger[]): Look | null {
  const telling = fingers.filter((finger) => tells(finger, check)).sort((a, b) => a.day - b.day)
  const whole = telling.filter((finger) => !isThin(finger))
  const decisive = whole.find((finger) => finger.day >= day - early) ?? whole.findLast(({ passed }) => passed)
  if (!decisive) return null
  const { passed } = decisive
  return { passed, thinPassed: !passed && telling.some((finger) => isThin(finger) && finger.passed) }
}

/** Whether a finger says anything of this check: the same state, a later one passed or an earlier one failed. */
function tells(finger: TrialFinger, check: CheckId): boolean {
  const [asked, told] = [check, finger.check].map((id) => stateIds.indexOf(stateOfCheck[id])) as [
    number,
    number,
  ]
  return finger.passed ? told >= asked : told <= asked
}

const isThin = ({ where }: TrialFinger): boolean => isThinSpot(where)
