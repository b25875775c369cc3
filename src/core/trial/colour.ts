import type { TrialVerdict } from './verdict.ts'

/** Yellowing and darkening of a swatch, read beside its unpainted card (C84). */

export interface Lab {
  readonly L: number
  readonly a: number
  readonly b: number
}

/** A reading, so many days after the swatch was laid. */
export interface ColourRead {
  readonly day: number
  readonly kept: 'light' | 'dark'
  /** A step of the eye card, 1 to 5; null where it was measured. */
  readonly grade: number | null
  readonly lab: Lab | null
}

/** About so many points of b* lie between two steps of the eye card; an estimate. */
const bPerGrade = 3

/** How yellow a reading is, in points of b*; one by eye only to a step. */
export const yellowOf = ({ grade, lab }: Pick<ColourRead, 'grade' | 'lab'>): number =>
  lab ? lab.b : ((grade ?? 1) - 1) * bPerGrade

export interface ColourChange {
  readonly days: number
  readonly kept: 'light' | 'dark'
  /** Points of b* and of L* from the first reading to the last. */
  readonly yellower: number
  readonly darker: number | null
  /** Read by eye, so right to a step of the card only. */
  readonly isByEye: boolean
}

/** From the first reading of a way of keeping to the last; null with fewer than two. Eye and meter are not mixed. */
export function colourChange(readings: readonly ColourRead[], kept: 'light' | 'dark'): ColourChange | null {
  const here = readings.filter((one) => one.kept === kept).sort((a, b) => a.day - b.day)
  const measured = here.filter(({ lab }) => lab !== null)
  const told = measured.length >= 2 ? measured : here.filter(({ grade }) => grade !== null)
  const [first, last] = [told[0], told.at(-1)]
  if (!first || !last || first === last) return null
  return {
    days: last.day - first.day,
    kept,
    yellower: yellowOf(last) - yellowOf(first),
    darker: first.lab && last.lab ? first.lab.L - last.lab.L : null,
    isByEye: first.lab === null,
  }
}

/** What is yellower by more than this in points of b* is worth a watch. */
export const yellowingWatch = 3

export interface ColourRule {
  readonly mostYellower: number
  readonly day: number
}

/** The verdict of a trial of colour: no more yellower than the rule allows by its day, and the control no more either. */
export function verdictByColour(
  { mostYellower, day }: ColourRule,
  tried: readonly ColourRead[],
  control: readonly ColourRead[],
): TrialVerdict {
  const changeOf = (readings: readonly ColourRead[]): number | null => {
    const change = colourChange(readings, 'light') ?? colourChange(readings, 'dark')
    return change && readings.some((one) => one.day >= day - 1) ? change.yellower : null
  }
  const [ofTried, ofControl] = [changeOf(tried), changeOf(control)]
  if (ofTried === null || ofControl === null)
    return {
      outcome: 'open',
      says: `Read both beside their cards at the beginning and on day ${day}.`,
      change: null,
    }
  if (ofControl > mostYellower)
    return {
      outcome: 'inconclusive',
      says: `The control has become ${pointsOf(ofControl)} yellower too, more than the rule allows. It shows nothing of what was tried.`,
      change: 'Take a paler oil for the control, or allow more yellowing in the rule, and lay both again.',
    }
  return ofTried <= mostYellower
    ? { outcome: 'yes', says: `It is ${pointsOf(ofTried)} yellower, within the rule.`, change: null }
    : {
        outcome: 'no',
        says: `It is ${pointsOf(ofTried)} yellower, more than ${pointsOf(mostYellower)}, and the control is not.`,
        change: null,
      }
}

const pointsOf = (b: number): string => `${Math.round(10 * b) / 10} points of b*`
