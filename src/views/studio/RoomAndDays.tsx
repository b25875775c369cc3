import { policyIds, policyNames } from '../../core/materials/policy.ts'
import type { Settings } from '../../document/studio.ts'
import { ChoiceRow, Labelled, NumberField, NumberRow, TypedField } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'

const weekdays = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
const lights = [
  { id: '0.55', name: 'dark store' },
  { id: '1', name: 'room' },
  { id: '1.25', name: 'bright window' },
]

interface RoomProps {
  readonly settings: Settings
  readonly edit: (change: Partial<Settings>) => void
}

/** The room as it is set, the days one works, what may not come in, and from when an oil is called drying. */
export function RoomAndDays({ settings, edit }: RoomProps) {
  const climate = (change: Partial<Settings['climate']>): void =>
    edit({ climate: { ...settings.climate, ...change } })
  return (
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
        hint="From 5 to 35 °C; what was read in the room lately comes before it."
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
      <Labelled label="Plan a layer when the one below is ready with a chance of" className="sm:col-span-2">
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
      <Ticks
        legend="Days you work"
        names={weekdays}
        isTicked={(at) => settings.workingDays[at]!}
        onTick={(at, ticked) => edit({ workingDays: settings.workingDays.with(at, ticked) })}
      />
      <div className="sm:col-span-2">
        <Ticks
          legend="This room forbids"
          names={policyIds.map((id) => policyNames[id])}
          isTicked={(at) => settings.policies.includes(policyIds[at]!)}
          onTick={(at, ticked) =>
            edit({
              policies: policyIds.filter((id, place) =>
                place === at ? ticked : settings.policies.includes(id),
              ),
            })
          }
        />
        <p className="mt-1 text-[0.85rem] text-soft">
          What a room forbids is marked on the shelf, in every recipe, on every layer still to be painted and
          where it is made, down to what rides along inside a product. Unknown is said to be unknown.
        </p>
      </div>
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
        None of Grelta’s figures rests on measurements of ours: they are recalled literature and estimates.
      </p>
    </section>
  )
}

/** A row of boxes to tick. */
const Ticks = ({
  legend,
  names,
  isTicked,
  onTick,
}: {
  readonly legend: string
  readonly names: readonly string[]
  readonly isTicked: (at: number) => boolean
  readonly onTick: (at: number, ticked: boolean) => void
}) => (
  <fieldset className="sm:col-span-2">
    <legend className="text-[0.8rem] text-soft">{legend}</legend>
    <div className="mt-1 flex flex-wrap gap-x-5 gap-y-2">
      {names.map((name, at) => (
        <label key={name} className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            className="size-4"
            checked={isTicked(at)}
            onChange={({ target }) => onTick(at, target.checked)}
          />
          {name}
        </label>
      ))}
    </div>
  </fieldset>
)
