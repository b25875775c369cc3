import { figure } from '../../figure.ts'
import { kindOf } from '../../materials/material.ts'
import type { Material } from '../../materials/material.ts'
import { policyAnswers } from '../../materials/policy.ts'
import type { PolicyAnswer } from '../../materials/policy.ts'
import type { Ground } from '../../stack/support.ts'
import { groundRule, layerRule, together } from '../rule.ts'
import type { Said } from '../rule.ts'

const text = {
  id: 'policy',
  about: 'room' as const,
  mends: ['allowed' as const],
}

/** What a room says to what is on a brush: refused is unsound, not known is watched; once painted it is only noted. */
function answered(name: string, answers: readonly PolicyAnswer[], isPainted: boolean): Said | null {
  const refused = answers.filter(({ answer }) => answer === 'refused')
  const [first] = refused.length > 0 ? refused : answers
  if (!first) return null
  const severity = isPainted ? 'note' : first.answer === 'refused' ? 'unsound' : 'watch'
  return {
    severity,
    message:
      first.answer === 'refused'
        ? `${name}: not in this room. ${first.reason}`
        : `${name}: it is not known whether this may come into the room. ${first.reason}`,
    numbers: { answers: figure('materials in it that the room refuses', refused.length) },
  }
}

const distinct = (materials: readonly Material[]): readonly Material[] => [
  ...new Map(materials.map((material) => [kindOf(material), material])).values(),
]

const policyOfLayer = layerRule({
  ...text,
  says: ({ layer: { name, materials, isPainted } }, { policies }) =>
    policies.length === 0
      ? null
      : answered(
          name,
          distinct(materials).flatMap((material) => policyAnswers(material, policies)),
          isPainted,
        ),
})

const policyOfGround = groundRule({
  ...text,
  says: ({ isPainted }, ground, { policies }) =>
    answered('The ground', policyAnswers(groundMaterial(ground), policies), isPainted),
})

/** A ground as far as a room asks of it. */
const groundMaterial = ({ id, name, hazards }: Ground): Material => ({
  id,
  name: `The ${name}`,
  family: 'waterborne',
  densityGPerMl: { low: 1, mid: 1, high: 1 },
  shares: {},
  ...(hazards && { hazards }),
})

export const policy = together(policyOfLayer, policyOfGround)
