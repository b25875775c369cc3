import { useMemo, useState } from 'react'
import { assess } from '../../document/judging/assess.ts'
import type { SolvedPicture } from '../../document/picture/solved.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { surfaceOf } from '../../document/finish/surface.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { lightnessOfLayer } from '../../ui/paint/lightness.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { later, useLater } from '../../ui/useLater.ts'
import { WhatWasDone } from '../../ui/WhatWasDone.tsx'
import { usePicture } from '../stack/usePicture.ts'
import { LeftOpen } from './LeftOpen.tsx'
import { PatchList } from './PatchList.tsx'
import { SheenMap } from './SheenMap.tsx'
import { answerOf } from './words.ts'

const below = later(() => import('./below.ts'))

/** The surface of a picture: where it is dull, why, and what is done about it. */
export function SurfaceView({
  initial,
  solved,
  events,
}: {
  readonly initial: LoadedPicture
  readonly solved: SolvedPicture
  readonly events: readonly number[]
}) {
  const edited = usePicture(initial, events)
  const { picture, desk, state, editPainting } = edited
  const findMaterial = useMemo(() => findInStudio(picture.shelf), [picture.shelf])
  const assessment = useMemo(() => assess(picture, findMaterial, solved), [picture, findMaterial, solved])
  const surface = useMemo(
    () => surfaceOf(picture, assessment, (layer) => lightnessOfLayer(layer, findMaterial)),
    [picture, assessment, findMaterial],
  )
  const [chosen, choose] = useState<string | null>(null)
  const late = useLater(below)
  const asked = { picture, assessment, surface, findMaterial }
  return (
    <>
      <header className="border-b border-rule pb-4">
        <h1 className="text-[2.2rem] leading-[1.1] [overflow-wrap:anywhere]" translate="no">
          {picture.painting.title}
        </h1>
        <p className="mt-1.5 max-w-[60rem] font-read text-[1.3rem] leading-snug">{answerOf(surface)}</p>
      </header>
      <SaveLine desk={desk} state={state} />
      <LeftOpen {...asked} />
      <div className="mt-3 grid gap-x-12 gap-y-8 lg:grid-cols-[6fr_5fr]">
        <SheenMap
          picture={picture}
          surface={surface}
          chosen={chosen}
          onChoose={choose}
          onChange={editPainting}
        />
        <div className="grid content-start gap-y-6">
          <PatchList
            picture={picture}
            surface={surface}
            chosen={chosen}
            onChoose={choose}
            onChange={editPainting}
          />
          {late && <late.Brighten {...asked} edited={edited} />}
        </div>
      </div>
      {late && <late.OilOut {...asked} edited={edited} chosen={chosen} />}
      <WhatWasDone of={{ painting: picture.painting.id }} desk={desk} after={state} />
      <Toasts />
    </>
  )
}
