import { daysAtChance } from '../../core/cure/forecast.ts'
import { nearestOils } from '../../core/dosing/nearest.ts'
import { isWhite } from '../../core/film/powder.ts'
import { kindOf } from '../../core/materials/material.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { neverDries } from '../../core/medium/fat.ts'
import {
  lessThan,
  moreThan,
  rounded,
  thickerTimes,
  thinnerShares,
  thinnerTimes,
} from '../../core/mend/doses.ts'
import type { Attempt } from '../../core/mend/search.ts'
import { dateOf, nextWorkingMorning } from '../../core/plan/calendar.ts'
import type { MendKind } from '../../core/soundness/finding.ts'
import { listed, shortName } from '../../core/words.ts'
import type { AssessedFinding, Assessment } from '../judging/assess.ts'
import { dayText } from '../dateText.ts'
import type { LayerDocument } from '../layer.ts'
import { asLoosePaint } from '../paints.ts'
import type { Picture } from '../picture/picture.ts'
import { studioMaterials } from '../studioMaterials.ts'
import { allowedInstead } from './allowedInstead.ts'
import type { PictureChange } from './change.ts'

/** A change with what a painter would say of it, and what it does to the character of the paint. */
export interface WordedChange {
  readonly does: PictureChange
  readonly says: string
  readonly character: string
}
type Tries = readonly Omit<Attempt<WordedChange>, 'kind'>[]

/** What is looked at when a finding is to be mended. */
export interface ToMend {
  readonly finding: AssessedFinding
  readonly layer: LayerDocument
  readonly picture: Picture
  readonly assessment: Assessment
  readonly findMaterial: FindMaterial
}

/** What is tried of each kind of mend, least first. */
const tries: Readonly<Record<MendKind, (to: ToMend) => Tries>> = {
  medium: ({ layer, picture }) => {
    const mediumId = layer.medium?.mediumId ?? nearestMedium(picture, layer) ?? picture.mediums[0]?.id
    return mediumId === undefined
      ? []
      : doses(layer, picture, mediumId, moreThan(paintIn(layer), partsOf(layer)))
  },
  'less-medium': ({ layer, picture }) =>
    layer.medium
      ? doses(layer, picture, layer.medium.mediumId, lessThan(paintIn(layer), partsOf(layer)))
      : [],
  'medium-for-thinner': ({ layer, picture }) => {
    const mediumId = layer.medium?.mediumId ?? nearestMedium(picture, layer) ?? picture.mediums[0]?.id
    const { thinner: now } = layer
    if (!now || mediumId === undefined) return []
    const change = { thinner: null, medium: { mediumId, parts: rounded(partsOf(layer) + now.parts) } }
    return [
      {
        effort: 1,
        change: edit(layer, change, {
          says: `Take as much ${nameOfMedium(picture, mediumId)} in ${layer.name} in place of its thinner`,
          character: 'slower, glossier, held by its binder',
        }),
      },
    ]
  },
  'less-thinner': ({ layer }) =>
    layer.thinner && layer.thinner.parts > 0
      ? thinnerShares.map((share) => ({
          effort: 2 * (1 - share),
          change: edit(
            layer,
            {
              thinner:
                share === 0 ? null : { ...layer.thinner!, parts: rounded(layer.thinner!.parts * share) },
            },
            {
              says:
                share === 0
                  ? `Leave the thinner out of ${layer.name}`
                  : `Take ${toldShare[share]} of the thinner in ${layer.name}`,
              character: 'stiffer under the brush',
            },
          ),
        }))
      : [],
  'without-medium': ({ layer }) =>
    layer.medium && layer.paints.length > 0
      ? [
          {
            effort: 1,
            change: edit(
              layer,
              { medium: null },
              { says: `Leave the medium out of ${layer.name}`, character: 'paint as it comes from the tube' },
            ),
          },
        ]
      : [],
  'another-medium': ({ layer, picture }) =>
    layer.medium
      ? picture.mediums
          .filter(({ id, batch }) => id !== layer.medium!.mediumId && !batch)
          .map(({ id, name }) => ({
            effort: 1,
            change: edit(
              layer,
              { medium: { ...layer.medium!, mediumId: id } },
              { says: `Take ${name} instead in ${layer.name}`, character: `as ${name} handles` },
            ),
          }))
      : [],
  oil: ({ layer, picture }) => {
    const wet = oilsOf(layer, picture).find(neverDries)
    return wet ? inOtherOils(layer, wet.id, nearestOils(studioMaterials(picture.shelf), wet)) : []
  },
  'paler-oil': ({ layer, picture }) => {
    const [dark] = [...oilsOf(layer, picture)].sort((a, b) => (b.yellowing ?? 3) - (a.yellowing ?? 3))
    if (!dark) return []
    const paler = nearestOils(studioMaterials(picture.shelf), dark).filter(
      ({ yellowing }) => (yellowing ?? 3) < (dark.yellowing ?? 3),
    )
    return inOtherOils(layer, dark.id, paler)
  },
  'without-opaque': ({ layer, findMaterial }) => withoutPigments(layer, findMaterial, 'opaque', null),
  'without-zinc': ({ layer, findMaterial }) => withoutPigments(layer, findMaterial, 'zinc', 'pw6_rutile'),
  prepare: ({ layer }) =>
    layer.prepared === null
      ? [
          {
            effort: 0.5,
            change: edit(
              layer,
              { prepared: 'oiled-out' },
              {
                says: `Oil out what lies under ${layer.name} and rub that off again, within two days before`,
                character: 'a hold for the paint, and the colours under it as they were',
              },
            ),
          },
        ]
      : [],
  allowed: ({ layer, picture, findMaterial }) =>
    allowedInstead(picture, layer, findMaterial).map(({ change, names }) => ({
      effort: names.length,
      change: edit(layer, change, {
        says: `For ${layer.name} take ${listed(names)}`,
        character: 'the nearest of its kind that may come in',
      }),
    })),
  thicker: ({ layer }) => ofThickness(layer, thickerTimes, 'a little thicker', 'more body'),
  'thinner-coat': ({ layer }) => ofThickness(layer, thinnerTimes, 'thinner', 'less body'),
  split: ({ layer }) => [splitInTwo(layer)],
  order: ({ layer, picture }) => otherOrders(picture, layer),
  wait: laterDates,
  'leave-out': ({ layer }) => [
    {
      effort: 0,
      change: {
        does: { is: 'remove', layerId: layer.id },
        says: `Leave ${layer.name} out`,
        character: 'the picture without it',
      },
    },
  ],
}

