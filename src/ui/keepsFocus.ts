/** Focus stays where the work is: where what had it goes away, what stood around it takes it. */

/** What had the focus last, and what stands around it, from the inside out. */
let trail: readonly Element[] = []

const focusable =
  'button:not(:disabled), a[href], input:not(:disabled), select:not(:disabled), textarea, summary, [tabindex="0"]'

function around(element: Element): readonly Element[] {
  const all: Element[] = []
  for (let one: Element | null = element; one && one !== document.body; one = one.parentElement) all.push(one)
  return all
}

function take(place: Element): void {
  const inside = place.querySelector<HTMLElement>(focusable)
  if (inside) return inside.focus({ preventScroll: true })
  if (place instanceof HTMLElement) {
    place.tabIndex = -1
    place.focus({ preventScroll: true })
  }
}

/** Begins to watch over the focus of this page. */
export function keepFocus(): void {
  document.addEventListener('focusin', ({ target }) => {
    if (target instanceof Element) trail = around(target)
  })
  new MutationObserver(() => {
    const lost = document.activeElement === document.body && trail[0]?.isConnected === false
    const place = lost ? trail.find(({ isConnected }) => isConnected) : undefined
    if (place) take(place)
  }).observe(document.body, { childList: true, subtree: true })
}
