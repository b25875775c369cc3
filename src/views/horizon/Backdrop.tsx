import type { WorkingDays } from '../../core/plan/calendar.ts'
import { freeStretches } from './axis.ts'
import type { Axis } from './axis.ts'

/** Behind all rows: the months, the days nobody works, and today. */
export const Backdrop = ({
  axis,
  today,
  working,
}: {
  readonly axis: Axis
  readonly today: number
  readonly working: WorkingDays
}) => (
  <svg
    aria-hidden="true"
    className="absolute inset-y-0 right-0 hidden h-full w-[calc(100%-16rem)] sm:block"
    preserveAspectRatio="none"
  >
    {freeStretches(axis, working).map(([from, to]) => (
      <rect
        key={from}
        x={`${axis.at(from)}%`}
        width={`${axis.at(to) - axis.at(from)}%`}
        y="0"
        height="100%"
        fill="var(--wash)"
      />
    ))}
    {axis.months.map((day) => (
      <line key={day} x1={`${axis.at(day)}%`} x2={`${axis.at(day)}%`} y1="0" y2="100%" stroke="var(--rule)" />
    ))}
    <line
      x1={`${axis.at(today)}%`}
      x2={`${axis.at(today)}%`}
      y1="0"
      y2="100%"
      stroke="var(--today)"
      strokeWidth={1.4}
    />
  </svg>
)
