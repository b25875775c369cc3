import { useState } from 'react'
import { paintedAtOf } from '../../document/brush.ts'
import { asPainted, everydayLayer, longAgo, minuteAgo } from '../../document/picture/everyday.ts'
import type { EverydayLayer } from '../../document/picture/everyday.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { blankPainting } from '../../document/blank/blankPainting.ts'
import type { PaintingDocument } from '../../document/studio.ts'

/** What stands on the easel while it is described: a picture that is nowhere yet. */
export interface Easel {
  readonly painting: PaintingDocument
  /** Bottom first. */
  readonly layers: readonly LayerDocument[]
}

export interface EaselDeeds {
  readonly setSupport: (support: PaintingDocument['support']) => void
  /** It is on the picture already. */
  readonly putOn: (layer: EverydayLayer) => void
  /** It is what comes next; null: nothing. */
  readonly planNext: (layer: EverydayLayer | null) => void
  /** How many days ago a layer was painted; those above it are no older, those below no younger. */
  readonly setAgo: (id: string, days: number) => void
  readonly changeLayer: (id: string, change: Partial<LayerDocument>) => void
  readonly takeOff: (id: string) => void
  readonly clear: () => void
}

const paintingId = 'on-the-easel'

/** Layers one remembers lie further back the lower they are. */
const usualAgo = [30, 7, 1, 0]

const isToCome = ({ painted }: LayerDocument): boolean => painted === null

export function useEasel(today: number, solventFree: boolean): Easel & EaselDeeds {
  const [painting, setPainting] = useState(() =>
    blankPainting({ id: paintingId, title: 'The picture on the easel' }),
  )
  const [layers, setLayers] = useState<readonly LayerDocument[]>([])
  const put = (all: readonly LayerDocument[]): void =>
    setLayers(all.map((layer, position) => ({ ...layer, position })))
  const made = (layer: EverydayLayer, paintedAt: string | null): LayerDocument =>
    everydayLayer(layer, { id: crypto.randomUUID(), paintingId, position: 0 }, paintedAt, solventFree)
  const on = layers.filter((layer) => !isToCome(layer))
  const next = layers.filter(isToCome)

  return {
    painting,
    layers,
    setSupport: (support) => setPainting({ ...painting, support }),
    putOn: (layer) => {
      const wanted = minuteAgo(usualAgo[Math.min(on.length, usualAgo.length - 1)]!, today)
      const under = on.at(-1)
      const at = under && paintedAtOf(under)! > wanted ? paintedAtOf(under)! : wanted
      put([...on, made(layer, at), ...next])
    },
    planNext: (layer) => put([...on, ...(layer ? [made(layer, null)] : [])]),
    setAgo: (id, days) => {
      const at = minuteAgo(days, today)
      const place = layers.findIndex((layer) => layer.id === id)
      put(
        layers.map((layer, where) => {
          const was = paintedAtOf(layer)
          if (was === null) return layer
          const isMoved = where === place || (where < place ? was > at : was < at)
          return isMoved ? asPainted(layer, at) : layer
        }),
      )
    },
    changeLayer: (id, change) =>
      put(layers.map((layer) => (layer.id === id ? { ...layer, ...change } : layer))),
    takeOff: (id) => put(layers.filter((layer) => layer.id !== id)),
    clear: () => put([]),
  }
}

/** How long ago a layer was painted, of the words there are. */
export const agoOf = (layer: LayerDocument, today: number): number | null =>
  longAgo.find(({ days }) => minuteAgo(days, today) === paintedAtOf(layer))?.days ?? null
