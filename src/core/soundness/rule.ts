import type { Figure } from '../figure.ts'
import { noPractice } from '../practice/practice.ts'
import { gravity } from '../severity.ts'
import type { Severity } from '../severity.ts'
import type { About, Finding, MendKind, Rule } from './finding.ts'
import type { LaidArea, LaidGround, LaidLayer, LaidPair, LaidPicture } from './lay.ts'

/**
 * Builders of rules. A rule states what it says of one pair, one layer, one area or the picture; the builder goes through
 * the rest, leaves out what is one film or no longer there, lets the worst speak, and adds what every finding carries.
 *
 *     export const slowUnderFast = pairRule({
 *       id: 'slow-under-fast',
 *       says: ({ lower, upper, waited }, { practice }) => ({ severity: 'watch', message: '...', numbers: {} }),
 *     })
 */

/** What a rule says: null where it is silent. */
export interface Said {
  readonly severity: Severity
  readonly message: string
  readonly numbers: Readonly<Record<string, Figure>>
}

interface RuleText {
  readonly id: string
  /** Default: soundness. */
  readonly about?: About
  /** Rests on a practice's own choice: without one named, it makes notes only. */
  readonly byPractice?: boolean
  readonly mends?: readonly MendKind[]
}

interface Setting extends LaidPicture {
  readonly area: LaidArea
  /** Its layers that are there to stay, bottom first. */
  readonly singles: readonly Single[]
}

/** A layer that is there to stay. */
export interface Single {
  readonly layer: LaidLayer
  /** What lies over it, nearest first. */
  readonly over: readonly LaidLayer[]
  readonly isTop: boolean
}

/** What is found where, before the builder has added what every finding carries. */
type Found = Omit<Finding, 'rule' | 'about'>

const none: readonly Finding[] = []

/** A rule about the whole picture: every other kind is built on it. */
export const pictureRule = ({
  id,
  about = 'soundness',
  byPractice = false,
  mends = [],
  finds,
}: RuleText & { readonly finds: (picture: LaidPicture) => readonly Found[] }): Rule => ({
  id,
  mends,
  find: (picture) => {
    const found = finds(picture)
    if (found.length === 0) return none
    const asNotes = byPractice && picture.practice.id === noPractice.id
    return found.map((one) => ({
      ...one,
      rule: id,
      about,
      ...(asNotes && { severity: 'note' as const }),
    }))
  },
})

/** A rule about one area at a time, whatever of it it looks at. */
export const areaRule = ({
  finds,
  ...text
}: RuleText & { readonly finds: (setting: Setting) => readonly Omit<Found, 'area'>[] }): Rule =>
  pictureRule({
    ...text,
    finds: (picture) =>
      settingsIn(picture).flatMap((setting) =>
        finds(setting).map((found) => ({ ...found, area: setting.area.area.id })),
      ),
  })

/** A picture is laid once and asked by every rule. */
const settings = new WeakMap<LaidPicture, readonly Setting[]>()

function settingsIn(picture: LaidPicture): readonly Setting[] {
  const known = settings.get(picture)
  if (known) return known
  const made = picture.areas.map((area): Setting => ({ ...picture, area, singles: singlesIn(area) }))
  settings.set(picture, made)
  return made
}

function singlesIn({ layers }: LaidArea): readonly Single[] {
  const there = layers.filter(({ goneDay }) => goneDay === null)
  return there.map((layer, at) => {
    const over = there.slice(at + 1)
    return { layer, over, isTop: over.length === 0 }
  })
}

interface PairText extends RuleText {
  /** Speaks of layers that are one film too. */
  readonly ofOneFilm?: boolean
  readonly says: (pair: LaidPair, setting: Setting) => Said | null
}

/** Of all the layers under one the worst speaks, of equals the topmost; those under it would only repeat it. */
export const pairRule = ({ says, ofOneFilm = false, ...text }: PairText): Rule =>
  areaRule({
    ...text,
    finds: (setting) =>
      setting.area.pairs.flatMap((pairs) => {
        let worst: Omit<Found, 'area'> | null = null
        for (const pair of pairs) {
          if (pair.isOneFilm && !ofOneFilm) continue
          const said = says(pair, setting)
          if (said && (!worst || gravity[said.severity] >= gravity[worst.severity]))
            worst = { ...said, layer: pair.upper.event, under: pair.lower.event }
        }
        return worst ? [worst] : []
      }),
  })

/** A rule about one layer by itself. */
export const layerRule = ({
  says,
  ...text
}: RuleText & { readonly says: (single: Single, setting: Setting) => Said | null }): Rule =>
  areaRule({
    ...text,
    finds: (setting) =>
      setting.singles.flatMap((single) => {
        const said = says(single, setting)
        return said ? [{ ...said, layer: single.layer.event }] : []
      }),
  })

/** A rule about the ground, told of the first layer that lies on it in each area. */
export const groundRule = ({
  says,
  ...text
}: RuleText & {
  readonly says: (first: LaidLayer, ground: LaidGround, setting: Setting) => Said | null
}): Rule =>
  areaRule({
    ...text,
    finds: (setting) => {
      const first = setting.area.layers[0]
      const said = first && setting.ground ? says(first, setting.ground, setting) : null
      return said ? [{ ...said, layer: first!.event }] : []
    },
  })

/** One rule that is about layers by themselves and about how they lie. */
export const together = (first: Rule, second: Rule): Rule => ({
  ...first,
  find: (picture) => [...first.find(picture), ...second.find(picture)],
})
