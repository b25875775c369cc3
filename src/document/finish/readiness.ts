import type { VarnishSchoolId } from '../../core/finish/varnishSchools.ts'
import { chanceOf, everySchool } from '../../core/plan/readiness.ts'
import type { Readiness, RestingFilm } from '../../core/plan/readiness.ts'
import { isVarnish, kindTable } from '../../core/stack/kinds.ts'
import type { Assessment } from '../judging/assess.ts'
import { brushOf } from '../brush.ts'
import type { LayerDocument } from '../layer.ts'
import { lastLaidOn, packedOn } from '../judging/packed.ts'
import type { Picture } from '../picture/picture.ts'
import { filmsOn } from '../judging/stateReached.ts'
import type { FilmOnDay } from '../judging/stateReached.ts'

/** A film that waits for its varnish, or that a varnish waits for. */
export interface WaitingFilm extends RestingFilm {
  readonly layer: LayerDocument
  readonly areaName: string
}

/** A picture looked at before its varnish: what is painted, and what is still planned. */
export interface BeforeVarnish {
  readonly schools: readonly Readiness<WaitingFilm>[]
  readonly films: readonly WaitingFilm[]
  /** The day its months count from. */
  readonly lastLaid: number
  /** Layers still to be painted before it. */
  readonly unpainted: readonly LayerDocument[]
  /** Those that have no date, so that nothing after them has. */
  readonly undated: readonly LayerDocument[]
}

export const isVarnishing = (layer: LayerDocument): boolean =>
  isVarnish(kindTable[brushOf(layer).event.kind].purpose)

/** What every school says of a picture; null while nothing lies on it. */
export function beforeVarnish(picture: Picture, assessment: Assessment): BeforeVarnish | null {
  const { layers, today } = picture
  const unpainted = layers.filter((layer) => layer.painted === null && !isVarnishing(layer))
  const dayOfLayer = (layer: LayerDocument): number => assessment.layers[layers.indexOf(layer)]!.date.day
  const undated = unpainted.filter((layer) => !Number.isFinite(dayOfLayer(layer)))
  const dated = unpainted.filter((layer) => !undated.includes(layer))
  const day = Math.max(today, ...dated.map(dayOfLayer))
  const lying = filmsOn(picture, assessment, day).filter(({ layer }) => !isVarnishing(layer))
  if (lying.length === 0) return null
  const films = lying.map((one): WaitingFilm => waiting(one, day, assessment))
  const { thickestUm, alkyd } = packedOn(picture, assessment, day)
  const lastLaid = lastLaidOn(picture, assessment, day)
  return {
    schools: everySchool({ films, lastLaid, thickestUm, alkyd }),
    films,
    lastLaid,
    unpainted,
    undated,
  }
}

const waiting = ({ layer, spot, age }: FilmOnDay, day: number, { areas }: Assessment): WaitingFilm => ({
  layer,
  areaName: areas.length > 1 ? areas.find(({ area }) => area.id === spot.area)!.area.name : '',
  forecast: spot.forecast,
  laidDay: day - age,
})

/** The chance that it may be varnished by then, by this school. */
export const varnishChance = (before: BeforeVarnish, school: VarnishSchoolId, day: number): number =>
  chanceOf(
    before.schools.find((one) => one.school === school)!,
    before.films,
    day,
  )
