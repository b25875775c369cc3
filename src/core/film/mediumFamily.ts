import { binderClasses, sumOf } from '../materials/material.ts'
import type { Shares } from '../materials/material.ts'

/** What kind of medium is in paint, by its dry binder (rules.md 7). */
export const mediumFamilies = ['oil', 'alkyd', 'wax', 'resin', 'egg'] as const
export type MediumFamily = (typeof mediumFamilies)[number]

/** From these shares of its dry binder, by volume, a medium is of the kind. */
const from = { alkyd: 0.3, wax: 0.05, resin: 0.05 } as const

/** The kind of a medium from its dry volumes; null: nothing of it binds. */
export function mediumFamilyOf(dry: Shares): MediumFamily | null {
  const binder = sumOf(dry, binderClasses)
  if (!(binder > 0)) return null
  if (dry.alkyd / binder >= from.alkyd) return 'alkyd'
  if (dry.wax / binder >= from.wax) return 'wax'
  if (dry.resin / binder >= from.resin) return 'resin'
  return dry.protein > 0 ? 'egg' : 'oil'
}
