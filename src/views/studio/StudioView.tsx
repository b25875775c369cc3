import { useState } from 'react'
import { settingsId } from '../../document/settingsId.ts'
import type { PracticeDocument } from '../../document/practice.ts'
import { allShown, shownOn } from '../../saving/desk.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { useDesk } from '../../ui/useDesk.ts'
import { WhatWasDone } from '../../ui/WhatWasDone.tsx'
import { answerOf } from './answer.ts'
import { Practices } from './practices/Practices.tsx'
import { CalendarAndHours } from './calendar/CalendarAndHours.tsx'
import { RoomAndDays } from './RoomAndDays.tsx'
import { SetAside } from './SetAside.tsx'
import { Writing } from './Writing.tsx'

/** The room, the working days, what a teaspoon is, and the practices with their limits. */
export function StudioView({
  initial,
  initialPractices,
  events,
  writing,
}: {
  readonly initial: Revised<Settings>
  /** Practices the studio has changed, and its own. */
  readonly initialPractices: readonly Revised<PracticeDocument>[]
  readonly events: readonly number[]
  readonly writing: Parameters<typeof Writing>[0]
}) {
  const [things] = useState(() => [
    { kind: 'setting' as const, id: settingsId, body: { ...initial, id: settingsId } },
    ...initialPractices.map((body) => ({ kind: 'practice' as const, id: body.id, body })),
  ])
  const { desk, state } = useDesk(`setting/${settingsId}`, things, events, (kind) => kind === 'practice')
  const settings = shownOn(state, 'setting', settingsId) ?? initial
  const practices = allShown(state, 'practice')
  const edit = (change: Partial<Settings>): void => desk.edit('setting', settingsId, change)
  return (
    <>
      <h1 className="max-w-[60rem] text-[2.2rem] leading-tight">{answerOf(settings)}</h1>
      <SaveLine desk={desk} state={state} />
      <div className="grid gap-x-14 gap-y-8 lg:grid-cols-2">
        <RoomAndDays settings={settings} edit={edit} />
        <div className="grid content-start gap-8">
          <CalendarAndHours settings={settings} edit={edit} />
          <Writing {...writing} />
        </div>
        <Practices desk={desk} stored={practices} />
      </div>
      <SetAside desk={desk} />
      <WhatWasDone of={{}} desk={desk} after={state} />
    </>
  )
}
