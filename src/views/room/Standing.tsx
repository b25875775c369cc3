import { dateOf } from '../../core/plan/calendar.ts'
import { placesIn } from '../../document/places.ts'
import { send } from '../../ui/client.ts'
import { Choice } from '../../ui/fields.tsx'
import { dateText } from '../../ui/format.ts'
import type { RoomDesk } from './RoomView.tsx'

/** The pictures that stand here, each of which may be taken elsewhere. */
export function Standing({ room, settings, today, after }: RoomDesk) {
  const places = placesIn(settings)
  const move = (id: string, title: string, placeId: string): void =>
    after(
      send('POST /api/paintings/{id}/move', { placeId, on: dateOf(today) }, { params: { id } }),
      `${title} dries in ${places.find((place) => place.id === placeId)!.name} from today.`,
    )
  return (
    <section aria-label="Pictures here">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Pictures here</h2>
      {room.pictures.length === 0 && <p className="pt-2 text-soft">Nothing that still dries stands here.</p>}
      <ul>
        {room.pictures.map(({ id, title, since, hottestC }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-4 border-b border-rule py-1">
            <a href={`/paintings/${id}`} className="min-w-0 grow font-read text-[1.1rem] hover:underline">
              {title}
            </a>
            <span className="text-[0.85rem] text-soft">
              {since ? `since ${dateText(since)}` : 'from the beginning'}
              {hottestC !== null && ` · wax: at most ${hottestC} °C`}
            </span>
            <Choice
              label={`Where ${title} dries`}
              className="min-h-11 max-w-44"
              value={room.placeId}
              options={places.map((place) => ({ id: place.id, name: place.name }))}
              onValue={(placeId) => move(id, title, placeId)}
            />
          </li>
        ))}
      </ul>
    </section>
  )
}
