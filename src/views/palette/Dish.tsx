import { keepingOf } from '../../core/batch/keeping.ts'
import type { Climate } from '../../core/cure/climate.ts'
import { leftoverPast } from '../../core/palette/leftover.ts'
import { dayCount } from '../../core/words.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { PaletteDocument } from '../../document/palette.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { NumberField } from '../../ui/fields.tsx'
import { mlText, percentText } from '../../ui/format.ts'
import { isLaid } from './laidOut.ts'
import type { LaidPalette } from './laidOut.ts'

/** What all of it comes to, and whether the medium in the dish is still good. */
export function Total({
  laid,
  climate,
  onPalette,
}: {
  readonly laid: LaidPalette
  readonly climate: Climate
  readonly onPalette: (change: Partial<PaletteDocument>) => void
}) {
  const mediumMl = laid.heaps.filter(isLaid).reduce((sum, { medium }) => sum + medium.ml, 0)
  if (mediumMl === 0) return null
  return (
    <>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-2 font-read text-[1.15rem]">
        In all {mlText(mediumMl)} of {laid.mediumName}
        <span className="not-printed -ml-2 inline-flex items-baseline gap-2">
          , poured
          <NumberField
            label="Days since the medium was poured"
            className="w-12"
            value={laid.palette.mediumAgeDays}
            low={0}
            high={3650}
            onValue={(days) => onPalette({ mediumAgeDays: days })}
            onEmpty={() => onPalette({ mediumAgeDays: null })}
          />
          days ago.
        </span>
      </p>
      <DishAge laid={laid} climate={climate} />
    </>
  )
}

interface JarProps {
  readonly laid: LaidPalette
  readonly layer: LayerDocument
  readonly picture: LoadedPicture
  /** The layers as they were when the page came: what was mixed since has left the jar. */
  readonly before: readonly LayerDocument[]
}

/** Whether the jar the medium comes from holds enough. */
export function Jar({ laid, layer, picture, before }: JarProps) {
  const jar = picture.mediums.find(({ id }) => id === layer.medium?.mediumId)
  if (jar?.leftMl === undefined) return null
  const drawnMl = mediumMixed(picture.layers, jar.id) - mediumMixed(before, jar.id)
  const leftMl = Math.max(0, jar.leftMl - drawnMl)
  const wantedMl = laid.heaps
    .filter(isLaid)
    .reduce((sum, { heap, medium }) => sum + (heap.mixed ? 0 : medium.ml), 0)
  return wantedMl > leftMl ? (
    <p className="text-watch">
      The jar holds {leftMl > 0 ? `only ${mlText(leftMl)}` : 'none'} of it: make more, or mix less.
    </p>
  ) : (
    <p className="text-soft">{mlText(leftMl)} are left in the jar.</p>
  )
}

/** Medium out of a jar that was stirred into heaps, ml. */
const mediumMixed = (layers: readonly LayerDocument[], jar: string): number =>
  layers
    .filter(({ medium }) => medium?.mediumId === jar)
    .flatMap(({ mixed }) => mixed.flatMap(({ heaps }) => heaps))
    .reduce((sum, { mediumMl }) => sum + mediumMl, 0)

/** Yesterday's medium: past its keeping, or past the time it begins to set in. */
function DishAge({
  laid: { palette, conditioning, mediumName, heaps },
  climate,
}: {
  readonly laid: LaidPalette
  readonly climate: Climate
}) {
  const age = palette.mediumAgeDays
  const { medium } = conditioning
  if (!age || medium.length === 0) return null
  const materials = medium.map(({ material }) => material)
  const past = leftoverPast(medium, { days: age, keepsDays: keepingOf(materials, false).days }, climate)
  if (!past) return null
  const most = Math.max(0, ...heaps.filter(isLaid).map(({ real }) => real.mix.film.mix.medium))
  return (
    <p className="text-watch">
      The {mediumName} in the dish is {dayCount(age)} old
      {past.what === 'keeping'
        ? `; it keeps ${dayCount(past.days)}. Pour fresh.`
        : ` and begins to set after about ${dayCount(past.days)}: it drags and skins. Pour fresh.`}{' '}
      {most > 0 && `It is up to ${percentText(most)} of a heap by volume.`}
    </p>
  )
}
