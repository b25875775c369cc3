import { isUnlikelyPass } from '../../core/cure/forecast.ts'
import type { Evidence, Forecast } from '../../core/cure/forecast.ts'
import { checkIds, isThinSpot, stateOfCheck } from '../../core/cure/checks.ts'
import type { CheckId } from '../../core/cure/checks.ts'
import { dayOf } from '../../core/plan/calendar.ts'
import { paintedAtOf } from '../brush.ts'
import type { LayerDocument } from '../layer.ts'
import type { FingerDocument } from '../finger.ts'
import type { Picture } from '../picture/picture.ts'

/** What fingers on a layer have told, on days after it was painted; nothing of one that is not. */
export function fingersOn({ touchTests }: Picture, layer: LayerDocument): readonly Evidence[] {
  const paintedAt = paintedAtOf(layer)
  if (!paintedAt) return []
  return touchTests
    .filter((finger) => finger.layerId === layer.id && tellsOfFilm(finger))
    .map((finger) => evidenceOf(finger, dayOf(paintedAt)!))
}

/** Whether a hand counts for the whole film: it was not taken out, nor made on a thin part. */
export const tellsOfFilm = ({ counts, where }: Pick<FingerDocument, 'counts' | 'where'>): boolean =>
  counts && !isThinSpot(where)

/** What a hand says of a film laid on a day. */
export const evidenceOf = (
  { at, check, passed }: Pick<FingerDocument, 'at' | 'check' | 'passed'>,
  laidDay: number,
): Evidence => ({
  state: stateOfCheck[check],
  reached: passed,
  day: Math.max(0, dayOf(at)! - laidDay),
})

/** The checks a film so many days old can hardly pass yet, wherever it lies: asked about before a pass is written down. */
export const doubtfulPasses = (forecasts: readonly Forecast[], days: number): readonly CheckId[] =>
  checkIds.filter((check) =>
    forecasts.every((forecast) => isUnlikelyPass(forecast, stateOfCheck[check], days)),
  )
