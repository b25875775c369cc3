import { useEffect, useState } from 'react'
import { heatGuard, isHeated, methodOf, missingBefore, unsettled } from '../../core/batch/method.ts'
import type { MethodStep } from '../../core/batch/method.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { PolicyId } from '../../core/materials/policy.ts'
import { pairsIn } from '../../core/medium/pairs.ts'
import { NumberRow } from '../../ui/fields.tsx'
import { gramsText } from '../../ui/format.ts'
import { RoomSays } from '../../ui/room/RoomSays.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import type { EditedBatch } from './useBatch.ts'

/** The steps in an order that cannot be got wrong by accident; each with what to look for and what can hurt. */
export function Method({
  edited,
  findMaterial,
  policies,
}: {
  readonly edited: EditedBatch
  readonly findMaterial: FindMaterial
  readonly policies: readonly PolicyId[]
}) {
  const { batch, edit } = edited
  const materials = batch.targets.flatMap(({ material }) => findMaterial(material) ?? [])
  const steps = methodOf(materials)
  const [potC, setPotC] = useState(20)
  const [asking, setAsking] = useState<string | null>(null)
  const tick = (step: MethodStep, on: boolean, anyway = false): void => {
    if (on && !anyway && missingBefore(steps, step.id, batch.doneSteps).length > 0) return setAsking(step.id)
    setAsking(null)
    edit({ doneSteps: on ? [...batch.doneSteps, step.id] : batch.doneSteps.filter((id) => id !== step.id) })
  }
  const open = unsettled(steps, batch.doneSteps, batch.leftOut)
  const refusedAt = (id: string): readonly string[] => {
    const material = findMaterial(id)
    const answer = material && heatGuard(potC, material)
    return answer && !answer.ok ? [answer.message] : []
  }
  const amounts = batch.targets.filter(({ material }) => findMaterial(material))
  return (
    <div className="max-w-[54rem]">
      <RoomSays materials={materials} policies={policies} />
      {pairsIn(materials).map(({ pair, severity, message }) => (
        <p key={pair} role="alert" className="mb-2">
          <VerdictMark verdict={severity} size={13} /> {message}
        </p>
      ))}
      {isHeated(steps) ? (
        <div className="flex flex-wrap items-start gap-6">
          <NumberRow
            label="The pot is at"
            className="w-32 text-[1.1rem]"
            value={potC}
            low={0}
            high={400}
            unit="°C"
            onValue={setPotC}
          />
          <p className="min-w-64 flex-1 self-center text-[0.92rem] text-soft">
            Nothing volatile goes into a warm pot near its flash point, nothing watery into hot oil, and no
            oil above 120 °C. Lid and dry-powder extinguisher at hand; rags flat outdoors or under water. The
            safety data sheet and local rules come first.
          </p>
        </div>
      ) : (
        <p className="text-[0.92rem] text-soft">
          All of it is made cold: no pot, no plate. Rags flat outdoors or under water. The safety data sheet
          and local rules come first.
        </p>
      )}
      <ol className="mt-4">
        {steps.map((step, at) => {
          const done = batch.doneSteps.includes(step.id)
          const refused = step.warmth === 'cold' ? [] : step.materials.flatMap(refusedAt)
          const before = missingBefore(steps, step.id, batch.doneSteps)
          return (
            <li key={step.id} className="border-t border-rule py-3">
              <label className="flex items-start gap-4">
                <input
                  type="checkbox"
                  className="mt-1 size-7 shrink-0"
                  aria-label={`Done: ${step.title}`}
                  checked={done}
                  disabled={!done && refused.length > 0}
                  onChange={({ target }) => tick(step, target.checked)}
                />
                <span className="grow">
                  <span className="block font-read text-[1.3rem] leading-tight">
                    {at + 1}. {step.title}
                  </span>
                  {step.materials.length > 0 && (
                    <span className="block font-medium">
                      {amounts
                        .filter(({ material }) => step.materials.includes(material))
                        .map(({ material, grams }) =>
                          [grams > 0 && gramsText(grams), findMaterial(material)!.name]
                            .filter(Boolean)
                            .join(' '),
                        )
                        .join(', ')}
                      {', into '}
                      {step.vessel}
                    </span>
                  )}
                  <span className="block">{step.look}</span>
                  <span className="block text-[0.92rem] text-soft">{step.care}</span>
                </span>
                {step.timerMinutes && !done && (
                  <Timer id={`${batch.id}-${step.id}`} minutes={step.timerMinutes} />
                )}
              </label>
              {!done &&
                refused.map((message) => (
                  <p key={message} role="alert" className="mt-2 ml-11">
                    <VerdictMark verdict="unsound" size={13} /> {message}
                  </p>
                ))}
              {asking === step.id && (
                <div
                  role="alertdialog"
                  aria-label="Out of order"
                  className="mt-2 ml-11 border-l-[3px] border-watch bg-sheet px-3 py-2"
                >
                  <p>
                    Before it comes:{' '}
                    {before
                      .map(({ title, look }) => `${title} (${look.toLowerCase().replace(/\.$/, '')})`)
                      .join('; ')}
                    .
                  </p>
                  <p className="mt-2 flex gap-3">
                    <button type="button" className="button min-h-11" onClick={() => tick(step, true, true)}>
                      It is done all the same
                    </button>
                    <button type="button" className="button min-h-11" onClick={() => setAsking(null)}>
                      Not yet
                    </button>
                  </p>
                </div>
              )}
              {step.vital && !done && (
                <label className="mt-2 ml-11 flex min-h-11 items-center gap-3">
                  <input
                    type="checkbox"
                    className="size-5"
                    checked={batch.leftOut.includes(step.id)}
                    onChange={({ target }) =>
                      edit({
                        leftOut: target.checked
                          ? [...batch.leftOut, step.id]
                          : batch.leftOut.filter((id) => id !== step.id),
                      })
                    }
                  />
                  I leave it out knowingly
                </label>
              )}
            </li>
          )
        })}
      </ol>
      {open.length > 0 && (
        <p className="mt-3 text-soft">
          Before the batch can be finished: {open.map(({ title }) => title.toLowerCase()).join(', ')}.
        </p>
      )}
    </div>
  )
}

