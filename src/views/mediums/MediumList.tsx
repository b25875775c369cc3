import { Plus } from 'lucide-react'
import { useState } from 'react'
import { libraryShelf } from '../../core/materials/shelf.ts'
import { classNames } from '../../core/materials/material.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { MediumDocument } from '../../document/recipe.ts'
import { send } from '../../ui/client.ts'
import { percentText } from '../../ui/format.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { useDone } from '../../ui/done.ts'

/** Every medium, and in one line what it dries to. */
export function MediumList({ mediums }: { readonly mediums: readonly MediumDocument[] }) {
  useDone()
  const [problem, setProblem] = useState<string | null>(null)
  const add = (): void => {
    const medium: MediumDocument = { id: crypto.randomUUID(), name: 'New medium', recipe: { lines: [] }, note: '' }
    void send('PUT', '/api/mediums', { medium, seen: null }).then((reply) =>
      reply.ok ? window.location.assign(`/mediums/${medium.id}`) : setProblem(reply.refusal.message),
    )
  }
  return (
    <>
      <div className="flex items-end justify-between gap-4 pb-4">
        <h1 className="text-[2.2rem] leading-none">Mediums</h1>
        <button type="button" className="button min-h-11" onClick={add}>
          <Plus size={16} aria-hidden="true" /> New medium
        </button>
      </div>
      {problem && <p role="alert" className="text-unsound">{problem}</p>}
      {mediums.length === 0 && <p className="font-read text-xl">No medium is written down yet.</p>}
      <ul>
        {mediums.map((medium) => (
          <li key={medium.id} className="border-t border-rule">
            <a href={`/mediums/${medium.id}`} className="grid gap-x-8 py-3 hover:bg-wash sm:grid-cols-[16rem_1fr]">
              <span className="font-read text-[1.25rem] leading-tight [overflow-wrap:anywhere]">{medium.name}</span>
              <span className="text-soft">{summary(medium, mediums)}</span>
            </a>
          </li>
        ))}
      </ul>
      <Toasts />
    </>
  ) // prettier-ignore
}

function summary(medium: MediumDocument, mediums: readonly MediumDocument[]): string {
  const made = analyseMedium(medium.recipe, libraryShelf, (id) => mediums.find((one) => one.id === id), [medium.id])
  if (!made.ok) return made.problems[0]!.message
  const { dry, wet } = made.medium
  const dried = classNames.filter((name) => dry.byVolume[name] >= 0.005).sort((a, b) => dry.byVolume[b] - dry.byVolume[a])
  const leaves = wet.byVolume.volatile + wet.byVolume.water
  return `dries to ${dried.map((name) => `${percentText(dry.byVolume[name])} ${name}`).join(', ')} by volume${leaves > 0.005 ? `; ${percentText(leaves)} of the mix by volume is solvent or water` : '; no solvent'}`
}
