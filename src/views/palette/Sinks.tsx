import { useMemo } from 'react'
import { filmLaid } from '../../core/film/film.ts'
import { sinkingBecause, sinkingOf } from '../../core/film/sinking.ts'
import { dropsBelowMl } from '../../core/palette/measured.ts'
import { shortName } from '../../core/words.ts'
import type { HeapDocument } from '../../document/palette.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { suctionUnderLayer } from '../../document/judging/suctionUnder.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { mlText, upperFirst } from '../../ui/format.ts'
import type { LaidHeap, LaidPalette } from './laidOut.ts'

export interface SinksProps {
  readonly laid: LaidHeap
  readonly palette: LaidPalette
  readonly picture: LoadedPicture
  readonly layer: LayerDocument
  readonly onAdded: (added: HeapDocument['added']) => void
}

const says = {
  some: 'it may sink a little',
  high: 'it will likely sink',
  sure: 'it will surely sink',
} as const

/** Whether this heap will sink where it goes, and the drops of its own oil that prevent it, stirred in with one tap. */
export default function Sinks({ laid, palette, picture, layer, onAdded }: SinksProps) {
  const { heap, real, ml } = laid
  const { findMaterial } = palette
  const suctionUm = useMemo(
    () => suctionUnderLayer(picture, layer.id, findMaterial),
    [picture, layer.id, findMaterial],
  )
  const sinking = sinkingOf(filmLaid(real.mix, layer.wetThicknessUm, suctionUm))
  if (!sinking || sinking.risk === 'low') return null
  const oil = findMaterial(heap.paints[0]!.oil)
  const oilMl = Number((sinking.oilMlPerMl * ml).toPrecision(2))
  // So many drops that it is enough.
  const drops = oil?.dropMl && oilMl < dropsBelowMl ? Math.ceil(oilMl / oil.dropMl) : null
  const parts = drops && oil?.dropMl ? drops * oil.dropMl : oilMl
  return (
    <p className="leading-snug">
      {upperFirst(says[sinking.risk])}: {sinkingBecause[sinking.because]}.{' '}
      {oil && oilMl > 0 && (
        <>
          {drops ? `${drops} ${drops === 1 ? 'drop' : 'drops'}` : mlText(oilMl)} of{' '}
          {shortName(oil.name).toLowerCase()} in this heap alone keeps its look, if what goes over it is
          fatter still.{' '}
          {!heap.mixed && (
            <button
              type="button"
              className="min-h-6 font-medium link"
              onClick={() =>
                onAdded([...heap.added, { material: oil.id, parts: Number(parts.toPrecision(3)) }])
              }
            >
              Stir it in
            </button>
          )}{' '}
        </>
      )}
      <span className="text-soft">Estimate.</span>
    </p>
  )
}
