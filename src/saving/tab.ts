/** Which tab this is, and which others are open: what a closed one left is sent by those that are. */

const named = (id: string): string => `grelta-tab ${id}`

let own: Promise<string> | null = null

/** The name of this tab, the same after a reload; another when the tab was duplicated. */
export const tabName = (): Promise<string> => (own ??= claim())

async function claim(): Promise<string> {
  const before = sessionStorage.getItem('grelta.tab') ?? crypto.randomUUID()
  const id = (await held(before)) ? before : crypto.randomUUID()
  if (id !== before) await held(id)
  sessionStorage.setItem('grelta.tab', id)
  return id
}

/** Holds a name for as long as the tab is open. Browsers without locks take every name as free. */
const held = (id: string): Promise<boolean> =>
  new Promise((resolve) => {
    if (!('locks' in navigator)) return resolve(true)
    void navigator.locks.request(named(id), { ifAvailable: true }, (lock) => {
      resolve(lock !== null)
      return lock ? new Promise(() => undefined) : undefined
    })
  })

/** Names of the other tabs that are open. */
export async function otherTabs(): Promise<readonly string[]> {
  if (!('locks' in navigator)) return []
  const { held: locks = [] } = await navigator.locks.query()
  const mine = await tabName()
  const prefix = named('')
  return locks
    .map(({ name = '' }) => name)
    .filter((name) => name.startsWith(prefix) && name !== named(mine))
    .map((name) => name.slice(prefix.length))
}
