import type { Figure } from '../figure.ts'
import { noPractice } from '../practice/practice.ts'
import type { Practice } from '../practice/practice.ts'
import { byGravity } from '../severity.ts'
import type { Severity } from '../severity.ts'
import type { Support } from '../stack/support.ts'
import type { About, Finding, MendKind, Rule } from './finding.ts'
import type { LaidArea, LaidLayer, LaidPicture } from './lay.ts'
import type { MismatchPair } from './mismatch.ts'

/**
 * Builders of rules. A rule states what it says of one pair, one layer or one area; the builder goes through the picture,
 * leaves out what is one film or no longer there, lets the worst speak, and adds what every finding carries.
 *
 *     export const slowUnderFast = pairRule({
 *       id: 'slow-under-fast',
 *       title: 'Slow under fast',
 *       reason: '...',
 *       says: ({ lower, upper, waited, practice }) => ({ severity: 'watch', message: '...', numbers: {} }),
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
  readonly title: string
  readonly reason: string
  /** Default: soundness. */
  readonly about?: About
  /** Rests on a practice's own choice: without one named, it makes notes only. */
  readonly byPractice?: boolean
  readonly mends?: readonly MendKind[]
}

interface Setting {
  readonly practice: Practice
  readonly support: Support
  readonly area: LaidArea
}

/** An upper layer over a lower one, as they meet. */
export interface Pair extends Setting {
  readonly lower: LaidLayer
  readonly upper: LaidLayer
  /** Days between the two. */
  readonly waited: number
  /** Thickest spot of the lower when the upper goes on, µm dry. */
  readonly lowerUm: number
  /** Their mismatch; null until it is solved. */
  readonly mismatch: MismatchPair | null
}

/** A layer that is there to stay. */
export interface Single extends Setting {
  readonly layer: LaidLayer
  /** Whether nothing lies over it. */
  readonly isTop: boolean
  /** The layer that lies over it. */
  readonly above: LaidLayer | undefined
}

/** What is found where, before the builder has added what every finding carries. */
interface Found extends Said {
  readonly layer: number
  readonly under?: number
  readonly area: string
}

/** Of all the layers under one the worst speaks, of equals the topmost; those under it would only repeat it. */
export const pairRule = (text: RuleText & { readonly says: (pair: Pair) => Said | null }): Rule =>
  ruleOf(text, (setting) =>
    setting.area.layers.flatMap((upper) => {
      const found = setting.area.layers
        .slice(0, upper.index)
        .filter((lower) => meet(lower, upper, setting.area))
        .flatMap((lower): readonly Found[] => {
          const said = text.says(pairOf(setting, lower, upper))
          return said ? [{ ...said, layer: upper.event, under: lower.event, area: setting.area.area.id }] : []
        })
      return found.toReversed().sort(byGravity).slice(0, 1)
    }),
  )

/** A rule about one layer by itself. */
export const layerRule = (text: RuleText & { readonly says: (single: Single) => Said | null }): Rule =>
  ruleOf(text, (setting) => {
    const there = setting.area.layers.filter(({ goneDay }) => goneDay === null)
    return there.flatMap((layer, at): readonly Found[] => {
      const above = there[at + 1]
      const said = text.says({ ...setting, layer, above, isTop: above === undefined })
      return said ? [{ ...said, layer: layer.event, area: setting.area.area.id }] : []
    })
  })

/** One rule that is about layers by themselves and about how they lie. */
export const together = (first: Rule, second: Rule): Rule => ({
  ...first,
  find: (picture) => [...first.find(picture), ...second.find(picture)],
})

const meet = (lower: LaidLayer, upper: LaidLayer, area: LaidArea): boolean =>
  (lower.goneDay === null || lower.goneDay > upper.appliedDay) && !area.oneFilm(lower.index, upper.index)

function pairOf(setting: Setting, lower: LaidLayer, upper: LaidLayer): Pair {
  const known = setting.area.mismatch?.pairs.find(
    (pair) => pair.lower === lower.index && pair.upper === upper.index,
  )
  return {
    ...setting,
    lower,
    upper,
    waited: upper.appliedDay - lower.appliedDay,
    lowerUm: lower.thickestUm * lower.leftOn(upper.appliedDay),
    mismatch: known ?? null,
  }
}

function ruleOf(
  { id, title, reason, about = 'soundness', byPractice = false, mends = [] }: RuleText,
  findIn: (setting: Setting) => readonly Found[],
): Rule {
  const find = ({ areas, practice, support }: LaidPicture): readonly Finding[] => {
    const everywhere = areas.flatMap((area) => findIn({ practice, support, area }))
    const asNotes = byPractice && practice.id === noPractice.id
    return everywhere.map((found) => ({
      ...found,
      rule: id,
      about,
      ...(asNotes && { severity: 'note' as const }),
    }))
  }
  return { id, title, reason, mends, find }
}
