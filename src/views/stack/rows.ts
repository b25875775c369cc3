import { fatnessOf } from '../../core/film/film.ts'
import { shortNameOf } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { stateOn } from '../../core/cure/forecast.ts'
import type { Forecast } from '../../core/cure/forecast.ts'
import type { Verdict } from '../../core/severity.ts'
import { verdictOf } from '../../core/soundness/judge.ts'
import { covers } from '../../core/stack/area.ts'
import { isRemoval, kindTable } from '../../core/stack/kinds.ts'
import { mixtureShares } from '../../document/mixture.ts'
import type { AssessedLayer, AssessedSpot, Assessment } from '../../document/judging/assess.ts'
import { brushOf } from '../../document/brush.ts'
import type { Brush } from '../../document/brush.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { findOn, practiceOfPainting } from '../../document/picture/picture.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { percentText, umText } from '../../ui/format.ts'
import { mixedColour, oilColour } from '../../core/values/pigmentColours.ts'

/** One layer as the drawing of an area shows it; rows go from the surface down. */
export interface LayerRow {
  readonly layer: LayerDocument
  readonly brush: Brush
  readonly index: number
  readonly assessed: AssessedLayer
  /** The layer as it lies in this area; null while it cannot be made. */
  readonly spot: AssessedSpot | null
  readonly forecast: Forecast
  /** As the practice counts fat; null while it cannot be made, and without fat. */
  readonly fatness: number | null
  readonly verdict: Verdict
  readonly colour: string
  /** What is on the brush, in words. */
  readonly mixture: string
  readonly thickestUm: number
  /** The further passes of the same film, and oil it was painted into. */
  readonly passes: readonly LayerDocument[]
  /** How fat its first and its last pass are, where they differ. */
  readonly ends: readonly [first: number | null, last: number | null] | null
  /** Takes a film off, and lays none. */
  readonly isRemoval: boolean
  /** The day the last of it was taken off; null: it stays. */
  readonly goneDay: number | null
}

export function rowsOf(picture: Picture, assessment: Assessment, area: string): readonly LayerRow[] {
  const live = findInStudio(picture.shelf)
  const { alkydWeight } = practiceOfPainting(picture.painting, picture.practices)
  return picture.layers
    .flatMap((layer, index): LayerRow[] => {
      const brush = brushOf(layer)
      if (!covers(brush, area)) return []
      const assessed = assessment.layers[index]!
      const findMaterial = findOn(layer, live)
      const spot = assessed.spots.find((one) => one.area === area) ?? null
      if (spot && spot.layer !== index) return []
      const passes = picture.layers.filter(
        (_, at) =>
          at !== index &&
          assessment.layers[at]!.spots.some((one) => one.area === area && one.layer === index),
      )
      const forecast = spot?.forecast ?? assessed.forecast
      return [
        {
          layer,
          brush,
          index,
          assessed,
          spot,
          forecast,
          fatness: spot && fatnessOf(spot.film.perDryVolume, alkydWeight),
          verdict: verdictFor(picture, assessment, layer.id, area),
          passes,
          ends: spot && endsOf(spot, alkydWeight),
          isRemoval: isRemoval(brush.event.kind),
          goneDay: spot?.goneBy == null ? null : assessment.layers[spot.goneBy]!.date.day,
          colour: colourOf(brush, findMaterial),
          mixture: isRemoval(brush.event.kind)
            ? removalText(brush, findMaterial)
            : mixtureText(layer, picture, findMaterial),
          thickestUm: spot ? spot.thickestUm * spot.left : brush.wetThicknessUm,
        },
      ]
    })
    .toReversed()
}

/** How dry it is on a day; null where it is not there, or, today, only planned. */
export function stateText(
  { layer, spot, forecast, assessed, goneDay }: LayerRow,
  day: number,
  today: number,
): string | null {
  const age = day - assessed.date.day
  const isLaid = age >= 0 && (layer.painted !== null || Math.floor(day) > Math.floor(today))
  return spot && isLaid && (goneDay === null || goneDay > day) ? stateOn(forecast, age) : null
}

/** What a removal takes, and with what. */
function removalText({ event }: Brush, findMaterial: FindMaterial): string {
  const takes =
    'takes' in event ? (event.takes < 1 ? `takes ${percentText(event.takes)}` : 'takes all') : null
  const um = 'takesUm' in event ? `takes ${umText(event.takesUm)}` : null
  const solvent = 'solvent' in event ? event.solvent : null
  const how = solvent ? `with ${shortNameOf(solvent, findMaterial).toLowerCase()}` : 'dry'
  return [kindTable[event.kind].name, takes ?? um, event.kind === 'wipe' || solvent ? how : null]
    .filter(Boolean)
    .join(' · ')
}

/** How fat a film of several passes is at both ends; null where it is all one. */
function endsOf({ passes }: AssessedSpot, alkydWeight: number): LayerRow['ends'] {
  if (passes.length < 2) return null
  const fatness = ({ perDryVolume }: Pick<AssessedSpot['film'], 'perDryVolume'>): number | null =>
    fatnessOf(perDryVolume, alkydWeight)
  return [fatness(passes[0]!), fatness(passes.at(-1)!)]
}

/** What is found of a layer in an area: of it alone, or over a layer that lies there too. */
const verdictFor = (picture: Picture, assessment: Assessment, layerId: string, area: string): Verdict =>
  verdictOf(
    assessment.findings.filter(
      (finding) =>
        finding.layerId === layerId &&
        finding.takenOn === null &&
        (finding.under === undefined || covers(brushOf(picture.layers[finding.under]!), area)),
    ),
  )

function colourOf({ paints }: Brush, findMaterial: FindMaterial): string {
  const parts = mixtureShares(paints, findMaterial)
  return parts.length > 0 ? mixedColour(parts) : oilColour
}

const ratio = (a: number, b: number): string => {
  const [x, y] = [a, b].map((value) => Number(value.toPrecision(2)))
  return `${x} : ${y}`
}

function mixtureText(layer: LayerDocument, { mediums }: Picture, findMaterial: FindMaterial): string {
  const { paints, medium, thinner, besides } = brushOf(layer)
  const paint = paints.reduce((sum, { parts }) => sum + parts, 0)
  const whole = paint || (medium?.parts ?? 0) + besides.reduce((sum, { parts }) => sum + parts, 0) || 1
  const names = paints.flatMap(({ pigments }) =>
    pigments.map(({ pigment }) => shortNameOf(pigment, findMaterial).toLowerCase()),
  )
  const mediumName = layer.painted?.used?.name ?? mediums.find(({ id }) => id === medium?.mediumId)?.name
  return [
    names.length > 0 ? names.join(', ') : null,
    medium && medium.parts > 0
      ? `${mediumName ?? 'a medium'}${paint > 0 ? ` ${ratio(medium.parts, paint)}` : ''}`
      : null,
    thinner && thinner.parts > 0 ? `thinned ${ratio(thinner.parts, whole)}` : null,
    paint > 0 && !medium?.parts && !thinner?.parts ? 'neat' : null,
    ...besides.map(({ material }) => {
      const besideName = shortNameOf(material, findMaterial).toLowerCase()
      return paint > 0 ? `some ${besideName}` : besideName
    }),
  ]
    .filter(Boolean)
    .join(' · ')
}
