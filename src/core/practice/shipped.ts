import { defaultLimits } from './limits.ts'
import type { Limits } from './limits.ts'
import { leannessAlone } from './measures.ts'
import { noPractice } from './practice.ts'
import type { Practice } from './practice.ts'

/** The nine practices as shipped: starting values, all of them to be changed. A studio may add its own. */

const { id: _id, name: _name, summary: _summary, ...usual } = noPractice
const limits = (own: Partial<Limits>): Limits => ({ ...defaultLimits, ...own })

const never = { watch: 1, unsound: 1 }
/** None at all: a trace is watched. */
const none = { watch: 0, unsound: 0.05 }
const aLittleAlkyd = { watch: 0.2, unsound: 0.5 }
const freely = { watch: 0.3, unsound: 0.6 }

export const shippedPractices: readonly Practice[] = [
  {
    ...usual,
    id: 'oil-led',
    name: 'Oil-led',
    summary: 'The same medium throughout, a little more of it in each layer; solvent only in the first.',
    alkydWeight: 1,
    fat: { ...leannessAlone, oil: 'advises', thickness: 'advises' },
    alkydWatched: 'over-soft',
    limits: limits({ alkydLater: { watch: 0.5, unsound: 1 } }),
  },
  {
    ...usual,
    id: 'body-led',
    name: 'Body-led',
    summary:
      'A thin fast first layer with some fast-drying medium, then straight paint, thickest and lightest last.',
    alkydWeight: 0,
    fat: { ...leannessAlone, leanness: 'advises', thickness: 'rules' },
    oilingOut: 'seldom',
    limits: limits({
      alkydFirst: { watch: 0.6, unsound: 0.9 },
      alkydLater: { watch: 0.1, unsound: 0.4 },
      thinnerFirst: none,
      thinnerLater: none,
      mediumLater: { watch: 0.05, unsound: 0.25 },
    }),
  },
  {
    ...usual,
    id: 'glazing',
    name: 'Glazing',
    summary:
      'An opaque, light-keyed underpainting; transparent glazes, each a touch fatter, each dry before the next.',
    gate: { oil: 'firm', alkyd: 'touch' },
    fat: { ...leannessAlone, stretch: 'advises' },
    oilingOut: 'alkyd-or-oil',
    limits: limits({
      thinnerLater: { watch: 0, unsound: 0.15 },
      // Oil below, resin in the glazes and oil again in a scumble is how this school paints.
      mediumChanges: { note: 1, watch: 3 },
    }),
  },
  {
    ...usual,
    id: 'solvent-free',
    name: 'Solvent-free',
    summary: 'No open solvent; waterborne or scrubbed-in starts; brushes cleaned in oil and soap.',
    fat: { ...leannessAlone, oil: 'advises' },
    thinnerCounts: 'volatile',
    limits: limits({ thinnerFirst: none, thinnerLater: none }),
  },
  {
    ...usual,
    id: 'resin-wax',
    name: 'Resin and wax',
    summary: 'Small fixed additions to every colour, resin and wax capped in the film, most near the end.',
    fat: { ...leannessAlone, stretch: 'advises' },
    oilingOut: 'same-medium',
    limits: limits({
      alkydFirst: aLittleAlkyd,
      alkydLater: aLittleAlkyd,
      resin: { watch: 0.05, unsound: 0.1 },
      wax: { watch: 0.05, unsound: 0.1 },
      waxOnFlexible: { watch: 0.05, unsound: 0.1 },
    }),
  },
  {
    ...usual,
    id: 'putty-emulsion',
    name: 'Putty and emulsion',
    summary: 'Body and transparency from extender or egg, so that oil stays low in lower layers.',
    limits: limits({ alkydFirst: aLittleAlkyd, alkydLater: aLittleAlkyd }),
  },
  {
    ...usual,
    id: 'wax-paste',
    name: 'Wax paste',
    summary: 'Rising wax from a few percent, on a rigid support, to a matt surface.',
    gate: { oil: 'firm', alkyd: 'firm' },
    fat: { ...leannessAlone, leanness: 'advises' },
    waxPasteCounts: false,
    oilingOut: 'never',
    varnish: 'cured-and-six-months',
    limits: limits({
      alkydFirst: aLittleAlkyd,
      alkydLater: aLittleAlkyd,
      thinnerLater: freely,
      wax: never,
      resinAndWax: never,
      removerSolubles: { watch: 1, unsound: 1 },
    }),
  },
  {
    ...usual,
    id: 'mixed',
    name: 'Mixed technique',
    summary: 'A waterborne picture, isolated, with oil on parts of it.',
    oilingOut: 'local',
    limits: limits({ isolationRest: { watch: 7 } }),
  },
  {
    ...usual,
    id: 'direct',
    name: 'Direct',
    summary: 'One sitting, wet in wet; what is added later waits until all of it is firm.',
    gate: { oil: 'firm', alkyd: 'firm' },
    fat: { ...leannessAlone, leanness: 'off' },
    oilingOut: 'local',
    varnish: 'swab',
    limits: limits({ thinnerLater: freely }),
  },
]

/** Every practice of a studio: the shipped ones as it has changed them, then its own. */
export function practicesWith(own: readonly Practice[]): readonly Practice[] {
  const byId = new Map(own.map((practice) => [practice.id, practice]))
  const shipped = shippedPractices.map((practice) => byId.get(practice.id) ?? practice)
  return [...shipped, ...own.filter(({ id }) => !isShipped(id))]
}

export const isShipped = (id: string): boolean => shippedPractices.some((practice) => practice.id === id)

/** The practice of this id; the first one shipped where there is none. */
export const practiceOf = (id: string, own: readonly Practice[] = []): Practice =>
  practicesWith(own).find((practice) => practice.id === id) ?? shippedPractices[0]!
