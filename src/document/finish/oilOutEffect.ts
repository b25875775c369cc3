import { windowDays } from '../../core/cure/workable.ts'
import { oilRefusedBy } from '../../core/finish/mayOilOut.ts'
import { kindOfLeft } from '../../core/finish/oilOut.ts'
import type { OilLeft } from '../../core/finish/oilOut.ts'
import { schoolOf } from '../../core/finish/varnishSchools.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { asIfPainted } from '../picture/asIfPainted.ts'
import { assess } from '../judging/assess.ts'
import type { Assessment } from '../judging/assess.ts'
import type { LayerDocument } from '../layer.ts'
import { practiceOfPainting } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'
import { beforeVarnish } from './readiness.ts'
import { filmsOn } from '../judging/stateReached.ts'

/** What an oiling out, done now, would leave and do. */
export interface OilOutEffect {
  /** Why its surface takes no oil; null: it does. */
  readonly refused: string | null
  /** What is left of it, µm; null: it cannot be made. */
  readonly leftUm: number | null
  readonly kind: OilLeft
  /** Days it can be painted into. */
  readonly openDays: number
  /** The day of the practice's varnish as it is, and as it would be if nothing is painted into the oil; null: never. */
  readonly varnishDay: number | null
  readonly varnishDayAfter: number | null
}

/** Tried on the whole picture, and not stored. */
export function oilOutEffect(
  picture: Picture,
  assessment: Assessment,
  layer: LayerDocument,
  findMaterial: FindMaterial,
): OilOutEffect {
  const tried = asIfPainted(picture, layer)
  const after = assess(tried, findMaterial)
  const spot = after.layers[tried.layers.findIndex(({ id }) => id === layer.id)]?.worst ?? null
  const leftUm = spot?.film.dryThicknessUm ?? null
  return {
    refused: refusedBy(picture, assessment, layer),
    leftUm,
    kind: kindOfLeft(leftUm ?? 0),
    openDays: windowDays(spot?.forecast.days.touch ?? null),
    varnishDay: varnishDay(picture, assessment),
    varnishDayAfter: varnishDay(tried, after),
  }
}

const varnishDay = (picture: Picture, assessment: Assessment): number | null => {
  const { varnish } = practiceOfPainting(picture.painting, picture.practices)
  const school = beforeVarnish(picture, assessment)?.schools.find((one) => one.school === schoolOf[varnish])
  return school?.day ?? null
}

/** Of the films on top where it goes, the first that takes no oil. */
export function refusedBy(
  picture: Picture,
  assessment: Assessment,
  { areas }: Pick<LayerDocument, 'areas'>,
): string | null {
  const films = filmsOn(picture, assessment, picture.today)
  for (const { area } of assessment.areas) {
    if (areas.length > 0 && !areas.includes(area.id)) continue
    const top = films.findLast(({ spot }) => spot.area === area.id)
    const why = top && oilRefusedBy(top.spot.film, top.spot.forecast, top.age)
    if (why) return `${top.layer.name}: ${why}`
  }
  return null
}
