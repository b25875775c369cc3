import type { Picture } from '../../document/picture/picture.ts'
import { dateText } from '../../ui/format.ts'

/** What the painter took on knowingly, with the reason, as it was said then. */
export function Departures({ painting: { departures } }: Pick<Picture, 'painting'>) {
  if (departures.length === 0) return null
  return (
    <section aria-label="Taken on knowingly" className="mt-8 border-t border-ink pt-4">
      <h2 className="text-xl">Taken on knowingly</h2>
      <ul>
        {departures.map(({ rule, layerId, underId, at, message, reason }) => (
          <li
            key={`${rule} ${layerId} ${underId}`}
            className="grid gap-x-6 border-t border-rule py-1.5 leading-snug sm:grid-cols-[8rem_1fr]"
          >
            <span className="text-soft">{dateText(at)}</span>
            <span>
              {message}
              {reason && <span className="block text-soft">Because: {reason}</span>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
