import type { Climate } from '../cure/climate.ts'
import { allAt } from '../cure/states.ts'
import type { StateDays } from '../cure/states.ts'
import type { Film } from './film.ts'

/** Days until a film has given off its water for oil over it, up to 100 µm, by what binds it (rules.md 5): least, good. */
const waterLeaves = {
  polymer: { least: 1, good: 3 },
  gum: { least: 0.25, good: 1 },
  protein: { least: 0.5, good: 2 },
} as const
const upToUm = 100

/** Cold or damp, it takes so much longer. */
const slowedBy = 2
const coldBelowC = 12
const dampAbovePercent = 70

/** How many times longer a film takes to lose what leaves it, for its thickness and its room (rules.md 5). */
export const leavingTimes = (thicknessUm: number, { temperatureC, relativeHumidityPct }: Climate): number =>
  Math.max(1, thicknessUm / upToUm) *
  (temperatureC < coldBelowC || relativeHumidityPct > dampAbovePercent ? slowedBy : 1)

/** Days a waterborne film takes to lose its water, at least and as advised. */
export function waterDaysRange(
  { dry }: Film,
  thicknessUm: number,
  climate: Climate,
): { readonly least: number; readonly good: number } {
  const { polymer, gum, protein } = dry.byVolume
  const by = polymer >= gum && polymer >= protein ? 'polymer' : gum >= protein ? 'gum' : 'protein'
  const times = leavingTimes(thicknessUm, climate)
  return { least: waterLeaves[by].least * times, good: waterLeaves[by].good * times }
}

/** When a waterborne film is ready: it dries by losing water, so that all its states come at once. */
export const waterDays = (film: Film, climate: Climate): StateDays =>
  allAt(waterDaysRange(film, film.dryThicknessUm, climate).good)