export const attemptsOf = (kind: MendKind, to: ToMend): readonly Attempt<WordedChange>[] =>
  tries[kind](to).map((one) => ({ ...one, kind }))

type Words = Pick<WordedChange, 'says' | 'character'>

const edit = ({ id }: LayerDocument, change: Partial<LayerDocument>, words: Words): WordedChange => ({
  does: { is: 'edit', layerId: id, change },
  ...words,
})

const paintIn = ({ paints }: LayerDocument): number => paints.reduce((sum, { parts }) => sum + parts, 0)
const partsOf = ({ medium }: LayerDocument): number => medium?.parts ?? 0
const nameOfMedium = ({ mediums }: Picture, mediumId: string): string =>
  mediums.find(({ id }) => id === mediumId)?.name ?? 'its medium'
const toldShare: Readonly<Record<number, string>> = { 0.75: 'three quarters', 0.5: 'half', 0.25: 'a quarter' }

/** The same medium in other doses; the further from now, the more it costs. */
const doses = (
  layer: LayerDocument,
  picture: Picture,
  mediumId: string,
  amounts: ReturnType<typeof moreThan>,
): Tries =>
  amounts.map(({ paintPerPart, parts }) => {
    const isMore = parts > partsOf(layer)
    return {
      effort: (3 * Math.abs(parts - partsOf(layer))) / paintIn(layer),
      change: edit(
        layer,
        { medium: { mediumId, parts } },
        {
          says: `Let ${layer.name} have 1 part of ${nameOfMedium(picture, mediumId)} to ${paintPerPart} of paint`,
          character: isMore ? 'fatter, glossier, more transparent' : 'leaner, more body, less gloss',
        },
      ),
    }
  })

/** What the picture is painted with already: the medium of the next layer under this one, or of the one over it. */
function nearestMedium({ layers }: Picture, { id }: LayerDocument): string | undefined {
  const at = layers.findIndex((one) => one.id === id)
  const others = [...layers.slice(0, at).toReversed(), ...layers.slice(at + 1)]
  return others.find(({ medium }) => medium !== null)?.medium?.mediumId
}

const oilsOf = ({ paints }: LayerDocument, { shelf }: Picture) => {
  const materials = studioMaterials(shelf)
  return paints.flatMap(({ oil }) => materials.find(({ id }) => id === oil) ?? [])
}

const inOtherOils = (layer: LayerDocument, from: string, oils: ReturnType<typeof nearestOils>): Tries =>
  oils.slice(0, 3).map((oil) => ({
    effort: 1,
    change: edit(
      layer,
      {
        paints: layer.paints.map((paint) =>
          paint.oil === from ? { ...asLoosePaint(paint), oil: oil.id } : paint,
        ),
      },
      {
        says: `Take paint ground in ${oil.name} for ${layer.name}`,
        character: `dries as ${oil.name.toLowerCase()} does`,
      },
    ),
  }))

const zincWhites: readonly string[] = ['pw4', 'pw5']

