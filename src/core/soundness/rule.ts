import type { Figure } from '../figure.ts'
import { noPractice } from '../practice/practice.ts'
import type { Practice } from '../practice/practice.ts'
import { byGravity } from '../severity.ts'
import type { Severity } from '../severity.ts'
import type { Support } from '../stack/support.ts'
import type { About, Finding, MendKind, Rule } from './finding.ts'
import type { LaidArea, LaidLayer, LaidPair, LaidPicture } from './lay.ts'

/**
 * Builders of rules. A rule states what it says of one pair, one layer or one area; the builder goes through the picture,
 * leaves out what is one film or no longer there, lets the worst speak, and adds what every finding carries.
 *
 *     export const slowUnderFast = pairRule({
 *       id: 'slow-under-fast',
 *       title: 'Slow under fast',
 *       reason: '...',
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

/** A layer that is there to stay. */
export interface Single {
  readonly layer: LaidLayer
  /** Whether nothing lies over it. */
  readonly isTop: boolean
}

/** What is found where, before the builder has added what every finding carries. */
interface Found extends Said {
  readonly layer: number
  readonly under?: number
  readonly area: string
}

/** Of all the layers under one the worst speaks, of equals the topmost; those under it would only repeat it. */
export const pairRule = (
  text: RuleText & { readonly says: (pair: LaidPair, setting: Setting) => Said | null },
): Rule =>
  ruleOf(text, (setting) =>
    setting.area.pairs.flatMap((pairs) => {
      const found = pairs.flatMap((pair): readonly Found[] => {
        const said = text.says(pair, setting)
        if (!said) return []
        return [{ ...said, layer: pair.upper.event, under: pair.lower.event, area: setting.area.area.id }]
      })
      return found.toReversed().sort(byGravity).slice(0, 1)
    }),
  )

/** A rule about one layer by itself. */
export const layerRule = (
  text: RuleText & { readonly says: (single: Single, setting: Setting) => Said | null },
): Rule =>
  ruleOf(text, (setting) => {
    const there = setting.area.layers.filter(({ goneDay }) => goneDay === null)
    return there.flatMap((layer, at): readonly Found[] => {
      const said = text.says({ layer, isTop: at === there.length - 1 }, setting)
      return said ? [{ ...said, layer: layer.event, area: setting.area.area.id }] : []
    })
  })

/** One rule that is about layers by themselves and about how they lie. */
export const together = (first: Rule, second: Rule): Rule => ({
  ...first,
  find: (picture) => [...first.find(picture), ...second.find(picture)],
})

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
