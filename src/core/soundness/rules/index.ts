import type { Rule } from '../finding.ts'
import { drierOverMaximum } from './drierOverMaximum.ts'
import { fatOverLean } from './fatOverLean.ts'
import { groundAge, groundOnSupport } from './ground.ts'
import { mediumLimit } from './mediumLimit.ts'
import { mismatch } from './mismatch.ts'
import { policy } from './policy.ts'
import { resinAndWaxLimit, resinLimit, waxLimit } from './resinAndWax.ts'
import { slowUnderFast } from './slowUnderFast.ts'
import { supportStrain } from './supportStrain.ts'
import { thickUnderThin } from './thickUnderThin.ts'
import { tooSoon } from './tooSoon.ts'
import { underbound } from './underbound.ts'
import { waterOverOil } from './waterOverOil.ts'
import { willNotHarden } from './willNotHarden.ts'
import { wrinkling } from './wrinkling.ts'
import { zinc } from './zinc.ts'

/** In the order of their worth to a painter: of findings as grave on one layer the first is told first. */
export const rules: readonly Rule[] = [
  willNotHarden,
  waterOverOil,
  groundOnSupport,
  groundAge,
  policy,
  mismatch,
  fatOverLean,
  supportStrain,
  slowUnderFast,
  thickUnderThin,
  tooSoon,
  drierOverMaximum,
  underbound,
  wrinkling,
  zinc,
  resinLimit,
  waxLimit,
  resinAndWaxLimit,
  mediumLimit,
]
