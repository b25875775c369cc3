import { demandOf } from '../materials/demand.ts'
import { singular, wordsIn } from './askedWords.ts'
import type { Hazard } from './hazards.ts'
import type { Material } from './material.ts'
import { policyAnswers } from './policy.ts'
import type { PolicyId } from './policy.ts'
import { spellingsOf } from './spellings.ts'

/** A material in plain words, and found by them. */

/** How fast a paint or an oil dries, raw linseed = 1, in a word. */
export const speedWords = (rate: number): readonly string[] =>
  rate < 0.2 ? ['does not dry'] : rate < 0.8 ? ['slow'] : rate < 1.05 ? ['medium speed'] : ['fast']

/** A filler that wants no more oil than its own volume keeps paint lean. */
const leanDemand = 1

/** I and II hold; III and below fade. */
export const fadesWord = (lightfastness: string): string =>
  lightfastness.startsWith('III') || /^(IV|V)/.test(lightfastness) ? 'fades' : 'lightfast'

const poisons: readonly Hazard[] = ['lead', 'cadmium', 'mercury', 'arsenic', 'chromium VI', 'nerve poison']

/** What it does, in a painter's words. */
export function deedsOf(material: Material): readonly string[] {
  const {
    family,
    rate,
    yellowing,
    strength,
    viscosityMPas,
    transparency,
    shares,
    hazards = [],
    sinkingTendency,
  } = material
  const words: string[] = []
  if (rate && (family === 'oil' || family === 'alkyd' || family === 'ready_medium' || family === 'pigment'))
    words.push(...(material.rateUntold ? ['speed not known'] : speedWords(rate.mid)))
  if (family === 'oil') {
    if (yellowing !== undefined)
      words.push(...(yellowing <= 2 ? ['pale'] : yellowing >= 4 ? ['yellows'] : []))
    if (strength !== undefined) words.push(...(strength >= 4 ? ['strong'] : strength <= 2 ? ['weak'] : []))
    words.push((viscosityMPas ?? 0) >= 1000 ? 'thick, levels' : 'thin, flows')
  }
  if (family === 'pigment') {
    words.push(transparency === 'semi' ? 'half transparent' : (transparency ?? ''))
    if ((sinkingTendency ?? 1) >= 4) words.push('sinks')
  }
  if (family === 'extender')
    words.push(
      ...(material.mostOfMix !== undefined
        ? ['gels', 'transparent']
        : ['body', demandOf(material) <= leanDemand ? 'keeps lean' : 'drinks oil']),
    )
  if (family === 'resin') words.push('gloss', 'brittle')
  if (family === 'balsam') words.push('gloss', 'soft, sticky')
  if (family === 'varnish') words.push('varnish')
  if (family === 'wax' || family === 'wax_paste') words.push('matt', 'soft body')
  if (family === 'metal_soap') words.push('gels')
  if (family === 'solvent') words.push((shares.water ?? 0) > 0 ? 'water' : 'thins')
  if (family === 'drier') words.push('hurries drying')
  if (family === 'retarder') words.push('slows drying')
  if (family === 'egg') words.push('emulsifies')
  if (hazards.some((hazard) => poisons.includes(hazard))) words.push('toxic')
  if (hazards.includes('sensitiser')) words.push('sensitiser')
  if (material.lightfastness) words.push(fadesWord(material.lightfastness))
  if (material.waterMixable) words.push('takes water')
  return words.filter(Boolean)
}

/** What something on the shelf is found by. */
export interface Findable {
  /** What it is called, in every spelling; found by any part of it. */
  readonly name: string
  /** Its kind and what it does, word by word; each found by its beginning. */
  readonly words: readonly string[]
  readonly free: ReadonlySet<string>
}

/** A material with what it is found by, made once. */
export interface Indexed extends Findable {
  readonly material: Material
  readonly deeds: readonly string[]
}

const policyWords: Readonly<Record<string, PolicyId>> = {
  solvent: 'solvent',
  solvents: 'solvent',
  lead: 'lead',
  egg: 'egg',
  acid: 'acid',
  nut: 'nuts',
  nuts: 'nuts',
  walnut: 'nuts',
  sensitiser: 'sensitisers',
  sensitisers: 'sensitisers',
}

export function indexed(material: Material, familyName: string): Indexed {
  const deeds = deedsOf(material)
  return {
    material,
    deeds,
    name: [material.name, material.pigmentCode, spellingsOf(material)].join(' ').toLowerCase(),
    words: wordsIn([familyName, ...deeds].join(' ')),
    free: freeOf([material]),
  }
}

/** The policies nothing of these speaks against. */
export const freeOf = (materials: readonly Material[]): ReadonlySet<string> =>
  new Set(
    Object.values(policyWords).filter((policy) =>
      materials.every((material) => policyAnswers(material, [policy]).length === 0),
    ),
  )

/** Plain words for those the shelf uses; an empty one says nothing. */
const plainWords: Readonly<Record<string, string>> = {
  quick: 'fast',
  rapid: 'fast',
  clear: 'transparent',
  glossy: 'gloss',
  poisonous: 'toxic',
  permanent: 'lightfast',
  filler: 'fillers',
  extender: 'fillers',
  drying: '',
  dries: '',
  and: '',
  with: '',
  a: '',
  the: '',
  that: '',
  for: '',
}

/** "no solvent", "without wax", "solvent-free". */
const freedom = /\b(?:no|without|w\/o)\s+([\w-]+)|\b(\w+)[- ]free\b/g

/**
 * Those that match every word asked: "fast, pale, no solvent". "No", "without" and "-free" ask for freedom from something,
 * hidden carriers of what a room may forbid included; other words stand in the text, in the singular or the plural.
 */
export function findIn<Item extends Findable>(shelf: readonly Item[], asked: string): readonly Item[] {
  const words = asked.toLowerCase().trim()
  if (!words) return shelf
  const forbidden: string[] = []
  const wanted = words.replace(freedom, (_whole, no: string | undefined, free: string | undefined) => {
    forbidden.push((no ?? free)!)
    return ' '
  })
  const tokens = wordsIn(wanted)
    .map((token) => plainWords[token] ?? token)
    .filter(Boolean)
  const isFree = (one: Findable, from: string): boolean => {
    const policy = policyWords[from]
    return policy ? one.free.has(policy) : !speaksOf(one, from)
  }
  return shelf.filter(
    (one) => forbidden.every((from) => isFree(one, from)) && tokens.every((token) => speaksOf(one, token)),
  )
}

/** Of what it does a word is found by its beginning: "fast" is not found in "lightfast". */
const speaksOf = ({ name, words }: Findable, asked: string): boolean =>
  [asked, singular(asked)].some((part) => name.includes(part) || words.some((word) => word.startsWith(part)))
