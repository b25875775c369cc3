import { clamp } from '../clamp.ts'
import { daysAtChance, forecastOf } from '../cure/forecast.ts'
import type { Climate } from '../cure/climate.ts'
import { stateDaysFromTable } from '../cure/table.ts'
import type { Practice } from '../practice/practice.ts'
import { about, dayCount } from '../words.ts'
import { hidingOf } from '../film/opaque.ts'
import type { TubeFacts } from './tubeFacts.ts'

/** What a white is wanted for. */
export const whiteRoles = {
  underpainting: { name: 'underpainting', wants: 'opaque', wetUm: 50, isCovered: true },
  body: { name: 'body colour', wants: 'opaque', wetUm: 100, isCovered: true },
  highlights: { name: 'highlights', wants: 'opaque', wetUm: 300, isCovered: false },
  glaze: { name: 'a glaze with white', wants: 'transparent', wetUm: 20, isCovered: true },
} as const
export type WhiteRole = keyof typeof whiteRoles

/** How much each counts (reckonings.md, White for a role). */
const weights = { speed: 3, hiding: 3, yellowing: 2, film: 2, body: 1, hazard: 1 } as const
export type WhiteTrait = keyof typeof weights

/** A white of the painter's own. */
export interface White {
  readonly id: string
  readonly name: string
  readonly facts: TubeFacts
}

/** A white as it stands for a role: each trait 0 to 1. */
export interface RankedWhite {
  readonly id: string
  readonly name: string
  readonly traits: Readonly<Record<WhiteTrait, number>>
  readonly score: number
  /** Why the role rules it out; null: it does not. */
  readonly excluded: string | null
  /** Touch dry at the painter's confidence, days; null: not at all. */
  readonly touchDays: number | null
}

/** Whether a tube is a white: every powder in it is. */
export const isWhite = ({ materials, film }: TubeFacts): boolean => {
  const powders = materials.filter(({ family }) => family === 'pigment' || family === 'extender')
  return (
    film.pvc > 0 && powders.length > 0 && powders.every(({ pigmentCode }) => pigmentCode?.startsWith('PW'))
  )
}

/** The painter's whites for a role, the best first; those the role's gate rules out last, each with its reason. */
export function rankWhites(
  whites: readonly White[],
  role: WhiteRole,
  { climate, practice, confidence }: WhiteSetting,
): readonly RankedWhite[] {
  const wanted = whiteRoles[role]
  const mostDays = practice.limits.usualInterval.most
  const ranked = whites.map(({ id, name, facts }): RankedWhite => {
    const traits = traitsOf(facts, wanted.wants)
    const { start, through } = facts.film.driers
    const layer = { thicknessUm: wanted.wetUm, rate: facts.film.rate, start, through }
    const forecast = forecastOf(stateDaysFromTable(layer, climate), wanted.wetUm)
    const touchDays = daysAtChance(forecast, 'touch', confidence)
    const zinc = facts.film.powder.zinc
    const tooSlow = wanted.isCovered && (touchDays ?? Infinity) > mostDays
    return {
      id,
      name,
      traits,
      touchDays,
      score: scoreOf(traits),
      excluded: tooSlow
        ? touchDays === null
          ? 'It never becomes touch dry by itself.'
          : `Touch dry after ${dayCount(touchDays)}; ${practice.name} paints on after ${about(mostDays)}.`
        : wanted.isCovered && zinc >= practice.limits.zinc.unsound
          ? 'Zinc under other paint makes it brittle; waiting does not help.'
          : null,
    }
  })
  return ranked.sort((a, b) => Number(a.excluded !== null) - Number(b.excluded !== null) || b.score - a.score)
}

export interface WhiteSetting {
  readonly climate: Climate
  readonly practice: Practice
  readonly confidence: number
}

const names = Object.keys(weights) as readonly WhiteTrait[]
const scoreOf = (traits: RankedWhite['traits']): number =>
  names.reduce((sum, name) => sum + weights[name] * traits[name], 0) /
  names.reduce((sum, name) => sum + weights[name], 0)

/** Slowest and fastest paint between which speed is counted, raw linseed = 1. */
const speeds = [0.3, 2] as const
/** The volume of powder at which a paint is as stiff as it gets. */
const stiffestPvc = 0.6

/** Lead soaps make a film tough; titanium alone stays soft (pigments.csv, film character). A judgement. */
const withoutLead = 0.7

function traitsOf({ film, materials, hazards }: TubeFacts, wants: 'opaque' | 'transparent') {
  const hiding = Math.max(...materials.map(hides))
  const oil = materials.at(-1)!
  const [slow, fast] = speeds
  return {
    speed: clamp(Math.log(film.rate / slow) / Math.log(fast / slow), 0, 1),
    hiding: wants === 'opaque' ? hiding : 1 - hiding,
    yellowing: 1 - ((oil.yellowing ?? 3) - 1) / 4,
    film: clamp(film.flexPlain ?? 0, 0, 1) * (hazards.includes('lead') ? 1 : withoutLead),
    body: clamp(film.pvc / stiffestPvc, 0, 1),
    hazard: hazards.includes('lead') ? 0 : 1,
  }
}

/** Opaque whites by how they hide; a half-transparent one hides a little. */
const hides = (material: TubeFacts['materials'][number]): number => {
  if (material.family !== 'pigment') return 0
  if (material.transparency === 'opaque') return 0.5 + 0.5 * hidingOf(material)
  return material.transparency === 'semi' ? 0.3 : 0
}
