import { Undo2 } from 'lucide-react'
import { useEffect, useMemo, useState } from 'react'
import { batchTitle, poured } from '../../document/batchMedium.ts'
import type { Batch } from '../../document/batch.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { shelfAsUsed, studioMaterials, studioShelf } from '../../document/studioShelf.ts'
import { useDone } from '../../ui/done.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { Method } from './Method.tsx'
import { Record } from './Record.tsx'
import { useBatch } from './useBatch.ts'
import { Weigh } from './Weigh.tsx'

interface BatchProps {
  readonly initial: Revised<Batch>
  readonly shelf: readonly ShelfItem[]
  readonly settings: Settings
  readonly parent: string | null
  readonly usedIn: readonly string[]
  readonly today: string
}

const faces = ['Method', 'Weigh', 'Record'] as const
type Face = (typeof faces)[number]

/** One batch: how it is made, what is poured, and what it has become. One thing at a time, for oily hands. */
export function BatchView({ initial, shelf: items, settings, parent, usedIn, today }: BatchProps) {
  useDone()
  const edited = useBatch(initial)
  const { batch } = edited
  const [face, setFace] = useState<Face>(initial.madeOn ? 'Record' : initial.pours.length > 0 ? 'Weigh' : 'Method')
  useEffect(() => {
    const asked = faces.find((one) => one.toLowerCase() === window.location.hash.slice(1))
    if (asked) setFace(asked)
  }, [])
  const choose = (next: Face): void => {
    setFace(next)
    window.history.replaceState(null, '', `#${next.toLowerCase()}`)
  }
  const materials = useMemo(() => studioMaterials(items), [items])
  const shelf = useMemo(() => shelfAsUsed(studioShelf(items), batch.materials), [items, batch.materials])
  const made = useMemo(() => poured(batch, shelf), [batch, shelf])
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h1 className="grow text-[2.2rem] leading-tight [overflow-wrap:anywhere]">{batchTitle(batch)}</h1>
        <button type="button" className="inline-flex min-h-11 items-center gap-1.5 disabled:text-soft" disabled={!edited.undo || edited.busy} onClick={() => edited.undo?.()}>
          <Undo2 size={15} aria-hidden="true" /> Undo
        </button>
        <span role="status" className="w-16 text-[0.85rem] text-soft">{edited.busy ? 'Saving' : 'Saved'}</span>
      </div>
      <nav aria-label="Faces of the batch" className="flex gap-1 border-b border-rule">
        {faces.map((one) => (
          <button key={one} type="button" aria-pressed={face === one} onClick={() => choose(one)} className="min-h-12 border-b-2 border-transparent px-4 text-[1.1rem] text-soft hover:text-ink aria-pressed:border-ink aria-pressed:text-ink">
            {one}
          </button>
        ))}
      </nav>
      {edited.message && <p role="alert" className="mt-3 border-l-[3px] border-unsound bg-sheet px-3 py-2">{edited.message}</p>}
      <div className="mt-4">
        {face === 'Method' && <Method edited={edited} shelf={shelf} />}
        {face === 'Weigh' && <Weigh edited={edited} shelf={shelf} made={made} materials={materials} />}
        {face === 'Record' && <Record edited={edited} shelf={shelf} made={made} settings={settings} parent={parent} usedIn={usedIn} today={today} />}
      </div>
      <Toasts />
    </>
  )
} // prettier-ignore
