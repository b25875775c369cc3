import { figure } from '../figure.ts'
import type { Reason } from '../reason.ts'
import { daysAtChance, driesAtOnce } from './forecast.ts'
import type { Forecast } from './forecast.ts'
import type { StateId } from './states.ts'

const drying =
  'Oil dries by taking oxygen from the air, from the surface down. How long that takes spreads widely from picture to picture; touch tests cut off what they rule out. At the thickest spot.'

/** What a forecast of a state rests on. `leaves`: what a film that sets physically loses for it, water or spirit. */
export const whyDry = (
  title: string,
  forecast: Forecast,
  state: StateId,
  leaves?: string | null,
): Reason => ({
  title,
  formula: driesAtOnce(forecast)
    ? 'It dries by giving off its water or spirit, and bears the next layer once that has left: longer where it is thick, cold or damp.'
    : leaves
      ? `It sets by losing its ${leaves}; the oil in it dries for weeks yet. ${drying}`
      : drying,
  figures: [
    figure('days, 1 time in 10 sooner', daysAtChance(forecast, state, 0.1), 'days'),
    figure('days, as likely sooner as later', daysAtChance(forecast, state, 0.5), 'days'),
    figure('days, 1 time in 10 later', daysAtChance(forecast, state, 0.9), 'days'),
    figure('times as long, or as short, as it may well be', Math.exp(forecast.sigma), '×'),
    figure('touch tests that count', forecast.evidence.length),
  ],
  source: driesAtOnce(forecast) ? 'Typical waiting times, estimates.' : 'Estimate from the cure model.',
  section: 'cure',
})
