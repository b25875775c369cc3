import type { Draft } from './draft.ts'
import type { Waiting } from './queue.ts'

/** What is typed and not yet saved, kept in the browser so that a reload or a closed tab loses nothing. */
export interface Kept {
  readonly drafts: readonly Draft[]
  readonly waiting: readonly Waiting[]
}

/** Where it is kept: one place for each page in each tab. */
export interface Keep {
  readonly write: (kept: Kept | null) => void
  readonly read: () => Kept | null
}

const prefix = 'grelta.kept'

type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>

/** The place of one page in one tab. A store that is full or closed keeps nothing; the page still does. */
export function keepIn(store: Store, page: string, tab: string): Keep {
  const name = `${prefix} ${tab} ${page}`
  return {
    write: (kept) => {
      try {
        if (kept) store.setItem(name, JSON.stringify(kept))
        else store.removeItem(name)
      } catch {
        return
      }
    },
    read: () => keptAt(store, name),
  }
}

function keptAt(store: Store, name: string): Kept | null {
  try {
    return JSON.parse(store.getItem(name) ?? 'null') as Kept | null
  } catch {
    return null
  }
}

/** What a tab that is no longer open left behind. */
export interface Left extends Kept {
  readonly page: string
  readonly forget: () => void
}

/** Everything left by tabs other than those still open, oldest page first. */
export function leftBehind(store: Store, open: readonly string[]): readonly Left[] {
  const names = Array.from({ length: store.length }, (_, at) => store.key(at) ?? '')
  return names.flatMap((name) => {
    const [, tab, page] = /^grelta\.kept (\S+) (\S+)$/.exec(name) ?? []
    const kept = tab && page && !open.includes(tab) ? keptAt(store, name) : null
    return kept ? [{ ...kept, page: page!, forget: () => store.removeItem(name) }] : []
  })
}
