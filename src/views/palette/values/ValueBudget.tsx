import { useState } from 'react'
import { brushOf } from '../../../document/brush.ts'
import type { LayerDocument } from '../../../document/layer.ts'
import { mixtureShares } from '../../../document/mixture.ts'
import type { Picture } from '../../../document/picture/picture.ts'
import { readyOf } from '../../../document/picture/picture.ts'
import { findInStudio } from '../../../document/studioMaterials.ts'
import {
  linearOf,
  tintedTo,
  transmittanceOf,
  valueBudgetAsSeen,
  yOfRgb,
} from '../../../core/values/budget.ts'
import type { Rgb } from '../../../core/values/budget.ts'
import { lightOfStep } from '../../../core/values/lightness.ts'
import { NumberRow } from '../../../ui/fields.tsx'
import { percentText } from '../../../ui/format.ts'
import { channelOf, mixedColour } from '../../../core/values/pigmentColours.ts'
import { Tick } from '../../../ui/tick/Tick.tsx'
import { PickFromPhoto } from './PickFromPhoto.tsx'
import type { PickedLight } from './PickFromPhoto.tsx'
import { BeforeAndAfter } from './BeforeAndAfter.tsx'

export interface BudgetProps {
  readonly picture: Picture
  /** The glaze. */
  readonly layer: LayerDocument
  readonly onLayer: (change: Pick<LayerDocument, 'swatch'>) => void
}

/** From this share on, by mass, opaque paint scatters, and the reckoning is void. */
const scattersFrom = 0.01

/** How light the underpainting must be to end where it is wanted, after so many of this glaze. */
export function ValueBudget({ picture, layer, onLayer }: BudgetProps) {
  const [start, setStart] = useState<PickedLight>({ step: 7, colour: null })
  const [wanted, setWanted] = useState(5)
  const [glazes, setGlazes] = useState(1)
  const [isDull, setDull] = useState(false)
  const { swatch } = layer
  const { mix } = readyOf(layer, picture.mediums, findInStudio(picture.shelf))
  const scatters = (mix?.film.mix.opaqueByMass ?? 0) >= scattersFrom
  const t = swatch && transmittanceOf(lightOfStep(swatch.over), lightOfStep(swatch.white))
  const startY = start.colour ? yOfRgb(start.colour) : lightOfStep(start.step)
  const budget =
    t === null ? null : valueBudgetAsSeen(startY, Array<number>(glazes).fill(t), lightOfStep(wanted), isDull)
  const under: Rgb = start.colour ?? [startY, startY, startY]
  return (
    <div className="grid gap-4">
      <div className="grid content-start gap-3">
        <p className="text-[0.9rem] text-soft">
          Values are steps of a grey scale, 0 black to 10 white. Lay {layer.name} over white as thin as it
          will go on, let it dry, and read both off the scale; without a swatch nothing is guessed.
        </p>
        <div className="grid grid-cols-2 gap-3">
          <NumberRow
            label="The white"
            value={swatch?.white ?? null}
            low={0.1}
            high={10}
            onValue={(white) => onLayer({ swatch: { white, over: Math.min(white, swatch?.over ?? white) } })}
          />
          <NumberRow
            label="It, over that white"
            value={swatch?.over ?? null}
            low={0.1}
            high={swatch?.white ?? 10}
            onValue={(over) => onLayer({ swatch: { white: swatch?.white ?? 9.5, over } })}
          />
          <NumberRow
            label="The place now"
            value={Number(start.step.toFixed(1))}
            low={0}
            high={10}
            onValue={(step) => setStart({ step, colour: null })}
          />
          <NumberRow label="Wanted in the end" value={wanted} low={0} high={10} onValue={setWanted} />
          <NumberRow
            label="So many glazes of it"
            value={glazes}
            low={1}
            high={20}
            onValue={(n) => setGlazes(Math.round(n))}
          />
          <Tick
            label="it has gone dull there"
            on={isDull}
            onTick={setDull}
            className="self-end text-[0.9rem]"
          />
        </div>
        {isDull && (
          <p className="text-[0.9rem]">Oil it out before judging: a dull surface looks lighter than it is.</p>
        )}
      </div>
      <div aria-live="polite">
        {scatters && (
          <p className="mb-2 text-watch">
            {percentText(mix!.film.mix.opaqueByMass)} of it by mass is opaque paint: it scatters, and this
            reckoning does not hold. Leave the opaque paint out of a glaze.
          </p>
        )}
        {!budget || t === null ? (
          <p>Read a swatch of it first.</p>
        ) : (
          <>
            <p className="font-read text-[1.2rem] leading-snug">
              {budget.neededStartL === null
                ? `No white is light enough to end at ${told(wanted)} after ${counted(glazes)}.`
                : `It must be ${told(budget.neededStartL / 10)} underneath, no darker, to end at ${told(wanted)} after ${counted(glazes)}.`}
            </p>
            <p className="mt-1">
              As it is, at {told(start.step)}, it ends at {told(budget.endL / 10)}.
            </p>
            <BeforeAndAfter
              under={under}
              overWhite={tinted(layer, picture, t)}
              glazes={glazes}
              steps={budget.steps.map(({ L }) => L / 10)}
            />
            <p className="mt-2 text-[0.9rem] text-soft">
              Each lets {percentText(t)} of the light through, twice: in and out again. An estimate from your
              swatch; colours as a screen can show them.
            </p>
          </>
        )}
      </div>
      <PickFromPhoto photos={picture.painting.photos} onPick={setStart} />
    </div>
  )
}

const told = (step: number): string => `value ${step.toFixed(1)}`
const counted = (glazes: number): string => (glazes === 1 ? 'one glaze' : `${glazes} glazes`)

/** The glaze’s own colour over white, as light as the swatch says. */
function tinted(layer: LayerDocument, picture: Picture, t: number): Rgb {
  const hex = mixedColour(mixtureShares(brushOf(layer).paints, findInStudio(picture.shelf)))
  const channel = (at: number): number => linearOf(255 * channelOf(hex, at))
  return tintedTo([channel(0), channel(1), channel(2)], t)
}
