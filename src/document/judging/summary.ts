import { layerNeedMl } from '../../core/batch/stock.ts'
import { daysAtChance } from '../../core/cure/forecast.ts'
import type { Evidence } from '../../core/cure/forecast.ts'
import type { RoomClock } from '../../core/cure/roomClock.ts'
import type { PackedPicture } from '../../core/finish/stageOf.ts'
import { restartsVarnish } from '../../core/finish/restsVarnish.ts'
import { isFilm } from '../../core/plan/step.ts'
import type { StepIdea } from '../../core/plan/step.ts'
import { kindTable } from '../../core/stack/kinds.ts'
import type { EventKind } from '../../core/stack/kinds.ts'
import type { Severity, Verdict } from '../../core/severity.ts'
import { gravestOf } from './assess.ts'
import type { Assessment } from './assess.ts'
import { brushOf, mixedOnlyOn } from '../brush.ts'
import type { MixShares } from '../../core/film/film.ts'
import { turnsGlassy } from '../../core/film/kindOfFilm.ts'
import { waxEffectsOf } from '../../core/film/waxEffects.ts'
import { areaCm2Of } from '../picture/area.ts'
import type { LayerDocument } from '../layer.ts'
import type { PaintingDocument } from '../studio.ts'
import { packedOn } from './packed.ts'
import { stepsOfSummary } from './summarySteps.ts'
import type { SummarySpot } from './summarySteps.ts'
import { mixtureShares } from '../mixture.ts'
import { findOn, materialsUsed } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'
import { findInStudio } from '../studioMaterials.ts'
import { bareFilms } from './triedLayers.ts'
import type { BareFilm } from './triedLayers.ts'

/** Raise when formulas, rules or the shape of a summary change: every painting is then judged again. */
export const judgedByFormulas = 13

/** What the lists and the morning page know of one layer without solving anything. */
export interface SummaryLayer extends Omit<StepIdea, 'spots'> {
  readonly id: string
  readonly name: string
  /** What was or is to be done. */
  readonly kind: EventKind
  readonly areas: readonly string[]
  /** Nowhere while it cannot be made: no film, no forecast. */
  readonly spots: readonly SummarySpot[]
  readonly evidence: readonly Evidence[]
  /** What a hand on it would teach others by, as far as it lies bare. */
  readonly teaches: BareFilm | null
  /** Hours it takes; null: as the studio's layers usually do. */
  readonly hours: number | null
  readonly wetThicknessUm: number
  /** Pigments by share of the paint, for its colour. */
  readonly pigments: readonly { readonly id: string; readonly share: number }[]
  /** What a planned layer needs of its medium; null without a size or a medium. */
  readonly need: { readonly mediumId: string; readonly ml: number } | null
  /** What it needs of each of the painter's own tubes. */
  readonly tubes: readonly { readonly tubeId: string; readonly ml: number }[]
  /** Days on which it was mixed for and not painted after. */
  readonly mixedOn: readonly string[]
  /** Whether it begins the months before a varnish anew. */
  readonly restartsVarnish: boolean
}

/** A judged painting, small enough to be read with hundreds of others. */
export interface Summary {
  readonly verdict: Verdict
  readonly worst: { readonly severity: Severity; readonly message: string } | null
  /** The names of its areas by their ids. */
  readonly areaNames: Readonly<Record<string, string>>
  /** The hottest room its wax bears, °C; null: there is none in it. */
  readonly hottestC: number | null
  /** Whether the cold makes any of it brittle as glass. */
  readonly turnsGlassy: boolean
  /** What of the painted films makes packing wait. */
  readonly packing: Pick<PackedPicture, 'thickestUm' | 'wax' | 'alkyd'>
  readonly layers: readonly SummaryLayer[]
}

