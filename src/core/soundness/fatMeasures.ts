import { leannessOf } from '../film/film.ts'
import type { FatMeasure } from '../practice/measures.ts'
import type { Practice } from '../practice/practice.ts'
import type { LaidLayer } from './lay.ts'

/** A layer in the five ways of judging fat (rules.md); null where the question has no meaning. */
export type FatFigures = Readonly<Record<FatMeasure, number | null>>

/** Leanness as the practice counts fat, oil of the dried film, stretch, days to touch dry, dry µm at the thickest spot. */
export const fatFiguresOf = (
  { film, forecast, thickestUm }: Pick<LaidLayer, 'film' | 'forecast' | 'thickestUm'>,
  { alkydWeight }: Pick<Practice, 'alkydWeight'>,
): FatFigures => ({
  leanness: leannessOf(film.perDryVolume, alkydWeight),
  oil: film.oilContent,
  stretch: film.flex,
  drying: forecast.days.touch,
  thickness: thickestUm,
})
