import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { isDull, sheens } from '../../core/finish/sheen.ts'
import type { Sheen } from '../../core/finish/sheen.ts'
import { dateOf } from '../../core/plan/calendar.ts'
import type { PatchDocument } from '../../document/patch.ts'
import { namedAreasOf } from '../../document/picture/areas.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { PaintingDocument } from '../../document/studio.ts'
import type { PictureSurface, SurfacePatch } from '../../document/finish/surface.ts'
import { Choice, NumberField } from '../../ui/fields.tsx'
import { about, dateText } from '../../ui/format.ts'
import { IconButton } from '../../ui/IconButton.tsx'

interface PatchListProps {
  readonly picture: Picture
  readonly surface: PictureSurface
  readonly chosen: string | null
  readonly onChoose: (patch: string) => void
  readonly onChange: (change: Partial<PaintingDocument>) => void
}

const toldShare = 0.05

/** The patches in words: what was seen, when, why it sank, and what became of it; and how the rest likely looks. */
export function PatchList({ picture, surface, chosen, onChoose, onChange }: PatchListProps) {
  const { painting, today } = picture
  const areas = namedAreasOf(picture)
  const change = (id: string, more: Partial<PatchDocument>): void =>
    onChange({ patches: painting.patches.map((one) => (one.id === id ? { ...one, ...more } : one)) })
  const add = (): void => {
    const id = crypto.randomUUID()
    const patch: PatchDocument = {
      ...{ id, on: dateOf(today), sheen: 'sunken', area: areas[0]?.id ?? null },
      ...{ share: toldShare, shapes: [] },
    }
    onChange({ patches: [...painting.patches, patch] })
    onChoose(id)
  }
  const likely = surface.likely.filter(({ area }) =>
    surface.patches.every(({ patch, state }) => state !== 'there' || patch.area !== (area || null)),
  )
  return (
    <section aria-label="Patches">
      <h2 className="border-b border-ink pb-1 text-xl">Patches</h2>
      {surface.patches.length === 0 && (
        <p className="pt-2 text-soft">None is marked. What follows is only what the mixtures make likely.</p>
      )}
      <ul>
        {surface.patches.map((one) => (
          <Patch
            key={one.patch.id}
            one={one}
            areas={areas}
            isChosen={one.patch.id === chosen}
            onChoose={() => onChoose(one.patch.id)}
            onSheen={(sheen) => change(one.patch.id, { sheen })}
            onArea={(area) => change(one.patch.id, { area })}
            onShare={(share) => change(one.patch.id, { share })}
            onRemove={() => onChange({ patches: painting.patches.filter(({ id }) => id !== one.patch.id) })}
          />
        ))}
      </ul>
      {likely.length > 0 && (
        <p className="mt-2 text-[0.92rem] text-soft">
          Likely, where nobody looked: {likely.map(({ name, sheen }) => `${name} ${sheen}`).join(' · ')}{' '}
          (estimate from the mixtures).
        </p>
      )}
      <button type="button" className="inline-flex min-h-11 items-center gap-1 link" onClick={add}>
        <Plus size={14} aria-hidden="true" /> a patch without drawing it
      </button>
    </section>
  )
}

interface PatchProps {
  readonly one: SurfacePatch
  readonly areas: readonly { readonly id: string; readonly name: string }[]
  readonly isChosen: boolean
  readonly onChoose: () => void
  readonly onSheen: (sheen: Sheen) => void
  readonly onArea: (area: string | null) => void
  readonly onShare: (share: number) => void
  readonly onRemove: () => void
}

const options = sheens.map((id) => ({ id, name: id }))

function Patch({ one, areas, isChosen, onChoose, onSheen, onArea, onShare, onRemove }: PatchProps) {
  const { patch, because, state, top } = one
  const name = `the ${patch.sheen} patch of ${dateText(patch.on)}`
  return (
    <li
      className={`grid grid-cols-[1fr_auto] gap-x-3 border-b border-rule py-1.5 ${isChosen ? 'bg-wash' : ''}`}
    >
      <div className="flex flex-wrap items-center gap-x-3">
        <Choice
          label={`Sheen of ${name}`}
          className="max-w-28"
          value={patch.sheen}
          options={options}
          onValue={(sheen) => onSheen(sheen as Sheen)}
        />
        {areas.length > 0 && (
          <Choice
            label={`Where ${name} lies`}
            className="max-w-40"
            value={patch.area ?? ''}
            options={[...areas, { id: '', name: 'the rest' }]}
            onValue={(area) => onArea(area || null)}
          />
        )}
        {patch.shapes.length === 0 && (
          <NumberField
            label={`How much of the picture ${name} takes`}
            className="w-24"
            unit="% of it"
            value={100 * patch.share}
            low={0.1}
            high={100}
            onValue={(percent) => onShare(percent / 100)}
          />
        )}
        <button type="button" aria-pressed={isChosen} className="min-h-11 link" onClick={onChoose}>
          {about(100 * patch.share)}&nbsp;% of the picture, seen {dateText(patch.on)}
        </button>
      </div>
      <IconButton label={`Take out ${name}`} onClick={onRemove}>
        <X size={15} aria-hidden="true" />
      </IconButton>
      <p className="col-span-2 text-[0.92rem]">{fateText(one)}</p>
      {state === 'there' && isDull(patch.sheen) && (
        <p className="col-span-2 text-[0.92rem] text-soft">
          {because
            ? `Why: ${because}, in ${top!.layer.name}.`
            : 'Why: the layers under it do not say; look whether it was rubbed, or painted in the damp.'}
        </p>
      )}
    </li>
  )
}

function fateText({ state, oiledBy, patch: { sheen } }: SurfacePatch): string {
  switch (state) {
    case 'oiled-out':
      return `Oiled out on ${dateText(oiledBy!.painted!.at.slice(0, 10))}: mark it anew if it is dull again.`
    case 'painted-over':
      return 'Painted over since: mark it anew if it is dull again.'
    default:
      return isDull(sheen) ? 'It is dull still.' : 'It shines.'
  }
}
