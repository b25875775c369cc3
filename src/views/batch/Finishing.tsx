import { useState } from 'react'
import { departuresOf } from '../../core/batch/pouring.ts'
import type { Departure } from '../../core/batch/pouring.ts'
import { listed } from '../../core/words.ts'
import { readName, TypedRow } from '../../ui/fields.tsx'
import { gramsText, shortName } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import type { EditedBatch } from './useBatch.ts'

interface FinishingProps {
  readonly edited: EditedBatch
  readonly byFeel: boolean
  readonly nameOf: (id: string) => string
  readonly onFinished: () => void
}

/** Finishing a batch; where the jar is not what it is called, it is asked what it shall be called instead. */
export function Finishing({ edited, byFeel, nameOf, onFinished }: FinishingProps) {
  const { batch, act } = edited
  const [isAsking, setAsking] = useState(false)
  const [name, setName] = useState(`${batch.name}, as it came out`)
  const departures = departuresOf(batch.targets, batch.pours)
  const finish = async (sent: object): Promise<void> => {
    setAsking(false)
    if (await act('finish', sent)) onFinished()
  }
  return (
    <>
      <button
        type="button"
        className="button min-h-11"
        disabled={batch.pours.length === 0}
        aria-expanded={isAsking}
        onClick={() => (departures.length > 0 ? setAsking(true) : void finish({}))}
      >
        {byFeel ? 'Stop here: it is finished' : 'It is finished'}
      </button>
      {isAsking && departures.length > 0 && (
        <div
          role="alertdialog"
          aria-label="Not what it is called"
          className="basis-full border-l-[3px] border-watch bg-sheet px-3 py-2"
        >
          <p>
            <VerdictMark verdict="watch" size={13} /> This is not {batch.name}:{' '}
            {departureText(departures, nameOf)}.
          </p>
          <TypedRow
            label="Call it"
            hint="It keeps what was really poured, and does not count as that medium."
            shown={name}
            read={(text) => readName(text, 'it')}
            onValue={setName}
          />
          <p className="mt-2 flex flex-wrap gap-3">
            <button type="button" className="button min-h-11" onClick={() => void finish({ name })}>
              Finish it under that name
            </button>
            <button type="button" className="button min-h-11" onClick={() => setAsking(false)}>
              Go on weighing
            </button>
          </p>
        </div>
      )}
    </>
  )
}

/** What is missing is told first. */
const departureText = (departures: readonly Departure[], nameOf: (id: string) => string): string =>
  listed(
    [...departures]
      .sort((a, b) => Number(b.is === 'missing') - Number(a.is === 'missing'))
      .map(({ material, is, grams }) =>
        is === 'missing'
          ? `no ${shortName(nameOf(material))}`
          : `${gramsText(grams)} ${is} ${shortName(nameOf(material))}`,
      ),
  )
