import { useCombobox } from 'downshift'
import { useEffect, useMemo, useState } from 'react'
import { read } from '../client.ts'

/** Kinds that are looked up in the studio as one types. */
export type Lookup = 'medium' | 'batch' | 'shelf_item' | 'painting'

export interface Choosable {
  readonly id: string
  readonly name: string
  readonly group?: string
  /** Set for what came from the studio. */
  readonly kind?: Lookup
}

export interface ChooserProps {
  readonly id?: string
  readonly label?: string
  /** What is chosen now, by name. */
  readonly shown: string
  /** What can be chosen without asking the studio. */
  readonly options: readonly Choosable[]
  readonly lookups?: readonly Lookup[]
  readonly onChoose: (chosen: Choosable) => void
  readonly placeholder?: string
  readonly className?: string
}

const mostShown = 40
const pauseMs = 150
const lookupGroups: Readonly<Record<Lookup, string>> = {
  medium: 'Your mediums',
  batch: 'Batches, as poured',
  shelf_item: 'Your own shelf',
  painting: 'Paintings',
}

interface ListProps extends ChooserProps {
  /** What is being typed; null while nothing is. */
  readonly typed: string | null
  readonly onTyped: (typed: string | null) => void
  /** Set when the field it takes the place of was being typed in. */
  readonly focused: boolean
}

const { InputBlur, InputClick, InputKeyDownEscape } = useCombobox.stateChangeTypes

/** Choosing from many by typing; arrows and Enter, or a tap. What was chosen stays until another is. */
export function ChooserList({ typed, onTyped, focused, ...props }: ListProps) {
  const { id, label, shown, options, lookups = [], onChoose, placeholder, className = '' } = props
  const found = useFound(typed, lookups)
  const items = useMemo(() => offered(options, found, typed ?? ''), [options, found, typed])
  const { isOpen, getMenuProps, getInputProps, getItemProps, highlightedIndex } = useCombobox<Choosable>({
    items: [...items],
    inputValue: typed ?? shown,
    itemToString: (item) => item?.name ?? '',
    ...(id && { inputId: id }),
    selectedItem: null,
    initialIsOpen: focused,
    defaultHighlightedIndex: 0,
    // A second click leaves the list open: the painter is still looking for something.
    stateReducer: (_, { type, changes }) => (type === InputClick ? { ...changes, isOpen: true } : changes),
    onStateChange: ({ type }) => {
      if (type === InputBlur || type === InputKeyDownEscape) onTyped(null)
    },
    onSelectedItemChange: ({ selectedItem }) => {
      onTyped(null)
      if (selectedItem) onChoose(selectedItem)
    },
  })
  return (
    <div className={`relative min-w-0 ${className}`}>
      <input
        {...getInputProps({
          ...(label && { 'aria-label': label }),
          // Set as it is typed: told by the list afterwards, fast keys would be lost.
          onChange: ({ currentTarget }) => onTyped(currentTarget.value),
          onFocus: ({ target }) =>
            typed === null ? target.select() : target.setSelectionRange(typed.length, typed.length),
          onClick: () => onTyped(typed ?? ''),
          onBlur: () => !isOpen && onTyped(null),
        })}
        autoFocus={focused}
        className="field w-full min-w-0 text-ellipsis"
        placeholder={typed === null ? placeholder : shown || placeholder}
      />
      <ul
        {...getMenuProps({ 'aria-label': label ?? 'Choices' })}
        className={`absolute z-40 mt-0.5 max-h-72 w-full min-w-[17rem] overflow-auto border border-ink bg-sheet ${isOpen && items.length > 0 ? '' : 'hidden'}`}
      >
        {isOpen &&
          items.map((item, index) => (
            <li
              key={`${item.kind ?? ''}${item.id}`}
              {...getItemProps({ item, index })}
              className={`min-h-9 cursor-pointer px-3 py-1.5 leading-tight ${highlightedIndex === index ? 'bg-ink text-paper' : ''}`}
            >
              {item.name}
              {item.group && <span className="ml-2 text-[0.8rem] opacity-80">{item.group}</span>}
            </li>
          ))}
      </ul>
    </div>
  )
}

/** What the studio has of what is typed, asked for in a pause. */
function useFound(typed: string | null, lookups: readonly Lookup[]): readonly Choosable[] {
  const [found, setFound] = useState<readonly Choosable[]>([])
  const kinds = lookups.join()
  useEffect(() => {
    if (typed === null || kinds === '') return
    let wanted = true
    const timer = setTimeout(() => {
      void read('GET /api/find', { query: { in: kinds, find: typed.trim() } }).then((reply) => {
        if (!wanted || !reply.ok) return
        setFound(
          reply.value.entries.map(({ id, title, kind }) => ({
            id,
            name: title,
            kind,
            group: lookupGroups[kind],
          })),
        )
      })
    }, pauseMs)
    return () => {
      wanted = false
      clearTimeout(timer)
    }
  }, [typed, kinds])
  return found
}

/** The first that hold every word typed, the studio's own before the book's. */
function offered(
  options: readonly Choosable[],
  found: readonly Choosable[],
  typed: string,
): readonly Choosable[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean)
  const own = new Set(found.map(({ id }) => id))
  const all = [...found, ...options.filter(({ id }) => !own.has(id))]
  return all
    .filter(({ name, group = '' }) => words.every((word) => `${name} ${group}`.toLowerCase().includes(word)))
    .slice(0, mostShown)
}
