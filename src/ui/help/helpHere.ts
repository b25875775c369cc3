/** Help answers where the question is: a press on a word, the button of the page, or the key "?". */

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof Element && target.matches('input, textarea, select, [contenteditable]')

const show = (): void => void import('./showHelp.ts').then(({ showHelp }) => showHelp(), toPage)

/** With the server away the page of words is what is left to try. */
const toPage = (): void => location.assign('/help')

export function helpHere(): void {
  document.getElementById('help')?.addEventListener('click', (event) => {
    event.preventDefault()
    show()
  })
  document.addEventListener('keydown', (event) => {
    if (event.key === '?' && !isTyping(event.target)) show()
  })
  document.addEventListener('click', (event) => {
    const term = event.target instanceof Element ? event.target.closest<HTMLAnchorElement>('a.term') : null
    if (!term || event.ctrlKey || event.metaKey || event.shiftKey) return
    event.preventDefault()
    void import('./explain.ts').then(({ explain }) => explain(term), toPage)
  })
}
