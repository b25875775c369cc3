import { useState } from 'react'
import { withinOwnLimit } from '../../core/air/ownLimit.ts'
import type { AirOverDay } from '../../core/air/vapour.ts'
import { airedRoom, airOf, firstHour, lastHour } from '../../document/dayAir.ts'
import type { RoomAir, RoomVapour } from '../../document/keeping.ts'
import { settingsId } from '../../document/settingsId.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { shownOn } from '../../saving/desk.ts'
import { about, percentText } from '../../ui/format.ts'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { Toasts } from '../../ui/Toasts.tsx'
import { useDesk } from '../../ui/useDesk.ts'
import { later, useLater } from '../../ui/useLater.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { Airings } from './Airings.tsx'
import { RoomOfAir } from './RoomOfAir.tsx'
import { Sources } from './Sources.tsx'
import { aboutClock, answerOf, easelText } from './words.ts'

const chart = later(() => import('./AirChart.tsx').then(({ default: AirChart }) => AirChart))

/** The air over the day for what is really open: at the easel and in the room, and when it is clear again. */
export function AirView({
  initialSettings,
  ofToday,
  events,
}: {
  readonly initialSettings: Revised<Settings>
  /** What today's work gave off. */
  readonly ofToday: readonly RoomVapour[]
  readonly events: readonly number[]
}) {
  const [things] = useState(() => [
    { kind: 'setting' as const, id: settingsId, body: { ...initialSettings, id: settingsId } },
  ])
  const { desk, state } = useDesk(`setting/${settingsId}`, things, events)
  const { air } = shownOn(state, 'setting', settingsId) ?? initialSettings
  const change = (more: Partial<RoomAir>): void =>
    desk.edit('setting', settingsId, { air: { ...air, ...more } })
  const AirChart = useLater(chart)
  const told = airOf(air)
  const from = firstHour(air.sources)
  return (
    <>
      <h1 className="max-w-[60rem] text-[2.2rem] leading-tight">{answerOf(air, told)}</h1>
      <p className="mt-1 max-w-[60rem] text-soft">
        A model of a room whose air mixes well; at the easel it is 3 to 10 times as much. Guidance, no
        permission: smell is no measure, and what a data sheet, local rules or a doctor say comes first.
      </p>
      <SaveLine desk={desk} state={state} />
      {told && (
        <>
          <Figures air={air} told={told} />
          <figure
            role="img"
            aria-label={`mg/m³ in the room over the day: ${answerOf(air, told)}`}
            className="mt-3"
          >
            {AirChart ? (
              <AirChart told={told} from={from} ownLimit={air.ownLimit} />
            ) : (
              <div className="h-56" />
            )}
            <figcaption className="text-[0.82rem] text-soft">
              mg/m³ in the room, by the hour of the day
              {air.ownLimit !== null && '; the dashed line is your own limit'}
            </figcaption>
          </figure>
        </>
      )}
      <div className="mt-6 grid gap-x-14 gap-y-8 lg:grid-cols-2">
        <Sources air={air} ofToday={ofToday} onChange={change} />
        <div className="grid content-start gap-y-8">
          <RoomOfAir air={air} onChange={change} />
          {told && <Airings air={air} onChange={change} />}
        </div>
      </div>
      <Toasts />
    </>
  )
}

/** The room beneath what the face at the easel meets, and what that is of guidance. */
function Figures({ air, told }: { readonly air: RoomAir; readonly told: AirOverDay }) {
  const { peakMgPerM3, mean15MinMgPerM3, mean8hMgPerM3, clearAfterHours, sensitiser } = told
  const clear = clearAfterHours === null ? null : lastHour(air.sources) + clearAfterHours
  return (
    <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1 [&_dt]:text-soft">
      <dt>At the easel</dt>
      <dd>{easelText(told)} mg/m³ at worst</dd>
      <dt>In the room</dt>
      <dd>
        {about(peakMgPerM3)} mg/m³ at its highest, {about(mean15MinMgPerM3)} over its worst quarter of an
        hour, {about(mean8hMgPerM3)} over eight hours
      </dd>
      <dt>Of guidance</dt>
      <dd>{guidanceText(told)}</dd>
      <dt>Clear again</dt>
      <dd>{clear === null ? 'not by itself: nothing is aired' : `${aboutClock(clear)} (estimate)`}</dd>
      {air.ownLimit !== null && (
        <>
          <dt>Your limit</dt>
          <dd>
            <OwnLimit air={air} limit={air.ownLimit} />
          </dd>
        </>
      )}
      {sensitiser && (
        <>
          <dt>Sensitiser</dt>
          <dd>
            <VerdictMark verdict="watch" size={12} /> Some of it sensitises: for a sensitised person no amount
            is safe, and no share of guidance says anything.
          </dd>
        </>
      )}
    </dl>
  )
}

function guidanceText({ fractionOfStrictLimit: strict, fractionOfCommonLimit: common }: AirOverDay): string {
  if (strict === null) return 'something in it has no guidance of its own'
  const of = `${percentText(strict)} of the strictest guidance, as an eight-hour mean`
  return common === null ? of : `${of}; ${percentText(common)} of the usual one`
}

function OwnLimit({ air, limit }: { readonly air: RoomAir; readonly limit: number }) {
  const room = airedRoom(air)
  const over = room && withinOwnLimit(room, limit)
  if (!over)
    return (
      <>
        <VerdictMark verdict="sound" size={12} /> The room stays below {about(limit)} mg/m³.
      </>
    )
  return (
    <>
      <VerdictMark verdict="unsound" size={12} /> Over {about(limit)} mg/m³: open the window
      {over.airChanges === null
        ? ', which alone will not do,'
        : ` to ${about(over.airChanges)} changes an hour all day,`}{' '}
      or use {about(100 * over.share)}&nbsp;% of the solvent
    </>
  )
}
