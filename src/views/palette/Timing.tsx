import type { HeapDocument } from '../../document/palette.ts'
import type { LaidHeap } from './laidOut.ts'

/** A clock is told to the quarter of an hour: it is an estimate. */
const toldTo = 15

/** "22:15", with its day where that is not this one. */
function clockText(minute: number): string {
  const at = new Date(Math.round(minute / toldTo) * toldTo * 60_000)
  const isToday = at.toDateString() === new Date().toDateString()
  return at.toLocaleString('en-GB', {
    ...(!isToday && { weekday: 'short' }),
    hour: '2-digit',
    minute: '2-digit',
  })
}

const places = [
  ['open', 'Open'],
  ['glass', 'Under glass'],
  ['cold', 'In the cold'],
] as const

/** How long it can be worked; once mixed, until when, and where it lies. */
export function Timing({
  laid: { heap, clock },
  onHeap,
}: {
  readonly laid: LaidHeap
  readonly onHeap: (change: Partial<HeapDocument>) => void
}) {
  if (!heap.mixed || !clock) return null
  const where = heap.kept.at(-1)!.where
  const isSet = Date.now() / 60_000 > clock.sets
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 pb-2 pl-[5.5rem] text-[0.95rem] sm:pl-[10.25rem] print:pl-28">
      <span className={isSet ? 'text-watch' : ''}>
        {isSet
          ? `It began to set ${clockText(clock.sets)}.`
          : `Sets about ${clockText(clock.sets)}, alarm ${clockText(clock.alarm)}.`}
      </span>
      <span role="group" aria-label="Where it lies" className="not-printed flex">
        {places.map(([id, name]) => (
          <button
            key={id}
            type="button"
            aria-pressed={where === id}
            className="min-h-11 border border-rule px-2.5 aria-pressed:border-ink aria-pressed:bg-wash"
            onClick={() => where !== id && onHeap({ kept: [...heap.kept, { where: id, at: nowText() }] })}
          >
            {name}
          </button>
        ))}
      </span>
      <button
        type="button"
        className="not-printed min-h-11 link"
        onClick={() => onHeap({ mixed: null, kept: [] })}
      >
        Scraped off
      </button>
    </div>
  )
}

/** Now, as minutes are stored. */
const nowText = (): string => {
  const now = new Date()
  return `${now.toLocaleDateString('sv')}T${now.toLocaleTimeString('sv').slice(0, 5)}`
}
