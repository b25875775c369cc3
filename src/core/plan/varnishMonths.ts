import { monthRange } from './months.ts'
import type { MonthRange } from './months.ts'

/** How soon a picture may be varnished by the calendar alone: a soft removable varnish, and any other. */
export interface VarnishMonths {
  readonly soft: MonthRange
  readonly final: MonthRange
}

/** At least, and better, after the last film. */
const [softMonths, finalMonths] = [
  [2, 2],
  [6, 12],
] as const
const [ridgeFromUm, longerWithRidges] = [500, 1.5]

/**
 * Counted from the day of its last film: each one added begins them anew; half as long again where it is thick anywhere
 * (reckonings.md, Varnish readiness).
 * @param thickestUm of the thickest spot, dry
 */
export function varnishMonths(lastLaid: number, thickestUm: number): VarnishMonths {
  const longer = thickestUm >= ridgeFromUm ? longerWithRidges : 1
  const after = ([atLeast, better]: readonly [number, number]): MonthRange =>
    monthRange(Math.floor(lastLaid), atLeast * longer, better * longer)
  return { soft: after(softMonths), final: after(finalMonths) }
}
