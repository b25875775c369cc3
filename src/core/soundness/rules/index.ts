import type { Rule } from '../finding.ts'
import { fatOverLean } from './fatOverLean.ts'
import { mediumLimit } from './mediumLimit.ts'
import { mismatch } from './mismatch.ts'
import { resinAndWaxLimit, resinLimit, waxLimit } from './resinAndWax.ts'
import { slowUnderFast } from './slowUnderFast.ts'
import { supportStrain } from './supportStrain.ts'
import { thickUnderThin } from './thickUnderThin.ts'
import { tooSoon } from './tooSoon.ts'
import { underbound } from './underbound.ts'

export const rules: readonly Rule[] = [
  mismatch,
  fatOverLean,
  supportStrain,
  slowUnderFast,
  thickUnderThin,
  tooSoon,
  underbound,
  resinLimit,
  waxLimit,
  resinAndWaxLimit,
  mediumLimit,
]
