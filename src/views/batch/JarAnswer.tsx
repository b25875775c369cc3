import { freshnessOn } from '../../core/batch/keeping.ts'
import { methodOf } from '../../core/batch/method.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import type { Batch } from '../../document/batch.ts'
import { jarKeeping, leftMl } from '../../document/batchMedium.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { jarText, makingText } from './answer.ts'
import { freshnessMarks } from './freshness.ts'

interface JarAnswerProps {
  readonly batch: Batch
  readonly made: Medium | null
  readonly findMaterial: FindMaterial
  readonly today: string
}

/** What a painter opens a batch for: what is left and until when it keeps; of one being made, what comes next. */
export function JarAnswer({ batch, made, findMaterial, today }: JarAnswerProps) {
  if (!made || !batch.madeOn) {
    const steps = methodOf(batch.targets.flatMap(({ material }) => findMaterial(material) ?? []))
    return <p className="font-read text-xl">{makingText(steps, batch.doneSteps)}</p>
  }
  const left = leftMl(batch, findMaterial)
  const keeping = jarKeeping(made, batch)
  const madeDay = dayOf(batch.madeOn)!
  const freshness = freshnessOn(madeDay, keeping, dayOf(today)!)
  return (
    <p className="font-read text-xl">
      {left > 0 && <VerdictMark verdict={freshnessMarks[freshness]} size={15} />}{' '}
      {jarText(left, freshness, dateOf(madeDay + keeping.days))}
    </p>
  )
}
