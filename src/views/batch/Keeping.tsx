import { freshnessOn } from '../../core/batch/keeping.ts'
import type { Keeping as KeepingTimes } from '../../core/batch/keeping.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import type { Batch } from '../../document/batch.ts'
import { dateText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { freshnessMarks } from './freshness.ts'
import type { EditedBatch } from './useBatch.ts'

export function Keeping({
  batch,
  days,
  because,
  look,
  today,
  edited,
}: {
  readonly batch: Batch
  readonly days: number
  readonly because: string
  readonly look: Pick<KeepingTimes, 'lookEveryDays' | 'lookFor'>
  readonly today: string
  readonly edited: EditedBatch
}) {
  const made = batch.madeOn ? dayOf(batch.madeOn)! : null
  return (
    <section aria-label="How long it keeps">
      <h2 className="text-xl">How long it keeps</h2>
      {made === null ? (
        <p>
          Use within {days} days of making, as {because}. <span className="text-soft">Estimate.</span>
        </p>
      ) : (
        <p>
          <VerdictMark verdict={freshnessMarks[freshnessOn(made, { days }, dayOf(today)!)]} size={13} /> Use
          by about {dateText(dateOf(made + days))}: {because}.{' '}
          <span className="text-soft">Made {dateText(batch.madeOn!)}; estimate.</span>
        </p>
      )}
      <label className="mt-1 flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5"
          checked={batch.keptCold}
          onChange={({ target }) => edited.edit({ keptCold: target.checked })}
        />{' '}
        kept cold
      </label>
      <p className="text-soft">
        Look for {look.lookFor} {look.lookEveryDays === 1 ? 'every day' : `every ${look.lookEveryDays} days`}.
        How is it today?
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {(['clear', 'skin', 'thick', 'spoilt'] as const).map((found) => (
          <button
            key={found}
            type="button"
            className="button min-h-11"
            onClick={() => edited.edit({ looks: [...batch.looks, { on: today.slice(0, 10), found }] })}
          >
            {found}
          </button>
        ))}
      </div>
      {batch.looks.length > 0 && (
        <p className="mt-1 text-[0.92rem]">
          Looked at: {batch.looks.map(({ on, found }) => `${dateText(on)} ${found}`).join(', ')}.
        </p>
      )}
    </section>
  )
}
