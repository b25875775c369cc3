import { dayOf } from '../../core/plan/calendar.ts'
import type { AheadItem } from '../../studio/lists/ahead.ts'
import { AheadList } from '../../ui/ahead/AheadList.tsx'
import { dateText } from '../../ui/format.ts'
import type { Axis } from './axis.ts'

interface AlsoDueProps {
  readonly items: readonly AheadItem[]
  /** As a date. */
  readonly today: string
  readonly axis: Axis
  readonly onWritten: (did: string, event: number) => void
  /** It was opened or closed: what lies below has moved. */
  readonly onToggle: () => void
}

/** What is to be done besides painting, as marks along the calendar; opened, as a list. */
export function AlsoDue({ items, today, axis, onWritten, onToggle }: AlsoDueProps) {
  const shown = items.filter(({ on }) => dayOf(on)! < axis.to)
  const [next] = shown
  if (!next) return null
  return (
    <details className="relative border-t border-rule" onToggle={onToggle}>
      <summary className="grid min-h-11 cursor-pointer items-center gap-x-4 sm:grid-cols-[15rem_1fr]">
        <span className="min-w-0 py-1 text-[0.82rem] leading-tight">
          <span className="block">
            Also due <span className="text-soft">({shown.length}; open the list)</span>
          </span>
          <span className={`line-clamp-1 ${next.on < today ? 'text-unsound' : 'text-soft'}`}>
            {next.on < today ? 'overdue, ' : ''}
            {dateText(next.on)}: {next.says}
          </span>
        </span>
        <span aria-hidden="true" className="relative hidden h-full sm:block">
          {shown.map(({ uid, on, says }) => (
            <span
              key={uid}
              title={`${dateText(on)}: ${says}`}
              className={`absolute top-1/2 size-2.5 -translate-1/2 rotate-45 ${on < today ? 'bg-unsound' : 'bg-ink'}`}
              style={{ left: `${axis.at(dayOf(on)! + 0.5)}%` }}
            />
          ))}
        </span>
      </summary>
      <div className="relative bg-paper pb-3">
        <AheadList items={shown} today={today} onWritten={onWritten} />
      </div>
    </details>
  )
}
