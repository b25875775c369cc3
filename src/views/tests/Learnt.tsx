import { checks, fingerWords } from '../../core/cure/checkWords.ts'
import { scienceSections } from '../../core/science.ts'
import { differenceWords } from '../../core/learn/tells.ts'
import type { MovingCheck, Rack } from '../../studio/lists/rack.ts'
import { minuteText } from '../../ui/format.ts'
import { Term } from '../../ui/help/Term.tsx'

interface LearntProps {
  readonly rack: Rack
  readonly onOpen: (id: string) => void
}

const timesText = (times: number): string => (Math.round(100 * times) / 100).toFixed(2)

/** How the studio, its oils and its paints differ from the book, and what each check did to that. */
export function Learnt({ rack: { differences, checks: moving }, onOpen }: LearntProps) {
  const tried = differences.filter(({ checks: count }) => count > 0)
  if (tried.length === 0) return null
  return (
    <section aria-label="What your checks teach" className="mt-10">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">
        What your <Term of="what checks teach">checks teach</Term>
      </h2>
      <p className="pt-1 text-[0.88rem] text-soft">
        Every forecast of the studio takes this in. Times the book’s time, between which it lies 8 times in
        10; an estimate, drawn to the book as long as few checks speak against it.{' '}
        <a className="link" href={`/science#${scienceSections.time}`}>
          How it is reckoned
        </a>
      </p>
      <div className="grid gap-x-12 gap-y-6 pt-2 lg:grid-cols-2">
        <table className="w-full self-start text-left">
          <thead>
            <tr className="text-[0.8rem] text-soft">
              <th scope="col">What</th>
              <th scope="col">so far</th>
              <th scope="col" className="text-right">
                times the book
              </th>
              <th scope="col" className="pl-4 text-right">
                checks
              </th>
            </tr>
          </thead>
          <tbody>
            {tried.map(({ of, id, name, times, low, high, checks: count, isTold }) => (
              <tr key={`${of} ${id}`} className="border-t border-rule align-baseline">
                <th scope="row" className="py-1 pr-3 font-normal">
                  {name}
                </th>
                <td className={`pr-4 ${isTold ? '' : 'text-soft'}`}>
                  {isTold ? differenceWords(times) : 'nothing sure yet'}
                </td>
                <td className="text-right whitespace-nowrap">
                  {timesText(times)}{' '}
                  <span className="text-soft">
                    ({timesText(low)}–{timesText(high)})
                  </span>
                </td>
                <td className="pl-4 text-right">{count}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <Moving checks={moving} onOpen={onOpen} />
      </div>
    </section>
  )
}

function Moving({
  checks: moving,
  onOpen,
}: {
  readonly checks: readonly MovingCheck[]
  readonly onOpen: (id: string) => void
}) {
  return (
    <div className="min-w-0">
      <h3 className="text-[0.8rem] text-soft">
        What each check did to the time of its own film’s kind, newest first
      </h3>
      <ul className="max-h-96 overflow-y-auto" tabIndex={0} aria-label="Checks and what they moved">
        {moving.map(({ finger, of, name, picture, check, at, reached, moved }) => (
          <li key={finger} className="flex flex-wrap gap-x-3 border-t border-rule py-1">
            <span className="min-w-0 grow">
              {picture ? (
                `${name}, ${picture}`
              ) : (
                <button type="button" className="link" onClick={() => onOpen(of)}>
                  {name}
                </button>
              )}
              <span className="text-soft">
                {' '}
                {minuteText(at)}, {checks[check].name}: {fingerWords({ check, passed: reached })}
              </span>
            </span>
            <span>{movedWords(moved)}</span>
          </li>
        ))}
      </ul>
      <p className="pt-1 text-[0.82rem] text-soft">
        A check can be taken out where it was made: it stays on record, and nothing is learnt from it.
      </p>
    </div>
  )
}

function movedWords(moved: number): string {
  const percent = Math.round(100 * Math.abs(moved - 1))
  return percent < 1 ? 'moved nothing' : `${percent} % ${moved > 1 ? 'longer' : 'shorter'}`
}
