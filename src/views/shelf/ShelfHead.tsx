import type { ReactNode } from 'react'

const halves = [
  ['materials', 'Materials', '/shelf'],
  ['paints', 'Paints', '/shelf/paints'],
] as const

/** The shelf has two halves: what mediums are made of, and the tubes. */
export const ShelfHead = ({
  here,
  answer,
  children,
}: {
  readonly here: (typeof halves)[number][0]
  readonly answer: string
  readonly children: ReactNode
}) => (
  <>
    <h1 className="max-w-[60rem] text-[2.2rem] leading-tight">{answer}</h1>
    <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2 pb-3">
      <nav aria-label="Halves of the shelf" className="-ml-2.5 flex">
        {halves.map(([id, name, path]) => (
          <a
            key={id}
            href={path}
            aria-current={id === here ? 'page' : undefined}
            className="flex min-h-11 items-end border-b-2 border-transparent px-2.5 pb-1 text-soft hover:text-ink aria-[current]:border-ink aria-[current]:text-ink"
          >
            {name}
          </a>
        ))}
      </nav>
      <div className="flex flex-wrap items-center gap-5">{children}</div>
    </div>
  </>
)
