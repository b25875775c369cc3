/** Units a painter measures with, and what each is in grams or millilitres. */

export const massUnits = { mg: 0.001, g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 } as const

/** US kitchen measures are exact fractions of the US gallon; the metric ones are by convention. */
export const volumeUnits = {
  ml: 1,
  cl: 10,
  l: 1000,
  tsp: 4.92892159375,
  tbsp: 14.78676478125,
  cup: 236.5882365,
  floz: 29.5735295625,
  tsp_metric: 5,
  tbsp_metric: 15,
  cup_metric: 250,
} as const

/** Of an inch and a foot, cm; both are exact. */
export const cmPerInch = 2.54
export const cmPerFoot = 12 * cmPerInch

export const fahrenheitOf = (celsius: number): number => celsius * 1.8 + 32
export const celsiusOf = (fahrenheit: number): number => (fahrenheit - 32) / 1.8

export type MassUnit = keyof typeof massUnits
export type VolumeUnit = keyof typeof volumeUnits
export type Unit = MassUnit | VolumeUnit | 'drop' | 'part'

export const unitIds = [
  ...(Object.keys(massUnits) as MassUnit[]),
  ...(Object.keys(volumeUnits) as VolumeUnit[]),
  'drop',
  'part',
] as const satisfies readonly Unit[]

export interface Amount {
  readonly amount: number
  readonly unit: Unit
}

/** Which teaspoon a bare "tsp" means when a painter types it. */
export type Spoons = 'us' | 'metric'

export const isMassUnit = (unit: Unit): unit is MassUnit => unit in massUnits
export const isVolumeUnit = (unit: Unit): unit is VolumeUnit => unit in volumeUnits

const written: Record<Unit, readonly [one: string, many: string]> = {
  mg: ['mg', 'mg'],
  g: ['g', 'g'],
  kg: ['kg', 'kg'],
  oz: ['oz', 'oz'],
  lb: ['lb', 'lb'],
  ml: ['ml', 'ml'],
  cl: ['cl', 'cl'],
  l: ['l', 'l'],
  tsp: ['US tsp', 'US tsp'],
  tbsp: ['US tbsp', 'US tbsp'],
  cup: ['US cup', 'US cups'],
  floz: ['fl oz', 'fl oz'],
  tsp_metric: ['tsp (5 ml)', 'tsp (5 ml)'],
  tbsp_metric: ['tbsp (15 ml)', 'tbsp (15 ml)'],
  cup_metric: ['cup (250 ml)', 'cups (250 ml)'],
  drop: ['drop', 'drops'],
  part: ['part', 'parts'],
}

/** The unit in a painter's words: `unitName('drop', 3)` is "drops". */
export const unitName = (unit: Unit, amount = 2): string => written[unit][amount === 1 ? 0 : 1]
