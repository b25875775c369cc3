import { Plus } from 'lucide-react'
import { useState } from 'react'
import { practiceOf } from '../../core/soundness/practice.ts'
import { supportOf } from '../../core/soundness/support.ts'
import type { LayerDocument, PaintingDocument } from '../../document/studio.ts'
import type { PaintingEntry } from '../../studio/paintings.ts'
import { send } from '../../ui/client.ts'
import { dateText, dayText } from '../../ui/format.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { useDone } from '../../ui/done.ts'
import { VerdictWord } from '../../ui/Verdict.tsx'
import { colourOf } from '../stack/rows.ts'

/** Every painting: its layers as a strip, whether it is sound, and what comes next. */
export function PaintingList({ entries }: { readonly entries: readonly PaintingEntry[] }) {
  useDone()
  const [problem, setProblem] = useState<string | null>(null)
  const add = (): void => {
    const painting: PaintingDocument = {
      id: crypto.randomUUID(),
      title: 'Untitled painting',
      widthCm: null,
      heightCm: null,
      support: 'linen_stretched',
      ground: 'acrylic_dispersion_ground',
      practice: 'oil-led',
      deadline: null,
      note: '',
    }
    void send('PUT', '/api/paintings', { painting, seen: null }).then((reply) =>
      reply.ok ? window.location.assign(`/paintings/${painting.id}`) : setProblem(reply.refusal.message),
    )
  }
  return (
    <>
      <div className="flex items-end justify-between gap-4 pb-4">
        <h1 className="text-[2.2rem] leading-none">Paintings</h1>
        <button type="button" className="button min-h-11" onClick={add}>
          <Plus size={16} aria-hidden="true" /> New painting
        </button>
      </div>
      {problem && (
        <p role="alert" className="text-unsound">
          {problem}
        </p>
      )}
      {entries.length === 0 && <p className="font-read text-xl">No painting is begun yet.</p>}
      <ul>
        {entries.map(({ painting, layers, verdict, worst, next }) => (
          <li key={painting.id} className="border-t border-rule">
            <a href={`/paintings/${painting.id}`} className="grid items-center gap-x-6 gap-y-1 py-3 hover:bg-wash sm:grid-cols-[5.5rem_16rem_1fr]">
              <Strip layers={layers} />
              <span className="min-w-0">
                <span className="block font-read text-[1.3rem] leading-tight [overflow-wrap:anywhere]">{painting.title}</span>
                <span className="block text-[0.85rem] text-soft">
                  {[
                    supportOf(painting.support)!.name,
                    practiceOf(painting.practice)!.name.toLowerCase(),
                    painting.deadline && `due ${dateText(painting.deadline)}`,
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </span>
              <span className="min-w-0">
                {layers.length > 0 ? (
                  <span className="block leading-snug">
                    <span className="mr-2">
                      <VerdictWord verdict={verdict} />
                    </span>
                    {worst}
                  </span>
                ) : (
                  <span className="text-soft">No layers yet</span>
                )}
                {next && (
                  <span className="block text-[0.88rem] text-soft">
                    Next: {next.name}, {next.certain ? `from ${dayText(next.day)}` : 'no date yet'}
                  </span>
                )}
                {!next && layers.length > 0 && <span className="block text-[0.88rem] text-soft">All layers are painted</span>}
              </span>
            </a>
          </li>
        ))}
      </ul>
      <Toasts />
    </>
  )
}

/** The layers as bands, surface at the top, thickness on a square-root scale; planned ones outlined. */
function Strip({ layers }: { readonly layers: readonly LayerDocument[] }) {
  const roots = layers.map(({ wetThicknessUm }) => Math.sqrt(wetThicknessUm))
  const all = roots.reduce((sum, root) => sum + root, 0)
  let y = 0
  return (
    <svg width="80" height="44" aria-hidden="true" className="block">
      {layers.toReversed().map((layer) => {
        const height = (40 * Math.sqrt(layer.wetThicknessUm)) / all
        const top = y
        y += height
        return (
          <rect
            key={layer.id}
            x="0.5"
            y={top + 0.5}
            width="79"
            height={Math.max(1, height)}
            fill={colourOf(layer)}
            opacity={layer.paintedAt ? 1 : 0.4}
            stroke={layer.paintedAt ? 'none' : 'var(--ink)'}
            strokeDasharray="3 2"
          />
        )
      })}
      <rect y="41" width="80" height="3" fill="var(--stone)" />
    </svg>
  )
}
