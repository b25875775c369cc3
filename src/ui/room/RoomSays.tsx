import type { Material } from '../../core/materials/material.ts'
import { policyAnswers } from '../../core/materials/policy.ts'
import type { PolicyId } from '../../core/materials/policy.ts'
import { VerdictMark } from '../Verdict.tsx'

/** What the room says to these materials; nothing where they may all come in. */
export function RoomSays({
  materials,
  policies,
}: {
  readonly materials: readonly Material[]
  readonly policies: readonly PolicyId[]
}) {
  const answers = materials.flatMap((material) => policyAnswers(material, policies))
  return (
    <>
      {answers.map(({ policy, answer, reason }) => (
        <p key={policy + reason} role="alert" className="mt-2">
          <VerdictMark verdict={answer === 'refused' ? 'unsound' : 'watch'} size={12} />{' '}
          {answer === 'refused' ? 'Not in this room: ' : 'Ask first: '}
          {reason}
        </p>
      ))}
    </>
  )
}
