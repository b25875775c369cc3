import { useMemo, useState } from 'react'
import { oilOut, usualOilOut } from '../../core/finish/oilOut.ts'
import type { OilLeft } from '../../core/finish/oilOut.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { wholeDrops } from '../../core/palette/measured.ts'
import { restId } from '../../core/stack/area.ts'
import { patchesCm2 } from '../../document/picture/area.ts'
import type { Assessment } from '../../document/judging/assess.ts'
import { startOf } from '../../document/picture/eventStart.ts'
import type { LayerDocument } from '../../document/layer.ts'
import { oiledParts } from '../../document/finish/oiledParts.ts'
import { oilOutEffect } from '../../document/finish/oilOutEffect.ts'
import type { OilOutEffect } from '../../document/finish/oilOutEffect.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { brushOf } from '../../document/brush.ts'
import type { PictureSurface, SurfacePatch } from '../../document/finish/surface.ts'
import { NumberRow } from '../../ui/fields.tsx'
import { about, dayText, mlText, umText } from '../../ui/format.ts'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import { aspectOf } from '../../ui/map/tools.ts'
import { say } from '../../ui/messages.ts'
import { Tick } from '../../ui/tick/Tick.tsx'
import { startTimer } from '../../ui/timer/timers.ts'
import { VerdictMark } from '../../ui/Verdict.tsx'
import { newEvent } from '../stack/event/newEvent.ts'
import { addLayer } from '../stack/event/addLayer.ts'
import type { EditedPicture } from '../stack/usePicture.ts'
import { Term } from '../../ui/help/Term.tsx'

interface OilOutProps {
  readonly picture: Picture
  readonly assessment: Assessment
  readonly surface: PictureSurface
  readonly findMaterial: FindMaterial
  readonly edited: EditedPicture
  /** The patch the painter looks at; null: the one that is best begun with. */
  readonly chosen: string | null
}

const soakMinutes = 10

