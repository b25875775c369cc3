import type { Amount, Spoons, Unit } from './units.ts'

export type Parsed<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly message: string }

const fractions: Record<string, string> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
}

type Spelled = Unit | 'spoon' | 'tablespoon' | 'cup'

const spellings: Record<string, Spelled> = {
  mg: 'mg',
  milligram: 'mg',
  g: 'g',
  gr: 'g',
  gram: 'g',
  gramme: 'g',
  kg: 'kg',
  kilo: 'kg',
  kilogram: 'kg',
  oz: 'oz',
  ounce: 'oz',
  lb: 'lb',
  pound: 'lb',
  ml: 'ml',
  cc: 'ml',
  millilitre: 'ml',
  milliliter: 'ml',
  cl: 'cl',
  l: 'l',
  litre: 'l',
  liter: 'l',
  floz: 'floz',
  'fl oz': 'floz',
  'fluid ounce': 'floz',
  tsp: 'spoon',
  t: 'spoon',
  spoon: 'spoon',
  teaspoon: 'spoon',
  tbsp: 'tablespoon',
  tbs: 'tablespoon',
  tbl: 'tablespoon',
  tablespoon: 'tablespoon',
  cup: 'cup',
  'us tsp': 'tsp',
  'us tbsp': 'tbsp',
  'us cup': 'cup',
  'metric tsp': 'tsp_metric',
  'metric tbsp': 'tbsp_metric',
  'metric cup': 'cup_metric',
  'tsp (5 ml)': 'tsp_metric',
  'tbsp (15 ml)': 'tbsp_metric',
  'cup (250 ml)': 'cup_metric',
  drop: 'drop',
  part: 'part',
}

/** Measures told in another: a US pint is sixteen fluid ounces. */
const multiples: Record<string, readonly [times: number, unit: Unit]> = {
  pt: [16, 'floz'],
  pint: [16, 'floz'],
  qt: [32, 'floz'],
  quart: [32, 'floz'],
  gal: [128, 'floz'],
  gallon: [128, 'floz'],
  dl: [10, 'cl'],
}

const kitchen: Record<Spoons, Record<'spoon' | 'tablespoon' | 'cup', Unit>> = {
  us: { spoon: 'tsp', tablespoon: 'tbsp', cup: 'cup' },
  metric: { spoon: 'tsp_metric', tablespoon: 'tbsp_metric', cup: 'cup_metric' },
}

