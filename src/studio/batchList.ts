import { freshnessOn, keepingOf } from '../core/batch/keeping.ts'
import { layerNeedMl, needOf } from '../core/batch/stock.ts'
import type { Need } from '../core/batch/stock.ts'
import { analyseMedium } from '../core/medium/medium.ts'
import { dateOf, dayOf } from '../core/plan/calendar.ts'
import { batchTitle, leftMl, poured } from '../document/batchMedium.ts'
import type { Batch } from '../document/batch.ts'
import { studioShelf } from '../document/studioShelf.ts'
import type { Database } from '../store/database.ts'
import { list } from '../store/records.ts'
import { judgedWithSolve, loadMediums, loadPictures } from './reading.ts'
import type { LoadedBench } from './reading.ts'

/** A batch as its list and the morning page show it. */
export interface BatchEntry {
  readonly id: string
  readonly title: string
  readonly state: 'making' | 'fresh' | 'watch' | 'past'
  /** "2027-01-03"; null while it is being made. */
  readonly useBy: string | null
  readonly because: string
  readonly leftMl: number
  /** The day it should be looked at for skin and thickening; null: not yet, or not any more. */
  readonly lookFrom: string | null
  /** What was really poured, % by mass. */
  readonly holds: readonly { readonly name: string; readonly percent: number }[]
  readonly feel: Batch['feel']
}

function entryOf(batch: Batch, { shelf: items }: LoadedBench, today: number): BatchEntry {
  const shelf = studioShelf(items)
  const made = poured(batch, shelf)
  const keeping = keepingOf(made?.ingredients.map(({ material }) => material) ?? [], batch.keptCold)
  const madeDay = batch.madeOn ? dayOf(batch.madeOn)! : null
  const left = leftMl(batch, shelf)
  const lastLook = Math.max(madeDay ?? 0, ...batch.looks.map(({ on }) => dayOf(on)!))
  const lookDay = lastLook + keeping.lookEveryDays
  return {
    id: batch.id,
    title: batchTitle(batch),
    state: madeDay === null ? 'making' : freshnessOn(madeDay, keeping, today),
    useBy: madeDay === null ? null : dateOf(madeDay + keeping.days),
    because: keeping.because,
    leftMl: left,
    lookFrom: madeDay !== null && left > 0 && lookDay <= today ? dateOf(lookDay) : null,
    holds: (made?.ingredients ?? []).map(({ material, massG }) => ({ name: material.name, percent: (100 * massG) / made!.massG })),
    feel: batch.feel,
  }
}

export async function batchEntries(db: Database, now: string): Promise<readonly BatchEntry[]> {
  const bench = await loadMediums(db)
  return bench.batches.map((batch) => entryOf(batch, bench, dayOf(now)!))
}

/** Batches that want something today: about to spoil, past it, or due for a look. */
export const batchNotices = async (db: Database, now: string): Promise<readonly BatchEntry[]> =>
  (await batchEntries(db, now)).filter(({ state, leftMl: left, lookFrom }) => left > 0 && state !== 'making' && (state !== 'fresh' || lookFrom !== null))

/** What the planned layers need of one medium, and what of it is there as batches. */
export interface Shortage extends Need {
  readonly name: string
  readonly layers: number
  /** Of what the shelf keeps count of, what is missing to make what is short, g. */
  readonly buy: readonly { readonly material: string; readonly grams: number }[]
}

export async function shortagesIn(db: Database, now: string): Promise<readonly Shortage[]> {
  const bench = await loadMediums(db)
  const shelf = studioShelf(bench.shelf)
  const needs = new Map<string, number[]>()
  for (const picture of await loadPictures(db, now)) {
    const { widthCm, heightCm } = picture.painting
    if (!widthCm || !heightCm) continue
    const { assessment } = judgedWithSolve(picture)
    picture.layers.forEach((layer, at) => {
      const film = assessment.layers[at]!.film
      if (layer.paintedAt || !layer.medium || !film) return
      const id = bench.batches.find((batch) => batch.id === layer.medium!.mediumId)?.mediumId ?? layer.medium.mediumId
      needs.set(id, [...(needs.get(id) ?? []), layerNeedMl(widthCm * heightCm, layer.wetThicknessUm, film.more.mediumShare)])
    })
  }
  return [...needs].flatMap(([id, ml]) => {
    const medium = bench.mediums.find((one) => one.id === id)
    if (!medium) return []
    const have = bench.batches.filter(({ mediumId, madeOn }) => mediumId === id && madeOn).reduce((sum, batch) => sum + leftMl(batch, shelf), 0)
    const need = needOf(ml, have)
    const made = analyseMedium(medium.recipe, shelf, (other) => bench.mediums.find((one) => one.id === other), [id])
    const buy =
      made.ok && need.shortMl > 0
        ? made.medium.ingredients.flatMap(({ material, massG }) => {
            const stock = bench.shelf.find((item) => item.id === material.id)?.stockG
            const grams = (massG / made.medium.volumeMl) * need.shortMl - (stock ?? Infinity)
            return grams > 0 ? [{ material: material.name, grams }] : []
          })
        : []
    return [{ ...need, name: medium.name, layers: ml.length, buy }]
  })
}

/** Layers painted with a batch, in words. */
export async function usesOf(db: Database, batch: Batch): Promise<readonly string[]> {
  const paintings = await list(db, 'painting')
  return (await list(db, 'layer')).flatMap((layer) =>
    layer.medium?.mediumId === batch.id ? [`${layer.name} of ${paintings.find(({ id }) => id === layer.paintingId)?.title ?? 'a painting'}${layer.paintedAt ? '' : ' (planned)'}`] : [],
  )
} // prettier-ignore