/** Runs on while the page is away: only the end is remembered. */
function Timer({ id, minutes }: { readonly id: string; readonly minutes: number }) {
  const key = `grelta-timer-${id}`
  const [end, setEnd] = useState<number | null>(null)
  const [now, setNow] = useState(0)
  useEffect(() => {
    const kept = Number(localStorage.getItem(key))
    if (kept) setEnd(kept)
    setNow(Date.now())
    const beat = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(beat)
  }, [key])
  const set = (next: number | null): void => {
    if (next === null) localStorage.removeItem(key)
    else localStorage.setItem(key, String(next))
    setEnd(next)
  }
  if (end === null)
    return (
      <button
        type="button"
        className="button min-h-11 shrink-0"
        onClick={() => set(Date.now() + minutes * 6e4)}
      >
        Time {minutes >= 120 ? `${minutes / 60} h` : `${minutes} min`}
      </button>
    )
  const left = Math.max(0, end - now)
  return (
    <button
      type="button"
      className={`button min-h-11 shrink-0 ${left === 0 ? 'button-ink' : ''}`}
      onClick={() => set(null)}
      aria-label="Stop the timer"
    >
      {left === 0
        ? 'Time is up'
        : left > 36e5
          ? `${Math.floor(left / 36e5)} h ${Math.floor((left % 36e5) / 6e4)} min`
          : `${Math.floor(left / 6e4)}:${String(Math.floor((left % 6e4) / 1000)).padStart(2, '0')}`}
    </button>
  )
}
