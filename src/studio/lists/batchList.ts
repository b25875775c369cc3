import { freshnessOn } from '../../core/batch/keeping.ts'
import type { Freshness, Keeping } from '../../core/batch/keeping.ts'
import { needOf } from '../../core/batch/stock.ts'
import type { Need } from '../../core/batch/stock.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import type { Material } from '../../core/materials/material.ts'
import { worstAnswer } from '../../core/materials/policy.ts'
import type { PolicyAnswer, PolicyId } from '../../core/materials/policy.ts'
import { feelings } from '../../document/batch.ts'
import type { Batch, Feeling } from '../../document/batch.ts'
import { batchTitle, jarKeeping, leftMl, poured } from '../../document/batchMedium.ts'
import { grouped } from '../../document/grouped.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import type { Revised } from '../../document/studio.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { openSummaries } from '../../store/assessments.ts'
import type { Database } from '../../store/database.ts'
import { namersOf } from '../../store/naming.ts'
import { find, listByIds } from '../../store/records.ts'
import { remembering } from '../../store/remembered.ts'
import { closureOf } from '../closure.ts'
import { linesAtATime, pageAsked } from '../listPage.ts'
import type { ListPage } from '../listPage.ts'
import { gone, Refused } from '../refused.ts'
import { settingsOf } from '../settings.ts'

/** What a batch is on any day: it keeps the lots it was made of, so nothing but itself bears on it. */
interface BatchFacts {
  readonly id: string
  readonly title: string
  readonly number: number
  readonly mediumId: string | null
  readonly madeDay: number | null
  readonly lastLookDay: number
  readonly keeping: Keeping
  readonly leftMl: number
  readonly holds: readonly { readonly name: string; readonly percent: number }[]
  readonly materials: readonly Material[]
  readonly feel: Batch['feel']
}

const factsOfAll = remembering('batch', (batch): BatchFacts => {
  const made = poured(batch, findInLibrary)
  const ingredients = made?.ingredients ?? []
  const madeDay = batch.madeOn ? dayOf(batch.madeOn)! : null
  return {
    id: batch.id,
    title: batchTitle(batch),
    number: batch.number,
    mediumId: batch.mediumId,
    madeDay,
    lastLookDay: Math.max(madeDay ?? 0, ...batch.looks.map(({ on }) => dayOf(on)!)),
    keeping: jarKeeping({ ingredients }, batch),
    leftMl: leftMl(batch, findInLibrary),
    holds: ingredients.map(({ material, massG }) => ({
      name: material.name,
      percent: (100 * massG) / made!.massG,
    })),
    materials: ingredients.map(({ material }) => material),
    feel: batch.feel,
  }
})

/** A batch as its list and the morning page show it. */
export interface BatchEntry extends Pick<BatchFacts, 'id' | 'title' | 'leftMl' | 'holds' | 'feel'> {
  readonly state: 'making' | Freshness
  /** "2027-01-03"; null while it is being made. */
  readonly useBy: string | null
  readonly because: string
  /** What the room says to what is in it; null: all of it may come in. */
  readonly room: PolicyAnswer['answer'] | null
  /** The day it should be looked at; null: not yet, or not any more. */
  readonly lookFrom: string | null
  /** What to look for. */
  readonly lookFor: string
}

function entryOn(facts: BatchFacts, today: number, policies: readonly PolicyId[]): BatchEntry {
  const { id, title, madeDay, keeping, lastLookDay, holds, feel } = facts
  const lookDay = lastLookDay + keeping.lookEveryDays
  return {
    id,
    title,
    leftMl: facts.leftMl,
    holds,
    feel,
    state: madeDay === null ? 'making' : freshnessOn(madeDay, keeping, today),
    useBy: madeDay === null ? null : dateOf(madeDay + keeping.days),
    because: keeping.because,
    room: worstAnswer(facts.materials, policies),
    lookFor: keeping.lookFor,
    lookFrom: madeDay !== null && facts.leftMl > 0 && lookDay <= today ? dateOf(lookDay) : null,
  }
}

