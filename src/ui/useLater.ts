import { useEffect, useSyncExternalStore } from 'react'

/** A part that no page waits for. */
export interface Later<Part> {
  readonly load: () => void
  readonly listen: (tell: () => void) => () => void
  readonly loaded: () => Part | null
}

/** Written once beside the import; every place that shows the part shares what was loaded. */
export function later<Part>(bring: () => Promise<Part>): Later<Part> {
  let part: Part | null = null
  let coming: Promise<void> | null = null
  const listeners = new Set<() => void>()
  const load = (): void => {
    coming ??= bring().then(
      (is) => {
        part = is
        listeners.forEach((tell) => tell())
      },
      // A part that cannot be loaded leaves the page as it is; the next one to ask tries again.
      () => void (coming = null),
    )
  }
  const listen = (tell: () => void): (() => void) => {
    listeners.add(tell)
    return () => listeners.delete(tell)
  }
  return { load, listen, loaded: () => part }
}

const none = (): null => null

/** The part, once the page answers and it has come; null until then. */
export function useLater<Part>({ load, listen, loaded }: Later<Part>): Part | null {
  useEffect(() => {
    const timer = setTimeout(load, 0)
    return () => clearTimeout(timer)
  }, [load])
  return useSyncExternalStore(listen, loaded, none)
}
