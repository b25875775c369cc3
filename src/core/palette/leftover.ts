import type { Climate } from '../cure/climate.ts'
import { mixOfPortions } from '../film/film.ts'
import type { Ingredient } from '../medium/medium.ts'
import { minutesADay, openTimeOf } from './openTime.ts'

/** What a medium in a dish is past, and after how many days that came. */
export interface Past {
  readonly what: 'keeping' | 'setting'
  readonly days: number
}

/** How old it is, and how long a jar of it keeps, days. */
export interface DishAge {
  readonly days: number
  readonly keepsDays: number
}

/** Any film of it sets in its own time; how thick is openTime's to say. */
const anyThicknessUm = 100

/** Whether yesterday's medium is past its keeping or begins to set (reckonings.md, Leftover medium); null: it is good. */
export function leftoverPast(
  medium: readonly Ingredient[],
  { days, keepsDays }: DishAge,
  climate: Climate,
): Past | null {
  if (days > keepsDays) return { what: 'keeping', days: keepsDays }
  const made = mixOfPortions({ paint: [], medium, thinner: [] }, anyThicknessUm)
  const minutes = made.ok ? openTimeOf(made.mix.film, climate).minutes : null
  if (minutes === null || days <= minutes / minutesADay) return null
  return { what: 'setting', days: minutes / minutesADay }
}
