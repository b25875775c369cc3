import { z } from 'zod'
import { effectsOf, meets, sheens } from '../../core/medium/effects.ts'
import type { Effects, EffectWish } from '../../core/medium/effects.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { Shares } from '../../core/materials/material.ts'
import { worstAnswer } from '../../core/materials/policy.ts'
import type { PolicyAnswer } from '../../core/materials/policy.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import type { Database } from '../../store/database.ts'
import { lastEvent } from '../../store/history.ts'
import { list } from '../../store/records.ts'
import { closureOf } from '../closure.ts'
import { linesAtATime, pageAsked } from '../listPage.ts'
import type { ListPage } from '../listPage.ts'
import { settingsOf } from '../settings.ts'

/** A medium as its list shows it. */
export interface MediumEntry {
  readonly id: string
  readonly name: string
  /** What it is and does; null while it cannot be read, and then `problem` says why. */
  readonly made: {
    readonly dryByVolume: Shares
    /** Share of the mix by volume that leaves as it dries. */
    readonly leaves: number
    readonly effects: Effects
  } | null
  /** What the room says to what is in it; null: all of it may come in. */
  readonly room: PolicyAnswer['answer'] | null
  readonly problem: string | null
}

export interface MediumQuery {
  readonly text?: string
  readonly from?: number
  readonly wish?: EffectWish
}

const wishSchema: z.ZodType<EffectWish> = z
  .object({
    holdsPeaks: z.boolean(),
    levels: z.boolean(),
    noDrips: z.boolean(),
    sheen: z.enum(sheens),
    blendHours: z.number(),
    touchWithinHours: z.number(),
  })
  .partial()

/** As an address asks for it: ?find=, ?from=, and ?wish= as JSON. A wish that cannot be read is none. */
export function mediumQuery(search: URLSearchParams): MediumQuery {
  const wish = wishSchema.safeParse(jsonIn(search.get('wish')))
  return {
    ...pageAsked(search),
    ...(wish.success && { wish: wish.data }),
  }
}

function jsonIn(text: string | null): unknown {
  try {
    return JSON.parse(text ?? 'null')
  } catch {
    return null
  }
}

/** A page of the mediums by name; with a wish, only those that do it. */
export async function mediumPage(
  db: Database,
  { text = '', from = 0, wish = {} }: MediumQuery = {},
): Promise<ListPage<MediumEntry>> {
  const asked = Object.values(wish).some((value) => value !== undefined && value !== false)
  const wanted = text.toLowerCase()
  const found = (await entriesOf(db)).filter(
    ({ name, made }) =>
      name.toLowerCase().includes(wanted) && (!asked || (made !== null && meets(made.effects, wish))),
  )
  return { count: found.length, entries: found.slice(from, from + linesAtATime) }
}

const remembered = new WeakMap<
  Database,
  { readonly event: number; readonly entries: readonly MediumEntry[] }
>()

/** Every medium analysed, until anything is written: any material or medium may be in any other. */
async function entriesOf(db: Database): Promise<readonly MediumEntry[]> {
  const event = await lastEvent(db)
  const before = remembered.get(db)
  if (before?.event === event) return before.entries
  const mediums = [...(await list(db, 'medium'))].sort((a, b) => a.name.localeCompare(b.name))
  const known = new Map(mediums.map((medium) => [medium.id, medium]))
  const { items } = await closureOf(
    db,
    mediums.map(({ recipe }) => recipe),
  )
  const findMaterial = findInStudio(items)
  const { policies } = await settingsOf(db)
  const entries = mediums.map(({ id, name, recipe }): MediumEntry => {
    const found = analyseMedium(recipe, findMaterial, (other) => known.get(other), [id])
    if (!found.ok) return { id, name, made: null, room: null, problem: found.problems[0]!.message }
    const { dry, wet, ingredients } = found.medium
    const room = worstAnswer(
      ingredients.map(({ material }) => material),
      policies,
    )
    const made = {
      dryByVolume: dry.byVolume,
      leaves: wet.byVolume.volatile + wet.byVolume.water,
      effects: effectsOf(found.medium),
    }
    return { id, name, made, room, problem: null }
  })
  remembered.set(db, { event, entries })
  return entries
}
