import type { Climate } from '../cure/climate.ts'
import type { StateDays } from '../cure/states.ts'
import type { Film } from './film.ts'

/** Days until a film has given off its water well enough for oil over it, up to 100 µm, by what binds it (rules.md 5). */
const goodDays = { polymer: 3, gum: 1, protein: 2 } as const
const upToUm = 100

/** Cold or damp, it takes so much longer. */
const slowedBy = 2
const coldBelowC = 12
const dampAbovePercent = 70

/** How many times longer a film takes to lose what leaves it, for its thickness and its room (rules.md 5). */
export const leavingTimes = (thicknessUm: number, { temperatureC, relativeHumidityPct }: Climate): number =>
  Math.max(1, thicknessUm / upToUm) *
  (temperatureC < coldBelowC || relativeHumidityPct > dampAbovePercent ? slowedBy : 1)

/** When a waterborne film is ready: it dries by losing water, so that all its states come at once. */
export function waterDays({ dry, dryThicknessUm }: Film, climate: Climate): StateDays {
  const { polymer, gum, protein } = dry.byVolume
  const base =
    polymer >= gum && polymer >= protein ? goodDays.polymer : gum >= protein ? goodDays.gum : goodDays.protein
  const days = base * leavingTimes(dryThicknessUm, climate)
  return { touch: days, firm: days, set: days, varnishSoft: days, cured: days }
}