export interface BatchQuery {
  readonly text?: string
  readonly from?: number
  /** In order of how it felt, strongest first; newest first without. */
  readonly by?: Feeling | null
}

export const batchQuery = (search: URLSearchParams): BatchQuery => ({
  ...pageAsked(search),
  by: feelings.find((one) => one === search.get('by')) ?? null,
})

/** A page of the batches. */
export async function batchPage(
  db: Database,
  now: string,
  { text = '', from = 0, by = null }: BatchQuery = {},
): Promise<ListPage<BatchEntry>> {
  const wanted = text.toLowerCase()
  const { policies } = await settingsOf(db)
  const found = [...(await factsOfAll(db)).values()].filter(
    ({ title, feel }) => title.toLowerCase().includes(wanted) && (by === null || feel[by] !== null),
  )
  found.sort((a, b) => (by ? b.feel[by]! - a.feel[by]! : 0) || b.number - a.number)
  return {
    count: found.length,
    entries: found.slice(from, from + linesAtATime).map((facts) => entryOn(facts, dayOf(now)!, policies)),
  }
}

/** So many batches are told of on the morning page; the rest is counted. */
const mostNotices = 12

/** Batches that want something today: about to spoil, past it, or due for a look. The first to be past comes first. */
export async function batchNotices(db: Database, now: string): Promise<ListPage<BatchEntry>> {
  const today = dayOf(now)!
  const { policies } = await settingsOf(db)
  const due = [...(await factsOfAll(db)).values()]
    .map((facts) => entryOn(facts, today, policies))
    .filter(
      ({ state, leftMl: left, lookFrom }) =>
        left > 0 && state !== 'making' && (state !== 'fresh' || lookFrom !== null),
    )
    .sort((a, b) => a.useBy!.localeCompare(b.useBy!))
  return { count: due.length, entries: due.slice(0, mostNotices) }
}

/** What the planned layers need of one medium, and what of it is there as batches. */
export interface Shortage extends Need {
  readonly id: string
  readonly name: string
  readonly layers: number
  /** Of what the shelf keeps count of, what is missing to make what is short, g. */
  readonly buy: readonly { readonly material: string; readonly grams: number }[]
}

/** The shopping list, what is shortest first. */
export async function shortagesIn(db: Database, now: string): Promise<ListPage<Shortage>> {
  const facts = await factsOfAll(db)
  const open = await openSummaries(db, dayOf(now)!)
  const needs = open.flatMap(({ summary }) => summary.layers.flatMap(({ need }) => need ?? []))
  const byMedium = grouped(needs, ({ mediumId }) => facts.get(mediumId)?.mediumId ?? mediumId)
  const mediums = await listByIds(db, 'medium', [...byMedium.keys()])
  const haveOf = grouped(
    [...facts.values()].filter(({ madeDay }) => madeDay !== null),
    ({ mediumId }) => mediumId,
  )
  const short = mediums.map((medium) => {
    const needed = byMedium.get(medium.id)!
    const have = (haveOf.get(medium.id) ?? []).reduce((sum, batch) => sum + batch.leftMl, 0)
    const need = needOf(
      needed.map(({ ml }) => ml),
      have,
    )
    return { medium, layers: needed.length, need }
  })
  short.sort((a, b) => b.need.shortMl - a.need.shortMl || a.medium.name.localeCompare(b.medium.name))
  const told = short.slice(0, linesAtATime)
  const buyOf = await shoppingFor(
    db,
    told.map(({ medium }) => medium),
  )
  return {
    count: short.length,
    entries: told.map(({ medium, layers, need }) => ({
      ...need,
      id: medium.id,
      name: medium.name,
      layers,
      buy: need.shortMl > 0 ? buyOf(medium, need.shortMl) : [],
    })),
  }
}

