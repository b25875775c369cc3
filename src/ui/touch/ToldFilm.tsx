import type { TellingCheck } from '../../studio/telling.ts'

interface ToldFilmProps {
  readonly film: Pick<TellingCheck, 'id' | 'name' | 'picture'>
  /** Opens a swatch where it stands; without it, its page is gone to. */
  readonly onOpen?: (swatchId: string) => void
}

/** The name of a film to lay a hand on, a layer's or a swatch's, and the way to it. */
export function ToldFilm({ film: { id, name, picture }, onOpen }: ToldFilmProps) {
  if (picture)
    return (
      <>
        <a className="link" href={`/paintings/${picture.id}?layer=${id}`}>
          {name}
        </a>{' '}
        of {picture.title}
      </>
    )
  if (onOpen)
    return (
      <button type="button" className="min-h-6 link" onClick={() => onOpen(id)}>
        {name}
      </button>
    )
  return (
    <a className="link" href={`/tests?at=${id}`}>
      {name}
    </a>
  )
}
