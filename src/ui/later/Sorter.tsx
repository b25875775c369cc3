import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import type { Announcements, UniqueIdentifier } from '@dnd-kit/core'
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { useLayoutEffect } from 'react'
import type { SortedRow, SorterProps } from '../sorting.tsx'

/** Moves the rows of a list by their handles: dragged, or with Space and the arrows. */
export function Sorter({ rows, onMove, movings }: SorterProps) {
  const ids = rows.map(({ id }) => id)
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  return (
    <DndContext
      sensors={sensors}
      accessibility={{ announcements: spoken(rows), screenReaderInstructions: { draggable: howTo } }}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => {
        if (over && active.id !== over.id)
          onMove(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)))
      }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        {rows.map(({ id, stays = false }) => (
          <RowMover key={id} id={id} stays={stays} movings={movings} />
        ))}
      </SortableContext>
    </DndContext>
  )
}

const howTo = 'Space picks the row up, the arrows move it, Space puts it down, Escape leaves it where it was.'

/** What a screen reader is told while a row is moved. */
function spoken(rows: SorterProps['rows']): Announcements {
  const named = (id: UniqueIdentifier): string => rows.find((row) => row.id === id)?.name ?? ''
  const placed = (id: UniqueIdentifier): string =>
    `place ${rows.findIndex((row) => row.id === id) + 1} of ${rows.length}`
  return {
    onDragStart: ({ active }) => `${named(active.id)} is picked up, at ${placed(active.id)}.`,
    onDragOver: ({ active, over }) =>
      over ? `${named(active.id)} is held at ${placed(over.id)}.` : undefined,
    onDragEnd: ({ active, over }) =>
      `${named(active.id)} is put down${over ? `, at ${placed(over.id)}` : ''}.`,
    onDragCancel: ({ active }) => `${named(active.id)} stays where it was.`,
  }
}

/** Tells a row how it moves. */
function RowMover({
  id,
  stays,
  movings,
}: Pick<SorterProps, 'movings'> & Required<Pick<SortedRow, 'id' | 'stays'>>) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id,
    disabled: { draggable: stays, droppable: stays },
  })
  const y = transform?.y
  useLayoutEffect(() => {
    movings.setKey(id, {
      ref: setNodeRef,
      style: y === undefined ? {} : { transform: `translateY(${y}px)`, ...(transition && { transition }) },
      isDragging,
      handle: { ...attributes, ...listeners },
    })
  }, [id, movings, attributes, listeners, setNodeRef, y, transition, isDragging])
  return null
}
