import { cappedShares } from '../../core/dosing/dose.ts'
import type { Basis, CappedShare } from '../../core/dosing/dose.ts'
import type { Body, Sheen } from '../../core/medium/effects.ts'
import type { Wish } from '../../core/dosing/design/wish.ts'
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
}

export const unasked: Asked = {
  most: { resin: 3, wax: 2, solubles: 4, oil: null },
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
    ...(asked.fastest !== null || asked.slowest !== null
      ? [
          {
            kind: 'speed',
            ...(asked.slowest !== null && { least: asked.slowest }),
            ...(asked.fastest !== null && { most: asked.fastest }),
          } as const,
        ]
      : []),
    ...(asked.cost === null ? [] : [{ kind: 'cost', mostPerMl: asked.cost } as const]),
    ...(asked.plenty ? [{ kind: 'plenty', what: asked.plenty } as const] : []),
  ]
}
