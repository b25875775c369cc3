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
const [alkydFrom, shorterWithAlkyd] = [0.4, 0.5]

/** What of a picture its months depend on. */
export interface Resting {
  /** Of its thickest spot, µm dry. */
  readonly thickestUm: number
  /** Of the binder by volume, in the layer that has least of it, 0..1; absent: none. */
  readonly alkyd?: number
}

/** How many times as long as a thin picture of oil: half as long again over ridges, half as long in alkyd. */
export const restingTimes = ({ thickestUm, alkyd = 0 }: Resting): number =>
  (thickestUm >= ridgeFromUm ? longerWithRidges : 1) * (alkyd > alkydFrom ? shorterWithAlkyd : 1)

/**
 * Counted from the day of its last film: each one added begins them anew; half as long again where it is thick anywhere,
 * half as long where every layer is mostly alkyd (reckonings.md, Varnish readiness).
 */
export function varnishMonths(lastLaid: number, resting: Resting): VarnishMonths {
  const times = restingTimes(resting)
  const after = ([atLeast, advised]: readonly [number, number]): RestMonths => {
    const [least, better] = [atLeast * times, advised * times]
    return { least, better, ...monthRange(Math.floor(lastLaid), least, better) }
  }
  return { soft: after(softMonths), final: after(finalMonths) }
}

/** The stage that is told: a varnish waits for its months besides, however dry the picture is. */
export function restedStage(
  stage: Stage,
  day: number,
  { lastLaid, ...resting }: Resting & { readonly lastLaid: number },
): Stage {
  if (stage !== 'cured' && stage !== 'varnishSoft') return stage
  const { soft, final } = varnishMonths(lastLaid, resting)
  const rested = stage === 'cured' && day < final.earliest ? 'varnishSoft' : stage
  return rested === 'varnishSoft' && day < soft.earliest ? 'firm' : rested
}
