import { policyNames } from '../../materials/policy.ts'
import type { PolicyId } from '../../materials/policy.ts'
import { about, percent } from '../../words.ts'
import type { Body, Sheen } from '../../medium/effects.ts'
import { basisNames } from '../dose.ts'
import type { Basis, CappedShare } from '../dose.ts'

/** What is wanted of a medium. A limit on the film holds at the dose the design is for. */
export type Wish =
  | {
      readonly kind: 'most' | 'least'
      readonly what: CappedShare
      readonly of: Basis
      readonly share: number
    }
  | { readonly kind: 'solvent'; readonly most: number }
  | { readonly kind: 'room'; readonly policies: readonly PolicyId[] }
  | { readonly kind: 'oils'; readonly only: readonly string[] }
  | { readonly kind: 'without'; readonly material: string }
  | { readonly kind: 'speed'; readonly least?: number | undefined; readonly most?: number | undefined }
  | { readonly kind: 'body'; readonly body: Body }
  | { readonly kind: 'sheen'; readonly sheen: Sheen }
  | { readonly kind: 'cost'; readonly mostPerMl: number }
  /** As much of this as everything else allows; only one such wish is followed. */
  | { readonly kind: 'plenty'; readonly what: CappedShare }

export const cappedNames: Readonly<Record<CappedShare, string>> = {
  resin: 'resin',
  wax: 'wax',
  solubles: 'resin and wax together',
  oil: 'oil and alkyd',
}

/** The wish in a painter's words. */
export function wishText(wish: Wish, nameOf: (id: string) => string = (id) => id): string {
  switch (wish.kind) {
    case 'most':
    case 'least':
      return `${cappedNames[wish.what]} at ${wish.kind} ${percent(wish.share)} ${basisNames[wish.of]}`
    case 'solvent':
      return wish.most === 0 ? 'no solvent' : `solvent at most ${percent(wish.most)} of the medium by volume`
    case 'room':
      return `the room’s policy (${wish.policies.map((id) => `no ${policyNames[id]}`).join(', ')})`
    case 'oils':
      return `no oil but ${wish.only.map(nameOf).join(', ')}`
    case 'without':
      return `without ${nameOf(wish.material)}`
    case 'speed':
      return [
        wish.least !== undefined && `drying at least ${about(wish.least)} times as fast as raw linseed`,
        wish.most !== undefined && `drying at most ${about(wish.most)} times as fast as raw linseed`,
      ]
        .filter(Boolean)
        .join(', ')
    case 'body':
      return `body: ${wish.body}`
    case 'sheen':
      return `sheen: ${wish.sheen}`
    case 'cost':
      return `costing at most ${about(wish.mostPerMl, 3)} per ml`
    case 'plenty':
      return `as much ${cappedNames[wish.what]} as may be`
  }
}
