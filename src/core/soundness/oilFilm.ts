import type { Film } from '../film/film.ts'

/** From this share of water-borne binder on, by volume, a layer is not judged as an oil film. */
const waterborneFrom = 0.5

/** Whether a film is bound by oil or alkyd enough to be judged as an oil film (rules.md, What is not an oil film). */
export const isOilFilm = ({ binder }: Film): boolean => binder.waterborne < waterborneFrom

/** Powder seen through: below this share of opaque powder a paint rich in medium is a glaze. */
const opaqueInGlaze = 0.2
/** From this share of the wet mix, by volume, medium makes a glaze of transparent paint. */
const mediumInGlaze = 0.4
/** A film at least this stretchy, raw linseed = 1, gives like a glaze. */
export const glazeFlex = 1.3

/** Whether a layer is a glaze, told by its mixture (rules.md, Terms). */
export const isGlaze = ({ mix, powder, binderRatio }: Film): boolean =>
  binderRatio !== null && mix.medium >= mediumInGlaze && powder.opaque <= opaqueInGlaze
