import { dateOf, dayOf } from './calendar.ts'
import { varnishMonths } from './varnishMonths.ts'

/** The dates of the three schools by the calendar alone, and how much varnish the coats take, ml. */
export interface VarnishDates {
  readonly soft: string
  readonly six: string
  readonly year: string
  /** Null unless area, rate and coats are told. */
  readonly totalMl: number | null
}

/** As much as one brushes out, ml on a square metre and coat. */
export const usualVarnishMlPerM2 = 90

/** An area in so many coats of varnish, ml. */
export const varnishMl = (areaM2: number, mlPerM2PerCoat: number, coats: number): number =>
  areaM2 * mlPerM2PerCoat * coats

export function varnishDates({
  lastFilmOn,
  ridgeUm = 0,
  areaM2,
  mlPerM2PerCoat,
  coats,
}: {
  readonly lastFilmOn: string
  readonly ridgeUm?: number | undefined
  readonly areaM2?: number | undefined
  readonly mlPerM2PerCoat?: number | undefined
  readonly coats?: number | undefined
}): VarnishDates {
  const { soft, final } = varnishMonths(dayOf(lastFilmOn)!, { thickestUm: ridgeUm })
  const isTold = areaM2 !== undefined && mlPerM2PerCoat !== undefined && coats !== undefined
  return {
    soft: dateOf(soft.earliest),
    six: dateOf(final.earliest),
    year: dateOf(final.advised),
    totalMl: isTold ? varnishMl(areaM2, mlPerM2PerCoat, coats) : null,
  }
}
