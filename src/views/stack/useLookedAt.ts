import { useState } from 'react'
import { covers } from '../../core/stack/area.ts'
import type { Area } from '../../core/stack/area.ts'
import { brushOf } from '../../document/brush.ts'
import type { Assessment, AssessedLayer, AssessedSpot } from '../../document/judging/assess.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { gravestArea, slowestAreaOf } from './inPicture.ts'

/** The layer looked at, and what it is in the area looked at. */
export interface ShownLayer {
  readonly layer: LayerDocument
  readonly assessed: AssessedLayer
  /** The film it belongs to there; null: it makes none. */
  readonly spot: AssessedSpot | null
  /** Every layer laid into that film, itself among them. */
  readonly passes: readonly LayerDocument[]
  /** Those that lie next to it in the area. */
  readonly above: LayerDocument | undefined
  readonly below: LayerDocument | undefined
}

/** What of a picture is looked at, and what turns to something else. */
export interface LookedAt {
  readonly area: Area
  /** The layers in that area, the lowest first. */
  readonly inArea: readonly LayerDocument[]
  /** Null: the area has none. */
  readonly shown: ShownLayer | null
  readonly onArea: (areaId: string) => void
  readonly onChosen: (layerId: string) => void
  /** Turns to a layer wherever it is, or where it is wanted. */
  readonly onShow: (layerId: string, areaId?: string) => void
  /** Goes after a layer that is given to other parts of the picture. */
  readonly onGiven: (areas: readonly string[] | undefined) => void
}

/** Begins with the layer `at`, else where the verdict is gravest, at the layer to be painted next. */
export function useLookedAt(picture: Picture, assessment: Assessment, at: string | null): LookedAt {
  const [lookedAt, onArea] = useState(() => slowestAreaOf(at, picture, assessment) ?? gravestArea(assessment))
  const [chosen, onChosen] = useState(at)
  const { area } = assessment.areas.find((one) => one.area.id === lookedAt) ?? assessment.areas[0]!
  const inArea = picture.layers.filter((one) => covers(brushOf(one), area.id))
  const layer =
    inArea.find(({ id }) => id === chosen) ?? inArea.find(({ painted }) => !painted) ?? inArea.at(-1)

  return {
    area,
    inArea,
    shown: layer ? shownIn({ area, inArea }, layer, picture, assessment) : null,
    onArea,
    onChosen,
    onShow: (layerId, areaId) => {
      onChosen(layerId)
      const there = picture.layers.find(({ id }) => id === layerId)
      if (areaId !== undefined) onArea(areaId)
      else if (there && !covers(brushOf(there), area.id)) onArea(brushOf(there).areas[0]!)
    },
    onGiven: (areas) => {
      if (areas && !covers({ areas }, area.id)) onArea(areas[0]!)
    },
  }
}

function shownIn(
  { area, inArea }: Pick<LookedAt, 'area' | 'inArea'>,
  layer: LayerDocument,
  { layers }: Picture,
  assessment: Assessment,
): ShownLayer {
  const assessedOf = (one: LayerDocument): AssessedLayer => assessment.layers[layers.indexOf(one)]!
  const spot = assessedOf(layer).spots.find((one) => one.area === area.id) ?? null
  const isPass = (one: LayerDocument): boolean =>
    assessedOf(one).spots.some((other) => other.area === area.id && other.layer === spot?.layer)
  const place = inArea.indexOf(layer)
  return {
    layer,
    assessed: assessedOf(layer),
    spot,
    passes: inArea.filter(isPass),
    above: inArea[place + 1],
    below: inArea[place - 1],
  }
}
