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
  const demandUm = dryThicknessUm * perDryVolume.demand
  const causes = [
    ['suction', binderUm > 0 ? film.drunkUm / binderUm : 0],
    ['lean', neat - binderRatio],
    ['colour', 0.03 * (powder.sinking - 1)],
  ] as const
  const [because] = causes.reduce((most, one) => (one[1] > most[1] ? one : most))
  const wanted = (bounds.low + clamp(0.03 * (powder.sinking - 1), 0, 0.15)) * demandUm
  const oilUm = wanted - (binderUm - pullUm(film.suctionUm, film.mix.volatile))
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
    oilMlPerMl: risk === 'low' ? 0 : Math.max(0, oilUm / film.wetThicknessUm),
  }
}

/** What does most of it, in words. */
export const sinkingBecause: Readonly<Record<Sinking['because'], string>> = {
  suction: 'what lies under it drinks its oil',
  lean: 'it is lean from the start',
  colour: 'its colours sink more than others',
}

const oilDensityGPerMl = 0.93

/** Oil to stir into so many ml of it beforehand, g. */
export const oilAgainstSinkingG = ({ oilMlPerMl }: Sinking, ml: number): number =>
  oilMlPerMl * ml * oilDensityGPerMl
