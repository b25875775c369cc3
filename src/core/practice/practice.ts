import { defaultLimits } from './limits.ts'
import type { Limits } from './limits.ts'

/** A school's own thresholds. What a rule compares with stands in its limits, so that it can be read and changed. */
export interface Practice {
  readonly id: string
  readonly name: string
  readonly summary: string
  /** How much of an alkyd counts as fat. */
  readonly alkydWeight: number
  /** What the layer below must have reached before the next: an oil layer, and one whose binder is mostly alkyd. */
  readonly gate: { readonly oil: Gate; readonly alkyd: Gate }
  readonly limits: Limits
}

export const gates = ['touch', 'firm'] as const
export type Gate = (typeof gates)[number]

/** The practices as shipped; a studio may change them, and add its own. */
export const shippedPractices: readonly Practice[] = [
  {
    id: 'oil-led',
    name: 'Oil-led',
    summary: 'The same medium throughout, a little more of it in each layer; solvent only in the first.',
    alkydWeight: 1,
    gate: { oil: 'touch', alkyd: 'touch' },
    limits: defaultLimits,
  },
  {
    id: 'glazing',
    name: 'Glazing',
    summary:
      'An opaque, light-keyed underpainting; transparent glazes, each a touch fatter, each dry before the next.',
    alkydWeight: 0.5,
    gate: { oil: 'firm', alkyd: 'touch' },
    limits: defaultLimits,
  },
]

/** What is judged by where no practice is named: the usual limits; what rests on a practice's own choice makes notes only. */
export const noPractice: Practice = {
  id: 'none',
  name: 'No practice',
  summary: 'The usual limits, and no school’s own choices.',
  alkydWeight: 0.5,
  gate: { oil: 'touch', alkyd: 'touch' },
  limits: defaultLimits,
}

/** Every practice of a studio: the shipped ones as it has changed them, then its own. */
export function practicesWith(own: readonly Practice[]): readonly Practice[] {
  const byId = new Map(own.map((practice) => [practice.id, practice]))
  const shipped = shippedPractices.map((practice) => byId.get(practice.id) ?? practice)
  return [...shipped, ...own.filter(({ id }) => !isShipped(id))]
}

export const isShipped = (id: string): boolean => shippedPractices.some((practice) => practice.id === id)

/** The practice of this id; the first one shipped where there is none. */
export const practiceOf = (id: string, own: readonly Practice[] = []): Practice =>
  practicesWith(own).find((practice) => practice.id === id) ?? shippedPractices[0]!
