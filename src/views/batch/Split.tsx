import { useState } from 'react'
import type { Batch } from '../../document/batch.ts'
import { send } from '../../ui/client.ts'
import { Labelled, NumberRow, readName, TypedField } from '../../ui/fields.tsx'
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
      <Labelled label="to begin another batch, called" className="min-w-40 grow">
        {(id) => (
          <TypedField
            id={id}
            shown={name}
            read={(text) => readName(text, 'the new batch')}
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
