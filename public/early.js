// What is typed, chosen and pressed before the page answers, until the page takes it over (src/ui/early.ts).
{
  const typed = new Map()
  const pressed = new Set()
  const note = ({ target }) => typed.set(target, target.value)
  const hold = (event) => {
    const button = event.target.closest('astro-island[ssr] :is(button, summary, [type="checkbox"])')
    if (!button) return
    // By itself the browser would send a form, or tick what the page does not know of.
    event.preventDefault()
    pressed.add(button)
  }
  addEventListener('input', note, true)
  addEventListener('click', hold, true)
  globalThis.takeEarly = () => {
    removeEventListener('input', note, true)
    removeEventListener('click', hold, true)
    return { typed, pressed }
  }
}
