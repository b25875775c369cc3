import { useState } from 'react'
import { groundChoices } from './grounds.ts'
import { placesIn } from '../../document/places.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { send } from '../../ui/client.ts'
import { ChoiceRow } from '../../ui/fields.tsx'
import { Drawn } from './Drawn.tsx'
import { Film } from './Film.tsx'
import { drawnAs, newSwatch, usualDrawn } from './plans.ts'
import type { RackDesk } from './useRack.ts'

export interface NewProps {
  readonly settings: Revised<Settings>
  readonly after: RackDesk['after']
  /** The swatch to be opened; null: none was laid. */
  readonly onDone: (id: string | null) => void
}

/** A swatch laid now. */
export function NewSwatch({ settings, after, onDone }: NewProps) {
  const [swatch, setSwatch] = useState(() => newSwatch('New swatch'))
  const lay = (): void =>
    void after(send('PUT /api/swatches', { swatch, seen: null }), `${swatch.name} hangs on the rack.`).then(
      (is) => is && onDone(swatch.id),
    )
  return (
    <section aria-label="A new swatch" className="mb-6 grid gap-4 border border-rule bg-sheet p-4 sm:p-5">
      <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
        <Film label="A swatch, drawn down now" film={swatch} onFilm={setSwatch} />
        <div className="grid content-start gap-3">
          <Drawn drawn={swatch.drawn ?? usualDrawn} onDrawn={(drawn) => setSwatch(drawnAs(swatch, drawn))} />
          <ChoiceRow
            label="On"
            className="max-w-80"
            value={swatch.ground ?? ''}
            options={groundChoices}
            onValue={(ground) => setSwatch({ ...swatch, ground: ground || null })}
          />
          <ChoiceRow
            label="Hangs in"
            className="max-w-80"
            value={swatch.placeId}
            options={placesIn(settings).map(({ id, name }) => ({ id, name }))}
            onValue={(placeId) => setSwatch({ ...swatch, placeId })}
          />
        </div>
      </div>
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="button button-ink min-h-11"
          disabled={swatch.laid.paints.length === 0 && !swatch.laid.medium}
          onClick={lay}
        >
          Hang it on the rack
        </button>
        <button type="button" className="button min-h-11" onClick={() => onDone(null)}>
          Leave it
        </button>
      </div>
    </section>
  )
}
