import type { FieldUnit } from './usUnits.ts'

/** Who reads here: absent where everything stays as it is written. */
export interface Reader {
  readonly text: (text: string) => string
  readonly words: (type: unknown, props: unknown) => unknown
  readonly figure: (text: string) => string
  readonly typed: (text: string) => string
  readonly field: (unit: string, high: number) => FieldUnit | null
}

declare global {
  var greltaReader: Reader | undefined
}

/** A finished sentence as the one who reads it has numbers, units and dates. */
export const asRead = (text: string): string => globalThis.greltaReader?.text(text) ?? text

/** What stands in a field, in the field's own units: only its decimal sign is the reader's. */
export const asFigure = (text: string): string => globalThis.greltaReader?.figure(text) ?? text

/** What this reader typed, with a comma that can only be their decimal sign as a point: "1,125 g". */
export const asTyped = (text: string): string => globalThis.greltaReader?.typed(text) ?? text

/** The unit this reader fills a field in, where it is another than the field's own. */
export const fieldUnit = (unit: string, high: number): FieldUnit | null =>
  globalThis.greltaReader?.field(unit, high) ?? null
