import { useState } from 'react'
import type { Batch } from '../../document/batch.ts'
import { send } from '../../ui/client.ts'
import { Labelled, NumberRow, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { say } from '../../ui/messages.ts'

export function Split({ batch }: { readonly batch: Batch }) {
  const [grams, setGrams] = useState<number | null>(null)
  const [name, setName] = useState(`${batch.name}, putty`)
  const split = (): void =>
    void send('POST /api/batches/{id}/split', { grams: grams!, name }, { params: { id: batch.id } }).then(
      (reply) =>
        reply.ok ? window.location.assign(`/batches/${reply.value.id}#weigh`) : say(reply.refusal.message),
    )
  return (
    <div className="mt-3 flex flex-wrap items-end gap-3">
      <NumberRow
        label="Take of it, g"
        className="w-28"
        value={grams}
        low={0.1}
        high={100000}
        onValue={setGrams}
      />
      <Labelled label="as the beginning of" className="min-w-40 grow">
        {(id) => (
          <TypedField
            id={id}
            shown={name}
            read={(text): Reading<string> =>
              text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Name the new batch.' }
            }
            onValue={setName}
          />
        )}
      </Labelled>
      <button type="button" className="button min-h-11" disabled={grams === null} onClick={split}>
        Begin it
      </button>
    </div>
  )
}