/** Oiling out, reckoned for the patches that are worked on: how much, how long, what is left and what that does. */
export function OilOut({ picture, assessment, surface, findMaterial, edited, chosen }: OilOutProps) {
  const { painting, settings } = picture
  const open = surface.patches.filter(({ state }) => state === 'there')
  const first = open.find(({ patch }) => patch.id === chosen) ?? surface.toOil[0] ?? null
  const [ticked, setTicked] = useState<ReadonlySet<string> | null>(null)
  const forPatches = ticked ?? new Set(first ? [first.patch.id] : [])
  const patches = open.filter(({ patch }) => forPatches.has(patch.id))
  const solventFree = settings.policies.includes('solvent')
  const [oil, setOil] = useState(() => oilOn(first) ?? 'linseed_alkali_refined')
  const [solvent, setSolvent] = useState(solventFree ? '' : 'mineral_spirit_dearomatised_low_flash')
  const [parts, setParts] = useState({ oil: 1, solvent: 1 })
  const [mlPerM2, setMl] = useState<number>(usualOilOut.mlPerM2)
  const [wiped, setWiped] = useState<number>(usualOilOut.wipedShare)
  const cm2 =
    patches.length > 0
      ? patchesCm2(
          painting,
          patches.map(({ patch }) => patch),
        )
      : (painting.widthCm ?? 0) * (painting.heightCm ?? 0)
  const hasSolvent = solvent !== '' && parts.solvent > 0
  const told = useMemo(
    (): Partial<LayerDocument> => ({
      ...startOf('oil-out'),
      name: 'Oiling out',
      event: {
        kind: 'oil-out',
        wiped,
        ...(patches.length > 0 && { patches: patches.map(({ patch }) => patch.id) }),
      },
      besides: [{ material: oil, parts: parts.oil }],
      thinner: hasSolvent ? { material: solvent, parts: parts.solvent } : null,
      wetThicknessUm: mlPerM2,
      areas: [...new Set(patches.map(({ patch }) => patch.area ?? restId))],
    }),
    [wiped, patches, oil, solvent, parts, hasSolvent, mlPerM2],
  )
  const effect = useMemo(() => {
    const layer = newEvent(edited.picture, 'oil-out', restId, told)[0]!.layer as LayerDocument
    return oilOutEffect(picture, assessment, layer, findMaterial)
  }, [picture, assessment, told, findMaterial, edited.picture])
  const amount =
    cm2 > 0
      ? oilOut({
          areaM2: cm2 / 1e4,
          mlPerM2,
          parts: { oil: parts.oil, solvent: hasSolvent ? parts.solvent : 0 },
          wipedShare: wiped,
        })
      : null
  const soak = (name: string): void => {
    startTimer({ name, minutes: soakMinutes, repeats: false }, Date.now())
    say(`${name}: ${soakMinutes} minutes, in the head of every page.`)
  }
  const done = async (): Promise<void> => {
    const seen = patches.map(({ patch }) => patch)
    const { areas, change } = oiledParts(picture, seen, aspectOf(painting), () => crypto.randomUUID())
    if (change) edited.editPainting(change)
    const layers = newEvent(edited.picture, 'oil-out', restId, { ...told, areas })
    const { is } = await addLayer(edited, layers, { now: true })
    if (is !== 'refused') setTicked(null)
  }
  return (
    <section aria-label="Oiling out" className="mt-8 border-t border-ink pt-4">
      <h2 className="text-xl">
        <Term of="oiling out">Oiling out</Term>
      </h2>
      <p className="mt-1 max-w-[60rem] font-read text-[1.3rem] leading-snug">
        {effect.refused ? (
          <>
            <VerdictMark verdict="unsound" size={14} /> Not here: {effect.refused}.
          </>
        ) : amount ? (
          answer(amount.totalMl, amount.oilMl, amount.solventMl, patches.length, findMaterial, oil, solvent)
        ) : (
          'Give the picture its size on the Record, and the oil is told in millilitres.'
        )}
      </p>
      <div className="mt-3 grid gap-x-12 gap-y-6 lg:grid-cols-2">
        <div className="grid content-start gap-3">
          {open.length > 0 && (
            <fieldset>
              <legend className="text-[0.8rem] text-soft">
                For these patches; none: the whole, which is seldom wise
              </legend>
              {open.map(({ patch, name }) => (
                <Tick
                  key={patch.id}
                  label={`${name}, ${about(100 * patch.share)}\u00a0% of the picture`}
                  on={forPatches.has(patch.id)}
                  onTick={(is) => {
                    const next = new Set(forPatches)
                    if (is) next.add(patch.id)
                    else next.delete(patch.id)
                    setTicked(next)
                  }}
                />
              ))}
            </fieldset>
          )}
          <div className="grid grid-cols-2 gap-3">
            <MaterialRow
              label="Oil, of the layer’s own kind"
              role="oil"
              value={oil}
              findMaterial={findMaterial}
              bring={edited.bring}
              onValue={setOil}
            />
            <MaterialRow
              label="Thinned with"
              role="thinner"
              orNone
              value={solvent}
              findMaterial={findMaterial}
              bring={edited.bring}
              onValue={setSolvent}
            />
            <NumberRow
              label="Parts of oil"
              value={parts.oil}
              low={0.1}
              high={100}
              onValue={(value) => setParts({ ...parts, oil: value })}
            />
            <NumberRow
              label="Parts of thinner"
              value={solvent ? parts.solvent : 0}
              low={0}
              high={100}
              onValue={(value) => setParts({ ...parts, solvent: value })}
            />
            <NumberRow
              label="Rubbed on, ml on a square metre"
              value={mlPerM2}
              low={1}
              high={200}
              onValue={setMl}
            />
            <NumberRow
              label="Wiped off again, % of it"
              value={100 * wiped}
              low={0}
              high={99}
              onValue={(value) => setWiped(value / 100)}
            />
          </div>
        </div>
        <div>
          <Left effect={effect} wiped={wiped} surface={surface} />
          <div className="mt-4 flex flex-wrap gap-3">
            <button type="button" className="button min-h-11" onClick={() => soak('Soak of the oil')}>
              Rubbed in: let it soak {soakMinutes} min
            </button>
            <button type="button" className="button min-h-11" onClick={() => soak('After wiping')}>
              Wiped: wait {soakMinutes} min more
            </button>
            <button
              type="button"
              className="button button-ink min-h-11"
              disabled={effect.refused !== null}
              onClick={() => void done()}
            >
              It is oiled out
            </button>
          </div>
          <p className="mt-3 text-[0.88rem] text-soft">
            A hog brush first, then the ball of the hand or a lint-free cloth; the picture tilted back, so
            that nothing runs. Only the dull place and 10 mm round it. The cloth heats itself: flat outdoors,
            or under water in a lidded metal can. The safety data sheet and local rules come first.
          </p>
        </div>
      </div>
    </section>
  )
}

