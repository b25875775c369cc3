interface Row {
  readonly kind: string
  readonly id: string
  readonly word: string
  readonly title: string
}

/** A list of things by name, folded; where there are very many, the first of them. */
export function Named<One extends Row>({
  title,
  rows,
  of,
  after,
}: {
  readonly title: string
  readonly rows: readonly One[]
  readonly of: number
  /** What is said of each besides. */
  readonly after: (row: One) => string
}) {
  if (of === 0) return null
  return (
    <details>
      <summary className="min-h-8 cursor-pointer">
        {title}: {of}
      </summary>
      <ul className="max-h-72 list-disc overflow-y-auto pl-5 text-[0.92rem]">
        {rows.map((row) => (
          <li key={`${row.kind}/${row.id}`}>
            {row.title}{' '}
            <span className="text-soft">({[row.word, after(row)].filter(Boolean).join(': ')})</span>
          </li>
        ))}
        {of > rows.length && <li>and {of - rows.length} more</li>}
      </ul>
    </details>
  )
}
