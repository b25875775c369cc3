import { useState } from 'react'
import { policyIds, policyNames } from '../../core/materials/policy.ts'
import { settingsId } from '../../document/settingsId.ts'
import type { PracticeDocument } from '../../document/practice.ts'
import { allShown, shownOn } from '../../saving/desk.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { ChoiceRow, Labelled, NumberField, NumberRow, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { useDesk } from '../../ui/useDesk.ts'
import { WhatWasDone } from '../../ui/WhatWasDone.tsx'
import { answerOf } from './answer.ts'
import { Practices } from './practices/Practices.tsx'
import { CalendarAndHours } from './calendar/CalendarAndHours.tsx'
import { SetAside } from './SetAside.tsx'
import { Writing } from './Writing.tsx'

const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
const lights = [
  { id: '0.55', name: 'dark store' },
  { id: '1', name: 'room' },
  { id: '1.25', name: 'bright window' },
]

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
  const climate = (change: Partial<Settings['climate']>): void =>
    edit({ climate: { ...settings.climate, ...change } })
  return (
    <>
      <h1 className="max-w-[60rem] text-[2.2rem] leading-tight">{answerOf(settings)}</h1>
      <SaveLine desk={desk} state={state} />
      <div className="grid gap-x-14 gap-y-8 lg:grid-cols-2">
        <section aria-label="Room and days" className="grid content-start gap-4 sm:grid-cols-2">
          <Labelled label="Name of the studio" className="sm:col-span-2">
            {(id) => (
              <TypedField
                id={id}
                shown={settings.studioName}
                read={(text): Reading<string> =>
                  text.trim() ? { value: text.trim().slice(0, 120) } : { problem: 'Give the studio a name.' }
                }
                onValue={(studioName) => edit({ studioName })}
              />
            )}
          </Labelled>
          <NumberRow
            label="Temperature, °C"
            hint="Drying is forecast between 5 and 35 °C."
            value={settings.climate.temperatureC}
            low={5}
            high={35}
            onValue={(temperatureC) => climate({ temperatureC })}
          />
          <NumberRow
            label="Humidity, % RH"
            value={settings.climate.relativeHumidityPct}
            low={0}
            high={100}
            onValue={(relativeHumidityPct) => climate({ relativeHumidityPct })}
          />
          <ChoiceRow
            label="Light where pictures dry"
            value={String(settings.climate.light)}
            onValue={(light) => climate({ light: Number(light) })}
            options={lights}
          />
          <ChoiceRow
            label="A teaspoon is"
            hint="When you type tsp, tbsp or cup."
            value={settings.spoons}
            onValue={(spoons) => edit({ spoons: spoons as Settings['spoons'] })}
            options={[
              { id: 'metric', name: 'metric (5 ml)' },
              { id: 'us', name: 'US (4.93 ml)' },
            ]}
          />
          <Labelled
            label="Plan a layer when the one below is ready with a chance of"
            className="sm:col-span-2"
          >
            {(id) => (
              <NumberField
                id={id}
                value={Math.round(settings.confidence * 100)}
                low={50}
                high={95}
                unit="%"
                onValue={(confidence) => edit({ confidence: confidence / 100 })}
                className="max-w-24"
              />
            )}
          </Labelled>
          <fieldset className="sm:col-span-2">
            <legend className="text-[0.8rem] text-soft">Days you work</legend>
            <div className="mt-1 flex flex-wrap gap-x-5 gap-y-2">
              {weekdays.map((name, index) => (
                <label key={name} className="flex min-h-9 items-center gap-2">
                  <input
                    type="checkbox"
                    className="size-4 accent-[var(--ink)]"
                    checked={settings.workingDays[index]}
                    onChange={({ target }) =>
                      edit({
                        workingDays: settings.workingDays.map((worked, at) =>
                          at === index ? target.checked : worked,
                        ),
                      })
                    }
                  />
                  {name}
                </label>
              ))}
            </div>
          </fieldset>
          <fieldset className="sm:col-span-2">
            <legend className="text-[0.8rem] text-soft">This room forbids</legend>
            <div className="mt-1 flex flex-wrap gap-x-5 gap-y-2">
              {policyIds.map((id) => (
                <label key={id} className="flex min-h-9 items-center gap-2">
                  <input
                    type="checkbox"
                    className="size-4 accent-[var(--ink)]"
                    checked={settings.policies.includes(id)}
                    onChange={({ target }) =>
                      edit({
                        policies: policyIds.filter((one) =>
                          one === id ? target.checked : settings.policies.includes(one),
                        ),
                      })
                    }
                  />
                  {policyNames[id]}
                </label>
              ))}
            </div>
            <p className="mt-1 text-[0.85rem] text-soft">
              What a room forbids is marked on the shelf, in every recipe, on every layer still to be painted
              and where it is made, down to what rides along inside a product. Unknown is said to be unknown.
            </p>
          </fieldset>
          <NumberRow
            label="Oils are semi-drying from iodine value"
            hint="Textbooks differ."
            value={settings.dryingBounds.semi}
            low={1}
            high={settings.dryingBounds.drying - 1}
            onValue={(semi) => edit({ dryingBounds: { ...settings.dryingBounds, semi } })}
          />
          <NumberRow
            label="and drying from"
            value={settings.dryingBounds.drying}
            low={settings.dryingBounds.semi + 1}
            high={250}
            onValue={(drying) => edit({ dryingBounds: { ...settings.dryingBounds, drying } })}
          />
          <p className="text-[0.88rem] text-soft sm:col-span-2">
            None of Grelta’s figures rests on measurements of ours: they are recalled literature and
            estimates.
          </p>
        </section>
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
