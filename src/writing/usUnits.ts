import {
  celsiusOf,
  cmPerFoot,
  cmPerInch,
  fahrenheitOf,
  massUnits,
  volumeUnits,
} from '../core/measure/units.ts'

/** Lengths, areas, rooms, volumes and degrees as a painter in the US has them. Grams stay: scales show them. */

interface Told {
  readonly unit: string
  readonly turned: (value: number) => number
}

const times = (unit: string, per: number): Told => ({ unit, turned: (value) => value / per })

const footM = cmPerFoot / 100
const degrees: Told = { unit: '°F', turned: fahrenheitOf }

/** From so many ml on it is told in this; less than half a teaspoon stays in ml, as droppers have it. */
const volumes: readonly (readonly [fromMl: number, told: Told])[] = [
  [128 * volumeUnits.floz, times('gal', 128 * volumeUnits.floz)],
  [32 * volumeUnits.floz, times('qt', 32 * volumeUnits.floz)],
  [volumeUnits.tbsp, times('fl oz', volumeUnits.floz)],
  [volumeUnits.tsp / 2, times('tsp', volumeUnits.tsp)],
]

const ofVolume = (ml: number, mlPerUnit: number): Told | null => {
  const [, told] = volumes.find(([fromMl]) => ml >= fromMl) ?? []
  return told ? { unit: told.unit, turned: (value) => told.turned(value * mlPerUnit) } : null
}

const others: Readonly<Record<string, Told>> = {
  cm: times('in', cmPerInch),
  'cm²': times('sq in', cmPerInch ** 2),
  m: times('ft', footM),
  'm²': times('sq ft', footM ** 2),
  'm³': times('cu ft', footM ** 3),
  kg: times('lb', massUnits.lb / massUnits.kg),
  '°C': degrees,
}

function toldIn(unit: string, largest: number): Told | null {
  if (unit === 'ml') return ofVolume(largest, 1)
  if (unit === 'l') return ofVolume(largest * volumeUnits.l, volumeUnits.l)
  return others[unit] ?? null
}

const number = String.raw`\d+(?:,\d{3})*(?:\.\d+)?`
/** "20 cm", "20–30 cm", "20 × 30 cm", "between 20 and 30 cm"; not "per 100 ml", "5 ml/m²", "2 °C warmer" or "tsp (5 ml)". */
const measured = new RegExp(
  String.raw`(?<![\w.,]|per |by |(?:tsp|tbsp|cups?|metric|US) \()(${number}(?:(?:–| × | to | or |(?<=[Bb]etween ${number}) and )${number})*)` +
    String.raw`([\s\u00a0])(ml|l|cm²|cm|m²|m³|m|kg|°C)(?![\w²³/]|[\s\u00a0](?:per|warmer|cooler|more|less)\b)`,
  'g',
)

const digitsOf = (text: string): number => text.replace(/^0\.0*|\D/g, '').length
const decimalsOf = (text: string): number => text.split('.')[1]?.length ?? 0

function turnedText(text: string, told: Told): string {
  const value = told.turned(Number(text.replaceAll(',', '')))
  if (told === degrees) return value.toFixed(decimalsOf(text))
  return String(Number(value.toPrecision(Math.min(3, Math.max(2, digitsOf(text))))))
}

/** The measures in a sentence, each in US units and with no more digits than were told. */
export const inUsUnits = (text: string): string =>
  text.replace(measured, (whole, numbers: string, space: string, unit: string) => {
    const all = numbers.match(new RegExp(number, 'g'))!
    const told = toldIn(unit, Math.max(...all.map((one) => Number(one.replaceAll(',', '')))))
    if (!told) return whole
    return numbers.replace(new RegExp(number, 'g'), (one) => turnedText(one, told)) + space + told.unit
  })

/** A field in another unit than the one its value is kept in. */
export interface FieldUnit {
  readonly unit: string
  readonly toShown: (kept: number) => number
  readonly toKept: (shown: number) => number
}

/** Up to so many ml a field is of spoons. */
const mostInSpoonsMl = 200

const field = (unit: string, per: number): FieldUnit => ({
  unit,
  toShown: (kept) => kept / per,
  toKept: (shown) => shown * per,
})

/** What a field of this unit asks for in the US, whose values go up to `high`; null where it stays as it is. */
export function usField(unit: string, high: number): FieldUnit | null {
  if (unit === 'ml')
    return high > mostInSpoonsMl ? field('fl oz', volumeUnits.floz) : field('tsp', volumeUnits.tsp)
  if (unit === 'l') return field('gal', (128 * volumeUnits.floz) / volumeUnits.l)
  if (unit === '°C') return { unit: degrees.unit, toShown: degrees.turned, toKept: celsiusOf }
  const told = others[unit]
  return told ? field(told.unit, 1 / told.turned(1)) : null
}
