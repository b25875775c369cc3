/** A box over the page that Escape or a press beside it closes; the focus goes back to where it came from. */
export function boxOf(label: string, className: string, ...parts: readonly Node[]): HTMLElement {
  const box = document.createElement('div')
  box.popover = 'auto'
  box.role = 'dialog'
  box.ariaLabel = label
  box.className = className
  box.tabIndex = -1
  box.append(...parts)
  box.addEventListener('toggle', ({ newState }) => {
    if (newState === 'closed') box.remove()
  })
  document.body.append(box)
  box.showPopover()
  box.focus()
  return box
}

/** An element with its words, and its attributes. */
export function made<Name extends keyof HTMLElementTagNameMap>(
  name: Name,
  said: string | readonly Node[],
  more: Partial<HTMLElementTagNameMap[Name]> = {},
): HTMLElementTagNameMap[Name] {
  const element = Object.assign(document.createElement(name), more)
  element.append(...(typeof said === 'string' ? [said] : said))
  return element
}
