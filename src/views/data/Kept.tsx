import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import type { BackupEntry, BackupsTold } from '../../studio/backups/backups.ts'
import { send } from '../../ui/client.ts'
import { dateText } from '../../ui/format.ts'
import { monthDayText } from '../../document/dateText.ts'
import { JobLine } from '../../ui/job/JobLine.tsx'
import { useJob } from '../../ui/job/useJob.ts'
import { bytesText } from './words.ts'

interface Props {
  readonly told: BackupsTold
  readonly today: string
  readonly chosen: string | null
  readonly onChoose: (date: string) => void
  readonly onTold: (told: BackupsTold) => void
}

const daysShown = 14

/** The backups there are: a cell a day for two weeks, then one a month. */
export function Kept({ told, today, chosen, onChoose, onTold }: Props) {
  const job = useJob()
  const last = dayOf(today)!
  const days = Array.from({ length: daysShown }, (_, at) => dateOf(last - daysShown + 1 + at))
  const older = told.entries.filter(({ date }) => date < days[0]!).toReversed()
  const of = (date: string) => told.entries.find((one) => one.date === date)
  const cell = (date: string, name: string) => (
    <Cell
      key={date}
      date={date}
      name={name}
      entry={of(date)}
      isChosen={date === chosen}
      onChoose={onChoose}
    />
  )
  const make = async (): Promise<void> => {
    const made = await job.follow('Making a backup', () => send('POST /api/backups', undefined!))
    if (made) onTold(made as BackupsTold)
  }
  return (
    <section aria-label="Backups" className="mt-6">
      <ol className="flex flex-wrap items-end gap-1.5">
        {older.map(({ date }) => cell(date, monthDayText(dayOf(date)!)))}
        {older.length > 0 && <li aria-hidden className="mx-2 h-14 border-l border-rule" />}
        {days.map((date) => cell(date, monthDayText(dayOf(date)!)))}
      </ol>
      <div className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
        <button
          type="button"
          className="button min-h-11"
          disabled={job.working !== null}
          onClick={() => void make()}
        >
          Make one now
        </button>
        <p className="max-w-[52rem] text-[0.92rem] text-soft">
          The tall block is the copy here, the low one the copy elsewhere; tap a day to look into it. Made by
          itself once a day, anew each hour in which something was done, and checked by opening it; kept for
          two weeks, the first of each month for two years.
        </p>
      </div>
      <JobLine {...job} />
    </section>
  )
}

interface CellProps {
  readonly date: string
  readonly name: string
  readonly entry: BackupEntry | undefined
  readonly isChosen: boolean
  readonly onChoose: (date: string) => void
}

/** One day: filled where there is a backup, with a second line where a copy of it is elsewhere. */
function Cell({ date, name, entry, isChosen, onChoose }: CellProps) {
  const where = entry && (entry.isAway ? (entry.isHere ? 'here and elsewhere' : 'elsewhere') : 'here')
  return (
    <li className="text-center text-[0.75rem] text-soft">
      {entry ? (
        <button
          type="button"
          aria-pressed={isChosen}
          aria-label={`Backup of ${dateText(date)}, ${where}, ${bytesText(entry.bytes)}`}
          className={`grid h-14 w-11 grid-rows-[1fr_auto] gap-1 border p-1 hover:border-ink ${isChosen ? 'border-2 border-ink' : 'border-rule'}`}
          onClick={() => onChoose(date)}
        >
          <span className={`block ${entry.isHere ? 'bg-ink/75' : 'border border-ink/40'}`} />
          <span className={`block h-2 ${entry.isAway ? 'bg-ink/75' : 'border border-ink/40'}`} />
        </button>
      ) : (
        <span
          role="img"
          aria-label={`No backup of ${dateText(date)}`}
          className="block h-14 w-11 border border-dashed border-rule"
        />
      )}
      {name}
    </li>
  )
}
