import { dateOf } from '../../core/plan/calendar.ts'
import { placesIn } from '../../document/places.ts'
import { read, send } from '../../ui/client.ts'
import { Choice } from '../../ui/fields.tsx'
import { dateText } from '../../ui/format.ts'
import { FindField, ListFoot } from '../../ui/lists/ListFoot.tsx'
import { usePages } from '../../ui/lists/usePages.ts'
import type { RoomDesk } from './RoomView.tsx'

/** The pictures that stand here, each of which may be taken elsewhere. */
export function Standing({ room, settings, today, find, setFind, after }: RoomDesk) {
  const places = placesIn(settings)
  const pages = usePages(room.pictures, find, (from) =>
    read('GET /api/room/pictures', { query: { place: room.placeId, find, from } }),
  )
  const isLong = find !== '' || room.pictures.count > room.pictures.entries.length
  const move = (id: string, title: string, placeId: string): void =>
    after(
      send('POST /api/paintings/{id}/move', { placeId, on: dateOf(today) }, { params: { id } }),
      `${title} dries in ${places.find((place) => place.id === placeId)!.name} from today.`,
    )
  return (
    <section aria-label="Pictures here">
      <h2 className="border-b border-ink pb-1 text-[1.35rem]">Pictures here</h2>
      {isLong && <FindField label="Find by title" value={find} onValue={setFind} />}
      {pages.count === 0 && (
        <p className="pt-2 text-soft">
          {find ? 'No picture here is called that.' : 'Nothing that still dries stands here.'}
        </p>
      )}
      <ul>
        {pages.entries.map(({ id, title, since, hottestC }) => (
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
      <ListFoot pages={pages} what="pictures" />
    </section>
  )
}
