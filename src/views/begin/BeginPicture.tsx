import { useMemo, useState } from 'react'
import { findInLibrary } from '../../core/materials/find.ts'
import { supports } from '../../core/stack/support.ts'
import { assess, gravestOf } from '../../document/judging/assess.ts'
import { paintedAtOf } from '../../document/brush.ts'
import { everydayLayers, everydayOil, longAgo } from '../../document/picture/everyday.ts'
import type { EverydayLayer } from '../../document/picture/everyday.ts'
import { materialsUsed } from '../../document/picture/picture.ts'
import type { Picture } from '../../document/picture/picture.ts'
import type { PracticeDocument } from '../../document/practice.ts'
import type { Settings } from '../../document/studio.ts'
import { unsolved } from '../../document/picture/solved.ts'
import { Cautions } from '../../ui/Cautions.tsx'
import { send } from '../../ui/client.ts'
import { useEarly } from '../../ui/early.ts'
import { Toasts } from '../../ui/Toasts.tsx'
import { StillDrawing } from '../stack/StillDrawing.tsx'
import { useSolve } from '../stack/useSolve.ts'
import { EaselAnswer } from './EaselAnswer.tsx'
import { KeepLine } from './KeepLine.tsx'
import { agoOf, useEasel } from './useEasel.ts'
import type { Easel, EaselDeeds } from './useEasel.ts'

interface Props {
  readonly settings: Settings
  readonly practices: readonly PracticeDocument[]
  /** Now, as a day of the core's calendar. */
  readonly today: number
}

/** The picture on the easel, described by taps: each is answered at once, and nothing is kept until it is asked for. */
export function BeginPicture({ settings, practices, today }: Props) {
  useEarly()
  const easel = useEasel(today, settings.policies.includes('solvent'))
  const { painting, layers } = easel
  const picture = useMemo(
    (): Picture => ({
      painting,
      layers,
      touchTests: [],
      mediums: [everydayOil],
      shelf: [],
      practices,
      settings,
      today,
    }),
    [painting, layers, practices, settings, today],
  )
  const { solved, mends } = useSolve(picture, unsolved)
  const assessment = useMemo(() => assess(picture, findInLibrary, solved), [picture, solved])
  const gravest = gravestOf(assessment)
  const mend = gravest && mends.get(assessment.findings.indexOf(gravest))?.[0]
  return (
    <>
      <EaselAnswer picture={picture} assessment={assessment} mend={mend} onMend={easel} />
      {layers.length > 0 && <StillDrawing picture={picture} assessment={assessment} />}
      <div className="mt-4 grid gap-x-12 gap-y-5 border-t border-ink pt-4 lg:grid-cols-[1fr_24rem]">
        <div className="grid content-start gap-5">
          <Choices
            legend="What is on it already? Lowest first; tap one after the other."
            onChoose={easel.putOn}
          />
          <Choices legend="And what would you like to put on next?" onChoose={easel.planNext} />
          <SupportChoice easel={easel} />
        </div>
        <OnIt easel={easel} today={today} />
      </div>
      <Keep easel={easel} />
      <Cautions className="mt-4" wet materials={materialsUsed(picture)} />
      <Toasts />
    </>
  )
}

/** Everyday layers, each one tap. */
function Choices({
  legend,
  onChoose,
}: {
  readonly legend: string
  readonly onChoose: (layer: EverydayLayer) => void
}) {
  return (
    <fieldset>
      <legend className="font-read text-[1.15rem]">{legend}</legend>
      <div className="mt-1.5 flex flex-wrap gap-2">
        {everydayLayers.map((layer) => (
          <button
            key={layer.id}
            type="button"
            className="button min-h-12 text-left leading-tight"
            onClick={() => onChoose(layer)}
          >
            <span>
              {layer.name}
              <span className="block text-[0.8rem] font-normal text-soft">{layer.says}</span>
            </span>
          </button>
        ))}
      </div>
    </fieldset>
  )
}

/** What most pictures are painted on; the rest can be chosen once it is kept. */
const usualSupports = supports.filter(({ id }) =>
  ['linen_stretched', 'cotton_stretched', 'linen_on_panel', 'hardwood_panel', 'mdf'].includes(id),
)

const SupportChoice = ({ easel }: { readonly easel: Easel & EaselDeeds }) => (
  <fieldset>
    <legend className="font-read text-[1.15rem]">What is it painted on?</legend>
    <div className="mt-1.5 flex flex-wrap gap-2">
      {usualSupports.map(({ id, name }) => (
        <button
          key={id}
          type="button"
          aria-pressed={easel.painting.support === id}
          className="button min-h-11 aria-pressed:border-2 aria-pressed:border-ink aria-pressed:bg-wash"
          onClick={() => easel.setSupport(id)}
        >
          {name}
        </button>
      ))}
    </div>
    <p className="mt-1 text-[0.85rem] text-soft">
      On an acrylic ground, as most are bought; another can be chosen once it is kept.
    </p>
  </fieldset>
)

/** What was tapped, surface first, each with how long ago it was painted. */
function OnIt({ easel, today }: { readonly easel: Easel & EaselDeeds; readonly today: number }) {
  if (easel.layers.length === 0) return <div />
  return (
    <section aria-label="What you tapped" className="content-start">
      <h2 className="font-read text-[1.15rem]">Painted when?</h2>
      <ol>
        {easel.layers.toReversed().map((layer) => (
          <li key={layer.id} className="border-t border-rule py-2">
            <div className="flex items-center justify-between gap-3">
              <span className="font-medium">{layer.name}</span>
              <button
                type="button"
                aria-label={`Take off: ${layer.name}`}
                className="min-h-9 text-soft link"
                onClick={() => easel.takeOff(layer.id)}
              >
                take off
              </button>
            </div>
            {paintedAtOf(layer) === null ? (
              <p className="text-[0.9rem] text-soft">still to be painted</p>
            ) : (
              <div role="group" aria-label={`${layer.name} was painted`} className="flex flex-wrap gap-x-1">
                {longAgo.map(({ days, name }) => (
                  <button
                    key={days}
                    type="button"
                    aria-pressed={agoOf(layer, today) === days}
                    className="min-h-9 border-b-2 border-transparent px-1 text-[0.88rem] text-soft aria-pressed:border-ink aria-pressed:text-ink"
                    onClick={() => easel.setAgo(layer.id, days)}
                  >
                    {name}
                  </button>
                ))}
              </div>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}

/** Keeps what was described as a painting of the studio. */
function Keep({ easel: { painting, layers, clear } }: { readonly easel: Easel & EaselDeeds }) {
  const [id] = useState(() => crypto.randomUUID())
  if (layers.length === 0) return null
  const usesOil = layers.some(({ medium }) => medium?.mediumId === everydayOil.id)
  const keep = () =>
    send('POST /api/paintings/standing', {
      painting: { ...painting, id },
      mediums: usesOil ? [everydayOil] : [],
      layers: layers.map(({ painted, corrections: _none, mixed: _nothing, ...plan }) => ({
        layer: { ...plan, paintingId: id },
        paintedAt: painted?.at ?? null,
      })),
    })
  return (
    <KeepLine
      label="Keep it as a painting"
      says="Kept, each layer can be given its very paint, medium and thickness; and Today says when to go on."
      keep={keep}
      to={`/paintings/${id}`}
      onClear={clear}
    />
  )
}
