import { clamp } from '../clamp.ts'
import type { Film } from './film.ts'
import { pullUm } from './drinking.ts'
import { richnessOf } from './film.ts'

/** How likely a film sinks, told before it does (reckonings.md, Sinking forecast; model). */
export const sinkingRisks = ['low', 'some', 'high', 'sure'] as const
export type SinkingRisk = (typeof sinkingRisks)[number]

export interface Sinking {
  readonly risk: SinkingRisk
  /** Binder for what the powder needs, once the ground has drunk, less what its colours sink. */
  readonly richness: number
  /** What does most of it. */
  readonly because: 'suction' | 'lean' | 'colour'
  /** Oil that prevents it, to a ml of the paint as it goes on, ml; 0 where it does not sink. */
  readonly oilMlPerMl: number
}

const bounds = { low: 1.2, some: 1.05, high: 0.95 } as const
const neat = 1.25

/** Null where there is no powder to sink. */
export function sinkingOf(film: Film): Sinking | null {
  const { binderRatio, binderRatioAfterDrinking: after, dryThicknessUm, perDryVolume, powder } = film
  if (after === null || binderRatio === null) return null
  const richness = richnessOf(after, powder)
  const binderUm = dryThicknessUm * perDryVolume.binder
  const causes = [
    ['suction', binderUm > 0 ? film.drunkUm / binderUm : 0],
    ['lean', neat - binderRatio],
    ['colour', 0.03 * (powder.sinking - 1)],
  ] as const
  const [because] = causes.reduce((most, one) => (one[1] > most[1] ? one : most))
  const risk =
    richness >= bounds.low
      ? 'low'
      : richness >= bounds.some
        ? 'some'
        : richness >= bounds.high
          ? 'high'
          : 'sure'
  return {
    risk,
    richness,
    because,
    oilMlPerMl:
      risk === 'low' ? 0 : oilMlPerMlFor(film, bounds.low + clamp(0.03 * (powder.sinking - 1), 0, 0.15)),
  }
}

/**
 * Oil that leaves a film with so much binder for what its powder needs, to a ml of it as it goes on, ml. What it adds to the
 * thickness is drunk from too: (ρ* D − B + pull)/(W − pull), all µm of the film as it is without.
 */
export function oilMlPerMlFor(
  { dryThicknessUm, wetThicknessUm, perDryVolume, suctionUm, mix }: Film,
  binderRatio: number,
): number {
  const pull = Math.min(pullUm(suctionUm, mix.volatile), mostDrunk * wetThicknessUm)
  const wanted = dryThicknessUm * (binderRatio * perDryVolume.demand - perDryVolume.binder) + pull
  return Math.max(0, wanted / (wetThicknessUm - pull))
}

/** Where a ground would drink more than this of a film, it is sealed and not oiled. */
const mostDrunk = 0.8

/** What does most of it, in words. */
export const sinkingBecause: Readonly<Record<Sinking['because'], string>> = {
  suction: 'what lies under it drinks its oil',
  lean: 'it is lean from the start',
  colour: 'its colours sink more than others',
}

/** So much oil weighs, g to a ml. */
export const oilGPerMl = 0.93
