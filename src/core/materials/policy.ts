import { kindOf } from './material.ts'
import type { Hazard } from './hazards.ts'
import type { Material } from './material.ts'

/** What a room forbids, whatever the reason. */
export const policyIds = ['solvent', 'lead', 'egg', 'acid', 'nuts', 'sensitisers'] as const
export type PolicyId = (typeof policyIds)[number]
export const policyNames: Readonly<Record<PolicyId, string>> = {
  solvent: 'solvent',
  lead: 'lead',
  egg: 'egg',
  acid: 'acid',
  nuts: 'nuts (walnut)',
  sensitisers: 'sensitisers',
}

export interface PolicyAnswer {
  readonly policy: PolicyId
  /** Unknown: the painter must ask whoever sold it. */
  readonly answer: 'refused' | 'unknown'
  readonly reason: string
}

/** Oils commonly won or cleaned with a solvent; a label seldom says so. */
const refined = new Set([
  'linseed_alkali_refined',
  'safflower',
  'sunflower_high_linoleic',
  'sunflower_high_oleic',
  'soybean',
  'grapeseed',
  'rapeseed_low_erucic',
  'rapeseed_high_erucic',
  'castor_dehydrated',
  'linseed_boiled_metal_drier',
])

const carried = ({ shares }: Material): number => shares.volatile ?? 0

/** Nothing but what is sold as solvent is one in the open; in anything else it rides along. */
function solventIn(material: Material): Omit<PolicyAnswer, 'policy'> | null {
  const { name, family } = material
  const share = carried(material)
  if (family === 'solvent') return share > 0 ? { answer: 'refused', reason: `${name} is a solvent.` } : null
  if (family === 'acid') return null
  const high = material.nonVolatile ? 1 - material.nonVolatile.low : share
  if (high > 0)
    return {
      answer: 'refused',
      reason: `${name} carries ${material.nonVolatile ? 'up to ' : ''}${Math.round(100 * high)}\u00a0% solvent by mass inside it.`,
    }
  if (family === 'drier')
    return { answer: 'unknown', reason: `${name} is as a rule sold dissolved in solvent: ask the supplier.` }
  if (refined.has(kindOf(material)))
    return {
      answer: 'unknown',
      reason: `${name}: whether it was pressed or drawn out with solvent is not known: ask the supplier.`,
    }
  return null
}

const has = ({ hazards }: Material, hazard: Hazard): boolean => hazards?.includes(hazard) ?? false
const refusedIf = (is: boolean, reason: string): Omit<PolicyAnswer, 'policy'> | null =>
  is ? { answer: 'refused', reason } : null

/** Walnut oil is an allergen, raw or bodied. */
export const isOfNuts = (material: Material): boolean =>
  /walnut/.test(kindOf(material)) || /walnut/i.test(material.name) || has(material, 'nuts')

const judges: Readonly<Record<PolicyId, (material: Material) => Omit<PolicyAnswer, 'policy'> | null>> = {
  solvent: solventIn,
  lead: (material) => refusedIf(has(material, 'lead'), `${material.name} holds lead.`),
  egg: ({ name, family }) => refusedIf(family === 'egg', `${name} is egg.`),
  acid: ({ name, family }) => refusedIf(family === 'acid', `${name} is an acid.`),
  nuts: (material) => refusedIf(isOfNuts(material), `${material.name} comes from nuts.`),
  sensitisers: (material) =>
    refusedIf(
      has(material, 'sensitiser') || has(material, 'cobalt') || has(material, 'nickel'),
      `${material.name} sensitises; there is no safe amount for a sensitised person.`,
    ),
}

/** What a room with these policies says to a material; empty: it may come in. */
export function policyAnswers(material: Material, policies: readonly PolicyId[]): readonly PolicyAnswer[] {
  return policies.flatMap((policy) => {
    const found = judges[policy](material)
    return found ? [{ policy, ...found }] : []
  })
}

/** The gravest of what a room says to these materials; null: all of them may come in. */
export function worstAnswer(
  materials: readonly Material[],
  policies: readonly PolicyId[],
): PolicyAnswer['answer'] | null {
  const answers = materials.flatMap((material) =>
    policyAnswers(material, policies).map(({ answer }) => answer),
  )
  return answers.includes('refused') ? 'refused' : (answers[0] ?? null)
}
