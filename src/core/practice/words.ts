import type { SourceKind } from './limitRow.ts'
import type { FatMeasure, Weight } from './measures.ts'
import type { OilingOut, VarnishAt } from './practice.ts'
import type { Sureness } from './sureness.ts'

/** What a practice's choices are called, and what a contested one gains and risks. */

export const sourceNames: Readonly<Record<SourceKind, string>> = {
  practitioner: 'painters’ practice',
  literature: 'literature',
  supplier: 'a supplier',
  'own-test': 'own test',
  model: 'our model, an estimate',
  judgement: 'one conservator’s judgement',
}

export const surenessNames: Readonly<Record<Sureness, string>> = {
  sure: 'sure',
  fairly: 'fairly sure',
  hardly: 'hardly sure',
}

export const measureNames: Readonly<Record<FatMeasure, string>> = {
  leanness: 'leanness, with oil content',
  oil: 'oil content alone',
  stretch: 'flexibility',
  drying: 'drying time',
  thickness: 'thickness',
}

export const weightNames: Readonly<Record<Weight, string>> = {
  rules: 'rules',
  advises: 'advises',
  off: 'is only shown',
}

interface Contested {
  readonly name: string
  readonly gained: string
  readonly risked: string
}

export const oilingOutNames: Readonly<Record<OilingOut, Contested>> = {
  'same-oil': {
    name: 'with the same oil, thin, and painted into',
    gained: 'the true colour to paint on, and a hold for the next layer',
    risked: 'a film of its own where it is left: it yellows',
  },
  'alkyd-or-oil': {
    name: 'with alkyd or oil, over the whole surface',
    gained: 'an even surface for a glaze, soon dry',
    risked: 'a change of medium, and a sealed surface that sheds the next',
  },
  'same-medium': {
    name: 'with the medium of the picture',
    gained: 'one medium throughout',
    risked: 'more resin and wax in the film',
  },
  local: {
    name: 'only where it is dull',
    gained: 'little oil for little gain',
    risked: 'patches of another gloss until the varnish',
  },
  seldom: {
    name: 'seldom',
    gained: 'no free oil between layers',
    risked: 'dull colours are painted against, and come out too strong',
  },
  never: {
    name: 'never',
    gained: 'a matt surface that stays as it is',
    risked: 'sunken places stay sunken',
  },
}

export const varnishNames: Readonly<Record<VarnishAt, Contested>> = {
  swab: {
    name: 'a soft removable one once a swab comes away clean',
    gained: 'months earlier, and it protects while the paint hardens',
    risked: 'it may sink in, and the paint under it hardens more slowly',
  },
  cured: {
    name: 'once all of it is cured',
    gained: 'paint that no varnish or remover disturbs',
    risked: 'dust and a patchy gloss until then',
  },
  'cured-and-six-months': {
    name: 'half a year after all of it is cured, wax alone, by brush',
    gained: 'wax paint that a brush no longer drags',
    risked: 'a soft surface unprotected for long',
  },
}
