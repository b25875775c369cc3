import { useStore } from '@nanostores/react'
import { map } from 'nanostores'
import type { MapStore } from 'nanostores'
import { useState } from 'react'
import type { CSSProperties, HTMLAttributes, ReactNode, RefCallback } from 'react'
import { later, useLater } from './useLater.ts'

/*
 * Lists whose rows can be moved. The moving is loaded once the page answers, and stands beside the rows
 * instead of around them: no row is made anew when it comes, so nothing typed in one is lost.
 */

/** What a row is given to be moved by. */
export interface Moving {
  readonly ref: RefCallback<HTMLElement>
  readonly style: CSSProperties
  readonly isDragging: boolean
  readonly handle: HTMLAttributes<HTMLButtonElement>
}

/** How each row moves now, by its id. */
export type Movings = MapStore<Record<string, Moving>>

export interface SortedRow {
  readonly id: string
  readonly name: string
  /** It keeps its place: it is not moved, and nothing is put there. */
  readonly stays?: boolean
}

export interface SorterProps {
  readonly rows: readonly SortedRow[]
  /** Takes the row at `from` out and puts it at `to`. */
  readonly onMove: (from: number, to: number) => void
  readonly movings: Movings
}

const still: Moving = { ref: () => undefined, style: {}, isDragging: false, handle: {} }
const sorter = later(() => import('./later/Sorter.tsx').then(({ Sorter }) => Sorter))

/** How the rows of one list move, and what moves them, to be put after the list. */
export function useSorting(rows: SorterProps['rows'], onMove: SorterProps['onMove']) {
  const [movings] = useState<Movings>(() => map())
  const Sorter = useLater(sorter)
  return { movings, mover: Sorter && <Sorter rows={rows} onMove={onMove} movings={movings} /> }
}

/** One row of such a list. */
export function MovingRow({
  id,
  movings,
  children,
}: {
  readonly id: string
  readonly movings: Movings
  readonly children: (moving: Moving) => ReactNode
}) {
  return children(useStore(movings, { keys: [id] })[id] ?? still)
}

/** A list with one of its items moved. */
export function moved<Item>(items: readonly Item[], from: number, to: number): readonly Item[] {
  const next = [...items]
  const [item] = next.splice(from, 1)
  next.splice(to, 0, item!)
  return next
}
