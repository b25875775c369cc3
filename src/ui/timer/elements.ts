/* Pieces of a page that carries no React: the head is there before any view has come. */

export function element<Tag extends keyof HTMLElementTagNameMap>(
  tag: Tag,
  className: string,
  text = '',
): HTMLElementTagNameMap[Tag] {
  const made = document.createElement(tag)
  made.className = className
  made.textContent = text
  return made
}

export function buttonOf(text: string, className: string, onClick: () => void): HTMLButtonElement {
  const made = element('button', className, text)
  made.type = 'button'
  made.addEventListener('click', onClick)
  return made
}