function answer(
  totalMl: number,
  oilMl: number,
  solventMl: number,
  patches: number,
  findMaterial: FindMaterial,
  oil: string,
  solvent: string,
): string {
  const where =
    patches === 0 ? 'the whole picture' : patches === 1 ? 'this patch' : `these ${patches} patches`
  const parts = [
    doseText(oilMl, findMaterial(oil), 'oil'),
    ...(solventMl > 0 ? [doseText(solventMl, findMaterial(solvent), 'thinner')] : []),
  ]
  const isDropped = parts.some((part) => part.includes('drop'))
  return `${mlText(totalMl)} for ${where}: ${parts.join(' and ')}${isDropped ? '; a drop is half to double of that until it is counted' : ''}.`
}

/** So much of a part, in drops below a millilitre. */
function doseText(ml: number, material: Material | undefined, what: string): string {
  const drops = material && wholeDrops(ml, material.dropMl)
  return `${mlText(ml)} of ${what}${drops ? ` (about ${drops === 1 ? '1 drop' : `${drops} drops`})` : ''}`
}

/** The oil the paint under a patch is ground in. */
const oilOn = (patch: SurfacePatch | null): string | undefined =>
  patch?.top ? brushOf(patch.top.layer).paints[0]?.oil : undefined

const keptWords: Readonly<Record<OilLeft, string>> = {
  joins: 'so little that it joins whatever is painted into it, and says nothing by itself',
  'paint-into': 'it joins the new layer only while it is open: paint into it',
  layer: 'a layer of its own: it yellows, and restarts the varnish date. Wipe more',
}

function Left({
  effect,
  wiped,
  surface,
}: {
  readonly effect: OilOutEffect
  readonly wiped: number
  readonly surface: PictureSurface
}) {
  const { leftUm, kind, openDays, varnishDay, varnishDayAfter } = effect
  if (leftUm === null) return <p className="text-soft">Give the oil a part to see what is left of it.</p>
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1.5 [&_dt]:text-soft">
      <dt>Left on it</dt>
      <dd>
        <VerdictMark
          verdict={kind === 'joins' ? 'sound' : kind === 'layer' ? 'unsound' : 'watch'}
          size={12}
        />{' '}
        {umText(leftUm)} once {about(100 * wiped)}&nbsp;% is wiped off: {keptWords[kind]}.
      </dd>
      <dt>Open</dt>
      <dd>
        about {openText(openDays)} (estimate)
        {surface.next ? `, for ${surface.next.name}` : ': nothing is planned to go into it'}
      </dd>
      <dt>Varnish</dt>
      <dd>{varnishText(varnishDay, varnishDayAfter)}</dd>
    </dl>
  )
}

const openText = (days: number): string =>
  days >= 1 / 24 ? `${about(24 * days)} hours` : `${Math.round(24 * 60 * days)} minutes`

function varnishText(before: number | null, after: number | null): string {
  if (before === null || after === null) return 'no date can be told for it as it stands'
  if (Math.floor(after) <= Math.floor(before)) return `from ${dayText(before)} as before`
  return `from ${dayText(before)} now; left open, from ${dayText(after)}`
}
