import { kindOf } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import { isOfNuts } from '../materials/policy.ts'

/** How long a batch keeps: by its most perishable part. Days are usual values, estimates. */
export interface Keeping {
  readonly days: number
  readonly because: string
  /** Days between looks at skin and thickening. */
  readonly lookEveryDays: number
}

interface Life {
  readonly days: number
  readonly look: number
  readonly because: (name: string) => string
}

/** Oils that turn within a year of being opened. */
const turnsSoon = (material: Material): boolean =>
  isOfNuts(material) || ['safflower', 'sunflower_high_linoleic'].includes(kindOf(material))

function lifeOf(material: Material, cold: boolean): Life {
  switch (material.family) {
    case 'egg':
      return {
        days: cold ? 4 : 1,
        look: 1,
        because: (name) => `${name} spoils${cold ? ' even cold' : ' fast when not kept cold'}`,
      }
    case 'waterborne':
      return { days: 365, look: 90, because: (name) => `${name} goes off` }
    case 'drier':
    case 'alkyd':
    case 'ready_medium':
      return { days: 365, look: 30, because: (name) => `${name} makes it skin` }
    case 'balsam':
      return { days: 730, look: 180, because: (name) => `${name} thickens` }
    case 'wax_paste':
      return { days: 1095, look: 180, because: (name) => `${name} dries out` }
    case 'oil':
      return {
        days: turnsSoon(material) ? 365 : 730,
        look: 90,
        because: (name) => `${name} turns and thickens`,
      }
    default:
      return { days: 1825, look: 365, because: (name) => `${name} keeps long` }
  }
}

export function keepingOf(materials: readonly Material[], cold: boolean): Keeping {
  const lives = materials.map((material) => ({ material, life: lifeOf(material, cold) }))
  const first = lives.reduce<(typeof lives)[number] | null>(
    (least, one) => (least && least.life.days <= one.life.days ? least : one),
    null,
  )
  return {
    days: first?.life.days ?? 1825,
    because: first ? first.life.because(first.material.name) : 'nothing in it spoils',
    lookEveryDays: Math.min(365, ...lives.map(({ life }) => life.look)),
  }
}

/** A batch on a day: fresh; the last day before its use-by (or a thirtieth of its life); past it. */
export function freshnessOn(
  madeDay: number,
  { days }: Pick<Keeping, 'days'>,
  day: number,
): 'fresh' | 'watch' | 'past' {
  const left = Math.floor(madeDay) + days - Math.floor(day)
  return left <= 0 ? 'past' : left <= Math.max(1, days / 30) ? 'watch' : 'fresh'
}
