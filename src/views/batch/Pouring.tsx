import { useEffect, useState } from 'react'
import { send } from '../../ui/client.ts'
import { Labelled, NumberField, NumberRow } from '../../ui/fields.tsx'
import type { ScaleReading } from './useScale.ts'

/** How much went in: what the scale says since the last tare, or what is typed. */
export function Pouring({
  reading,
  onPour,
}: {
  readonly reading: ScaleReading | null
  /** True once it is written down, or kept until it can be. */
  readonly onPour: (grams: number) => Promise<boolean>
}) {
  const [typed, setTyped] = useState<number | null>(null)
  /** What the scale says is being written down: a second tap would pour it twice. */
  const [writing, setWriting] = useState(false)
  const writeDown = async (grams: number): Promise<void> => {
    setWriting(true)
    await onPour(grams)
    setWriting(false)
  }
  const writeTyped = async (grams: number): Promise<void> => {
    setTyped(null)
    if (!(await onPour(grams))) setTyped(grams)
  }
  return (
    <div className="mt-4">
      {reading ? (
        <>
          <p className="text-soft" id="reading-label">
            On the scale since the last tare
          </p>
          <p
            aria-labelledby="reading-label"
            className="font-plain text-[3.4rem] leading-none"
            data-settled={reading.settled}
          >
            {reading.grams.toFixed(2)} g{' '}
            <span className="text-[1rem] text-soft">{reading.settled ? 'settled' : 'moving'}</span>
          </p>
          <div className="mt-3 flex flex-wrap gap-3">
            <button
              type="button"
              className="button button-ink min-h-16 grow justify-center px-6 text-[1.3rem]"
              disabled={writing || !reading.settled || reading.grams < 0.02}
              onClick={() => void writeDown(reading.grams)}
            >
              Write it down
            </button>
            <button
              type="button"
              className="button min-h-16 px-6 text-[1.1rem]"
              onClick={() => void send('POST /api/scale', { command: 'tare' })}
            >
              Tare
            </button>
          </div>
        </>
      ) : (
        <p className="text-soft">No scale answers. Weigh, and type what it says.</p>
      )}
      <form
        className="mt-4 flex items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (typed !== null) void writeTyped(typed)
        }}
      >
        <Labelled label="or typed, g" className="w-40 text-[1.3rem]">
          {(id) => <NumberField id={id} value={typed} low={0.01} high={100000} onValue={setTyped} />}
        </Labelled>
        <button type="submit" className="button min-h-11" disabled={typed === null}>
          Write down what is typed
        </button>
      </form>
    </div>
  )
}

/** The simulated scale can be poured on; a real one has hands for that. */
export function Simulated() {
  const [grams, setGrams] = useState(20)
  const [there, setThere] = useState(false)
  useEffect(() => setThere(true), [])
  if (!there) return null
  return (
    <fieldset className="mt-8 border-t border-rule pt-2 text-[0.92rem]">
      <legend className="sr-only">Simulated scale</legend>
      <div className="flex flex-wrap items-end gap-3">
        <NumberRow
          label="Simulated scale: pour, g"
          className="w-40"
          value={grams}
          low={0.01}
          high={5000}
          onValue={setGrams}
        />
        <button
          type="button"
          className="button min-h-11"
          onClick={() => void send('POST /api/scale', { command: 'pour', grams })}
        >
          Pour it on
        </button>
        <button
          type="button"
          className="button min-h-11"
          onClick={() => void send('POST /api/scale', { command: 'spill', grams })}
        >
          Spill it
        </button>
        <button
          type="button"
          className="button min-h-11"
          onClick={() => void send('POST /api/scale', { command: 'zero' })}
        >
          Empty the pan
        </button>
      </div>
    </fieldset>
  )
}
