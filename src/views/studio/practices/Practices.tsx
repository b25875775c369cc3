import { useState } from 'react'
import { isShipped, practicesWith } from '../../../core/practice/shipped.ts'
import type { PracticeDocument } from '../../../document/practice.ts'
import { begunFrom, practiceDocumentOf } from '../../../document/practiceDocument.ts'
import type { Revised } from '../../../document/studio.ts'
import type { Desk } from '../../../saving/desk.ts'
import { requestTo } from '../../../ui/client.ts'
import { ChoiceRow, TypedRow } from '../../../ui/fields.tsx'
import type { Reading } from '../../../ui/fields.tsx'
import { later, useLater } from '../../../ui/useLater.ts'
import type { PracticeSheetProps } from './PracticeSheet.tsx'

const sheet = later(() => import('./PracticeSheet.tsx').then(({ PracticeSheet }) => PracticeSheet))

/** The practice's choices and limits; told once the page answers. */
function Sheet(props: PracticeSheetProps) {
  const PracticeSheet = useLater(sheet)
  return PracticeSheet && <PracticeSheet {...props} />
}

/** The practices a painting may follow, each with every limit it is judged by; a studio may change them. */
export function Practices({
  desk,
  stored,
}: {
  readonly desk: Desk
  /** Those the studio has changed, and its own. */
  readonly stored: readonly Revised<PracticeDocument>[]
}) {
  const all = practicesWith(stored)
  const [chosenId, choose] = useState(all[0]!.id)
  const practice = all.find(({ id }) => id === chosenId) ?? all[0]!
  const own = stored.find(({ id }) => id === practice.id)
  const edit = own ? (change: Partial<PracticeDocument>): void => desk.edit('practice', own.id, change) : null
  const begin = (body: PracticeDocument): void =>
    void desk
      .act(requestTo('PUT /api/practices', { practice: body, seen: null }))
      .then(({ is }) => is === 'done' && choose(body.id))
  const remove = (): void =>
    void desk.act(
      requestTo('DELETE /api/practices/{id}', { seen: own!.revision }, { params: { id: own!.id } }),
    )
  return (
    <section aria-label="Practices">
      <h2 className="text-xl">Practices</h2>
      <p className="mt-1 text-soft">
        A painting follows one. These are the limits it is judged by; change them to your own.
      </p>
      <div className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-2">
        <ChoiceRow
          label="Practice"
          className="min-w-40 grow"
          value={practice.id}
          onValue={choose}
          options={all}
        />
        {own ? (
          <button type="button" className="button" onClick={remove}>
            {isShipped(own.id) ? 'Back to how it was shipped' : 'Remove it'}
          </button>
        ) : (
          <button type="button" className="button" onClick={() => begin(practiceDocumentOf(practice))}>
            Change its limits
          </button>
        )}
        <button
          type="button"
          className="min-h-9 link"
          onClick={() => begin(begunFrom(own ?? practice, crypto.randomUUID()))}
        >
          Begin one of your own from it
        </button>
        <a
          className="min-h-9 link"
          download={`${practice.id}.json`}
          href={`data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(practiceDocumentOf(own ?? practice), null, 2))}`}
        >
          Save it as a file
        </a>
      </div>
      {own && edit && !isShipped(own.id) ? (
        <div className="mt-3 grid gap-3">
          <TypedRow label="Name" shown={own.name} read={readName} onValue={(name) => edit({ name })} />
          <TypedRow
            label="In a sentence"
            shown={own.summary}
            read={readSummary}
            onValue={(summary) => edit({ summary })}
          />
        </div>
      ) : (
        <p className="mt-2">{practice.summary}</p>
      )}
      <Sheet
        key={practice.id}
        practice={practice}
        provenance={own?.provenance ?? {}}
        school={own?.basedOn ?? practice.id}
        edit={edit}
        all={all}
      />
    </section>
  )
}

const readName = (text: string): Reading<string> =>
  text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Give the practice a name.' }
const readSummary = (text: string): Reading<string> =>
  text.length > 400 ? { problem: 'Keep it under 400 letters.' } : { value: text }