export function summaryOf(picture: Picture, assessment: Assessment): Summary {
  const { painting, layers, shelf } = picture
  const findMaterial = findInStudio(shelf)
  const worst = gravestOf(assessment)
  const teaches = bareFilms(picture, assessment, findMaterial)
  return {
    verdict: assessment.verdict,
    worst: worst ? { severity: worst.severity, message: worst.message } : null,
    ...bearsIn(picture, assessment),
    packing: packingOf(packedOn(picture, assessment, picture.today)),
    areaNames: Object.fromEntries(assessment.areas.map(({ area }) => [area.id, area.name])),
    layers: layers.map((layer, at): SummaryLayer => {
      const { worst: slowest, step } = assessment.layers[at]!
      const { event, areas, paints, wetThicknessUm } = brushOf(layer)
      return {
        id: layer.id,
        name: layer.name,
        areas,
        kind: event.kind,
        wetInWet: step.wetInWet,
        paintedDay: step.paintedDay,
        plannedDay: step.plannedDay,
        until: step.until,
        asks: step.asks,
        groundReady: step.groundReady,
        spots: step.spots.map(({ area, gate, goneBy, restDays, forecast }) => ({
          area,
          gate,
          goneBy,
          ...(restDays !== undefined && { restDays }),
          days: forecast.days,
          sigma: forecast.sigma,
          followsRoom: forecast.room !== null,
        })),
        evidence: slowest?.forecast.evidence ?? [],
        teaches: teaches[at]!,
        hours: layer.hours,
        wetThicknessUm,
        pigments: mixtureShares(paints, findOn(layer, findMaterial)),
        mixedOn: mixedOnlyOn(layer),
        restartsVarnish: !slowest || restartsVarnish(kindTable[event.kind].purpose, slowest.film),
        ...needsOf(layer, painting, slowest?.film.mix ?? null),
      }
    }),
  }
}

const packingOf = ({ thickestUm, wax, alkyd }: PackedPicture): Summary['packing'] => ({
  thickestUm,
  wax,
  alkyd,
})

/** What heat and cold do to what lies on a picture. */
function bearsIn(picture: Picture, { layers }: Assessment): Pick<Summary, 'hottestC' | 'turnsGlassy'> {
  const films = layers.flatMap(({ spots }) => spots.filter(isFilm).map(({ film }) => film))
  const materials = films.some(({ binder }) => binder.wax > 0) ? materialsUsed(picture) : []
  const hottest = films.flatMap((film) => waxEffectsOf(film, materials)?.hottestC ?? [])
  return {
    hottestC: hottest.length > 0 ? Math.min(...hottest) : null,
    turnsGlassy: films.some(turnsGlassy),
  }
}

type Needs = Pick<SummaryLayer, 'need' | 'tubes'>

/** What a layer still to be painted takes of its medium and of each tube; nothing where that cannot be told. */
export function needsOf(
  layer: LayerDocument,
  painting: PaintingDocument,
  mix: Pick<MixShares, 'medium' | 'thinner'> | null,
): Needs {
  const { medium, painted, wetThicknessUm, paints } = layer
  const areaCm2 = areaCm2Of(painting, layer)
  if (mix === null || painted || areaCm2 === 0) return { need: null, tubes: [] }
  const parts = paints.reduce((sum, paint) => sum + paint.parts, 0)
  const paintMl = layerNeedMl(areaCm2, wetThicknessUm, 1 - mix.medium - mix.thinner)
  return {
    need: medium && { mediumId: medium.mediumId, ml: layerNeedMl(areaCm2, wetThicknessUm, mix.medium) },
    tubes: paints.flatMap(({ tube, parts: own }) =>
      tube ? [{ tubeId: tube, ml: (paintMl * own) / parts }] : [],
    ),
  }
}

/** A film that may never be firm is let be after so many days. */
const longestDays = 365

/** The day after which a finished painting asks for nothing; null while a layer is unpainted. */
export function quietDayOf(summary: Summary, room: RoomClock | null): number | null {
  if (summary.layers.some(({ paintedDay }) => paintedDay === null)) return null
  return Math.max(
    -1,
    ...stepsOfSummary(summary, room).flatMap(({ paintedDay, spots }) =>
      spots
        .filter(isFilm)
        .map(({ forecast }) => paintedDay! + (daysAtChance(forecast, 'varnishSoft', 0.9) ?? longestDays)),
    ),
  )
}