/** Paint without what clouds or embrittles it; another pigment in its place, or none. */
function withoutPigments(
  layer: LayerDocument,
  findMaterial: FindMaterial,
  what: 'opaque' | 'zinc',
  instead: string | null,
): Tries {
  const isIt = (id: string): boolean => {
    const material = findMaterial(id)
    if (!material) return false
    return what === 'zinc' ? zincWhites.includes(kindOf(material)) : material.transparency === 'opaque'
  }
  const paints = layer.paints.flatMap((paint) => {
    if (!paint.pigments.some(({ pigment }) => isIt(pigment))) return [paint]
    const pigments = paint.pigments.flatMap((one) =>
      !isIt(one.pigment) ? [one] : instead ? [{ ...one, pigment: instead }] : [],
    )
    return pigments.length > 0 ? [{ ...asLoosePaint(paint), pigments }] : []
  })
  const gone = layer.paints.flatMap(({ pigments }) => pigments.filter(({ pigment }) => isIt(pigment)))
  if (gone.length === 0 || paints.length === 0) return []
  const names = [...new Set(gone.map(({ pigment }) => shortName(findMaterial(pigment)?.name ?? pigment)))]
  const isAllWhite = gone.every(({ pigment }) => {
    const material = findMaterial(pigment)
    return material !== undefined && isWhite(material)
  })
  return [
    {
      effort: 1,
      change: edit(
        layer,
        { paints },
        instead
          ? {
              says: `Take titanium white without zinc in ${layer.name}`,
              character: 'more opaque, a little cooler',
            }
          : {
              says: `Leave ${listed(names.map((name) => name.toLowerCase()))} out of ${layer.name}`,
              character: isAllWhite ? 'clearer and deeper' : 'clearer, another colour',
            },
      ),
    },
  ]
}

const ofThickness = (layer: LayerDocument, times: readonly number[], how: string, character: string): Tries =>
  times.map((factor) => {
    const wetThicknessUm = rounded(factor * layer.wetThicknessUm)
    const ridgeWetUm = layer.ridgeWetUm === null ? null : rounded(factor * layer.ridgeWetUm)
    return {
      effort: 2 * Math.abs(Math.log2(factor)),
      change: edit(
        layer,
        { wetThicknessUm, ridgeWetUm },
        { says: `Lay ${layer.name} ${how}: ${wetThicknessUm} µm wet`, character },
      ),
    }
  })

/** In two coats of half the thickness, the second as soon as the first may be painted on. */
function splitInTwo(layer: LayerDocument): Tries[number] {
  const wetThicknessUm = rounded(layer.wetThicknessUm / 2)
  const upper: LayerDocument = {
    ...layer,
    id: crypto.randomUUID(),
    name: `${layer.name}, second coat`.slice(0, 120),
    wetThicknessUm,
    ridgeWetUm: null,
    plannedOn: null,
    wetInWet: false,
    pass: false,
    mixed: [],
    palette: null,
    note: '',
  }
  return {
    effort: 0,
    change: {
      does: { is: 'split', layerId: layer.id, wetThicknessUm, upper },
      says: `Lay ${layer.name} in two coats of ${wetThicknessUm} µm wet`,
      character: 'two sittings, the same body',
    },
  }
}

/** One place down, one place up, among what is still planned. */
function otherOrders({ layers }: Picture, { id, name }: LayerDocument): Tries {
  const at = layers.findIndex((one) => one.id === id)
  return [at - 1, at + 1].flatMap((to): Tries => {
    const other = layers[to]
    if (!other || other.painted) return []
    const layerIds = layers.map((one) => one.id)
    layerIds[at] = other.id
    layerIds[to] = id
    return [
      {
        effort: 1,
        change: {
          does: { is: 'order', layerIds },
          says: `Paint ${name} ${to < at ? 'before' : 'after'} ${other.name}`,
          character: 'the same paint in another order',
        },
      },
    ]
  })
}

/** On the days on which what lies under it, or all of it, has come further. */
function laterDates({ finding, layer, assessment }: ToMend): Tries {
  const now = assessment.layers[finding.layer]!.date.day
  const under = finding.under === undefined ? null : assessment.layers[finding.under]!
  const ready = under
    ? [
        daysAtChance(under.forecast, 'touch', 0.8),
        daysAtChance(under.forecast, 'firm', 0.5),
        daysAtChance(under.forecast, 'firm', 0.8),
        daysAtChance(under.forecast, 'varnishSoft', 0.5),
        daysAtChance(under.forecast, 'cured', 0.5),
        daysAtChance(under.forecast, 'cured', 0.8),
      ]
        .filter((days) => days !== null)
        .map((days) => under.date.day + days)
    : [7, 30, 90].map((days) => now + days)
  return ready
    .map((day) => nextWorkingMorning(Math.max(day, assessment.workingTime.today), assessment.workingTime))
    .filter((day) => day > now + 0.5)
    .map((day) => ({
      effort: Math.min(6, (day - now) / 30),
      change: edit(
        layer,
        { plannedOn: dateOf(day) },
        { says: `Wait with ${layer.name} until ${dayText(day)}`, character: 'the same paint' },
      ),
    }))
}
