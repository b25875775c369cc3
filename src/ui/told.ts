import { deliver } from '../saving/postman.ts'
import type { Delivered } from '../saving/postman.ts'
import { read } from './client.ts'

/** What every page says beside itself: what became of what was kept in the browser, and what is set aside. */
export async function tellDelivered(): Promise<void> {
  const place = document.getElementById('told')
  if (!place) return
  const delivered = await deliver(place.dataset['page'] ?? '')
  const lines = [...delivered.map(lineOf), ...(await asideLine())]
  place.replaceChildren(...lines)
}

const addresses: Readonly<Record<string, (id: string) => string>> = {
  painting: (id) => `/paintings/${id}`,
  medium: (id) => `/mediums/${id}`,
  batch: (id) => `/batches/${id}`,
  shelf_item: (id) => `/shelf?at=${id}`,
  tube: (id) => `/shelf/paints?at=${id}`,
  setting: () => '/studio',
}

function lineOf({ page, standing }: Delivered): HTMLElement {
  const [kind, id] = page.split('/') as [string, string]
  const link = document.createElement('a')
  link.href = addresses[kind]?.(id) ?? '/'
  link.textContent = 'open it'
  link.className = 'link'
  const line = document.createElement('span')
  line.className = 'block border-l-[3px] border-watch bg-sheet px-3 py-2'
  line.append(
    standing === 'saved'
      ? 'What was kept in this browser is saved now: '
      : 'Something kept in this browser could not be saved yet: ',
    link,
    '.',
  )
  return line
}

async function asideLine(): Promise<readonly HTMLElement[]> {
  const reply = await read('GET /api/aside')
  if (!reply.ok || reply.value.count === 0) return []
  const link = document.createElement('a')
  link.href = '/studio#aside'
  link.className = 'link'
  link.textContent = `${reply.value.count === 1 ? 'One thing' : `${reply.value.count} things`} cannot be read and ${reply.value.count === 1 ? 'is' : 'are'} set aside`
  const line = document.createElement('span')
  line.className = 'block border-l-[3px] border-unsound bg-sheet px-3 py-2'
  line.append(link, '; under Studio stands what can be done.')
  return [line]
}
