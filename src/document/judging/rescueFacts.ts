import { chanceBy, daysAtChance } from '../../core/cure/forecast.ts'
import { fatnessOf } from '../../core/film/film.ts'
import type { Film } from '../../core/film/film.ts'
import { isWaxy } from '../../core/film/kindOfFilm.ts'
import { dryColourToTubeG } from '../../core/film/dryColour.ts'
import { oilGPerMl, oilMlPerMlFor, sinkingBecause, sinkingOf } from '../../core/film/sinking.ts'
import { hazardsOf, neverSanded } from '../../core/materials/hazards.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { neverDries } from '../../core/medium/fat.ts'
import type { RescueFacts } from '../../core/rescue/complaint.ts'
import { ruleTexts } from '../../core/soundness/ruleTexts.ts'
import type { Assessment } from './assess.ts'
import { readyOf } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'

const heapMl = 10
/** Binder for what the powder needs: bound at the surface, and keeping its look. */
const target = { bound: 1.05, shining: 1.2 } as const
/** Driers that hurry the start more than the end make a skin. */
const isSurfaceDrier = ({ driers }: Film): boolean => driers.start > 1.2 * driers.through

/** What the record knows of a layer that something is wrong with; null where it lays no film. */
export function rescueFactsOf(
  picture: Picture,
  assessment: Assessment,
  layerId: string,
  findMaterial: FindMaterial,
): RescueFacts | null {
  const at = picture.layers.findIndex(({ id }) => id === layerId)
  const layer = picture.layers[at]
  const spot = assessment.layers[at]?.worst
  const { mix } = layer ? readyOf(layer, picture.mediums, findMaterial) : { mix: null }
  if (!layer || !spot || !mix) return null
  const { film, forecast, thickestUm } = spot
  const date = assessment.layers[at]!.date
  const ageDays = layer.painted ? Math.max(0, picture.today - date.day) : 0
  const firm = daysAtChance(forecast, 'firm', 0.8)
  const sinking = sinkingOf(film)
  return {
    name: layer.name,
    isPainted: layer.painted !== null,
    ageDays,
    touchChance: chanceBy(forecast, 'touch', ageDays),
    firmInDays: firm === null ? null : Math.max(0, firm - ageDays),
    fatness: fatnessOf(film.perDryVolume),
    oilContent: film.oilContent,
    binderRatio: film.binderRatioAfterDrinking,
    oilToBindG: film.binderRatio === null ? null : heapMl * oilGPerMl * oilMlPerMlFor(film, target.bound),
    oilToShineG: film.binderRatio === null ? null : heapMl * oilGPerMl * oilMlPerMlFor(film, target.shining),
    dryColourG: dryColourToTubeG(film, mix.all, heapMl),
    thickestUm,
    nonDrying: film.fat.nonDrying,
    nonDryingNames: [...new Set(mix.materials.filter(neverDries).map(({ name }) => name))],
    clove: film.mix.clove,
    hasSurfaceDrier: isSurfaceDrier(film),
    alkyd: film.binder.alkyd,
    wax: film.binder.wax,
    resin: film.binder.resin,
    sinking:
      sinking && sinking.risk !== 'low' ? { risk: sinking.risk, why: sinkingBecause[sinking.because] } : null,
    isNeverAbraded:
      isWaxy(film) ||
      picture.painting.old !== null ||
      hazardsOf(mix.materials).some((hazard) => neverSanded.includes(hazard)),
    speaking: [
      ...new Set(
        assessment.findings
          .filter((one) => one.layerId === layerId && one.severity !== 'note' && one.about === 'soundness')
          .map(({ rule }) => ruleTexts[rule]!.title),
      ),
    ],
  }
}
