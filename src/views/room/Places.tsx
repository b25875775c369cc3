import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { seasonIds, seasonNames } from '../../core/room/seasons.ts'
import type { SeasonId } from '../../core/room/seasons.ts'
import type { PlaceDocument } from '../../document/room.ts'
import { studioPlaceId } from '../../document/studioPlace.ts'
import { ChoiceRow, NumberRow, readName, TypedRow } from '../../ui/fields.tsx'
import { IconButton } from '../../ui/IconButton.tsx'
import type { RoomDesk } from './RoomView.tsx'

const seasons = seasonIds.map((id) => ({ id, name: seasonNames[id] }))
const lights = [
  { id: '0.55', name: 'dark store' },
  { id: '1', name: 'room' },
  { id: '1.25', name: 'bright window' },
]

const newPlace = (): PlaceDocument => ({
  id: crypto.randomUUID(),
  name: 'a new place',
  climate: { temperatureC: 18, relativeHumidityPct: 50, light: 1 },
  season: 'steady',
})

/** How the place that is shown is set, for days on which nothing was read; and other places. */
export function Places({ room, settings, editSettings, show }: RoomDesk) {
  const isStudio = room.placeId === studioPlaceId
  const place = settings.places.find(({ id }) => id === room.placeId)
  const { climate, season } = place ?? settings
  const change = (changed: Partial<PlaceDocument>): void => {
    if (!place)
      editSettings({
        ...('climate' in changed && { climate: changed.climate! }),
        ...('season' in changed && { season: changed.season! }),
      })
    else
      editSettings({
        places: settings.places.map((one) => (one.id === place.id ? { ...one, ...changed } : one)),
      })
  }
  const add = (): void => {
    const fresh = newPlace()
    editSettings({ places: [...settings.places, fresh] })
    show(fresh.id)
  }
  return (
    <section aria-label="How the place is set">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">How it is set</h2>
      <p className="pt-1 text-[0.9rem] text-soft">For days nobody read, and for those to come.</p>
      <div className="grid gap-3 pt-2 sm:grid-cols-2">
        {place && (
          <TypedRow
            label="Name of the place"
            shown={place.name}
            read={(text) => readName(text, 'the place')}
            onValue={(name) => change({ name })}
          />
        )}
        <ChoiceRow
          label="Through the year it is"
          value={season}
          options={seasons}
          onValue={(id) => change({ season: id as SeasonId })}
        />
        <NumberRow
          label="Mean temperature, °C"
          value={climate.temperatureC}
          low={5}
          high={35}
          onValue={(temperatureC) => change({ climate: { ...climate, temperatureC } })}
        />
        <NumberRow
          label="Mean humidity, %"
          value={climate.relativeHumidityPct}
          low={0}
          high={100}
          onValue={(relativeHumidityPct) => change({ climate: { ...climate, relativeHumidityPct } })}
        />
        <ChoiceRow
          label="Light"
          value={String(climate.light)}
          options={lights}
          onValue={(light) => change({ climate: { ...climate, light: Number(light) } })}
        />
      </div>
      <p className="flex flex-wrap items-center gap-4 pt-3">
        <button type="button" className="button min-h-11" onClick={add}>
          <Plus size={15} aria-hidden="true" /> Another place
        </button>
        {!isStudio && place && (
          <IconButton
            label={`Remove ${place.name}`}
            onClick={() => {
              editSettings({ places: settings.places.filter(({ id }) => id !== place.id) })
              show(studioPlaceId)
            }}
          >
            <X size={16} aria-hidden="true" />
          </IconButton>
        )}
      </p>
    </section>
  )
}
