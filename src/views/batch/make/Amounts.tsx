import { useState } from 'react'
import { isHeated, methodOf } from '../../../core/batch/method.ts'
import { timesFor } from '../../../core/batch/scaling.ts'
import { unfitnessOf } from '../../../core/dosing/fitness.ts'
import { parseNumber } from '../../../core/measure/parse.ts'
import type { Medium } from '../../../core/medium/medium.ts'
import type { MediumDocument } from '../../../document/recipe.ts'
import type { ShelfItem } from '../../../document/shelf.ts'
import { send } from '../../../ui/client.ts'
import { Labelled, TypedField } from '../../../ui/fields.tsx'
import type { Reading } from '../../../ui/fields.tsx'
import { mlText } from '../../../ui/format.ts'
import { say } from '../../../ui/messages.ts'
import { VerdictMark } from '../../../ui/Verdict.tsx'
import { AmountFields } from './AmountFields.tsx'
import { firstAsked, scaleBy } from './asked.ts'
import type { AmountAsked } from './asked.ts'
import { Scaled } from './Scaled.tsx'

interface AmountsProps {
  readonly medium: MediumDocument
  readonly made: Medium
  readonly shelf: readonly ShelfItem[]
}

/** How much is made, by whatever limits it; and the batch begun. */
export function Amounts({ medium, made, shelf }: AmountsProps) {
  const [asked, setAsked] = useState(() => firstAsked(medium, made))
  const [jarMl, setJarMl] = useState<number | null>(null)
  const change = (more: Partial<AmountAsked>): void => setAsked((before) => ({ ...before, ...more }))
  const materials = made.ingredients.map(({ material }) => material)
  const by = scaleBy(asked)
  const scaled = timesFor(made, by)
  const isLossy = asked.kind === 'tubes' || isHeated(methodOf(materials))
  const volumeMl = scaled.ok ? made.volumeMl * scaled.times : 0
  const tooMuch = jarMl !== null && volumeMl > jarMl + 1e-9
  const refused = unfitnessOf(made)?.refused ?? false
  const begin = (byFeel: boolean): void => {
    const loss = isLossy ? asked.lossPercent / 100 : 0
    void send('POST /api/batches', { mediumId: medium.id, by, jarMl, byFeel, loss }).then((reply) =>
      reply.ok ? window.location.assign(`/batches/${reply.value.id}`) : say(reply.refusal.message),
    )
  }
  return (
    <section aria-label="How much">
      <h2 className="text-xl">How much</h2>
      <div className="mt-2 flex flex-wrap items-start gap-4">
        <AmountFields asked={asked} made={made} isLossy={isLossy} onAsked={change} />
        <Labelled label="The jar holds, ml" className="w-32" hint="Left empty: large enough.">
          {(id) => (
            <TypedField
              id={id}
              isFigure
              shown={jarMl === null ? '' : String(jarMl)}
              read={readJar}
              onValue={setJarMl}
            />
          )}
        </Labelled>
      </div>
      {scaled.ok ? (
        <>
          <Scaled medium={medium} made={made} shelf={shelf} times={scaled.times} />
          {tooMuch && (
            <p role="alert" className="mt-2">
              <VerdictMark verdict="unsound" size={12} /> That makes {mlText(volumeMl)}, and the jar holds{' '}
              {mlText(jarMl)}.{' '}
              <button
                type="button"
                className="min-h-11 link"
                onClick={() => change({ kind: 'volume', ml: jarMl })}
              >
                Make {mlText(jarMl)}
              </button>
            </p>
          )}
          <div className="mt-4 flex flex-wrap gap-3">
            <button
              type="button"
              disabled={tooMuch || refused}
              className="button button-ink min-h-12 px-5 text-[1.1rem]"
              onClick={() => begin(false)}
            >
              Begin the batch
            </button>
            <button type="button" disabled={refused} className="button min-h-12" onClick={() => begin(true)}>
              Begin by feel, and write down what goes in
            </button>
          </div>
          <p className="mt-2 text-[0.88rem] text-soft">
            Batches are numbered through the whole studio: a jar is known by its number alone.
          </p>
        </>
      ) : (
        <p role="alert" className="mt-3 text-unsound">
          {scaled.message}
        </p>
      )}
    </section>
  )
}

function readJar(text: string): Reading<number | null> {
  if (!text.trim()) return { value: null }
  const value = parseNumber(text)
  return value !== null && value > 0 && value <= 1e5 ? { value } : { problem: 'Write ml, such as 250.' }
}
