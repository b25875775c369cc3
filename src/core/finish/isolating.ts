import { drink } from '../film/drinking.ts'
import type { Film } from '../film/film.ts'
import { classDensityGPerMl } from '../materials/material.ts'
import type { Material } from '../materials/material.ts'
import { drierDosing } from '../medium/drierDose.ts'

/** What an isolating coat is to do, and of what it is (reckonings.md, Isolating plan). */
export interface IsolatingIdea {
  readonly areaM2: number
  /** ml on a square metre, a coat. */
  readonly wetUm: number
  /** Of its volume, 0..1: what stays. */
  readonly solids: number
  /** What lies under it can still drink, µm. */
  readonly suctionUm: number
  /** So many as the painter says; null: as few as will do. */
  readonly coats: number | null
  /** Days the painter leaves between coats. */
  readonly intervalDays: number
  /** Days a coat takes to be touch dry, 4 times in 5; null: it never is. */
  readonly touchDays: number | null
}

export interface IsolatingPlan {
  readonly coats: number
  readonly totalMl: number
  readonly dryUmPerCoat: number
  /** Over 10 µm dry a coat: it yellows, and is a fat film of its own. */
  readonly isThick: boolean
  /** What can still be drunk after the last coat, µm. */
  readonly suctionLeftUm: number
  /** Days after the first coat: each coat, and the paint over the last. */
  readonly coatDays: readonly number[]
  readonly paintDay: number
}

const thickOverUm = 10
const leastFilmUm = 1
const mostCoats = 6

/** What suction is left after so many coats, and what stays of the last of them on the surface, µm. */
function sealedBy({ wetUm, solids, suctionUm }: IsolatingIdea, coats: number) {
  let [left, film] = [suctionUm, 0]
  for (let coat = 0; coat < coats; coat++) {
    const binderUm = wetUm * solids
    const drunk = drink({
      suctionUm: left,
      volatileShare: 1 - solids,
      binderUm,
      demandUm: 0,
      dryThicknessUm: binderUm,
      binderRatio: null,
    })
    film = binderUm - drunk.lossUm
    left = drunk.suctionLeftUm
  }
  return { left, film }
}

/** Coats, millilitres and days: the least number of coats that stops the suction and leaves 1 µm, at least one. */
export function isolatingPlan(idea: IsolatingIdea): IsolatingPlan {
  const isSealed = (coats: number): boolean => {
    const { left, film } = sealedBy(idea, coats)
    return left === 0 && film >= leastFilmUm
  }
  let coats = idea.coats ?? 1
  if (idea.coats === null) while (coats < mostCoats && !isSealed(coats)) coats++
  const wait = Math.max(idea.intervalDays, idea.touchDays ?? 0)
  const dryUmPerCoat = idea.wetUm * idea.solids
  return {
    coats,
    totalMl: idea.areaM2 * idea.wetUm * coats,
    dryUmPerCoat,
    isThick: dryUmPerCoat > thickOverUm + 1e-9,
    suctionLeftUm: sealedBy(idea, coats).left,
    coatDays: Array.from({ length: coats }, (_, at) => at * wait),
    paintDay: coats * wait,
  }
}

/** An isolating coat takes at most so much of the most drier advised. */
const ofMostDrier = 0.5

/** Oil and alkyd in so many ml of a mix, g. */
export const fatG = ({ mix, dry }: Pick<Film, 'mix' | 'dry'>, ml: number): number =>
  ml *
  (1 - mix.volatile) *
  (dry.byVolume.oil * classDensityGPerMl.oil + dry.byVolume.alkyd * classDensityGPerMl.alkyd)

/** Whole drops of a drier that so much oil takes in an isolating coat; null where its dose or its drop is not known. */
export function mostDrierDrops(drier: Material, oilG: number): number | null {
  const { mostGrams } = drierDosing(drier, oilG, 0)
  if (mostGrams === null || drier.dropMl === undefined) return null
  return Math.floor((ofMostDrier * mostGrams) / (drier.dropMl * drier.densityGPerMl.mid))
}
