import { useMemo } from 'react'
import type { PolicyId } from '../../../core/materials/policy.ts'
import { analyseMedium } from '../../../core/medium/medium.ts'
import { pairsIn } from '../../../core/medium/pairs.ts'
import type { UsableMedium } from '../../../document/batchMedium.ts'
import type { MediumDocument } from '../../../document/recipe.ts'
import type { ShelfItem } from '../../../document/shelf.ts'
import { findInStudio } from '../../../document/studioMaterials.ts'
import { useEarly } from '../../../ui/early.ts'
import { RoomSays } from '../../../ui/room/RoomSays.tsx'
import { Toasts } from '../../../ui/Toasts.tsx'
import { VerdictMark } from '../../../ui/Verdict.tsx'
import { Fitness } from '../../mediums/Fitness.tsx'
import { Amounts } from './Amounts.tsx'
import { Grid } from './Grid.tsx'

interface MakeProps {
  readonly medium: MediumDocument
  readonly mediums: readonly UsableMedium[]
  readonly shelf: readonly ShelfItem[]
  /** Batches of it nothing is poured for yet. */
  readonly open: number
  /** What the room forbids. */
  readonly policies: readonly PolicyId[]
}

/** How much is made: scaled to whatever limits it. And a grid of trials around the recipe. */
export function MakeView({ medium, mediums, shelf: items, open, policies }: MakeProps) {
  useEarly()
  const findMaterial = useMemo(() => findInStudio(items), [items])
  const made = useMemo(
    () =>
      analyseMedium(medium.recipe, findMaterial, (id) => mediums.find((one) => one.id === id), [medium.id]),
    [medium, mediums, findMaterial],
  )
  if (!made.ok)
    return (
      <p role="alert">
        {medium.name} cannot be made yet: {made.problems[0]!.message}{' '}
        <a className="link" href={`/mediums/${medium.id}`}>
          Back to its recipe
        </a>
      </p>
    )
  const materials = made.medium.ingredients.map(({ material }) => material)
  return (
    <>
      <h1 className="text-[2.2rem] leading-tight">Make {medium.name}</h1>
      <Fitness medium={made.medium} />
      <RoomSays materials={materials} policies={policies} />
      {pairsIn(materials).map(({ pair, severity, message }) => (
        <p key={pair} role="alert" className="mt-2">
          <VerdictMark verdict={severity} size={12} /> {message}
        </p>
      ))}
      <div className="mt-4 grid gap-x-12 gap-y-10 lg:grid-cols-2">
        <Amounts medium={medium} made={made.medium} shelf={items} />
        <Grid medium={medium} made={made.medium} />
      </div>
      {open > 0 && (
        <p className="mt-8 border-t border-rule pt-3">
          <a className="link" href={`/api/mediums/${medium.id}/sheet.pdf`}>
            Weighing sheet
          </a>{' '}
          of the {open} {open === 1 ? 'batch' : 'batches'} nothing is poured for yet, as PDF.
        </p>
      )}
      <Toasts />
    </>
  )
}
