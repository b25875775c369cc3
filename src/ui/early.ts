import { useEffect } from 'react'

declare global {
  /** Set by public/early.js: what was typed or chosen so far, by its field, and what was pressed, once each. */
  var takeEarly: (() => { typed: ReadonlyMap<Field, string>; pressed: ReadonlySet<HTMLElement> }) | undefined
}

type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement

/** All but those a file is chosen in: no page may fill them. */
const fields = 'main :is(input:not([type="file"]), textarea, select)'

let taken = false
const none: ReadonlyMap<Field, string> = new Map()

/** One after another: each may build on what the page made of the one before. */
const soon = (act: () => void): void => void setTimeout(act, 0)

/**
 * Takes over what was done before the page answered. The page knows only what it was sent, so fields are typed into
 * and lists chosen from once more, and then what was pressed is pressed; a field the browser filled by itself, as after
 * going back, shows again what is stored.
 */
export function useEarly(): void {
  useEffect(() => {
    if (taken) return
    taken = true
    const { typed, pressed } = globalThis.takeEarly?.() ?? { typed: none, pressed: [] }
    for (const field of document.querySelectorAll<Field>(fields))
      if (typed.has(field) || field.value !== storedIn(field)) soon(() => typeAnew(field, typed.get(field)))
    for (const button of pressed) soon(() => button.click())
  }, [])
}

/** What the page was sent with in a field. */
const storedIn = (field: Field): string =>
  field instanceof HTMLSelectElement
    ? ([...field.options].find(({ defaultSelected }) => defaultSelected)?.value ?? field.value)
    : field.defaultValue

/** As the painter's hand would: past the value React remembers, or it would see no change. */
function typeAnew(field: Field, value: string | undefined): void {
  field.value = storedIn(field)
  if (value === undefined || value === field.value) return
  Reflect.set(Object.getPrototypeOf(field) as Field, 'value', value, field)
  field.dispatchEvent(new Event('input', { bubbles: true }))
  if (field instanceof HTMLSelectElement) field.dispatchEvent(new Event('change', { bubbles: true }))
  if (document.activeElement !== field) field.dispatchEvent(new FocusEvent('focusout', { bubbles: true }))
}
