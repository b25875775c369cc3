/** The words of what is drawn: an element's text, and what of it is read aloud. */

const spoken = ['aria-label', 'aria-valuetext', 'title', 'placeholder', 'alt']

type Read = (text: string) => string

const isWord = (child: unknown): child is string | number =>
  typeof child === 'string' || typeof child === 'number'

/** A number and its unit may be children of their own: they are read in one, and each keeps its place. */
function childrenRead(children: readonly unknown[], read: Read): unknown[] {
  const all: unknown[] = []
  children.forEach((child, at) => {
    if (!isWord(child)) all.push(Array.isArray(child) ? childrenRead(child, read) : child)
    else if (isWord(children[at - 1])) all.push('')
    else {
      const end = children.findIndex((other, place) => place > at && !isWord(other))
      all.push(read(children.slice(at, end < 0 ? undefined : end).join('')))
    }
  })
  return all
}

/** An element's props with its own words read; what is marked as a name stays as it is. */
export function wordsRead(type: unknown, props: unknown, read: Read): unknown {
  const own = props as Record<string, unknown>
  const isElement = typeof type === 'string' || typeof type === 'symbol'
  if (!isElement || own['translate'] === 'no') return props
  const changed = { ...own }
  for (const name of spoken) if (typeof own[name] === 'string') changed[name] = read(own[name])
  const { children } = own
  if (Array.isArray(children)) changed['children'] = childrenRead(children, read)
  else if (isWord(children)) changed['children'] = read(String(children))
  return changed
}
