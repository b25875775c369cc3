import type { Material } from '../materials/material.ts'

/** What has to be put away after a day's work, by what was used (C96). */
export const putAways = ['rags', 'lead', 'egg', 'jars', 'waterborne', 'palette'] as const
export type PutAway = (typeof putAways)[number]

export const putAwayTexts: Readonly<
  Record<PutAway, { readonly name: string; readonly short: string; readonly how: string }>
> = {
  rags: {
    name: 'Rags and paper',
    short: 'oily rags',
    how: 'Oily rags, paper and sponges heat themselves: flat outdoors, one by one, or under water in a lidded metal can. Without solvent as much as with it.',
  },
  lead: {
    name: 'Lead apart',
    short: 'lead',
    how: 'Its rags, gloves and scrapings into their own closed tin, marked; wash before you eat; nothing of it with the household waste.',
  },
  egg: {
    name: 'Egg into the cold',
    short: 'egg',
    how: 'Into the cold with its day on it, or away; it keeps days only, and is no food any more.',
  },
  jars: {
    name: 'Jars closed',
    short: 'jars',
    how: 'Lids on every jar and bottle of solvent; what has settled is poured off tomorrow. Nothing down the drain.',
  },
  waterborne: {
    name: 'Waterborne brushes washed',
    short: 'waterborne brushes',
    how: 'At once, before they are hard; the first wash water is let stand and its sludge goes to the waste.',
  },
  palette: {
    name: 'The palette',
    short: 'the palette',
    how: 'What you keep under glass or in the cold; what you do not, scraped into the can with the rags.',
  },
}

/** From such shares on a material asks for it. */
const asksFor: readonly (readonly [what: PutAway, is: (material: Material) => boolean])[] = [
  ['rags', ({ shares }) => (shares.oil ?? 0) + (shares.alkyd ?? 0) > 0],
  ['lead', ({ hazards }) => hazards?.includes('lead') ?? false],
  ['egg', ({ family }) => family === 'egg'],
  ['jars', ({ shares, family }) => family === 'solvent' && (shares.volatile ?? 0) > 0],
  ['waterborne', ({ family }) => family === 'waterborne'],
  ['palette', ({ shares }) => (shares.pigment ?? 0) > 0],
]

/** What a day with these materials leaves to be put away, the gravest first; nothing after a day without any. */
export const putAwayAfter = (materials: readonly Material[]): readonly PutAway[] =>
  putAways.filter((what) => {
    const [, is] = asksFor.find(([id]) => id === what)!
    return materials.some(is)
  })

/** When each thing that has to be put away was last used, by minutes as "2026-11-24T16:00", the gravest first. */
export function lastUses(
  works: readonly { readonly at: string; readonly materials: readonly Material[] }[],
): ReadonlyMap<PutAway, string> {
  const uses = works.flatMap(({ at, materials }) => putAwayAfter(materials).map((what) => ({ what, at })))
  const latest = (what: PutAway): string | undefined =>
    uses
      .flatMap((use) => (use.what === what ? [use.at] : []))
      .sort()
      .at(-1)
  return new Map(
    putAways.flatMap((what) => {
      const at = latest(what)
      return at === undefined ? [] : [[what, at]]
    }),
  )
}

/**
 * What is still lying about: never ticked, or used again since. Nothing can be called put away while it is not empty, the
 * rags before all else.
 */
export const stillOut = (
  used: ReadonlyMap<PutAway, string>,
  ticked: Readonly<Partial<Record<PutAway, string>>>,
): readonly PutAway[] => [...used].flatMap(([what, at]) => ((ticked[what] ?? '') < at ? [what] : []))
