import Plus from 'lucide-react/dist/esm/icons/plus.mjs'
import X from 'lucide-react/dist/esm/icons/x.mjs'
import { useEffect } from 'react'
import { lightfastnesses, paintSpeeds } from '../../core/palette/speeds.ts'
import { tubeDeeds, tubeFacts } from '../../core/palette/tubeFacts.ts'
import type { TubeFacts } from '../../core/palette/tubeFacts.ts'
import { whyTubeOil } from '../../core/palette/why.ts'
import { whyDry } from '../../core/cure/why.ts'
import { oilByStreaks } from '../../core/palette/calibrate.ts'
import { daysAtChance, forecastOf } from '../../core/cure/forecast.ts'
import { stateDaysFromTable } from '../../core/cure/table.ts'
import { dropOf } from '../../core/measure/dropper.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { transparencies } from '../../core/materials/material.ts'
import { compositionOf } from '../../document/ownTube.ts'
import type { OwnTube } from '../../document/tube.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import { Cautions } from '../../ui/Cautions.tsx'
import { Counting } from './Counting.tsx'
import { ChoiceRow, DateRow, NumberField, readName, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about, percentText, shortName, spanText } from '../../ui/format.ts'
import { HazardBoxes } from './HazardBoxes.tsx'
import { IconButton } from '../../ui/IconButton.tsx'
import { MaterialField, MaterialRow } from '../../ui/MaterialField.tsx'
import { optional } from './optional.ts'
import { PriceRow } from './PriceRow.tsx'
import { RoomSays } from '../../ui/room/RoomSays.tsx'
import { SaveLine } from '../../ui/SaveLine.tsx'
import { Streak } from '../../ui/paint/Streak.tsx'
import { tubeColour } from '../../ui/paint/tubeColour.ts'
import type { Bench } from '../../ui/bench/useBench.ts'
import { useSavedThing } from '../../ui/bench/useSavedThing.ts'
import { Swatch } from './Swatch.tsx'
import { Why } from '../../ui/Why.tsx'
import { TubeTests } from './TubeTests.tsx'
import { TubeUses } from './TubeUses.tsx'

interface TubeProps {
  readonly tube: Revised<OwnTube>
  readonly findMaterial: FindMaterial
  readonly bring: Bench['bring']
  readonly settings: Settings
  readonly onTube: (tube: Revised<OwnTube>) => void
  readonly onRemove: (tube: Revised<OwnTube>) => void
}

const noEvents: readonly number[] = []
const byTheBook = { id: '', name: 'as the book says' }
const choices = (names: readonly string[]) => [byTheBook, ...names.map((name) => ({ id: name, name }))]

