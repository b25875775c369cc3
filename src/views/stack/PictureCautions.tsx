import { useMemo } from 'react'
import { hazardsOf, neverSanded } from '../../core/materials/hazards.ts'
import { groundOf } from '../../core/stack/support.ts'
import { materialsUsed } from '../../document/picture/picture.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { Cautions } from '../../ui/Cautions.tsx'
import { useRested } from './useRested.ts'

/** The cautions that belong to all that is in the layers, their mediums and their ground. */
export function PictureCautions({ picture: shown }: { readonly picture: Picture }) {
  const picture = useRested(shown)
  const used = useMemo(() => {
    const ground = picture.painting.ground ? groundOf(picture.painting.ground) : undefined
    return [...materialsUsed(picture), ...(ground ? [ground] : [])]
  }, [picture])
  const mayNotBeSanded = hazardsOf(used).some((hazard) => neverSanded.includes(hazard))
  return (
    <div className="mt-3">
      <Cautions materials={used} wet />
      {mayNotBeSanded && (
        <p className="text-[0.85rem] text-soft">
          Some of it may never be sanded dry: wet and gloved, or not at all.
        </p>
      )}
    </div>
  )
}
