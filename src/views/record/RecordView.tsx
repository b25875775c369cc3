import { assess } from '../../document/judging/assess.ts'
import { dateOf } from '../../core/plan/calendar.ts'
import { useMemo } from 'react'
import { findInStudio } from '../../document/studioMaterials.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { WhatWasDone } from '../../ui/WhatWasDone.tsx'
import { usePicture } from '../stack/usePicture.ts'
import { later, useLater } from '../../ui/useLater.ts'
import { AreaMap } from './AreaMap.tsx'
import type { LiftProps } from './cleaning/WouldLift.tsx'
import { Dates } from './Dates.tsx'
import { Departures } from './Departures.tsx'
import { Facts } from './Facts.tsx'
import { Life } from './Life.tsx'
import { OldPicture } from './OldPicture.tsx'
import { Strip } from './strip/Strip.tsx'
import { answerOf } from './answer.ts'

/** The record of a picture: what it is, where it is, what it must meet, how it is parted, and how it came about. */
export function RecordView({
  initial,
  events,
}: {
  readonly initial: LoadedPicture
  readonly events: readonly number[]
}) {
  const edited = usePicture(initial, events)
  const { picture, desk, state, editPainting } = edited
  const assessment = useMemo(() => assess(picture, findInStudio(picture.shelf)), [picture])
  const Reminders = useLater(reminders)
  return (
    <>
      <header className="border-b border-rule pb-4">
        <h1 className="text-[2.2rem] leading-[1.1] [overflow-wrap:anywhere]" translate="no">
          {picture.painting.title}
        </h1>
        <p className="mt-1.5 max-w-[60rem] font-read text-[1.2rem] leading-snug">
          {answerOf(picture, assessment)}
        </p>
        <p className="mt-1 flex flex-wrap gap-x-5">
          <a className="inline-flex min-h-11 items-center link" href="/used">
            Where did I use that?
          </a>
          <a
            className="inline-flex min-h-11 items-center link"
            href={`/api/paintings/${picture.painting.id}/sheet.pdf`}
          >
            On paper (PDF)
          </a>
          <a
            className="inline-flex min-h-11 items-center link"
            href={`/api/paintings/${picture.painting.id}/piece.json`}
            download
          >
            As a practice piece
          </a>
        </p>
      </header>
      <SaveLine desk={desk} state={state} />
      <Strip picture={picture} />
      <Life picture={picture} onChange={editPainting} />
      <div className="mt-8 grid gap-x-12 gap-y-8 border-t border-ink pt-4 lg:grid-cols-[7fr_5fr]">
        <AreaMap picture={picture} onChange={editPainting} />
        <div className="grid content-start gap-y-6">
          <Facts picture={picture} onChange={editPainting} />
          <Dates painting={picture.painting} today={dateOf(picture.today)} onChange={editPainting} />
          <OldPicture painting={picture.painting} onChange={editPainting} />
        </div>
      </div>
      <Departures painting={picture.painting} />
      {picture.layers.some(({ painted }) => painted) && (
        <Finishing picture={picture} assessment={assessment} />
      )}
      {Reminders && <Reminders paintingId={picture.painting.id} today={dateOf(picture.today)} />}
      <WhatWasDone of={{ painting: picture.painting.id }} desk={desk} after={state} />
      <Toasts />
    </>
  )
}

const reminders = later(() => import('./reminders/Reminders.tsx').then((late) => late.Reminders))

const lift = later(() => import('./cleaning/WouldLift.tsx').then(({ WouldLift }) => WouldLift))

const stages = later(() => import('./stages/StageTable.tsx').then(({ StageTable }) => StageTable))

/** What it is safe for today, and a future cleaning rehearsed; told once the page answers. */
function Finishing(props: LiftProps) {
  const [StageTable, WouldLift] = [useLater(stages), useLater(lift)]
  return (
    <>
      {StageTable && <StageTable {...props} />}
      {WouldLift && <WouldLift {...props} />}
    </>
  )
}
