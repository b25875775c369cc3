import { inTheArea } from '../../core/words.ts'

/** Where nothing is painted yet: how to begin. `area`: the part of the picture that is bare; null: all of it. */
export function FirstLayer({ area, onAdd }: { readonly area: string | null; readonly onAdd: () => void }) {
  return (
    <section aria-label="First layer">
      <p className="font-read text-xl">
        {area === null
          ? 'Nothing is painted or planned yet.'
          : `Nothing is painted or planned ${inTheArea(area)} yet.`}
      </p>
      <p className="mt-1 text-soft">
        Describe the first layer: what paint, how much medium, how thick. The rest follows from it.
      </p>
      <button type="button" className="button button-ink mt-4 min-h-11" onClick={onAdd}>
        {area === null ? 'Add the first layer' : 'Add a layer'}
      </button>
    </section>
  )
}
