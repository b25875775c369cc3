import { isAllYolk } from '../medium/fat.ts'
import type { Film } from './film.ts'

/** From this share of water-borne binder on, by volume, a layer is not judged as an oil film. */
export const waterborneFrom = 0.5

/** Whether a film is bound by water-borne binder, or by yolk with no other oil (rules.md, Terms). */
export const isWaterborne = ({ binder, fat }: Film): boolean =>
  binder.waterborne >= waterborneFrom || isAllYolk(fat)

/** Whether a film is bound by oil or alkyd enough to be judged as an oil film (rules.md, What is not an oil film). */
export const isOilFilm = (film: Film): boolean => !isWaterborne(film)

/** From this share of its binder, by volume, oil and alkyd make a film an oily one. */
const oilyFrom = 0.5
export const isOily = ({ binder }: Film): boolean => binder.oil + binder.alkyd >= oilyFrom

/** From this share of wax in its binder by mass a film smears, and sheds oil. */
const waxyFrom = 0.05
export const isWaxy = ({ binder }: Film): boolean => binder.wax >= waxyFrom - 1e-9

/** From these shares on, of the binder and of the dry film by volume, cold makes a film brittle as glass. */
const glassyFrom = { alkyd: 0.3, polymer: 0.5 } as const
export const turnsGlassy = ({ binder, dry }: Film): boolean =>
  binder.alkyd >= glassyFrom.alkyd || dry.byVolume.polymer >= glassyFrom.polymer

/** A film of oil, resin or alkyd without powder. */
export const isClear = ({ binderRatio, pvc }: Film): boolean => binderRatio === null && pvc === 0

/** Of its dry µm, what binds no powder and can run: all of a clear film (rules.md, Terms, `free`). */
export const freeUm = ({ q, binderRatio }: Film, dryUm: number): number =>
  dryUm * q * (binderRatio === null ? 1 : Math.max(0, 1 - 1 / binderRatio))

/** From these shares on, of the binder and of the wet mix by volume, an oily film is an emulsion. */
const emulsionFrom = { protein: 0.02, water: 0.05 } as const

/** Whether egg or glue carries water in oily paint. */
export const isEmulsion = (film: Film): boolean =>
  isOily(film) && film.binder.protein >= emulsionFrom.protein && film.mix.water >= emulsionFrom.water

/** Powder seen through: below this share of opaque powder a paint rich in medium is a glaze. */
export const opaqueInGlaze = 0.2
/** From this share of the wet mix, by volume, medium makes a glaze of transparent paint. */
const mediumInGlaze = 0.4
/** A film at least this stretchy, raw linseed = 1, gives like a glaze. */
export const glazeFlex = 1.3

/** Whether a film is a glaze by its mixture (rules.md, Terms). */
export const looksLikeGlaze = ({ mix, powder, binderRatio }: Film): boolean =>
  binderRatio !== null && mix.medium >= mediumInGlaze && powder.opaque <= opaqueInGlaze
