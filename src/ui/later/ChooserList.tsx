import { useCombobox } from 'downshift'
import { useEffect, useMemo, useState } from 'react'
import { findInLibrary } from '../../core/materials/find.ts'
import type { Family } from '../../core/materials/material.ts'
import { nearness, singular, wordsIn } from '../../core/materials/askedWords.ts'
import { worstAnswer, policyIds } from '../../core/materials/policy.ts'
import type { PolicyAnswer } from '../../core/materials/policy.ts'
import { spellingsOf } from '../../core/materials/spellings.ts'
import { read } from '../client.ts'
import { RoomMark } from '../room/RoomMark.tsx'

/** Kinds that are looked up in the studio as one types. */
export type Lookup = 'medium' | 'batch' | 'shelf_item' | 'tube' | 'painting'

export interface Choosable {
  /** The empty text: nothing. */
  readonly id: string
  readonly name: string
  readonly group?: string
  /** Set for what came from the studio. */
  readonly kind?: Lookup
  /** What the room's policy says to it, of what came from the studio. */
  readonly room?: PolicyAnswer['answer'] | null
}

export interface ChooserProps {
  readonly id?: string
  readonly label?: string
  /** What is chosen now, by name. */
  readonly shown: string
  /** What can be chosen without asking the studio. */
  readonly options: readonly Choosable[]
  readonly lookups?: readonly Lookup[]
  /** Of the painter's own materials, only these families. */
  readonly families?: readonly Family[]
  /** Under which name what was chosen lately is remembered; absent: it is not. */
  readonly lately?: string
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
  tube: 'Your tubes',
  painting: 'Paintings',
}

interface ListProps extends ChooserProps {
  /** What is being typed; null while nothing is. */
  readonly typed: string | null
  readonly onTyped: (typed: string | null) => void
  /** Set when the field it takes the place of had the focus. */
  readonly focused: boolean
}

const { InputBlur, InputClick, InputKeyDownEscape } = useCombobox.stateChangeTypes

/** Choosing from many by typing; arrows and Enter, or a tap. What was chosen stays until another is. */
export function ChooserList({ typed, onTyped, focused, ...props }: ListProps) {
  const { id, label, shown, options, lookups = [], families = [], lately } = props
  const { onChoose, placeholder, className = '' } = props
  const [recent, setRecent] = useState(() => readRecent(lately))
  const found = useFound(typed, { in: lookups.join(), family: families.join(), first: recent.join() })
  const offers = useMemo(() => offered(options, found, recent, typed ?? ''), [options, found, recent, typed])
  const [items, hold] = useHeldStill(offers)
  const { isOpen, getMenuProps, getInputProps, getItemProps, highlightedIndex } = useCombobox<Choosable>({
    items: [...items],
    inputValue: typed ?? shown,
    itemToString: (item) => item?.name ?? '',
    ...(id && { inputId: id }),
    selectedItem: null,
    initialIsOpen: focused && typed !== null,
    defaultHighlightedIndex: 0,
    // A second click leaves the list open: the painter is still looking for something.
    stateReducer: (_, { type, changes }) => (type === InputClick ? { ...changes, isOpen: true } : changes),
    onStateChange: ({ type }) => {
      if (type === InputBlur || type === InputKeyDownEscape) onTyped(null)
    },
    onSelectedItemChange: ({ selectedItem }) => {
      onTyped(null)
      if (!selectedItem) return
      setRecent(withRecent(lately, selectedItem.id))
      onChoose(selectedItem)
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
        className="field w-full min-w-0 text-ellipsis placeholder:text-soft"
        placeholder={typed === null ? placeholder : shown || placeholder}
      />
      <ul
        {...getMenuProps({ 'aria-label': label ?? 'Choices', onPointerDown: hold })}
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
              {item.room && (
                <span className="ml-2 text-[0.8rem] whitespace-nowrap">
                  <RoomMark answer={item.room} size={11} />
                </span>
              )}
              {item.group && <span className="ml-2 text-[0.8rem] opacity-80">{item.group}</span>}
            </li>
          ))}
      </ul>
    </div>
  )
}

