import { useEffect, useState } from 'react'
import { asFigure } from '../../writing/reader.ts'

const lists = [
  ['/api/shelf.csv', 'Materials'],
  ['/api/tubes.csv', 'Paints'],
  ['/api/recipes.csv', 'Recipes'],
  ['/api/checks.csv', 'Checks'],
  ['/api/readings.csv', 'Room log'],
  ['/api/schedule.csv', 'Schedule'],
] as const

/** Single lists, for a spreadsheet, with the decimal sign of this browser unless another is chosen. */
export function Lists() {
  const [decimal, setDecimal] = useState<'point' | 'comma'>('point')
  useEffect(() => {
    if (asFigure('0.5') === '0,5') setDecimal('comma')
  }, [])
  const asked = `?decimal=${decimal}`
  return (
    <section aria-label="Single lists" className="grid content-start gap-2">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Single lists</h2>
      <p>
        For a spreadsheet (CSV). Materials, paints, recipes and the room log can be brought back in on their
        own pages, with either decimal sign.
      </p>
      <ul className="flex flex-wrap gap-x-6 gap-y-1">
        {lists.map(([path, name]) => (
          <li key={path}>
            <a className="inline-flex min-h-11 items-center link" href={path + asked} download>
              {name}
            </a>
          </li>
        ))}
        <li>
          <a className="inline-flex min-h-11 items-center link" href="/api/calendar.ics" download>
            Calendar (iCalendar)
          </a>
        </li>
      </ul>
      <fieldset className="flex flex-wrap items-center gap-x-5">
        <legend className="sr-only">Decimal sign in the lists</legend>
        {(['point', 'comma'] as const).map((sign) => (
          <label key={sign} className="flex min-h-11 items-center gap-2 text-[0.92rem]">
            <input
              type="radio"
              name="decimal"
              className="size-4"
              checked={decimal === sign}
              onChange={() => setDecimal(sign)}
            />
            {sign === 'point' ? '0.5 with a point' : '0,5 with a comma'}
          </label>
        ))}
      </fieldset>
    </section>
  )
}