/** One tube: what it is and does, and what the painter knows of it; what is left empty is the book's. */
export function TubeSheet({ tube, findMaterial, bring, settings, onTube, onRemove }: TubeProps) {
  const { body, edit, desk, state } = useSavedThing('tube', tube, noEvents)
  useEffect(() => onTube(body), [body]) // eslint-disable-line react-hooks/exhaustive-deps -- tells the list of each change once
  const facts = tubeFacts(compositionOf(body, findMaterial), findMaterial)
  return (
    <section aria-label={body.name}>
      <div className="flex flex-wrap items-center gap-4">
        <Streak
          colour={tubeColour(body, findMaterial)}
          transparency={facts?.transparency ?? 'opaque'}
          width={132}
          height={56}
        />
        <div className="min-w-0">
          <h2 className="text-[1.6rem] leading-tight [overflow-wrap:anywhere]" translate="no">
            {body.name}
          </h2>
          <p className="text-soft">{facts && tubeDeeds(facts).join(' · ')}</p>
        </div>
      </div>
      {facts ? (
        <Facts tube={body} facts={facts} settings={settings} />
      ) : (
        <p role="alert" className="mt-2 text-unsound">
          A pigment or the oil of this tube is gone from the shelf. Choose another below.
        </p>
      )}
      <TubeUses tube={body} />
      {facts && <RoomSays materials={facts.materials} policies={settings.policies} />}
      <div className="mt-4 border-t border-ink pt-2">
        <SaveLine desk={desk} state={state}>
          <h3 className="text-xl">What you know of it</h3>
          <button type="button" className="order-last min-h-9 text-soft link" onClick={() => onRemove(body)}>
            Remove it
          </button>
        </SaveLine>
        <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
          <TypedRow
            label="Name"
            className="sm:col-span-2"
            shown={body.name}
            read={(text) => readName(text, 'the tube')}
            onValue={(name) => edit({ name })}
          />
          <Pigments tube={body} findMaterial={findMaterial} bring={bring} edit={edit} />
          <MaterialRow
            role="oil"
            label="Bound in"
            value={body.oil}
            findMaterial={findMaterial}
            bring={bring}
            onValue={(oil) => edit({ oil })}
          />
          <TypedRow
            label="Oil by the maker, % by mass"
            shown={body.oilPercent === null ? '' : String(body.oilPercent)}
            read={optional(3, 90, false)}
            onValue={(oilPercent) => edit({ oilPercent })}
            inputMode="decimal"
          />
          <TypedRow
            label="There is, ml"
            hint="Goes down with what you mix; empty: not kept count of."
            shown={body.leftMl === null ? '' : String(Number(body.leftMl.toPrecision(4)))}
            read={optional(0, 1e5, false, 'ml', 'leave it empty')}
            onValue={(leftMl) => edit({ leftMl })}
            inputMode="decimal"
          />
          <PriceRow price={body.price} onPrice={(price) => edit({ price })} />
          <DateRow label="Opened" value={body.openedOn} onValue={(openedOn) => edit({ openedOn })} />
          <Swatch tube={body} shown={tubeColour(body, findMaterial)} edit={edit} />
          <ChoiceRow
            label="Dries, says the maker"
            value={body.speed ?? ''}
            onValue={(speed) => edit({ speed: oneOf(paintSpeeds, speed) })}
            options={choices(paintSpeeds)}
          />
          <ChoiceRow
            label="Transparency"
            value={body.transparency ?? ''}
            onValue={(chosen) => edit({ transparency: oneOf(transparencies, chosen) })}
            options={[
              byTheBook,
              ...transparencies.map((id) => ({ id, name: id === 'semi' ? 'half transparent' : id })),
            ]}
          />
          <ChoiceRow
            label="Sinks, 1 little to 5 much"
            value={body.sinkingTendency === null ? '' : String(body.sinkingTendency)}
            onValue={(chosen) => edit({ sinkingTendency: chosen ? Number(chosen) : null })}
            options={choices(['1', '2', '3', '4', '5'])}
          />
          <ChoiceRow
            label="Lightfastness, I lasts to V fades"
            value={body.lightfastness ?? ''}
            onValue={(chosen) => edit({ lightfastness: oneOf(lightfastnesses, chosen) })}
            options={choices(lightfastnesses)}
          />
          <Squeezes tube={body} facts={facts} edit={edit} />
          <TubeTests tube={body} settings={settings} edit={edit} />
          <HazardBoxes
            legend="What can hurt in it, besides what its pigments bring: see its safety data sheet"
            chosen={body.hazards}
            onChosen={(hazards) => edit({ hazards })}
          />
          <TypedRow
            label="Note"
            className="sm:col-span-2"
            shown={body.note}
            read={(text): Reading<string> =>
              text.length > 4000 ? { problem: 'Keep the note under 4000 letters.' } : { value: text }
            }
            onValue={(note) => edit({ note })}
          />
        </div>
      </div>
      {facts && <Cautions materials={facts.materials} wet className="mt-4" />}
    </section>
  )
}

export type Edit = (change: Partial<OwnTube>) => void

const oneOf = <Name extends string>(names: readonly Name[], chosen: string): Name | null =>
  names.find((name) => name === chosen) ?? null

