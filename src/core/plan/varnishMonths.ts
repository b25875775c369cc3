import type { Stage } from '../finish/stageOf.ts'
import { monthRange } from './months.ts'
import type { MonthRange } from './months.ts'

/** So many months after the last film, at least and better, and which days that is. */
export interface RestMonths extends MonthRange {
  readonly least: number
  readonly better: number
}

/** How soon a picture may be varnished by the calendar alone: a soft removable varnish, and any other. */
export interface VarnishMonths {
  readonly soft: RestMonths
  readonly final: RestMonths
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
  const after = ([atLeast, advised]: readonly [number, number]): RestMonths => {
    const [least, better] = [atLeast * longer, advised * longer]
    return { least, better, ...monthRange(Math.floor(lastLaid), least, better) }
  }
  return { soft: after(softMonths), final: after(finalMonths) }
}

/** The stage that is told: a varnish waits for its months besides, however dry the picture is. */
export function restedStage(
  stage: Stage,
  day: number,
  { lastLaid, thickestUm }: { readonly lastLaid: number; readonly thickestUm: number },
): Stage {
  if (stage !== 'cured' && stage !== 'varnishSoft') return stage
  const { soft, final } = varnishMonths(lastLaid, thickestUm)
  const rested = stage === 'cured' && day < final.earliest ? 'varnishSoft' : stage
  return rested === 'varnishSoft' && day < soft.earliest ? 'firm' : rested
}
