import { pouredG, volumeMlOf } from '../../core/batch/pouring.ts'
import type { repairOf } from '../../core/batch/pouring.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { gramsText, mlText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { largestOf } from './Running.tsx'
import type { EditedBatch } from './useBatch.ts'

/** Too much of one thing: the rest recomputed around it, or what the medium has become where the jar is too small. */
export function Overpour({
  edited,
  repair,
  nameOf,
  findMaterial,
  made,
}: {
  readonly edited: EditedBatch
  readonly repair: NonNullable<ReturnType<typeof repairOf>>
  readonly nameOf: (id: string) => string
  readonly findMaterial: FindMaterial
  readonly made: Medium | null
}) {
  const { batch, act } = edited
  const volume = volumeMlOf(repair.targets, findMaterial)
  const fits = batch.jarMl === null || volume <= batch.jarMl
  const over =
    pouredG(batch.pours, repair.over) -
    (batch.targets.find(({ material }) => material === repair.over)?.grams ?? 0)
  return (
    <div role="alert" className="mt-5 border-l-[3px] border-watch pl-4">
      <p className="font-read text-[1.2rem] leading-snug">
        <VerdictMark verdict="watch" size={15} /> {gramsText(over)} too much {nameOf(repair.over)}.
      </p>
      {fits ? (
        <>
          <p className="mt-1">
            With more of the others it is right again, {mlText(volume)} in all:{' '}
            {repair.targets
              .filter(({ material, grams }) => grams - pouredG(batch.pours, material) > 0.05)
              .map(
                ({ material, grams }) =>
                  `${gramsText(grams - pouredG(batch.pours, material))} ${nameOf(material)}`,
              )
              .join(', ')}
            .
          </p>
          <button
            type="button"
            className="button button-ink mt-2 min-h-12"
            onClick={() => void act('repair')}
          >
            Recompute the rest
          </button>
        </>
      ) : (
        <p className="mt-1">
          Put right it would be {mlText(volume)}, and the jar holds {mlText(batch.jarMl!)}. Take a larger jar,
          pour some out, or keep it as it stands: {made ? largestOf(made) : 'nothing is in it yet'}
        </p>
      )}
    </div>
  )
}
