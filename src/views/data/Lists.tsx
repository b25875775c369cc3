const lists = [
  ['/api/shelf.csv', 'Materials'],
  ['/api/tubes.csv', 'Paints'],
  ['/api/readings.csv', 'Room log'],
  ['/api/calendar.ics', 'Calendar (iCalendar)'],
] as const

/** Single lists, for a spreadsheet. */
export function Lists() {
  return (
    <section aria-label="Single lists" className="grid content-start gap-2">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Single lists</h2>
      <p>For a spreadsheet. Materials, paints and the room log can be brought back in on their own pages.</p>
      <ul className="flex flex-wrap gap-x-6 gap-y-1">
        {lists.map(([path, name]) => (
          <li key={path}>
            <a className="inline-flex min-h-11 items-center link" href={path} download>
              {name}
            </a>
          </li>
        ))}
      </ul>
    </section>
  )
}
