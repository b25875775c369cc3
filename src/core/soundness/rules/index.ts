import type { Rule } from '../finding.ts'
import { alkydLimit } from './alkydLimit.ts'
import { bloom } from './bloom.ts'
import { coldBrittle } from './coldBrittle.ts'
import { fasterAbove, lessOilAbove, stifferAbove, thinnerAbove } from './fatMeasures.ts'
import { mediumChanged } from './mediumChanged.ts'
import { mould } from './mould.ts'
import { opaqueInGlaze } from './opaqueInGlaze.ts'
import { passes } from './passes.ts'
import { remover } from './remover.ts'
import { retarderBelow } from './retarderBelow.ts'
import { slackCanvas } from './slackCanvas.ts'
import { thinnerGlaze } from './thinnerGlaze.ts'
import { thinnerLimit } from './thinnerLimit.ts'
import { yellowing } from './yellowing.ts'
import { cissing } from './cissing.ts'
import { halo } from './halo.ts'
import { oiledOut } from './oiledOut.ts'
import { oilOverWetWaterborne } from './oilOverWetWaterborne.ts'
import { oldPicture } from './oldPicture.ts'
import { overaged } from './overaged.ts'
import { solventBite } from './solventBite.ts'
import { solventLeaving } from './solventLeaving.ts'
import { takingOff } from './takingOff.ts'
import { unremovableVarnish } from './unremovableVarnish.ts'
import { varnishBetween } from './varnishBetween.ts'
import { varnishTooEarly } from './varnishTooEarly.ts'
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
  oldPicture,
  varnishBetween,
  policy,
  varnishTooEarly,
  unremovableVarnish,
  takingOff,
  mismatch,
  fatOverLean,
  supportStrain,
  slowUnderFast,
  thickUnderThin,
  tooSoon,
  oilOverWetWaterborne,
  solventBite,
  solventLeaving,
  oiledOut,
  halo,
  overaged,
  cissing,
  retarderBelow,
  drierOverMaximum,
  underbound,
  remover,
  wrinkling,
  zinc,
  resinLimit,
  waxLimit,
  resinAndWaxLimit,
  mediumLimit,
  thinnerLimit,
  alkydLimit,
  thinnerGlaze,
  passes,
  lessOilAbove,
  stifferAbove,
  fasterAbove,
  thinnerAbove,
  mediumChanged,
  opaqueInGlaze,
  yellowing,
  bloom,
  mould,
  slackCanvas,
  coldBrittle,
]