/** What it is made of, how it dries here, how much oil is in it, and where each of these comes from. */
function Facts({
  tube,
  facts,
  settings,
}: {
  readonly tube: OwnTube
  readonly facts: TubeFacts
  readonly settings: Settings
}) {
  const { film, slowest, materials, oilShare } = facts
  const forecast = forecastOf(
    stateDaysFromTable({ thicknessUm: usualUm, rate: film.rate }, settings.climate),
    usualUm,
  )
  const [low, high] = [daysAtChance(forecast, 'touch', 0.1), daysAtChance(forecast, 'touch', 0.9)]
  const told = oilByStreaks(tube.streaks)
  const grade = facts.lightfastness
  return (
    <>
      <p className="mt-2">
        {materials
          .slice(0, -1)
          .map(({ name, pigmentCode }) => `${shortName(name)}${pigmentCode ? ` ${pigmentCode}` : ''}`)
          .join(' and ')}{' '}
        in {shortName(materials.at(-1)!.name).toLowerCase()}.
        {slowest &&
          ` It dries as its slowest and most plentiful say: ${shortName(slowest.pigment.name).toLowerCase()} is ${percentText(slowest.share)} of its powder.`}
      </p>
      <p className="mt-1">
        {low !== null && high !== null ? (
          <>
            Touch dry in{' '}
            <Why
              label={`touch dry in ${spanText(low, high)}. Why?`}
              reason={whyDry(`Touch dry, ${usualUm} µm thick`, forecast, 'touch')}
            >
              {spanText(low, high)}
            </Why>
            , {usualUm} µm thick in this room
          </>
        ) : (
          'It never becomes touch dry by itself'
        )}
        <span className="text-soft">
          {tube.dryingTests.length > 0
            ? ', by your own streaks.'
            : tube.speed
              ? ', by the maker’s word.'
              : ', by the book: an estimate.'}
        </span>
      </p>
      <p className="mt-1">
        <Why
          label={`${percentText(oilShare)} oil by mass. Why?`}
          reason={whyTubeOil({ film, oilShare, streaks: tube.streaks, byMaker: tube.oilPercent })}
        >
          {percentText(oilShare)} oil by mass
        </Why>
        <span className="text-soft">
          {told && 'percent' in told
            ? told.low < told.high
              ? `, between ${about(told.low)} and ${about(told.high)} % by your streak.`
              : ', by your streak.'
            : tube.oilPercent !== null
              ? ', by the maker.'
              : ', by the book: an estimate.'}
        </span>{' '}
        {grade && (
          <>
            Lightfastness {grade}
            {tube.lightfastness ? '.' : ', by the book.'}
          </>
        )}
      </p>
    </>
  )
}

const usualUm = 60

function Pigments({
  tube: { pigments },
  findMaterial,
  bring,
  edit,
}: {
  readonly tube: OwnTube
  readonly findMaterial: FindMaterial
  readonly bring: Bench['bring']
  readonly edit: Edit
}) {
  const set = (at: number, change: Partial<OwnTube['pigments'][number]>): void =>
    edit({ pigments: pigments.map((one, index) => (index === at ? { ...one, ...change } : one)) })
  return (
    <fieldset className="min-w-0 sm:col-span-2">
      <legend className="text-[0.8rem] text-soft">
        {pigments.length > 1 ? 'Its pigments, in parts of the powder by volume' : 'Its pigment'}
      </legend>
      {pigments.map(({ pigment, share }, at) => (
        <div key={at} className="flex items-center gap-3">
          <MaterialField
            role="pigment"
            label={`Pigment ${at + 1}`}
            value={pigment}
            findMaterial={findMaterial}
            bring={bring}
            onValue={(id) => set(at, { pigment: id })}
            className="grow"
          />
          {pigments.length > 1 && (
            <>
              <NumberField
                label={`Parts of pigment ${at + 1}`}
                value={share}
                low={0.001}
                high={1000}
                onValue={(parts) => set(at, { share: parts })}
                className="w-16"
              />
              <IconButton
                label={`Remove pigment ${at + 1}`}
                onClick={() => edit({ pigments: pigments.filter((_, index) => index !== at) })}
              >
                <X size={15} aria-hidden="true" />
              </IconButton>
            </>
          )}
        </div>
      ))}
      {pigments.length < 12 && (
        <button
          type="button"
          className="mt-1 inline-flex min-h-9 items-center gap-1 text-[0.9rem] link"
          onClick={() => edit({ pigments: [...pigments, { pigment: 'pw6_rutile', share: 1 }] })}
        >
          <Plus size={14} aria-hidden="true" /> another pigment in it
        </button>
      )}
    </fieldset>
  )
}

/** A squeeze weighed once, so that heaps can be told in squeezes. */
function Squeezes({
  tube,
  facts,
  edit,
}: {
  readonly tube: OwnTube
  readonly facts: TubeFacts | null
  readonly edit: Edit
}) {
  const squeeze = dropOf(tube.squeezes)
  return (
    <Counting
      legend="A squeeze: squeeze it onto a scale, a few times"
      what="squeezes"
      usual={5}
      counts={tube.squeezes}
      onCounts={(squeezes) => edit({ squeezes })}
    >
      {squeeze && facts ? (
        `One squeeze is about ${about(squeeze.gramsEach)} g = ${about(squeeze.gramsEach / facts.densityGPerMl)} ml.`
      ) : (
        <span className="text-soft">Not weighed yet: heaps of it are told in ml or g.</span>
      )}
    </Counting>
  )
}
