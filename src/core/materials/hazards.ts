import type { Material } from './material.ts'

/** What can hurt in a material. Each has its own sentence, and says where the usual one does not fit. */
export const hazardIds = [
  'lead',
  'cadmium',
  'chromium',
  'chromium VI',
  'cobalt',
  'nickel',
  'manganese',
  'mercury',
  'arsenic',
  'antimony',
  'barium',
  'copper',
  'zinc',
  'boron',
  'cyanide',
  'sensitiser',
  'nuts',
  'egg',
  'solvent vapour',
  'highly flammable',
  'aspiration',
  'nerve poison',
  'corrosive',
  'silica dust',
  'carcinogenic dust',
  'light dust',
  'dust',
] as const
export type Hazard = (typeof hazardIds)[number]

const sentences: Readonly<Record<Hazard, string>> = {
  lead: 'Lead: gloves, wash before eating, never sand it dry; away from children and in pregnancy; its waste is hazardous.',
  cadmium: 'Cadmium: no dust and no spray, never sand it dry; wash before eating.',
  chromium: 'Chromium: no dust, never sand it dry.',
  'chromium VI': 'Chromium VI: poisonous and a carcinogen; gloves, no dust, never sand it dry.',
  cobalt:
    'Cobalt: gloves, no dust, never sand it dry; it sensitises, and for a sensitised person there is no safe amount.',
  nickel: 'Nickel: no dust, never sand it dry; it sensitises the skin.',
  manganese: 'Manganese: harms the nerves as dust; never sand it dry.',
  mercury: 'Mercury: poisonous; gloves, no dust, no heat, never sand it dry.',
  arsenic: 'Arsenic: poisonous and a carcinogen; gloves, no dust, no acid, never sand it dry.',
  antimony: 'Antimony: no dust; wash before eating.',
  barium: 'Barium that dissolves: poisonous; wash before eating.',
  copper: 'Copper: poisonous where it dissolves; no dust, wash before eating.',
  zinc: 'Zinc: keep it out of drains and soil.',
  boron: 'Boron: not in pregnancy; gloves.',
  cyanide: 'Keep it from acid and heat: they set prussic acid free.',
  sensitiser: 'It can sensitise the skin: gloves; for a sensitised person there is no safe amount.',
  nuts: 'Walnut is an allergen.',
  egg: 'Egg: keep it cold, days only, smell it first; not food; an allergen.',
  'solvent vapour': 'Solvent vapour: window open, no flame; never put solvent on heat.',
  'highly flammable': 'Highly flammable: no spark and no plate near; the coldest place.',
  aspiration: 'Harmful if swallowed: it enters the lungs. Do not bring it up; call a doctor.',
  'nerve poison': 'Harms the nerves and an unborn child: not for the easel.',
  corrosive: 'It burns skin and eyes: goggles and gloves.',
  'silica dust': 'Its dust may hold quartz: respirator and wet bench, never swept or sanded dry.',
  'carcinogenic dust': 'A possible carcinogen as dust: respirator and wet bench; in oil it is bound.',
  'light dust': 'A dust so light that it hangs in the air: respirator, and wet it at once.',
  dust: 'Dust: mask and wet bench; in oil it is bound.',
}

/** A material, or a ground, as far as it can hurt. */
export type Hurting = Pick<Material, 'hazards'> & Partial<Pick<Material, 'shares'>>

/** What can hurt in any of these, each once, gravest first. */
export function hazardsOf(materials: readonly Hurting[]): readonly Hazard[] {
  const there = new Set(materials.flatMap(({ hazards }) => hazards ?? []))
  return hazardIds.filter((hazard) => there.has(hazard))
}

/** A few words for a label, where the hazard's own name would not do. */
const labels: Partial<Record<Hazard, string>> = {
  nuts: 'walnut is an allergen',
  egg: 'egg: keep cold, days only, no food',
  aspiration: 'harmful if swallowed',
  cyanide: 'keep from acid and heat',
  sensitiser: 'can sensitise the skin',
}
export const labelWordsFor = (hazard: Hazard): string => labels[hazard] ?? hazard

/** Only as dry powder do these hurt. */
const onlyAsPowder: readonly Hazard[] = ['silica dust', 'carcinogenic dust', 'light dust', 'dust']

/** The sentences that belong to these hazards; `wet`: no powder is handled dry. */
export const cautionsFor = (hazards: readonly Hazard[], wet = false): readonly string[] =>
  hazards.filter((hazard) => !wet || !onlyAsPowder.includes(hazard)).map((hazard) => sentences[hazard])

/** What nobody may sand dry. */
export const neverSanded: readonly Hazard[] = [
  'lead',
  'cadmium',
  'chromium',
  'chromium VI',
  'cobalt',
  'nickel',
  'manganese',
]

const ragsCaution =
  'Oily rags, paper and sponges heat themselves: flat outdoors, or under water in a lidded metal can.'
const sheetFirst = 'The safety data sheet and local rules come first.'

/** Whether rags with it can heat themselves. */
const heatsRags = ({ shares = {} }: Hurting): boolean => (shares.oil ?? 0) + (shares.alkyd ?? 0) > 0

/** Every caution that belongs to these materials, the gravest first; `wet`: no powder among them is handled dry. */
export const cautionsOf = (materials: readonly Hurting[], wet = false): readonly string[] => [
  ...cautionsFor(hazardsOf(materials), wet),
  ...(materials.some(heatsRags) ? [ragsCaution] : []),
  sheetFirst,
]