/** Thousands set apart: 1,000 or 1.000.000 or 1 000, with or without a decimal part behind. */
const grouped =
  /^[1-9]\d{0,2}(?:(,)\d{3}(?:,\d{3})*(\.\d+)?|(\.)\d{3}(?:\.\d{3})+(,\d+)?|([ '\u00a0\u202f])\d{3}(?:\5\d{3})*([.,]\d+)?)$/

/**
 * A number as a painter types it: `3.5`, `3,5`, `1/3`, `1 1/2`, `½`, `2½`, `1,000`, `1 000`. A comma is a decimal sign, but
 * for one before three digits after a number that is not 0: that sets thousands apart.
 */
export function parseNumber(text: string): number | null {
  const trimmed = text
    .trim()
    .replace(/[½⅓⅔¼¾⅛]/g, (sign) => ` ${fractions[sign]!}`)
    .trim()
  const plain = grouped.test(trimmed) ? ungrouped(trimmed) : trimmed.replace(',', '.')
  const match = /^(?:(\d+(?:\.\d+)?|\.\d+)(?:\s+(\d+)\/(\d+))?|(\d+)\/(\d+))$/.exec(plain)
  if (!match) return null
  const whole = Number(match[1] ?? 0)
  const top = Number(match[2] ?? match[4] ?? 0)
  const bottom = Number(match[3] ?? match[5] ?? 1)
  return bottom === 0 ? null : whole + top / bottom
}

/** The sign used once, at the end, is the decimal one where another sets the thousands apart. */
function ungrouped(text: string): string {
  const groups = grouped.exec(text)!
  const [sign, tail] = [groups[1] ?? groups[3] ?? groups[5]!, groups[2] ?? groups[4] ?? groups[6] ?? '']
  const whole = tail ? text.slice(0, -tail.length) : text
  return whole.split(sign).join('') + tail.replace(',', '.')
}

/**
 * An amount as a painter types it: "2 tsp", "12 drops", "1/3 cup", "3,5 ml", "2 parts"; a bare number is in the unit
 * `bare`. `spoons` says which teaspoon a bare "tsp" is.
 */
export function parseAmount(text: string, spoons: Spoons, bare: Unit = 'part'): Parsed<Amount> {
  if (/\de[+-]?\d/i.test(text))
    return {
      ok: false,
      message: `"${text.trim()}" is not an amount a studio has. Write it out, such as 250 ml.`,
    }
  const match = /^\s*(-?)([\d.,'/\s\u00a0\u202f½⅓⅔¼¾⅛]*[\d½⅓⅔¼¾⅛])\s*([a-z][a-z()µ.\s\d]*?)?\s*$/i.exec(text)
  if (!match)
    return {
      ok: false,
      message: `"${text.trim()}" is not an amount. Write a number and a unit, such as 2 tsp, 12 drops or 3.5 g.`,
    }
  if (match[1]) return { ok: false, message: 'An amount must be above zero.' }
  const amount = parseNumber(match[2]!)
  if (amount === null)
    return { ok: false, message: `"${match[2]!.trim()}" is not a number. Write it as 3.5, 3,5 or 1 1/2.` }
  const written = (match[3] ?? '').replace(/\.$/, '').replace(/\s+/g, ' ')
  // A cook's T is a tablespoon and t a teaspoon; of every other unit the case says nothing.
  const word = written === 'T' ? 'tbsp' : written.toLowerCase()
  const multiple = multiples[word] ?? multiples[word.replace(/s$/, '')]
  if (multiple) return sized(amount * multiple[0], multiple[1])
  if (word === '') return sized(amount, bare)
  const found = spellings[word] ?? spellings[word.replace(/s$/, '')]
  if (word === 'pinch')
    return { ok: false, message: 'A pinch is anything: weigh it, in g, or count it in drops or spoons.' }
  if (!found)
    return {
      ok: false,
      message: `"${match[3]}" is not a unit Grelta knows. Use g, ml, tsp, tbsp, cup, fl oz, pint, oz, drops or parts.`,
    }
  const unit =
    found === 'spoon' || found === 'tablespoon' || (found === 'cup' && word.startsWith('cup'))
      ? kitchen[spoons][found]
      : found
  return sized(amount, unit)
}

function sized(amount: number, unit: Unit): Parsed<Amount> {
  if (!(amount > 0)) return { ok: false, message: 'An amount must be above zero.' }
  if (amount > 1e6) return { ok: false, message: 'That is over 1,000,000. Check the unit.' }
  return { ok: true, value: { amount, unit } }
}

/** A ratio as typed: "1:3", "2 to 1", "1/4", or one number of parts to one. Zero to zero is refused. */
export function parseRatio(text: string): Parsed<readonly [number, number]> {
  const sides = text.split(/:|\bto\b/).map(parseNumber)
  const [left, right = 1] = sides
  if (sides.length > 2 || left === null || left === undefined || right === null)
    return { ok: false, message: `"${text.trim()}" is not a ratio. Write it as 1:3.` }
  if (left + right <= 0)
    return { ok: false, message: 'A ratio of 0:0 mixes nothing. Give at least one side a number above zero.' }
  return { ok: true, value: [left, right] }
}

const mostParts = 1000

/** Parts to go with so many parts of paint: a number, or a ratio to the paint, "1:3". */
export function parseParts(text: string, ofPaint: number): Parsed<number> {
  const ratio = /:|\bto\b/.test(text) ? parseRatio(text) : null
  if (ratio && !ratio.ok) return ratio
  const [of, to] = ratio ? ratio.value : [parseNumber(text), 1]
  const parts = of === null ? NaN : ratio ? (of / to) * ofPaint : of
  return parts >= 0 && parts <= mostParts
    ? { ok: true, value: Number(parts.toPrecision(4)) }
    : { ok: false, message: `Write parts, 0 to ${mostParts}, or a ratio to the paint, such as 1:3.` }
}
