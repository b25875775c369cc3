/** One number a finding or an answer rests on: what it is, and its unit. */
export interface Figure {
  readonly is: string
  readonly value: number | null
  readonly unit: string
}

export const figure = (is: string, value: number | null, unit = ''): Figure => ({ is, value, unit })
