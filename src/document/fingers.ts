import { isUnlikelyPass } from '../core/cure/forecast.ts'
import type { Evidence, Forecast } from '../core/cure/forecast.ts'
import { dayOf } from '../core/plan/calendar.ts'
import { paintedAtOf } from './brush.ts'
import type { LayerDocument } from './layer.ts'
import type { Picture } from './picture.ts'
import type { Feel } from './studio.ts'

/** What each feel says of a layer's states. */
const evidenceOf: Readonly<Record<Feel, Omit<Evidence, 'day'>>> = {
  wet: { state: 'touch', reached: false },
  tacky: { state: 'touch', reached: false },
  touch: { state: 'touch', reached: true },
  firm: { state: 'firm', reached: true },
}

/** What fingers on a layer have told, on days after it was painted; nothing of one that is not. */
export function fingersOn({ touchTests }: Picture, layer: LayerDocument): readonly Evidence[] {
  const paintedAt = paintedAtOf(layer)
  if (!paintedAt) return []
  return touchTests
    .filter(({ layerId }) => layerId === layer.id)
    .map(({ at, feel }) => ({ ...evidenceOf[feel], day: Math.max(0, dayOf(at)! - dayOf(paintedAt)!) }))
}

/** What a layer so many days old can hardly feel like yet, wherever it lies: asked about before it is written down. */
export const doubtfulFeels = (forecasts: readonly Forecast[], days: number): readonly Feel[] =>
  (Object.keys(evidenceOf) as Feel[]).filter((feel) => {
    const { state, reached } = evidenceOf[feel]
    return reached && forecasts.every((forecast) => isUnlikelyPass(forecast, state, days))
  })