/** A list that changed under a finger would lose the tap: while one is down, it stays as it was. */
function useHeldStill<Item>(items: readonly Item[]): readonly [shown: readonly Item[], hold: () => void] {
  const [held, setHeld] = useState<readonly Item[] | null>(null)
  const hold = (): void => {
    setHeld(items)
    // The click comes right after.
    const letGo = (): void => void setTimeout(() => setHeld(null))
    for (const end of ['pointerup', 'pointercancel']) window.addEventListener(end, letGo, { once: true })
  }
  return [held ?? items, hold]
}

/** What the studio has of what is typed, asked for in a pause. */
function useFound(
  typed: string | null,
  { in: kinds, family, first }: { readonly in: string; readonly family: string; readonly first: string },
): readonly Choosable[] {
  const [found, setFound] = useState<readonly Choosable[]>([])
  useEffect(() => {
    if (typed === null || kinds === '') return
    let wanted = true
    const timer = setTimeout(() => {
      void read('GET /api/find', { query: { in: kinds, find: typed.trim(), family, first } }).then(
        (reply) => {
          if (!wanted || !reply.ok) return
          setFound(
            reply.value.entries.map(({ id, title, kind, room }) => ({
              id,
              name: title,
              kind,
              room,
              group: lookupGroups[kind],
            })),
          )
        },
      )
    }, pauseMs)
    return () => {
      wanted = false
      clearTimeout(timer)
    }
  }, [typed, kinds, family, first])
  return found
}

/**
 * The first that hold every word typed, inside names or in another spelling: those called so first; of these what was
 * chosen lately, nothing, one's own, the book's.
 */
function offered(
  options: readonly Choosable[],
  found: readonly Choosable[],
  recent: readonly string[],
  typed: string,
): readonly Choosable[] {
  const words = wordsIn(typed)
  const own = new Set(found.map(({ id }) => id))
  const rank = ({ id }: Choosable): number => {
    const at = recent.indexOf(id)
    if (at >= 0) return at
    return recent.length + (id === '' ? 0 : own.has(id) ? 1 : 2)
  }
  const holds = ({ id, name, group = '' }: Choosable): boolean => {
    const text = `${name} ${group} ${spellingsOf({ id })}`.toLowerCase()
    return words.every((word) => text.includes(word) || text.includes(singular(word)))
  }
  // What the studio found it found by its own spellings.
  return [...found, ...options.filter((option) => !own.has(option.id) && holds(option))]
    .sort((a, b) => nearness(a.name, typed) - nearness(b.name, typed) || rank(a) - rank(b))
    .slice(0, mostShown)
    .map(marked)
}

/** With what the room's policy says to a material of the book; the page carries the policy. */
function marked(option: Choosable): Choosable {
  if (option.kind) return option
  const material = findInLibrary(option.id)
  const policies = document.documentElement.dataset['policies']?.split(',') ?? []
  const here = policyIds.filter((id) => policies.includes(id))
  const room = material ? worstAnswer([material], here) : null
  return room ? { ...option, room } : option
}

const mostRecent = 6
const recentKey = (name: string): string => `grelta.lately.${name}`

function readRecent(name: string | undefined): readonly string[] {
  if (name === undefined) return []
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(recentKey(name)) ?? '[]')
    return Array.isArray(kept) ? kept.filter((id) => typeof id === 'string') : []
  } catch {
    return []
  }
}

function withRecent(name: string | undefined, id: string): readonly string[] {
  if (name === undefined || id === '') return readRecent(name)
  const next = [id, ...readRecent(name).filter((other) => other !== id)].slice(0, mostRecent)
  try {
    localStorage.setItem(recentKey(name), JSON.stringify(next))
  } catch {
    // A browser that keeps nothing offers the book's order.
  }
  return next
}