/** What has to be bought to make so much of a medium, of what the shelf keeps count of. */
async function shoppingFor(
  db: Database,
  wanted: readonly MediumDocument[],
): Promise<(medium: MediumDocument, ml: number) => Shortage['buy']> {
  const { mediums, items } = await closureOf(
    db,
    wanted.map(({ recipe }) => recipe),
  )
  const known = new Map([...mediums, ...wanted].map((one) => [one.id, one]))
  const stockOf = new Map(items.map(({ id, stockG }) => [id, stockG]))
  const findMaterial = findInStudio(items)
  return ({ id, recipe }, ml) => {
    const made = analyseMedium(recipe, findMaterial, (other) => known.get(other), [id])
    if (!made.ok) return []
    return made.medium.ingredients.flatMap(({ material, massG }) => {
      const grams = (massG / made.medium.volumeMl) * ml - (stockOf.get(material.id) ?? Infinity)
      return grams > 0 ? [{ material: material.name, grams }] : []
    })
  }
}

/** So many layers are named. */
const mostUses = 40

/** Layers painted with a batch, in words. */
export async function usesOf(db: Database, batchId: string): Promise<readonly string[]> {
  const users = await namersOf(db, 'medium', batchId, { most: mostUses })
  const ids = users.flatMap(({ kind, id }) => (kind === 'layer' ? [id] : []))
  const layers = await listByIds(db, 'layer', ids)
  const paintings = await listByIds(db, 'painting', [...new Set(layers.map(({ paintingId }) => paintingId))])
  const titles = new Map(paintings.map(({ id, title }) => [id, title]))
  return layers.map(
    ({ name, paintingId, painted }) =>
      `${name} of ${titles.get(paintingId) ?? 'a painting'}${painted ? '' : ' (planned)'}`,
  )
}

export async function batchOrRefuse(db: Database, id: string): Promise<Revised<Batch>> {
  const batch = await find(db, 'batch', id)
  if (!batch) throw gone('batch')
  return batch
}

/** Batches of a medium that nothing is poured for yet, oldest first, with what a weighing sheet says of them. */
export async function unpouredOf(
  db: Database,
  mediumId: string,
): Promise<{
  readonly title: string
  readonly batches: readonly Batch[]
  readonly nameOf: (material: string) => string
}> {
  const medium = await find(db, 'medium', mediumId)
  const named = await namersOf(db, 'medium', mediumId, { most: mostUnpoured })
  const ids = named.flatMap(({ kind, id }) => (kind === 'batch' ? [id] : []))
  const open = (await listByIds(db, 'batch', ids)).filter(
    (batch) => batch.mediumId === mediumId && batch.pours.length === 0,
  )
  if (!medium || open.length === 0)
    throw new Refused('not-found', 'There is nothing to weigh of it: lay out a grid or begin a batch first.')
  const batches = [...open].sort((a, b) => a.number - b.number)
  const items = await listByIds(
    db,
    'shelf_item',
    batches.flatMap(({ targets }) => targets.map((one) => one.material)),
  )
  const findMaterial = findInStudio(items)
  return { title: `${medium.name}: weighing sheet`, batches, nameOf: (id) => findMaterial(id)?.name ?? id }
}

export const unpouredCount = async (db: Database, mediumId: string): Promise<number> => {
  const facts = [...(await factsOfAll(db)).values()]
  return facts.filter((one) => one.mediumId === mediumId && one.holds.length === 0).length
}

/** A batch with its parent's title, the painter's own materials in it, and the layers painted with it. */
export async function batchWith(db: Database, id: string) {
  const batch = await find(db, 'batch', id)
  if (!batch) return null
  const parent = batch.parentId ? await find(db, 'batch', batch.parentId) : null
  return {
    batch,
    parent: parent && batchTitle(parent),
    shelf: await listByIds(
      db,
      'shelf_item',
      batch.targets.map(({ material }) => material),
    ),
    usedIn: await usesOf(db, id),
  }
}

/** A weighing sheet holds so many batches at most. */
const mostUnpoured = 2000
