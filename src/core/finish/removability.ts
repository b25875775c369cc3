import { isReached } from '../cure/forecast.ts'
import type { Forecast } from '../cure/forecast.ts'
import type { Film } from '../film/film.ts'
import { isWaterborne } from '../film/kindOfFilm.ts'
import { kindOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import { percent } from '../words.ts'

/** The usual cleaning solvents, mildest first (reckonings.md, Removability; estimates). */
export const cleaningSolvents = [
  { rank: 1, name: 'isoparaffin, or low-aromatic spirit' },
  { rank: 2, name: 'white spirit, or turpentine' },
  { rank: 3, name: 'spirit of 30 % aromatics or more, or limonene' },
  { rank: 4, name: 'ethanol, or isopropanol mixtures' },
  { rank: 5, name: 'ketones, as acetone' },
] as const

/** From which solvent on a film gives, and why; cured oil, well bound, only to the strongest. */
export interface Yields {
  readonly rank: number
  readonly because: string
}

const starved = 0.9
const waxyFrom = 0.05
const hydrocarbonFrom = 0.05
const resin = { some: 0.1, much: 0.2 } as const
const polymerFrom = 0.5

/** The first solvent a film gives to at this age. */
export function yieldsFrom(film: Film, forecast: Forecast, ageDays: number): Yields {
  const { binder, dry, binderRatioAfterDrinking: after } = film
  const causes: Yields[] = [{ rank: 5, because: 'cured oil, well bound' }]
  const add = (is: boolean, rank: number, because: string): void => {
    if (is) causes.push({ rank, because })
  }
  add(after !== null && after < starved - 1e-9, 1, 'it is underbound')
  add(binder.wax >= waxyFrom - 1e-9, 1, `${percent(binder.wax)} of its binder is wax`)
  add(binder.hydrocarbon >= hydrocarbonFrom - 1e-9, 1, 'a resin in it that mild spirit lifts')
  if (isWaterborne(film)) {
    add(dry.byVolume.polymer > 0, 3, 'acrylic swells')
    add(binder.gum >= polymerFrom, 4, 'gum: water takes it sooner than any solvent')
  } else {
    add(!isReached(forecast, 'varnishSoft', ageDays), 1, 'it is not hard yet')
    add(!isReached(forecast, 'cured', ageDays), 3, 'it is not cured yet')
  }
  add(binder.resin > resin.much, 2, `${percent(binder.resin)} of its binder is resin`)
  add(binder.resin >= resin.some - 1e-9, 3, `${percent(binder.resin)} of its binder is resin`)
  return causes.reduce((least, one) => (one.rank < least.rank ? one : least))
}

/** What takes a coat off, fresh and aged; null: nothing does without the painting. */
export interface Remover {
  readonly fresh: number
  readonly aged: number
}

const removers: Readonly<Record<string, Remover>> = {
  hydrocarbon_varnish_25: { fresh: 1, aged: 1 },
  hydrogenated_hydrocarbon_resin: { fresh: 1, aged: 1 },
  wax_varnish: { fresh: 1, aged: 1 },
  beeswax: { fresh: 1, aged: 1 },
  cold_wax_paste: { fresh: 1, aged: 1 },
  butyl_methacrylate_varnish_20: { fresh: 2, aged: 2 },
  acrylic_resin_butyl_methacrylate: { fresh: 2, aged: 2 },
  aldehyde_varnish_25: { fresh: 3, aged: 3 },
  aldehyde_resin: { fresh: 3, aged: 3 },
  ketone_varnish_25: { fresh: 2, aged: 4 },
  ketone_resin: { fresh: 2, aged: 4 },
  damar: { fresh: 2, aged: 4 },
  damar_varnish_30: { fresh: 2, aged: 4 },
  retouching_varnish_8: { fresh: 2, aged: 4 },
  mastic: { fresh: 2, aged: 4 },
  acrylic_resin_ethyl_methacrylate: { fresh: 3, aged: 3 },
  shellac: { fresh: 4, aged: 5 },
  acrylic_dispersion: { fresh: 4, aged: 5 },
}

/** What takes a varnish of these materials off: as the hardest of them asks. */
export function removerOf(materials: readonly Material[]): Remover | null {
  const films = materials.filter(({ family }) => family !== 'solvent')
  const known = films.map((material) => removers[kindOf(material)] ?? null)
  if (known.length === 0 || known.includes(null)) return null
  return known.reduce((hardest, one) => (one!.aged > hardest!.aged ? one : hardest))
}

/** By then a varnish is taken off, and what is under it has had its time, days. */
export const agedDays = 3650

/** How a coat's remover stands to what lies under it: milder than it gives to, as strong, stronger or none. */
export const removability = (
  remover: Remover | null,
  { rank }: Pick<Yields, 'rank'>,
): 'sound' | 'watch' | 'unsound' =>
  remover === null || remover.aged > rank ? 'unsound' : remover.aged === rank ? 'watch' : 'sound'
