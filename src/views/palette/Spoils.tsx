import { fatnessAt } from '../../core/film/film.ts'
import type { Material } from '../../core/materials/material.ts'
import { brushNames, carryOver, givesPigmentBack } from '../../core/palette/carryOver.ts'
import type { BrushSize } from '../../core/palette/carryOver.ts'
import { opaqueShare } from '../../core/film/opaque.ts'
import { clouding } from '../../core/palette/clouding.ts'
import { fatnessText, percent } from '../../core/words.ts'
import type { Settings } from '../../document/studio.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { dipMlOf } from '../../document/palette/besides.ts'
import { jarOfLiquid, usesOfLiquid } from '../../document/jar/jars.ts'
import type { OwnDips, PutIn } from '../../document/palette/besides.ts'
import type { LoadedPicture } from '../../studio/pictures.ts'
import { ChoiceRow, NumberRow } from '../../ui/fields.tsx'
import { about, mlText, percentText } from '../../ui/format.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import type { LaidHeap, LaidPalette } from './laidOut.ts'

/** What the studio knows of its brushes and the jars they are rinsed in. */
export type Brushes = Partial<Pick<Settings, 'dipMl' | 'jarUses'>>

interface SpoilsProps {
  readonly laid: LaidHeap
  readonly palette: LaidPalette
  readonly picture: LoadedPicture
  readonly layer: LayerDocument
  readonly onPutIn: (more: PutIn) => void
  readonly onBrushes: (known: Brushes) => void
}

/** What brushes are rinsed in beside the easel. */
const liquids = [
  { id: 'linseed_alkali_refined', name: 'oil (linseed)' },
  { id: 'safflower', name: 'oil (safflower)' },
  { id: 'gum_turpentine', name: 'turpentine' },
  { id: 'mineral_spirit_dearomatised_high_flash', name: 'low-odour spirit' },
]
const brushesOf = (own: OwnDips) =>
  brushNames.map((id) => ({
    id,
    name: `${id}, ${about(dipMlOf(id, own))} ml${own[id] === undefined ? ' a dip' : ', weighed'}`,
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
export function Spoils({ laid, palette, picture, layer, onPutIn, onBrushes }: SpoilsProps) {
  const { heap } = laid
  const dips = heap.dips ?? noDips
  const { dipMl, jarUses } = picture.settings
  const jar = jarOfLiquid(picture.settings, dips.liquid)
  const uses = usesOfLiquid(picture.settings, dips.liquid)
  const liquid = palette.findMaterial(dips.liquid)
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
          onValue={(count) => onPutIn({ dips: { ...dips, count: Math.round(count) } })}
        />
        <ChoiceRow
          label="of a brush"
          className="w-52"
          value={dips.brush}
          onValue={(id) => onPutIn({ dips: { ...dips, brush: id as BrushSize } })}
          options={brushesOf(dipMl)}
        />
        <ChoiceRow
          label="out of a jar of"
          className="w-40"
          value={dips.liquid}
          onValue={(liquid) => onPutIn({ dips: { ...dips, liquid } })}
          options={liquids}
        />
        {liquid && (
          <TenDips
            brush={dips.brush}
            liquid={liquid}
            own={dipMl}
            onOwn={(own) => onBrushes({ dipMl: own })}
          />
        )}
        {jar ? (
          <span className="pb-2 text-[0.88rem] text-soft">
            {jar.name}: used {uses} times,{' '}
            <a className="link" href="/room/evening">
              its book
            </a>
          </span>
        ) : (
          <NumberRow
            label="jar used since fresh"
            className="w-32"
            value={uses}
            low={0}
            high={1000}
            unit="times"
            onValue={(times) => onBrushes({ jarUses: { ...jarUses, [dips.liquid]: Math.round(times) } })}
          />
        )}
      </div>
      <DipsSay laid={laid} palette={palette} picture={picture} layer={layer} />
      {dips.count > 0 && givesPigmentBack(uses) && (
        <p className="mt-1 text-[0.95rem]" role="status">
          A jar used {uses} times gives paint back
          {laid.consistency === 'glaze'
            ? ': opaque paint gets into this glaze. Change it first.'
            : '. Change it before a glaze.'}
        </p>
      )}
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <NumberRow
          label="left in the brush"
          className="w-24"
          value={stray.g}
          low={0}
          high={1000}
          unit="g"
          onValue={(g) => onPutIn({ stray: { ...stray, g } })}
        />
        <ChoiceRow
          label="of"
          className="w-44"
          value={stray.pigment}
          onValue={(pigment) => onPutIn({ stray: { ...stray, pigment } })}
          options={strays}
        />
      </div>
      <OpaqueSays laid={laid} palette={palette} />
    </fieldset>
  )
}

interface TenDipsProps {
  readonly brush: BrushSize
  readonly liquid: Material
  readonly own: OwnDips
  readonly onOwn: (own: OwnDips) => void
}

const weighedDips = 10

/** The painter's own brush instead of the estimate: ten dips wiped off on a scale. */
function TenDips({ brush, liquid, own, onOwn }: TenDipsProps) {
  const density = liquid.densityGPerMl.mid
  const { [brush]: weighed, ...others } = own
  return (
    <NumberRow
      label={`${weighedDips} dips weigh`}
      className="w-24"
      value={weighed === undefined ? null : Number((weighed * weighedDips * density).toPrecision(3))}
      low={0.01}
      high={50}
      unit="g"
      onValue={(g) => onOwn({ ...others, [brush]: Number((g / weighedDips / density).toPrecision(3)) })}
      onEmpty={() => onOwn(others)}
    />
  )
}

function DipsSay({
  laid: { heap, meant },
  palette,
  picture,
  layer,
}: Omit<SpoilsProps, 'onPutIn' | 'onBrushes'>) {
  const { dips } = heap
  const liquid = dips && palette.findMaterial(dips.liquid)
  if (!dips || !liquid || dips.count === 0) return null
  const firstLayer = picture.layers[0]?.id === layer.id
  const { alkydWeight } = palette.conditioning
  const carried = carryOver(
    meant.mix,
    { liquid, dips: dips.count, mlEach: dipMlOf(dips.brush, picture.settings.dipMl) },
    { firstLayer, ...(alkydWeight !== undefined && { alkydWeight }) },
  )
  const [before, after] = carried.leanness.map((leanness) => fatnessText(fatnessAt(leanness)))
  return (
    <p className="mt-1 text-[0.95rem]" role="status">
      {carried.says === 'watch' && <VerdictMark verdict="watch" size={12} />} {mlText(carried.ml)},{' '}
      {percentText(carried.share)} of the wet heap.{' '}
      {carried.staysInFilm
        ? `It stays: dry, the heap goes from fat ${before!} to ${after!}.`
        : `It flies off: the wet mix is ${percentText(carried.wetVolatile[1])} solvent instead of ${percentText(carried.wetVolatile[0])}, and dry it is as fat as before.`}
      {carried.says === 'note' && ' That much counts for the layers over it.'}
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
  const share = opaqueShare(real.mix.all)
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
