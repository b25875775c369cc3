import { kindOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import { isOfNuts } from '../materials/policy.ts'

/** How long a batch keeps: by its most perishable part. Days are usual values, estimates. */
export interface Keeping {
  readonly days: number
  readonly because: string
  /** Days between looks, and what is looked for. */
  readonly lookEveryDays: number
  readonly lookFor: string
}

interface Life {
  readonly days: number
  readonly look: number
  readonly lookFor: string
  readonly because: (name: string) => string
}

/** Oils that turn within a year of being opened. */
const turningOils = ['safflower', 'sunflower_high_linoleic', 'hempseed', 'perilla', 'chia']
const turnsSoon = (material: Material): boolean =>
  isOfNuts(material) || turningOils.includes(kindOf(material))

/** Solvents that take up oxygen: they gum up, and sensitise the more. */
const ageingSolvents = ['gum_turpentine', 'd_limonene', 'spike_lavender_oil']

const skin = 'skin and thickening'
const spoilage = 'smell, mould and separation'

function lifeOf(material: Material, cold: boolean): Life {
  const { family, shelfDays } = material
  switch (family) {
    case 'egg':
      return {
        days: cold ? 4 : 1,
        look: 1,
        lookFor: spoilage,
        because: (name) => `${name} spoils${cold ? ' even cold' : ' fast when not kept cold'}`,
      }
    case 'waterborne':
      return {
        days: shelfDays ?? 365,
        look: (shelfDays ?? 365) < 30 ? 1 : 90,
        lookFor: spoilage,
        because: (name) => `${name} goes off`,
      }
    case 'drier':
    case 'alkyd':
    case 'ready_medium':
      return {
        days: shelfDays ?? 365,
        look: 30,
        lookFor: skin,
        because: (name) => `${name} makes it skin`,
      }
    case 'balsam':
      return { days: 730, look: 180, lookFor: 'thickening', because: (name) => `${name} thickens` }
    case 'wax_paste':
      return { days: 1095, look: 180, lookFor: 'drying out', because: (name) => `${name} dries out` }
    case 'oil':
      return {
        days: turnsSoon(material) ? 365 : 730,
        look: 90,
        lookFor: skin,
        because: (name) => `${name} turns and thickens`,
      }
    case 'varnish':
      return {
        days: shelfDays ?? 730,
        look: 180,
        lookFor: 'clouding and yellowing',
        because: (name) => `${name} yellows`,
      }
    case 'solvent':
      return ageingSolvents.includes(kindOf(material))
        ? {
            days: 365,
            look: 90,
            lookFor: 'stickiness and a sharp smell',
            because: (name) => `${name} takes up air: it gums up, and sensitises the more`,
          }
        : lasting
    default:
      return lasting
  }
}

const lasting: Life = { days: 1825, look: 365, lookFor: skin, because: (name) => `${name} keeps long` }

/** Damar dissolved in a solvent yellows in the jar. */
const dissolvedResin: Life = {
  days: 730,
  look: 180,
  lookFor: 'clouding and yellowing',
  because: (name) => `${name} yellows in solution`,
}

export function keepingOf(materials: readonly Material[], cold: boolean): Keeping {
  const isSolution = materials.some(({ family }) => family === 'solvent')
  const lives = materials.map((material) => ({
    material,
    life: isSolution && material.family === 'resin' ? dissolvedResin : lifeOf(material, cold),
  }))
  const first = lives.reduce<(typeof lives)[number] | null>(
    (least, one) => (least && least.life.days <= one.life.days ? least : one),
    null,
  )
  const soonest = lives.reduce<Life>((least, { life }) => (life.look < least.look ? life : least), lasting)
  return {
    days: first?.life.days ?? lasting.days,
    because: first ? first.life.because(first.material.name) : 'nothing in it spoils',
    lookEveryDays: soonest.look,
    lookFor: soonest.lookFor,
  }
}

export type Freshness = 'fresh' | 'watch' | 'past'

/** A batch on a day: fresh; the last day before its use-by (or a thirtieth of its life); past it. */
export function freshnessOn(madeDay: number, { days }: Pick<Keeping, 'days'>, day: number): Freshness {
  const left = Math.floor(madeDay) + days - Math.floor(day)
  return left <= 0 ? 'past' : left <= Math.max(1, days / 30) ? 'watch' : 'fresh'
}
