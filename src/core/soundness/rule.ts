import type { Figure } from '../figure.ts'
import { noPractice } from '../practice/practice.ts'
import { byGravity } from '../severity.ts'
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
    const asNotes = byPractice && picture.practice.id === noPractice.id
    return finds(picture).map((found) => ({
      ...found,
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
      picture.areas.flatMap((area) =>
        finds({ ...picture, area }).map((found) => ({ ...found, area: area.area.id })),
      ),
  })

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
        const found = pairs.flatMap((pair) => {
          if (pair.isOneFilm && !ofOneFilm) return []
          const said = says(pair, setting)
          return said ? [{ ...said, layer: pair.upper.event, under: pair.lower.event }] : []
        })
        return found.toReversed().sort(byGravity).slice(0, 1)
      }),
  })

/** A rule about one layer by itself. */
export const layerRule = ({
  says,
  ...text
}: RuleText & { readonly says: (single: Single, setting: Setting) => Said | null }): Rule =>
  areaRule({
    ...text,
    finds: (setting) => {
      const there = setting.area.layers.filter(({ goneDay }) => goneDay === null)
      return there.flatMap((layer, at) => {
        const over = there.slice(at + 1)
        const said = says({ layer, over, isTop: over.length === 0 }, setting)
        return said ? [{ ...said, layer: layer.event }] : []
      })
    },
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
