import { layerNeedMl } from '../core/batch/stock.ts'
import { daysAtChance, forecastOf } from '../core/cure/forecast.ts'
import type { Evidence } from '../core/cure/forecast.ts'
import type { StateDays } from '../core/cure/states.ts'
import type { Step } from '../core/plan/forward.ts'
import { thickestUmOf } from '../core/soundness/stack.ts'
import type { Severity } from '../core/soundness/finding.ts'
import type { Verdict } from '../core/soundness/mismatch.ts'
import type { Assessment, Picture } from './assess.ts'
import { mixtureShares } from './mixture.ts'

/** Raise when formulas, rules or the shape of a summary change: every painting is then judged again. */
export const judgedByFormulas = 1

/** What the lists and the morning page know of one layer without solving anything. */
export interface SummaryLayer {
  readonly id: string
  readonly name: string
  readonly areas: readonly string[]
  readonly wetInWet: boolean
  readonly paintedDay: number | null
  readonly plannedDay: number | null
  readonly over: readonly number[]
  readonly gate: Step['gate']
  readonly days: StateDays
  /** Where it is thickest, µm dry: the spread of its forecast goes by it. */
  readonly thickestUm: number
  readonly evidence: readonly Evidence[]
  /** Whether it can be made at all: no film, no forecast. */
  readonly hasFilm: boolean
  readonly wetThicknessUm: number
  /** Pigments by share of the paint, for its colour. */
  readonly pigments: readonly { readonly id: string; readonly share: number }[]
  /** What a planned layer needs of its medium; null without a size or a medium. */
  readonly need: { readonly mediumId: string; readonly ml: number } | null
}

/** A judged painting, small enough to be read with hundreds of others. */
export interface Summary {
  readonly verdict: Verdict
  readonly worst: { readonly severity: Severity; readonly message: string } | null
  readonly layers: readonly SummaryLayer[]
}

export function summaryOf({ painting, layers }: Picture, assessment: Assessment): Summary {
  const areaCm2 = (painting.widthCm ?? 0) * (painting.heightCm ?? 0)
  const worst = assessment.findings.find(({ severity }) => severity !== 'note')
  return {
    verdict: assessment.verdict,
    worst: worst ? { severity: worst.severity, message: worst.message } : null,
    layers: layers.map((layer, at): SummaryLayer => {
      const { film, forecast, step } = assessment.layers[at]!
      const { medium } = layer
      const needed = medium && film && !layer.paintedAt && areaCm2 > 0
      return {
        id: layer.id,
        name: layer.name,
        areas: layer.areas,
        wetInWet: layer.wetInWet,
        paintedDay: step.paintedDay,
        plannedDay: step.plannedDay,
        over: step.over,
        gate: step.gate,
        days: forecast.days,
        thickestUm: film ? thickestUmOf({ ridgeWetUm: layer.ridgeWetUm }, film) : layer.wetThicknessUm,
        evidence: forecast.evidence,
        hasFilm: film !== null,
        wetThicknessUm: layer.wetThicknessUm,
        pigments: mixtureShares(layer.paints),
        need: needed
          ? {
              mediumId: medium.mediumId,
              ml: layerNeedMl(areaCm2, layer.wetThicknessUm, film.mix.medium),
            }
          : null,
      }
    }),
  }
}

/** The steps a summary's dates are reckoned from, on whatever day it is read. */
export const stepsOf = ({ layers }: Summary): readonly Step[] =>
  layers.map(({ paintedDay, plannedDay, wetInWet, over, gate, days, thickestUm, evidence }) => ({
    paintedDay,
    plannedDay,
    wetInWet,
    over,
    gate,
    forecast: forecastOf(days, thickestUm, evidence),
  }))

/** A film that may never be firm is let be after so many days. */
const longestDays = 365

/** The day after which a finished painting asks for nothing; null while a layer is unpainted. */
export function quietDayOf(summary: Summary): number | null {
  if (summary.layers.some(({ paintedDay }) => paintedDay === null)) return null
  const steps = stepsOf(summary)
  return Math.max(
    -1,
    ...steps.map(
      ({ paintedDay, forecast }) => paintedDay! + (daysAtChance(forecast, 'varnishSoft', 0.9) ?? longestDays),
    ),
  )
}
