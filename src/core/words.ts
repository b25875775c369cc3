/** How the core writes numbers inside sentences. */

/** What is smaller is as good as nothing to a painter. */
const nothingBelow = 1e-6

/** Two significant figures, no exponent: 0.483 is "0.48", 1234 is "1200", 3e-9 is "0". */
export const about = (value: number, figures = 2): string =>
  Math.abs(value) < nothingBelow ? '0' : String(Number(value.toPrecision(figures)))

/** A chance, never told as certain either way. */
export const chanceText = (chance: number): string =>
  chance < 0.01 ? 'under 1\u00a0%' : chance > 0.99 ? 'over 99\u00a0%' : `${(100 * chance).toFixed(0)}\u00a0%`

/** A share in percent: two figures below a hundred, whole ones above. */
export const percent = (fraction: number): string =>
  `${Math.abs(fraction) < 1 ? about(100 * fraction) : Math.round(100 * fraction)}\u00a0%`

/** "in the sky", "in the rest": where on a picture. */
export const inTheArea = (name: string): string => (name.startsWith('the ') ? `in ${name}` : `in the ${name}`)

/** Below so many days a half counts. */
const halvesBelow = 4
/** From this on a wait is told as a day: from noon to the next morning is tomorrow. */
const hoursBelow = 0.75

/** A wait as a painter says it: hours, half days, days. */
export function dayCount(days: number): string {
  if (days < hoursBelow) {
    const hours = Math.max(1, Math.round(days * 24))
    return hours === 1 ? '1 hour' : `${hours} hours`
  }
  const told = days < halvesBelow ? Math.round(2 * days) / 2 : Math.round(days)
  return told === 1 ? '1 day' : `${told} days`
}

export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** How fat a film is, as it is written everywhere. */
export const fatnessText = (fatness: number | null): string =>
  fatness === null ? 'no fat' : fatness === Infinity ? 'all oil' : `${about(fatness, fatness < 10 ? 3 : 2)}×`

/** Names as in a sentence: "olive oil, clove oil and egg yolk". */
export const listed = (names: readonly string[], last = 'and'): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} ${last} ${names.at(-1)!}`

/** A material's name without what stands in brackets. */
export const shortName = (name: string): string => name.replace(/\s*\(.*\)$/, '')
