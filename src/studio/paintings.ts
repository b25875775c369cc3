import type { Verdict } from '../core/soundness/mismatch.ts'
import type { Assessment } from '../document/assess.ts'
import type { LayerDocument, PaintingDocument } from '../document/studio.ts'
import type { LoadedPicture } from './reading.ts'

/** A painting as its list shows it. */
export interface PaintingEntry {
  readonly painting: PaintingDocument
  readonly layers: readonly LayerDocument[]
  readonly verdict: Verdict
  readonly worst: string | null
  readonly next: { readonly name: string; readonly day: number; readonly certain: boolean } | null
}

export function entryOf({ painting, layers }: LoadedPicture, assessment: Assessment): PaintingEntry {
  const at = layers.findIndex(({ paintedAt }) => !paintedAt)
  const date = assessment.layers[at]?.date
  return {
    painting,
    layers,
    verdict: assessment.verdict,
    worst: assessment.findings.find(({ severity }) => severity === assessment.verdict)?.message ?? null,
    next: date ? { name: layers[at]!.name, day: date.day, certain: date.source !== 'unknown' } : null,
  }
}
