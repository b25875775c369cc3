import type { OldPictureDocument, PaintingDocument } from '../../document/studio.ts'
import { ChoiceRow, Labelled, NumberRow } from '../../ui/fields.tsx'
import { read } from '../../ui/client.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import { Tick } from '../../ui/tick/Tick.tsx'
import { say } from '../../ui/messages.ts'
import { asOldPicture } from '../../document/judging/oldPicture.ts'

interface OldProps {
  readonly painting: PaintingDocument
  readonly onChange: (change: Partial<PaintingDocument>) => void
}

/** What is not known of an old picture is taken as the worst. */
const unknown: OldPictureDocument = {
  paintingId: null,
  title: '',
  isVarnished: true,
  isWaxy: false,
  isGlossy: true,
  years: null,
  prepared: null,
}

const preparations = [
  { id: '', name: 'nothing yet' },
  { id: 'wet-scuff', name: 'scuffed wet, gloved' },
  { id: 'oiled-out', name: 'oiled out, and rubbed off again' },
]
const paintingLookup = ['painting'] as const

/** A picture painted over another: what is under it, and what must be done before it is painted on. */
export function OldPicture({ painting, onChange }: OldProps) {
  const { old } = painting
  const set = (more: Partial<OldPictureDocument>): void => onChange({ old: { ...(old ?? unknown), ...more } })
  const fromRecord = async (id: string): Promise<void> => {
    if (!id) return set({ paintingId: null, title: '' })
    const reply = await read('GET /api/paintings/{id}', { params: { id } })
    if (reply.ok) set(asOldPicture(reply.value))
    else say(reply.refusal.message)
  }
  if (!old)
    return (
      <section aria-label="An old picture under it">
        <button type="button" className="min-h-9 text-[0.9rem] link" onClick={() => set({})}>
          It is painted over an old picture
        </button>
      </section>
    )
  return (
    <section aria-label="An old picture under it" className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
      <h2 className="text-xl sm:col-span-2">The old picture under it</h2>
      <Labelled label="Its own record, if it has one" className="sm:col-span-2">
        {(id) => (
          <Chooser
            id={id}
            shown={old.title || 'none'}
            options={none}
            lookups={paintingLookup}
            onChoose={(chosen) => void fromRecord(chosen.id)}
          />
        )}
      </Labelled>
      <Tick label="It is varnished" on={old.isVarnished} onTick={(isVarnished) => set({ isVarnished })} />
      <Tick label="There is wax in it" on={old.isWaxy} onTick={(isWaxy) => set({ isWaxy })} />
      <Tick label="It is glossy" on={old.isGlossy} onTick={(isGlossy) => set({ isGlossy })} />
      <NumberRow
        label="Years old; empty: not known"
        value={old.years}
        low={0}
        high={2000}
        onEmpty={() => set({ years: null })}
        onValue={(years) => set({ years })}
      />
      <ChoiceRow
        label="Prepared"
        className="sm:col-span-2"
        hint="Old paint may hold lead: never sand it dry. A wet scuff with gloves, or oil rubbed on and off; ask a conservator before anything of worth is painted over."
        value={old.prepared ?? ''}
        options={preparations}
        onValue={(chosen) => set({ prepared: (chosen || null) as OldPictureDocument['prepared'] })}
      />
      <p className="text-[0.9rem] sm:col-span-2">{stepsText(old)}</p>
      <button
        type="button"
        className="min-h-9 justify-self-start text-[0.9rem] link"
        onClick={() => onChange({ old: null })}
      >
        There is no old picture under it
      </button>
    </section>
  )
}

const none = [{ id: '', name: 'none' }]

/** What has to be done before it may be painted on, in order. */
function stepsText({ isVarnished, isWaxy, prepared }: OldPictureDocument): string {
  if (isWaxy) return 'Oil does not hold on wax: wax over it, or take another support.'
  if (isVarnished)
    return 'First take the varnish off, the mildest solvent first, and wait a day; then untick “varnished” here.'
  return prepared ? 'It may be painted on within two days of that.' : 'Now give it a tooth, and say so here.'
}
