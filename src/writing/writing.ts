import { monthFirst } from './dates.ts'
import { inUsUnits } from './usUnits.ts'

/**
 * How one reader has numbers and dates written. Everything in the program is worked out, kept and passed on in one plain
 * way, "2.5 cm, 3 Dec 2026"; it is turned into the reader's where it meets the eye, and nowhere before.
 */
export interface Writing {
  readonly decimal: 'point' | 'comma'
  readonly units: 'metric' | 'us'
  readonly dates: 'day' | 'month'
}

export const plainWriting: Writing = { decimal: 'point', units: 'metric', dates: 'day' }

export const isPlain = ({ decimal, units, dates }: Writing): boolean =>
  decimal === plainWriting.decimal && units === plainWriting.units && dates === plainWriting.dates

const thousands = /(?<![\w,])\d{1,3}(?:,\d{3})+(?![\w,])/g
const decimals = /(?<![\w.])(\d+)\.(\d+)(?!\.?\w)/g

/** "1,000 to 2.5" is "1 000 to 2,5". */
export const withComma = (text: string): string =>
  text
    .replace(thousands, (number) => number.replaceAll(',', '\u00a0'))
    .replace(decimals, (_, whole: string, part: string) => `${whole},${part}`)

/** A finished sentence as this reader has it: `inWriting('2.5 cm', { decimal: 'comma', … })` is "2,5 cm". */
export function inWriting(text: string, { decimal, units, dates }: Writing): string {
  if (!/\d/.test(text)) return text
  const measured = units === 'us' ? inUsUnits(text) : text
  const dated = dates === 'month' ? monthFirst(measured) : measured
  return decimal === 'comma' ? withComma(dated) : dated
}
