import { brushSizes, carryOver } from '../../core/palette/carryOver.ts'
import type { BrushSize } from '../../core/palette/carryOver.ts'
import { clouding, opaqueShare } from '../../core/palette/opaque.ts'
import { fatnessText, percent } from '../../core/words.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { HeapDocument } from '../../document/palette.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { ChoiceRow, NumberRow } from '../../ui/fields.tsx'
import { about, mlText, percentText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import type { LaidHeap, LaidPalette } from './laidOut.ts'

interface SpoilsProps {
  readonly laid: LaidHeap
  readonly palette: LaidPalette
  readonly picture: LoadedPicture
  readonly layer: LayerDocument
  readonly onHeap: (change: Partial<HeapDocument>) => void
}

/** What brushes are rinsed in beside the easel. */
const liquids = [
  { id: 'linseed_alkali_refined', name: 'oil (linseed)' },
  { id: 'safflower', name: 'oil (safflower)' },
  { id: 'gum_turpentine', name: 'turpentine' },
  { id: 'mineral_spirit_dearomatised_high_flash', name: 'low-odour spirit' },
]
const brushes = (Object.keys(brushSizes) as BrushSize[]).map((id) => ({
  id,
  name: `${id}, ${brushSizes[id]} ml a dip`,
}))
const noDips = { liquid: 'linseed_alkali_refined', count: 0, brush: 'middle' as BrushSize }
const strays = [
  { id: 'pw6_rutile', name: 'titanium white' },
  { id: 'pw1', name: 'lead white' },
  { id: 'py35', name: 'cadmium yellow' },
  { id: 'pr108', name: 'cadmium red' },
  { id: 'pr101', name: 'opaque iron oxide' },
]

/** What the brush brings into a heap: cleaning oil or spirit, and opaque paint that was left in it. */
export function Spoils({ laid, palette, picture, layer, onHeap }: SpoilsProps) {
  const { heap } = laid
  const dips = heap.dips ?? noDips
  const stray = heap.stray ?? { pigment: 'pw6_rutile', g: 0 }
  return (
    <fieldset className="min-w-0">
      <legend className="text-[0.8rem] text-soft">What spoils it: the brush brings it in</legend>
      <div className="flex flex-wrap items-end gap-3">
        <NumberRow
          label="dips"
          className="w-16"
          value={dips.count}
          low={0}
          high={500}
          onValue={(count) => onHeap({ dips: { ...dips, count: Math.round(count) } })}
        />
        <ChoiceRow
          label="of a brush"
          className="w-40"
          value={dips.brush}
          onValue={(id) => onHeap({ dips: { ...dips, brush: id as BrushSize } })}
          options={brushes}
        />
        <ChoiceRow
          label="out of a jar of"
          className="w-40"
          value={dips.liquid}
          onValue={(liquid) => onHeap({ dips: { ...dips, liquid } })}
          options={liquids}
        />
      </div>
      <DipsSay laid={laid} palette={palette} picture={picture} layer={layer} />
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <NumberRow
          label="left in the brush"
          className="w-24"
          value={stray.g}
          low={0}
          high={1000}
          unit="g"
          onValue={(g) => onHeap({ stray: { ...stray, g } })}
        />
        <ChoiceRow
          label="of"
          className="w-44"
          value={stray.pigment}
          onValue={(pigment) => onHeap({ stray: { ...stray, pigment } })}
          options={strays}
        />
      </div>
      <OpaqueSays laid={laid} palette={palette} />
    </fieldset>
  )
}

function DipsSay({ laid: { heap, real }, palette, picture, layer }: Omit<SpoilsProps, 'onHeap'>) {
  const { dips } = heap
  const liquid = dips && palette.findMaterial(dips.liquid)
  if (!dips || !liquid || dips.count === 0) return null
  const firstLayer = picture.layers[0]?.id === layer.id
  const { alkydWeight } = palette.conditioning
  const carried = carryOver(
    real.mix,
    { liquid, dips: dips.count, mlEach: brushSizes[dips.brush] },
    { firstLayer, ...(alkydWeight !== undefined && { alkydWeight }) },
  )
  const [before, after] = carried.leanness.map((lean) =>
    fatnessText(lean === null ? null : lean === 0 ? Infinity : 1 / lean),
  )
  return (
    <p className="mt-1 text-[0.95rem]" role="status">
      {carried.says !== 'nothing' && (
        <VerdictMark verdict={carried.says === 'watch' ? 'watch' : 'sound'} size={12} />
      )}{' '}
      {mlText(carried.ml)}, {percentText(carried.share)} of the wet heap.{' '}
      {carried.staysInFilm
        ? `It stays: dry, the heap goes from fat ${before!} to ${after!}.`
        : `It flies off: the wet mix is ${percentText(carried.wetVolatile[1])} solvent instead of ${percentText(carried.wetVolatile[0])}, and dry it is as fat as before.`}
      {carried.says === 'watch' &&
        (carried.staysInFilm
          ? ' Wipe the brush, or count it as medium.'
          : ' Too thin above the first layer.')}
    </p>
  )
}

function OpaqueSays({ laid: { heap, real, consistency }, palette }: Pick<SpoilsProps, 'laid' | 'palette'>) {
  const { stray } = heap
  const pigment = stray && stray.g > 0 ? palette.findMaterial(stray.pigment) : undefined
  if (consistency !== 'glaze' && !pigment) return null
  const brought =
    pigment && stray
      ? [{ material: pigment, massG: stray.g, volumeMl: stray.g / pigment.densityGPerMl.mid }]
      : []
  const share = opaqueShare([...real.mix.all, ...brought])
  const limit = palette.practice.limits.opaqueInGlaze
  const level = clouding(share, limit)
  return (
    <p className="mt-1 text-[0.95rem]" role="status">
      <VerdictMark verdict={level ?? 'sound'} size={12} /> Opaque pigment is {percent(share)} of the mix by
      mass
      {level === null
        ? `, within the ${about(100 * limit.watch)} % a glaze bears.`
        : level === 'watch'
          ? `; from ${about(100 * limit.watch)} % on a glaze clouds.`
          : `; from ${about(100 * limit.unsound)} % on it is no glaze any more. Only the look suffers.`}
    </p>
  )
}
