import type { Kind } from '../document/kinds.ts'
import type { Request } from './server.ts'

type Put = (body: object, seen: number | null, id: string) => Request

const put =
  (path: string, name: string): Put =>
  (body, seen) => ({ method: 'PUT', path, body: { [name]: body, seen } })

/** How a thing of each kind is saved. A touch test is never edited. */
const puts: Readonly<Partial<Record<Kind, Put>>> = {
  setting: ({ id: _id, ...settings }: { id?: string }, seen) => ({
    method: 'PUT',
    path: '/api/settings',
    body: { settings, seen },
  }),
  shelf_item: put('/api/shelf', 'item'),
  tube: put('/api/tubes', 'tube'),
  medium: put('/api/mediums', 'medium'),
  practice: put('/api/practices', 'practice'),
  painting: put('/api/paintings', 'painting'),
  layer: put('/api/layers', 'layer'),
  swatch: put('/api/swatches', 'swatch'),
  trial: put('/api/trials', 'trial'),
  reminder: put('/api/reminders', 'reminder'),
  batch: (batch, seen, id) => ({ method: 'PUT', path: `/api/batches/${id}`, body: { batch, seen } }),
}

export function saveRequest(kind: Kind, id: string, body: object, seen: number | null): Request {
  const make = puts[kind]
  if (!make) throw new Error(`A ${kind} is not saved as a whole.`)
  return make(body, seen, id)
}
