import { practiceCaps } from '../../core/dosing/caps.ts'
import { onlyIfAsked, usualSlowest } from '../../core/dosing/design/asked.ts'
import { cappedShares } from '../../core/dosing/dose.ts'
import type { Basis, CappedShare } from '../../core/dosing/dose.ts'
import type { Body, Sheen } from '../../core/medium/effects.ts'
import type { Wish } from '../../core/dosing/design/wish.ts'
import type { Material } from '../../core/materials/material.ts'
import { noPractice } from '../../core/practice/practice.ts'
import type { Settings } from '../../document/studio.ts'

/** What is asked, as it stands in the form; kept in this browser. Percentages are as typed; null: not asked. */
export interface Asked {
  readonly most: Readonly<Record<CappedShare, number | null>>
  readonly of: Basis
  readonly solvent: 'any' | 'none' | 'some'
  readonly solventPercent: number
  readonly room: boolean
  readonly body: Body | ''
  readonly sheen: Sheen | ''
  readonly fastest: number | null
  readonly slowest: number | null
  readonly cost: number | null
  readonly plenty: CappedShare | ''
  readonly dose: number
  readonly pigment: string
  readonly near: string
  readonly without: readonly string[]
  /** Taken though a design takes it only when asked. */
  readonly asked: readonly string[]
}

/** The usual practice's limits, from where they are watched, in percent. */
const [resin, wax, solubles] = practiceCaps(noPractice, true).map(({ most }) => Math.round(1000 * most) / 10)
const usualMost: Asked['most'] = { resin: resin!, wax: wax!, solubles: solubles!, oil: null }

/** Whether a material may go in: not struck out, and asked for where a design asks first. */
export const isTaken = (material: Material, { without, asked }: Asked): boolean =>
  !without.includes(material.id) && (onlyIfAsked(material) === null || asked.includes(material.id))

export const unasked: Asked = {
  most: usualMost,
  of: 'binder-mass',
  solvent: 'any',
  solventPercent: 30,
  room: true,
  body: '',
  sheen: '',
  fastest: null,
  slowest: null,
  cost: null,
  plenty: '',
  dose: 0.2,
  pigment: 'pw6_rutile',
  near: '',
  without: [],
  asked: [],
}

export function wishesOf(asked: Asked, settings: Settings): readonly Wish[] {
  return [
    ...cappedShares.flatMap((what): Wish[] => {
      const most = asked.most[what]
      return most === null
        ? []
        : [
            {
              kind: what === 'oil' ? 'least' : 'most',
              what,
              of: what === 'oil' ? 'film-volume' : asked.of,
              share: most / 100,
            },
          ]
    }),
    ...(asked.solvent === 'any'
      ? []
      : [{ kind: 'solvent', most: asked.solvent === 'none' ? 0 : asked.solventPercent / 100 } as const]),
    ...(asked.room && settings.policies.length > 0
      ? [{ kind: 'room', policies: settings.policies } as const]
      : []),
    ...(asked.body ? [{ kind: 'body', body: asked.body } as const] : []),
    ...(asked.sheen ? [{ kind: 'sheen', sheen: asked.sheen } as const] : []),
    {
      kind: 'speed',
      least: asked.slowest ?? Math.min(usualSlowest, asked.fastest ?? usualSlowest),
      ...(asked.fastest !== null && { most: asked.fastest }),
    },
    ...(asked.cost === null ? [] : [{ kind: 'cost', mostPerMl: asked.cost } as const]),
    ...(asked.plenty ? [{ kind: 'plenty', what: asked.plenty } as const] : []),
  ]
}
