import { useMemo, useState } from 'react'
import { schoolOf } from '../../core/finish/varnishSchools.ts'
import type { VarnishSchoolId } from '../../core/finish/varnishSchools.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { SheenPlace } from '../../core/finish/sheen.ts'
import { assess } from '../../document/judging/assess.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import { obstaclesTo } from '../../document/finish/obstacles.ts'
import { practiceOfPainting } from '../../document/picture/picture.ts'
import { beforeVarnish } from '../../document/finish/readiness.ts'
import type { BeforeVarnish } from '../../document/finish/readiness.ts'
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
import type { EditedPicture } from '../stack/usePicture.ts'
import { Ladder } from './Ladder.tsx'
import { Obstacles } from './Obstacles.tsx'
import { answerOf } from './words.ts'

const below = later(() => import('./below.ts'))

/** What every part of this face is given. */
export interface FinishProps {
  readonly edited: EditedPicture
  readonly picture: LoadedPicture
  readonly assessment: Assessment
  readonly findMaterial: FindMaterial
  readonly before: BeforeVarnish
  readonly school: VarnishSchoolId
  /** The day it would be varnished on. */
  readonly day: number
  /** The varnish that is thought of. */
  readonly varnish: string
  readonly onVarnish: (material: string) => void
}

/** The varnish a school is usually done with. */
const usualVarnish: Readonly<Record<VarnishSchoolId, string>> = {
  soft: 'hydrocarbon_varnish_25',
  six: 'damar_varnish_30',
  year: 'damar_varnish_30',
  wax: 'wax_varnish',
}

/** The end of a picture: when it may be varnished by every school, what stands against it, and how it is handed over. */
export function FinishView({
  initial,
  solved,
  events,
}: {
  readonly initial: LoadedPicture
  readonly solved: SolvedPicture
  readonly events: readonly number[]
}) {
  const edited = usePicture(initial, events)
  const { picture, desk, state } = edited
  const findMaterial = useMemo(() => findInStudio(picture.shelf), [picture.shelf])
  const assessment = useMemo(() => assess(picture, findMaterial, solved), [picture, findMaterial, solved])
  const before = useMemo(() => beforeVarnish(picture, assessment), [picture, assessment])
  const places = useMemo(
    () => placesOf(picture, assessment, findMaterial),
    [picture, assessment, findMaterial],
  )
  const own = schoolOf[practiceOfPainting(picture.painting, picture.practices).varnish]
  const [school, setSchool] = useState<VarnishSchoolId>(own)
  const [chosenDay, setDay] = useState<number | null>(null)
  const [varnish, setVarnish] = useState<string | null>(null)
  const ready = before?.schools.find((one) => one.school === school)?.day ?? null
  const day = chosenDay ?? Math.max(picture.today, ready === null ? picture.today : Math.ceil(ready))
  const late = useLater(below)
  const material = varnish ?? usualVarnish[school]
  const asked: FinishProps | null = before && {
    ...{ edited, picture, assessment, findMaterial, before, school, day },
    varnish: material,
    onVarnish: setVarnish,
  }
  return (
    <>
      <header className="border-b border-rule pb-4">
        <h1 className="text-[2.2rem] leading-[1.1] [overflow-wrap:anywhere]" translate="no">
          {picture.painting.title}
        </h1>
        <p className="mt-1.5 max-w-[60rem] font-read text-[1.3rem] leading-snug">
          {answerOf(picture, before, own, findMaterial)}
        </p>
      </header>
      <SaveLine desk={desk} state={state} />
      {before && (
        <>
          <Ladder
            before={before}
            today={picture.today}
            own={own}
            school={school}
            day={day}
            onSchool={(id) => {
              setSchool(id)
              setDay(null)
              setVarnish(null)
            }}
            onDay={setDay}
          />
          <div className="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-2">
            <Obstacles
              paintingId={picture.painting.id}
              obstacles={obstaclesTo(
                { school, day, varnish: findMaterial(material) ?? findInLibrary(material) ?? null },
                picture,
                assessment,
                before,
                places,
              )}
              day={day}
            />
            {late && asked && <late.VarnishChoice {...asked} />}
          </div>
        </>
      )}
      {late && asked && (
        <>
          <late.TakingOff {...asked} />
          <div className="mt-8 grid gap-x-12 gap-y-8 border-t border-ink pt-5 lg:grid-cols-2">
            <late.Packing {...asked} />
            <late.HandOver {...asked} />
          </div>
        </>
      )}
      <WhatWasDone of={{ painting: picture.painting.id }} desk={desk} after={state} />
      <Toasts />
    </>
  )
}

/** What was seen of its sheen, and what is likely where nobody looked. */
function placesOf(
  picture: LoadedPicture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): readonly SheenPlace[] {
  const { patches, likely } = surfaceOf(picture, assessment, (layer) => lightnessOfLayer(layer, findMaterial))
  return [...patches.filter(({ state }) => state === 'there'), ...likely]
}
