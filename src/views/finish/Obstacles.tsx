import type { Obstacle } from '../../document/finish/obstacles.ts'
import { dayText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'

const placeOf = (at: Obstacle['at'], id: string): { readonly href: string; readonly name: string } | null => {
  switch (at) {
    case 'stack':
      return { href: `/paintings/${id}`, name: 'to the Stack' }
    case 'surface':
      return { href: `/paintings/${id}/surface`, name: 'to the Surface' }
    case 'room':
      return { href: '/room', name: 'to the Room' }
    case 'test':
      return { href: `/paintings/${id}`, name: 'to the Stack, for a touch test' }
    default:
      return null
  }
}

/** What still stands against the varnish on the day it is thought of: a list that empties. */
export function Obstacles({
  paintingId,
  obstacles,
  day,
}: {
  readonly paintingId: string
  readonly obstacles: readonly Obstacle[]
  readonly day: number
}) {
  return (
    <section aria-label="What still stands against it">
      <h2 className="border-b border-ink pb-1 text-xl">What still stands against it, {dayText(day)}</h2>
      {obstacles.length === 0 && (
        <p className="pt-2">
          <VerdictMark verdict="sound" size={13} /> Nothing: it may be varnished.
        </p>
      )}
      <ul>
        {obstacles.map(({ says, at }) => {
          const place = placeOf(at, paintingId)
          return (
            <li key={says} className="border-b border-rule py-1.5 leading-snug">
              <VerdictMark verdict="watch" size={12} /> {says}{' '}
              {place && (
                <a className="link whitespace-nowrap" href={place.href}>
                  {place.name}
                </a>
              )}
            </li>
          )
        })}
      </ul>
    </section>
  )
}
