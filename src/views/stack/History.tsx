import X from 'lucide-react/dist/esm/icons/x.mjs'
import type { Area } from '../../core/stack/area.ts'
import type { LayerDocument, Painted } from '../../document/layer.ts'
import type { Revised, TouchTest } from '../../document/studio.ts'
import { momentText } from '../../ui/format.ts'
import { checks, fingerWords } from '../../core/cure/checkWords.ts'
import { factsOf } from './PaintedFacts.tsx'

/** The fingers that were on a layer, by their dates; one that was wrong can be taken out of all reckoning, or back. */
export function TouchTests({
  tests,
  onRemove,
  onCount,
}: {
  readonly tests: readonly Revised<TouchTest>[]
  readonly onRemove: (test: Revised<TouchTest>) => void
  /** Takes it out of all reckoning, or back into it; it stays on record. */
  readonly onCount: (test: Revised<TouchTest>) => void
}) {
  if (tests.length === 0) return null
  const inTime = [...tests].sort((a, b) => a.at.localeCompare(b.at))
  return (
    <section aria-label="Touch tests" className="mt-4">
      <h3 className="text-[1.05rem]">Touch tests</h3>
      <ul>
        {inTime.map((test) => (
          <li key={test.id} className="flex items-center gap-3 border-t border-rule">
            <span className="grow">
              {momentText(test.at)}: {checks[test.check].name}, {fingerWords(test)}
              {test.where && <> on {test.where}</>}
              {!test.counts && <span className="text-soft"> · taken out</span>}
              {test.note && <span className="text-soft"> · {test.note}</span>}
            </span>
            <button
              type="button"
              className="min-h-11 text-[0.9rem] link"
              aria-label={`${test.counts ? 'Take out' : 'Count again'} the ${checks[test.check].name} of ${momentText(test.at)}`}
              onClick={() => onCount(test)}
            >
              {test.counts ? 'take out' : 'count again'}
            </button>
            <button
              type="button"
              aria-label={`Take back the touch test of ${momentText(test.at)}`}
              className="grid size-11 place-items-center hover:bg-wash"
              onClick={() => onRemove(test)}
            >
              <X size={15} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What the record said before it was put right, newest first. */
export function Corrections({
  layer: { painted, corrections },
  areas,
}: {
  readonly layer: LayerDocument
  readonly areas: readonly Area[]
}) {
  if (corrections.length === 0) return null
  const next = (at: number): Painted | null => corrections[at + 1]?.was ?? painted
  return (
    <section aria-label="Corrections" className="mt-4">
      <h3 className="text-[1.05rem]">What the record said before</h3>
      <ul>
        {corrections
          .map(({ at, was }, index) => (
            <li key={index} className="border-t border-rule py-1.5">
              <span className="text-soft">Until {momentText(at)}: </span>
              {differences(was, next(index), areas)}
            </li>
          ))
          .toReversed()}
      </ul>
    </section>
  )
}

/** What a correction changed, as it was before. */
function differences(was: Painted, next: Painted | null, areas: readonly Area[]): string {
  if (!next) return `painted ${momentText(was.at)}, which was taken back`
  const now = new Map(factsOf(next, areas))
  const before = factsOf(was, areas).filter(([what, is]) => now.get(what) !== is)
  const added = [...now.keys()].filter((what) => !factsOf(was, areas).some(([known]) => known === what))
  return [...before.map(([what, is]) => `${what} ${is}`), ...added.map((what) => `no ${what}`)].join('; ')
}
