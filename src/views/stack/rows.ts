import { findInLibrary } from '../../core/materials/find.ts'
import { stateOn } from '../../core/cure/forecast.ts'
import type { Severity } from '../../core/soundness/finding.ts'
import type { Verdict } from '../../core/soundness/mismatch.ts'
import { thickestUmOf } from '../../core/soundness/stack.ts'
import { mixtureShares } from '../../document/mixture.ts'
import type { AssessedLayer, Assessment, Picture } from '../../document/assess.ts'
import type { LayerDocument } from '../../document/studio.ts'
import { mixedColour, oilColour } from '../../ui/pigmentColours.ts'
import { shortName } from '../../ui/format.ts'

/** One layer as the drawing shows it; rows go from the surface down. */
export interface LayerRow {
  readonly layer: LayerDocument
  readonly index: number
  readonly assessed: AssessedLayer
  readonly verdict: Verdict
  readonly colour: string
  /** What is on the brush, in words. */
  readonly mixture: string
  /** How dry it is now; null while it is only planned. */
  readonly state: string | null
  readonly thickestUm: number
}

export function rowsOf(picture: Picture, assessment: Assessment): readonly LayerRow[] {
  return picture.layers
    .map((layer, index): LayerRow => {
      const assessed = assessment.layers[index]!
      return {
        layer,
        index,
        assessed,
        verdict: verdictFor(assessment, layer.id),
        colour: colourOf(layer),
        mixture: mixtureText(layer, picture),
        state: layer.paintedAt ? stateOn(assessed.forecast, picture.today - assessed.date.day) : null,
        thickestUm: assessed.film ? thickestUmOf(layer, assessed.film) : layer.wetThicknessUm,
      }
    })
    .toReversed()
}

const gravity: Record<Severity, number> = { note: 0, watch: 1, unsound: 2 }

function verdictFor(assessment: Assessment, layerId: string): Verdict {
  const worst = Math.max(
    0,
    ...assessment.findings
      .filter((finding) => finding.layerId === layerId)
      .map(({ severity }) => gravity[severity]),
  )
  return (['sound', 'watch', 'unsound'] as const)[worst]!
}

export function colourOf({ paints }: Pick<LayerDocument, 'paints'>): string {
  const parts = mixtureShares(paints)
  return parts.length > 0 ? mixedColour(parts) : oilColour
}

const ratio = (a: number, b: number): string => {
  const [x, y] = [a, b].map((value) => Number(value.toPrecision(2)))
  return `${x} : ${y}`
}

function mixtureText({ paints, medium, usedMedium, thinner }: LayerDocument, { mediums }: Picture): string {
  const paint = paints.reduce((sum, { parts }) => sum + parts, 0)
  const names = paints.flatMap(({ pigments }) =>
    pigments.map(({ pigment }) => shortName(findInLibrary(pigment)?.name ?? pigment).toLowerCase()),
  )
  const mediumName = usedMedium?.name ?? mediums.find(({ id }) => id === medium?.mediumId)?.name
  return [
    names.length > 0 ? names.join(', ') : null,
    medium && medium.parts > 0
      ? `${mediumName ?? 'a medium'}${paint > 0 ? ` ${ratio(medium.parts, paint)}` : ''}`
      : null,
    thinner && thinner.parts > 0 && paint > 0 ? `thinned ${ratio(thinner.parts, paint)}` : null,
    !medium?.parts && !thinner?.parts ? 'neat' : null,
  ]
    .filter(Boolean)
    .join(' · ')
}
