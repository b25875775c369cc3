import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import { useState } from 'react'
import { checks } from '../../core/cure/checkWords.ts'
import { differenceWords } from '../../core/learn/tells.ts'
import type { Difference } from '../../core/learn/tells.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import type { Rack } from '../../studio/lists/rack.ts'
import { chanceText, upperFirst } from '../../ui/format.ts'
import { ListFoot } from '../../ui/lists/ListFoot.tsx'
import { ToldFilm } from '../../ui/touch/ToldFilm.tsx'
import { NotSent } from '../../ui/sent/NotSent.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { Learnt } from './Learnt.tsx'
import { SwatchRow } from './SwatchRow.tsx'
import { Trials } from './Trials.tsx'
import { useRack } from './useRack.ts'
import { Term } from '../../ui/help/Term.tsx'

interface TestsProps {
  readonly initial: Rack
  readonly settings: Revised<Settings>
  readonly today: number
  /** The swatch to be opened, by id. */
  readonly at: string | null
}

const laying = later(() => import('./NewSwatch.tsx'))
const trying = later(() => import('./NewTrial.tsx'))

/** The rack of swatches: what was forecast and what hands found, trials with their controls, and what all of it teaches. */
export function TestsView({ initial, settings, today, at }: TestsProps) {
  const { rack, more, withSwatch, after, tapped, state } = useRack(initial, at)
  const [opened, setOpened] = useState(at)
  const [adding, setAdding] = useState<'swatch' | 'trial' | null>(null)
  const [NewSwatch, NewTrial] = [useLater(laying)?.NewSwatch, useLater(trying)?.NewTrial]
  const open = (id: string | null): void => {
    setOpened(id)
    if (!id) return
    void withSwatch(id).then(() =>
      requestAnimationFrame(() =>
        document.getElementById(`swatch-${id}`)?.scrollIntoView({ block: 'nearest' }),
      ),
    )
  }
  const done = (id: string | null): void => {
    setAdding(null)
    if (id) open(id)
  }
  return (
    <>
      <NotSent state={state} />
      <div className="flex flex-wrap items-start justify-between gap-x-8 gap-y-3 pb-3">
        <div className="min-w-0">
          <h1 className="text-[2.2rem] leading-tight">{headline(rack.differences)}</h1>
          <Telling rack={rack} onOpen={open} />
        </div>
        <span className="flex flex-wrap gap-3">
          <button
            type="button"
            className="button min-h-11"
            aria-expanded={adding === 'swatch'}
            onClick={() => setAdding(adding === 'swatch' ? null : 'swatch')}
          >
            <Plus size={16} aria-hidden="true" /> A swatch
          </button>
          <button
            type="button"
            className="button min-h-11"
            aria-expanded={adding === 'trial'}
            onClick={() => setAdding(adding === 'trial' ? null : 'trial')}
          >
            <Plus size={16} aria-hidden="true" /> A trial
          </button>
        </span>
      </div>
      {adding === 'swatch' && NewSwatch && <NewSwatch settings={settings} after={after} onDone={done} />}
      {adding === 'trial' && NewTrial && <NewTrial settings={settings} after={after} onDone={done} />}
      <Trials rack={rack} after={after} onOpen={open} />
      <section aria-label="The rack" className="mt-8">
        <h2 className="border-b border-ink pb-1 text-[1.35rem]">
          The rack of <Term of="swatch">swatches</Term>
        </h2>
        {rack.swatches.length === 0 ? (
          <p className="pt-2 font-read text-xl">
            Nothing hangs here yet. Draw a paint down on a card, say how much over how wide a patch, and touch
            it now and then: after two checks this page says how your paint differs from the book.
          </p>
        ) : (
          <>
            <ul>
              {rack.swatches.map((entry) => (
                <SwatchRow
                  key={entry.swatch.id}
                  entry={entry}
                  today={today}
                  settings={settings}
                  after={after}
                  tapped={tapped}
                  isOpen={opened === entry.swatch.id}
                  onOpen={(isOpen) => open(isOpen ? entry.swatch.id : null)}
                />
              ))}
            </ul>
            <ListFoot
              pages={{ count: rack.count, entries: rack.swatches, more, problem: null }}
              what="swatches, the latest first"
            />
            <p className="pt-2 text-[0.85rem] text-soft">
              Bars: when it was forecast, as likely as they are dark; dashed: by the book. Rings failed, dots
              passed. All of it an estimate; a finger outranks it.
            </p>
          </>
        )}
      </section>
      <Learnt rack={rack} onOpen={open} />
      <Toasts />
    </>
  )
}

/** What the checks say first: the paint that differs most surely. */
function headline(differences: Rack['differences']): string {
  const told = differences
    .filter(({ isTold }) => isTold)
    .sort((a, b) => sureness(b) - sureness(a))
    .slice(0, 2)
  if (told.length === 0) return 'Does your paint dry as the book says?'
  return upperFirst(
    told
      .map(
        ({ of, name, times, checks: count }) =>
          `${of === 'studio' ? name : `your ${name.toLowerCase()}`} ${differenceWords(times)} (${count} checks)`,
      )
      .join('; '),
  )
}

/** How far from the book, in spreads. */
const sureness = ({ times, high }: Difference): number =>
  Math.abs(Math.log(times)) / Math.max(1e-6, Math.log(high / times))

function Telling({
  rack: { telling },
  onOpen,
}: {
  readonly rack: Rack
  readonly onOpen: (id: string) => void
}) {
  if (!telling) return <p className="text-soft">No check would tell much today.</p>
  return (
    <p>
      Most would be told today by {checks[telling.check].name} on <ToldFilm film={telling} onOpen={onOpen} />:
      it passes with a chance of {chanceText(telling.chance)}.
    </p>
  )
}
