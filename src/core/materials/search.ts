import { kindOf } from './material.ts'
import type { Material } from './material.ts'
import { policyAnswers } from './policy.ts'
import type { PolicyId } from './policy.ts'
import { spellingsOf } from './spellings.ts'

/** A material in plain words, and found by them. */

const speedWords = (rate: number): readonly string[] =>
  rate < 0.2 ? ['does not dry'] : rate < 0.8 ? ['slow'] : rate < 1.2 ? ['medium speed'] : ['fast']

/** What it does, in a painter's words. */
export function deedsOf(material: Material): readonly string[] {
  const { family, rate, yellowing, strength, viscosityMPas, transparency, shares, hazard, sinkingTendency } =
    material
  const words: string[] = []
  if (rate && (family === 'oil' || family === 'alkyd' || family === 'ready_medium' || family === 'pigment'))
    words.push(...speedWords(rate.mid))
  if (family === 'oil') {
    if (yellowing !== undefined)
      words.push(...(yellowing <= 2 ? ['pale'] : yellowing >= 4 ? ['yellows'] : []))
    if (strength !== undefined) words.push(...(strength >= 4 ? ['strong'] : strength <= 2 ? ['weak'] : []))
    words.push((viscosityMPas ?? 0) >= 1000 ? 'thick, levels' : 'thin')
  }
  if (family === 'pigment') {
    words.push(transparency === 'semi' ? 'half transparent' : (transparency ?? ''))
    if ((sinkingTendency ?? 1) >= 4) words.push('sinks')
  }
  if (family === 'extender')
    words.push(
      ...(kindOf(material) === 'silica_fumed' || kindOf(material) === 'organoclay'
        ? ['gels', 'transparent']
        : ['body', 'transparent', 'keeps lean']),
    )
  if (family === 'resin' || family === 'balsam') words.push('gloss', 'brittle')
  if (family === 'wax' || family === 'wax_paste') words.push('matt', 'soft body')
  if (family === 'metal_soap') words.push('gels')
  if (family === 'solvent') words.push((shares.water ?? 0) > 0 ? 'water' : 'thins')
  if (family === 'drier') words.push('hurries drying')
  if (family === 'retarder') words.push('slows drying')
  if (family === 'egg') words.push('emulsifies')
  if (/lead|cadmium|mercury|chromium VI/.test(hazard ?? '')) words.push('toxic')
  if (/sensitiser/.test(hazard ?? '')) words.push('sensitiser')
  return words.filter(Boolean)
}

/** A material with what it is found by, made once. */
export interface Indexed {
  readonly material: Material
  readonly deeds: readonly string[]
  readonly text: string
  readonly free: ReadonlySet<string>
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
    text: [material.name, material.pigmentCode, familyName, ...deeds, spellingsOf(material)]
      .join(' ')
      .toLowerCase(),
    free: new Set(
      Object.values(policyWords).filter((policy) => policyAnswers(material, [policy]).length === 0),
    ),
  }
}

/** Those that match every word asked: "fast, pale, no solvent". "No lead" asks for freedom from it; other words stand in the text. */
export function findIn(shelf: readonly Indexed[], asked: string): readonly Indexed[] {
  const words = asked.toLowerCase().replace(/[,;]+/g, ' ').trim()
  if (!words) return shelf
  const forbidden: PolicyId[] = []
  const wanted = words.replace(/\bno (\w+)/g, (whole, word: string) => {
    const policy = policyWords[word]
    if (!policy) return whole
    forbidden.push(policy)
    return ' '
  })
  const tokens = wanted.split(/\s+/).filter(Boolean)
  return shelf.filter(
    ({ text, free }) =>
      forbidden.every((policy) => free.has(policy)) && tokens.every((token) => text.includes(token)),
  )
}
