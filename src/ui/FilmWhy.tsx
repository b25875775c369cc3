import type { ReactNode } from 'react'
import type { Film } from '../core/film/film.ts'
import type { FilmNumber } from '../core/film/why.ts'
import { later, useLater } from './useLater.ts'
import { Why } from './Why.tsx'

const reasons = later(() => import('../core/film/why.ts').then(({ whyOf }) => whyOf))

/** A number of a film that answers when asked why; the reasons are loaded once the page answers. */
export function FilmWhy({
  number,
  film,
  alkydWeight,
  label,
  children,
}: {
  readonly number: FilmNumber
  readonly film: Film
  /** How much of an alkyd counts as fat; half unless a practice says otherwise. */
  readonly alkydWeight?: number
  readonly label: string
  readonly children: ReactNode
}) {
  const whyOf = useLater(reasons)
  return (
    <Why reason={whyOf ? whyOf(number, film, alkydWeight) : null} label={label}>
      {children}
    </Why>
  )
}
