import { parseNumber } from './parse.ts'
import { celsiusOf, cmPerFoot, cmPerInch, massUnits, volumeUnits } from './units.ts'

const mPerFoot = cmPerFoot / 100
const inches = { in: cmPerInch, inch: cmPerInch, inches: cmPerInch, '"': cmPerInch }

/** Units a field asks for, and what else may be typed into it: each word with how many of the field's own it is. */
const spoken: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  µm: { µm: 1, um: 1, micron: 1, microns: 1, mm: 1000 },
  cm: { cm: 1, mm: 0.1, m: 100, ...inches, ft: cmPerFoot },
  m: { m: 1, cm: 0.01, ft: mPerFoot, feet: mPerFoot },
  'cm²': { 'cm²': 1, cm2: 1, 'sq in': cmPerInch ** 2 },
  'm³': { 'm³': 1, m3: 1, 'cu ft': mPerFoot ** 3 },
  g: { ...massUnits, gram: 1, grams: 1 },
  ml: { ...volumeUnits, cc: 1, litre: 1000, litres: 1000 },
  '%': { '%': 1, percent: 1, 'per cent': 1 },
  '°C': { '°c': 1, c: 1, '°': 1 },
}

const fahrenheit = /^°?f$/

/** Words before a number that change nothing. */
const roughly = /^\s*(?:about|approx\.?|ca\.?|~|≈)\s*/i

/**
 * A number as it is typed into a field of this unit, in that unit: "70 microns", "60 cm", "1.5 mm" for µm, "about 60".
 * `bareTo` turns a number without a unit where the field shows another one than its value is kept in. Null: not a number
 * of it.
 */
export function parseQuantity(
  text: string,
  unit: string,
  bareTo: (typed: number) => number = (typed) => typed,
): number | null {
  const plain = text.replace(roughly, '').trim()
  const bare = parseNumber(plain)
  if (bare !== null) return bareTo(bare)
  const match = /^(.*[\d½⅓⅔¼¾⅛])\s*([^\d\s].*)$/.exec(plain)
  const number = match && parseNumber(match[1]!)
  const word = match?.[2]!.trim().toLowerCase() ?? ''
  if (number !== null && unit === '°C' && fahrenheit.test(word)) return celsiusOf(number)
  const times = spoken[unit]?.[word]
  return number === null || !times ? null : number * times
}

/** One number, or both ends of a range, the lower first: "55–75", "70 to 50", "about 60". Null: neither. */
export function parseRange(text: string): { readonly low: number; readonly high: number } | null {
  const ends = text
    .replace(roughly, '')
    .replace(/%/g, '')
    .split(/–|—|-|\bto\b/)
    .map(parseNumber)
  const [one, other = one] = ends
  if (ends.length > 2 || one === null || one === undefined || other === null || other === undefined)
    return null
  return { low: Math.min(one, other), high: Math.max(one, other) }
}

/** Money with or without its sign: "€12.50", "12,50 EUR", "18.–". */
export const parseMoney = (text: string): number | null =>
  parseNumber(
    text
      .replace(/[^\d.,'\s]/g, '')
      .replace(/[.,\s]+$/, '')
      .trim(),
  )
