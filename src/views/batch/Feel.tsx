import { upload } from '../../ui/client.ts'
import { TakePhoto } from '../../ui/photo/TakePhoto.tsx'
import { say } from '../../ui/messages.ts'
import { feelings, feelingWords } from './feelings.ts'
import type { EditedBatch } from './useBatch.ts'

/** How it felt, on five scales, with a photograph. */
export function Feel({ edited }: { readonly edited: EditedBatch }) {
  const { batch, edit } = edited
  const photograph = async (file: File): Promise<void> => {
    const reply = await upload<{ photo: string }>(`/api/batches/${batch.id}/photo`, file)
    if (reply.ok) edit({ photo: reply.value.photo })
    else say(reply.refusal.message)
  }
  return (
    <section aria-label="How it felt" className="border-t border-ink pt-3">
      <h2 className="text-xl">How it felt</h2>
      {feelings.map((feeling) => (
        <div
          key={feeling}
          role="group"
          aria-label={feelingWords[feeling]}
          className="flex items-center gap-2 border-t border-rule py-1"
        >
          <span className="w-28">{feelingWords[feeling]}</span>
          {[1, 2, 3, 4, 5].map((grade) => (
            <button
              key={grade}
              type="button"
              aria-pressed={batch.feel[feeling] === grade}
              className="grid size-11 place-items-center border border-rule aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-paper"
              onClick={() =>
                edit({ feel: { ...batch.feel, [feeling]: batch.feel[feeling] === grade ? null : grade } })
              }
            >
              {grade}
            </button>
          ))}
        </div>
      ))}
      <p className="mt-1 text-[0.85rem] text-soft">
        1 little, 5 much.{' '}
        <a className="link" href="/batches">
          All batches
        </a>{' '}
        can be sorted by how they felt.
      </p>
      {batch.photo && (
        <img
          src={`/api/photos/${batch.photo}`}
          alt={`${batch.name}, batch ${batch.number}`}
          width={320}
          height={240}
          className="mt-2 h-60 w-80 border border-rule object-cover"
        />
      )}
      <TakePhoto className="mt-2" onFile={(file) => void photograph(file)}>
        {batch.photo ? 'Another photograph' : 'A photograph'}
      </TakePhoto>
    </section>
  )
}
