import { useEffect, useMemo, useState } from 'react'
import { batchTitle, poured } from '../../document/batchMedium.ts'
import type { Batch } from '../../document/batch.ts'
import type { ShelfItem } from '../../document/shelf.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { findAsUsed, findInStudio } from '../../document/studioMaterials.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { useDone } from '../../ui/done.ts'
import { gramsText } from '../../ui/format.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { useBench } from '../../ui/bench/useBench.ts'
import { WhatWasDone } from '../../ui/WhatWasDone.tsx'
import { JarAnswer } from './JarAnswer.tsx'
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
  /** Events that can be taken back, oldest first. */
  readonly events: readonly number[]
}

const faces = ['Method', 'Weigh', 'Record'] as const
type Face = (typeof faces)[number]

/** One batch: how it is made, what is poured, and what it has become. One thing at a time, for oily hands. */
export function BatchView({ initial, shelf: known, settings, parent, usedIn, today, events }: BatchProps) {
  useDone()
  const edited = useBatch(initial, events)
  const { batch } = edited
  const { shelf: items, bring, coming } = useBench({ mediums: [], shelf: known })
  const [face, setFace] = useState<Face>(
    initial.madeOn ? 'Record' : initial.pours.length > 0 ? 'Weigh' : 'Method',
  )
  useEffect(() => {
    const asked = faces.find((one) => one.toLowerCase() === window.location.hash.slice(1))
    if (asked) setFace(asked)
  }, [])
  const choose = (next: Face): void => {
    setFace(next)
    window.history.replaceState(null, '', `#${next.toLowerCase()}`)
  }
  const findMaterial = useMemo(
    () => findAsUsed(findInStudio(items), batch.materials),
    [items, batch.materials],
  )
  const made = useMemo(() => poured(batch, findMaterial), [batch, findMaterial])
  return (
    <>
      <h1 className="text-[2.2rem] leading-tight [overflow-wrap:anywhere]">{batchTitle(batch)}</h1>
      <JarAnswer batch={batch} made={made} findMaterial={findMaterial} today={today} />
      <SaveLine desk={edited.desk} state={edited.state} />
      <KeptPours pours={edited.kept} findMaterial={findMaterial} />
      <nav aria-label="Faces of the batch" className="flex gap-1 border-b border-rule">
        {faces.map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={face === one}
            onClick={() => choose(one)}
            className="min-h-12 border-b-2 border-transparent px-4 text-[1.1rem] text-soft hover:text-ink aria-pressed:border-ink aria-pressed:text-ink"
          >
            {one}
          </button>
        ))}
      </nav>
      <div className="mt-4">
        {face === 'Method' && (
          <Method edited={edited} findMaterial={findMaterial} policies={settings.policies} />
        )}
        {face === 'Weigh' && (
          <Weigh
            edited={edited}
            findMaterial={findMaterial}
            made={made}
            bring={bring}
            coming={coming}
            onFinished={() => choose('Record')}
          />
        )}
        {face === 'Record' && (
          <Record
            edited={edited}
            findMaterial={findMaterial}
            made={made}
            settings={settings}
            parent={parent}
            usedIn={usedIn}
            today={today}
          />
        )}
      </div>
      <WhatWasDone of={{ kind: 'batch', id: batch.id }} desk={edited.desk} after={batch.revision} />
      <Toasts />
    </>
  )
}

/** What is on the scale and not in the record yet. */
function KeptPours({
  pours,
  findMaterial,
}: {
  readonly pours: Batch['pours']
  readonly findMaterial: FindMaterial
}) {
  if (pours.length === 0) return null
  return (
    <p className="border-l-[3px] border-watch bg-sheet px-3 py-2">
      Poured and kept here, in the record as soon as the studio answers:{' '}
      {pours
        .map(({ material, grams }) => `${gramsText(grams)} ${findMaterial(material)?.name ?? material}`)
        .join(', ')}
      .
    </p>
  )
}
