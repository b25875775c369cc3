import { chanceBy, daysAtChance } from '../cure/forecast.ts'
import type { Forecast } from '../cure/forecast.ts'
import { schoolTable, varnishSchools } from '../finish/varnishSchools.ts'
import type { VarnishSchoolId } from '../finish/varnishSchools.ts'
import { monthsAfter } from './months.ts'
import { restingTimes } from './varnishMonths.ts'
import type { Resting } from './varnishMonths.ts'

/** When a picture may be varnished, school by school, and what holds it (reckonings.md, Varnish readiness). */

/** A film that lies on the picture, in one of its areas. */
export interface RestingFilm {
  readonly forecast: Forecast
  readonly laidDay: number
}

export interface Readiness<Film extends RestingFilm> {
  readonly school: VarnishSchoolId
  /** The months its calendar asks for, with what thick paint or alkyd makes of them. */
  readonly months: number
  /** The day they have passed; null: the day it is cured is never. */
  readonly monthsDay: number | null
  /** The day the slowest film has come so far, 4 times in 5; null: it never does. */
  readonly stateDay: number | null
  /** The later of both. */
  readonly day: number | null
  /** The film that comes so far last. */
  readonly holds: Film | null
}

/** A varnish is planned for where its film is ready 4 times in 5. */
export const planningChance = 0.8

/** The films and the day its months count from, and what they depend on. */
export interface RestingPicture<Film extends RestingFilm> extends Resting {
  readonly films: readonly Film[]
  /** The day anything was last laid that begins its months anew. */
  readonly lastLaid: number
}

export function readinessOf<Film extends RestingFilm>(
  school: VarnishSchoolId,
  { films, lastLaid, ...resting }: RestingPicture<Film>,
): Readiness<Film> {
  const { needs, months: asked, from } = schoolTable[school]
  const months = asked * restingTimes(resting)
  const readyDay = ({ forecast, laidDay }: Film): number => {
    const days = daysAtChance(forecast, needs, planningChance)
    return days === null ? Infinity : laidDay + days
  }
  const holds = films.reduce<Film | null>(
    (last, film) => (last && readyDay(last) >= readyDay(film) ? last : film),
    null,
  )
  const slowest = holds ? readyDay(holds) : lastLaid
  const stateDay = slowest === Infinity ? null : slowest
  const counted = from === 'cured' ? stateDay : lastLaid
  const monthsDay = counted === null ? null : monthsAfter(Math.floor(counted), months)
  const day = stateDay === null || monthsDay === null ? null : Math.max(stateDay, monthsDay)
  return { school, months, monthsDay, stateDay, day, holds }
}

export const everySchool = <Film extends RestingFilm>(
  picture: RestingPicture<Film>,
): readonly Readiness<Film>[] => varnishSchools.map((school) => readinessOf(school, picture))

/** The chance that it may be varnished by then: none before its months have passed, else that of its slowest film. */
export function chanceOf(
  { school, monthsDay }: Pick<Readiness<RestingFilm>, 'school' | 'monthsDay'>,
  films: readonly RestingFilm[],
  day: number,
): number {
  if (monthsDay === null || day < monthsDay) return 0
  const { needs } = schoolTable[school]
  return Math.min(1, ...films.map(({ forecast, laidDay }) => chanceBy(forecast, needs, day - laidDay)))
}
