import { minuteAt } from '../core/plan/calendar.ts'
import { datesText, dateText, dayText, minuteText, momentText, monthText } from '../document/dateText.ts'
import { about, chanceText, shortName, upperFirst } from '../core/words.ts'

/** How numbers, shares, days and dates are written on every page. */

export {
  about,
  chanceText,
  datesText,
  dateText,
  dayText,
  minuteText,
  momentText,
  monthText,
  shortName,
  upperFirst,
}

/** A share of something, in percent; the words after it say of what. */
export const percentText = (fraction: number): string => {
  const value = 100 * fraction
  return `${value >= 9.95 ? value.toFixed(0) : value >= 0.05 ? value.toFixed(1) : '0'}\u00a0%`
}

/** What lies on a scale, with all the figures it shows: they stand still while one pours. */
export const weighedText = (grams: number): string =>
  `${grams.toFixed(grams < 10 ? 2 : grams < 100 ? 1 : 0)} g`
/** A weight that is told, without the noughts behind it: "3 g", "38.6 g". */
export const gramsText = (grams: number): string => `${Number.parseFloat(weighedText(grams))} g`
/** A volume, never known better than to two figures in a hundred: "2.8 ml", "56 ml". */
export const mlText = (ml: number): string => `${ml < 10 ? about(ml) : ml.toFixed(0)} ml`
export const umText = (um: number): string =>
  um >= 1000 ? `${about(um / 1000)} mm` : um >= 10 ? `${um.toFixed(0)} µm` : `${about(um)} µm`

/** Whether a date lies before today, on this machine's clock. */
export const isPast = (iso: string): boolean => iso.slice(0, 10) < minuteAt(new Date()).slice(0, 10)
/** A span of days as a painter says it: "9–14 days", "about 1 day", "5–9 months". */
export function spanText(low: number, high: number): string {
  if (high >= 120) {
    const [a, b] = [Math.max(1, Math.round(low / 30.4)), Math.max(1, Math.round(high / 30.4))]
    return a === b ? `about ${a} months` : `${a}–${b} months`
  }
  const [a, b] = [Math.max(0, Math.round(low)), Math.max(1, Math.round(high))]
  if (a === b) return b === 1 ? 'about 1 day' : `about ${b} days`
  return `${a}–${b} days`
}
