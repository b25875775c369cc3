import type { ReactNode } from 'react'

const halves = [
  ['materials', 'Materials', '/shelf'],
  ['paints', 'Paints', '/shelf/paints'],
] as const

/** The shelf has two halves: what mediums are made of, and the tubes. */
export const ShelfHead = ({
  here,
  children,
}: {
  readonly here: (typeof halves)[number][0]
  readonly children: ReactNode
}) => (
  <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2 pb-3">
    <div className="flex items-end gap-5">
      <h1 className="text-[2.2rem] leading-none">Shelf</h1>
      <nav aria-label="Halves of the shelf" className="flex">
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
    </div>
    <div className="flex flex-wrap items-center gap-5">{children}</div>
  </div>
)
