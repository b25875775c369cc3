import type { PolicyAnswer } from '../../core/materials/policy.ts'
import { VerdictMark } from '../Verdict.tsx'

/** In a list: that the room does not let something in, or that it has to be asked about. */
export function RoomMark({
  answer,
  size = 12,
}: {
  readonly answer: PolicyAnswer['answer']
  readonly size?: number
}) {
  const isRefused = answer === 'refused'
  return (
    <>
      <VerdictMark verdict={isRefused ? 'unsound' : 'watch'} size={size} />{' '}
      {isRefused ? 'not in this room' : 'ask first'}
    </>
  )
}
