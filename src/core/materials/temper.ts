import { kindOf } from './material.ts'
import type { Material } from './material.ts'

export type Temper = 'warm' | 'cool'

const tempers: readonly (readonly [pattern: RegExp, temper: Temper])[] = [
  [/^p[yor][\d_]|^pbr|^n[yr]\d|^nbr|^lead_tin/, 'warm'],
  [/^p[bg]\d|^nb\d|^lapis/, 'cool'],
]

/**
 * Warm where all its colours are yellow, orange, red or brown, cool where all are blue or green; null where they are mixed.
 * White, black and violet are neither.
 */
export function temperOf(materials: readonly Material[]): Temper | null {
  const found = materials
    .filter(({ family }) => family === 'pigment')
    .flatMap((pigment) => tempers.find(([pattern]) => pattern.test(kindOf(pigment)))?.[1] ?? [])
  return found.length > 0 && found.every((temper) => temper === found[0]) ? found[0]! : null
}
