import { useEffect, useState } from 'react'
import type { ComponentType } from 'react'
import { defaultGrind, tubeIngredients } from '../../core/film/paint.ts'
import { fatnessOf, filmOf } from '../../core/film/film.ts'
import { fatnessText } from '../../core/words.ts'
import type { Film } from '../../core/film/film.ts'
import type { FilmNumber } from '../../core/film/why.ts'
import { parseRatio } from '../../core/measure/parse.ts'
import { ofMixOf, onPaintOf, paintPerPart, roundedDown } from '../../core/medium/basis.ts'
import { cappedNames } from '../../core/dosing/design/wish.ts'
import { basisNames, doseAt, evenDoses, largestDose, sideOf, standingsAt } from '../../core/dosing/dose.ts'
import type { DoseStanding } from '../../core/dosing/dose.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { unfitnessOf } from '../../core/dosing/fitness.ts'
import { largestText } from '../../core/dosing/doseWords.ts'
import { pairsIn } from '../../core/medium/pairs.ts'
import type { PolicyId } from '../../core/materials/policy.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { practiceCaps } from '../../core/dosing/caps.ts'
import { practiceOf, practicesWith } from '../../core/practice/shipped.ts'
import type { Practice } from '../../core/practice/practice.ts'
import { ChoiceRow, NumberRow, TypedRow } from '../../ui/fields.tsx'
import type { Reading } from '../../ui/fields.tsx'
import { about, gramsText, mlText, percentText, upperFirst } from '../../ui/format.ts'
import { MaterialRow } from '../../ui/MaterialField.tsx'
import type { Bench } from '../../ui/bench/useBench.ts'
import { RoomSays } from '../../ui/room/RoomSays.tsx'
import { VerdictMark } from '../../ui/Verdict.tsx'
import type { DoseChartProps } from './DoseChart.tsx'
import { spanPercent } from './Truths.tsx'
import { FilmWhy } from '../../ui/FilmWhy.tsx'

const wetUm = 70

/** What the medium becomes in paint, along the dose, and how much of it the paint can bear. */
export function InPaint({
  medium,
  policies,
  practices,
  findMaterial,
  bring,
}: {
  readonly medium: Medium
  readonly findMaterial: FindMaterial
  readonly bring: Bench['bring']
  /** The studio's own practices, and those it has changed. */
  readonly practices: readonly Practice[]
  readonly policies: readonly PolicyId[]
}) {
  const [pigment, setPigment] = useState('pw6_rutile')
  const [oil, setOil] = useState('linseed_alkali_refined')
  const [practiceId, setPractice] = useState('oil-led')
  const [onCloth, setOnCloth] = useState(true)
  const [share, setShare] = useState(0.25)
  const [Chart, setChart] = useState<ComponentType<DoseChartProps> | null>(null)
  const [noChart, setNoChart] = useState(false)
  useEffect(() => {
    import('./DoseChart.tsx').then(
      (loaded) => setChart(() => loaded.default),
      () => setNoChart(true),
    )
  }, [])
  const tube = { pigments: [{ pigment, share: 1 }], oil, grind: defaultGrind }
  const neatTube = tubeIngredients(tube, findMaterial)
  const practice = practiceOf(practiceId, practices)
  const caps = practiceCaps(practice, onCloth)
  const found = filmOf(
    {
      paints: share < 1 ? [{ ...tube, parts: 1 - share }] : [],
      ...(share > 0 && { medium: { ingredients: medium.ingredients, parts: share } }),
      wetThicknessUm: wetUm,
    },
    findMaterial,
  )
  const neat = filmOf({ paints: [{ ...tube, parts: 1 }], wetThicknessUm: wetUm }, findMaterial)
  if (!neatTube.ok) return null
  const [paint, side] = [sideOf(neatTube.ingredients), sideOf(medium.ingredients)]
  const curve = evenDoses().map((dose) => doseAt(paint, side, dose))
  const largest = largestDose(paint, medium.ingredients, caps, practice.limits.medium.watch)
  const unfit = unfitnessOf(medium)
  const sayLargest =
    unfit?.severity === 'unsound'
      ? `No dose is given. ${unfit.message}`
      : largestText(largest, medium.ingredients)
  const pairs = pairsIn([...medium.ingredients.map(({ material }) => material), findMaterial(pigment)!])
  const over = share > largest.ofMix + 1e-9
  return (
    <section aria-label="In paint" className="mt-7 border-t border-ink pt-4">
      <h2 className="text-xl">How much of it the paint can bear</h2>
      <p className="mt-1 text-[1.05rem]" aria-live="polite">
        {sayLargest}
      </p>
      <div className="mt-2 grid gap-x-4 gap-y-2 sm:grid-cols-[1.3fr_1.3fr_1fr_1fr]">
        <MaterialRow
          role="pigment"
          label="Colour"
          value={pigment}
          findMaterial={findMaterial}
          bring={bring}
          onValue={setPigment}
        />
        <MaterialRow
          role="oil"
          label="ground in"
          value={oil}
          findMaterial={findMaterial}
          bring={bring}
          onValue={setOil}
        />
        <ChoiceRow
          label="by the limits of"
          value={practice.id}
          onValue={setPractice}
          options={practicesWith(practices)}
        />
        <ChoiceRow
          label="painted on"
          value={onCloth ? 'cloth' : 'panel'}
          onValue={(on) => setOnCloth(on === 'cloth')}
          options={[
            { id: 'cloth', name: 'cloth' },
            { id: 'panel', name: 'panel' },
          ]}
        />
      </div>
      <p className="mt-1 text-[0.8rem] text-soft">
        {practice.name}: {practice.summary}
      </p>
      <RoomSays materials={[findMaterial(pigment)!]} policies={policies} />
      {pairs.map(({ pair, severity, message }) => (
        <p key={pair} role="alert" className="mt-2">
          <VerdictMark verdict={severity} size={12} /> {message}
        </p>
      ))}
      <div className="mt-3 min-h-[340px]">
        {noChart && (
          <p className="text-soft">
            The picture could not be loaded. Load the page again once the studio’s server answers; the numbers
            below hold.
          </p>
        )}
        {Chart && (
          <Chart
            curve={curve}
            caps={caps}
            chosen={Math.min(0.5, share)}
            largest={largest.ofMix}
            summary={`Along the dose from none to half of the mix: ${sayLargest}`}
          />
        )}
      </div>
      <DoseField share={share} onShare={setShare} />
      <ForPaint share={share} medium={medium} />
      {over && (
        <p className="mt-1">
          <VerdictMark verdict="watch" size={12} /> That is more than goes unwatched.
        </p>
      )}
      <Limits standings={standingsAt(paint, medium.ingredients, caps, share)} />
      {found.ok ? (
        <FilmTable film={found.film} neat={neat.ok ? neat.film : null} alkydWeight={practice.alkydWeight} />
      ) : (
        <p role="alert" className="mt-3 text-unsound">
          {found.message}
        </p>
      )}
      <p className="mt-2 text-[0.82rem] text-soft">
        Estimates from typical material values, laid on {wetUm} µm wet over a ground that drinks nothing.
        Limits are advice, not measurement; they round down.
      </p>
    </section>
  )
}

/** One dose, said three ways; typing any of them sets the others. */
function DoseField({
  share,
  onShare,
}: {
  readonly share: number
  readonly onShare: (share: number) => void
}) {
  const ratio = (text: string): Reading<number> => {
    const parsed = parseRatio(text)
    return parsed.ok
      ? { value: parsed.value[0] / (parsed.value[0] + parsed.value[1]) }
      : { problem: parsed.message }
  }
  const percent =
    (make: (fraction: number) => number, most: number) =>
    (text: string): Reading<number> => {
      const value = Number(text.replace(',', '.').replace('%', ''))
      return text.trim() && value >= 0 && value <= most
        ? { value: make(value / 100) }
        : { problem: `Write a percentage from 0 to ${most}.` }
    }
  const per = share > 0 ? paintPerPart(share) : null
  return (
    <div
      className="mt-2 flex flex-wrap items-start gap-x-6 gap-y-2"
      role="group"
      aria-label="Your dose, by volume"
    >
      <TypedRow
        label="Your dose, medium : paint"
        className="w-40"
        isFigure
        shown={per === null ? '0:1' : per === 0 ? '1:0' : `1:${about(per, 3)}`}
        read={ratio}
        onValue={onShare}
      />
      <TypedRow
        label="of the mix, by volume"
        className="w-36"
        isFigure
        shown={about(100 * share, 3)}
        read={percent((fraction) => fraction, 100)}
        onValue={onShare}
        suffix="%"
      />
      <TypedRow
        label="on the paint, by volume"
        className="w-36"
        isFigure
        shown={share < 1 ? about(100 * onPaintOf(share), 3) : '∞'}
        read={percent(ofMixOf, 10000)}
        onValue={onShare}
        suffix="%"
      />
    </div>
  )
}

/** What to mix now for the paint on the palette. */
function ForPaint({ share, medium }: { readonly share: number; readonly medium: Medium }) {
  const [paintMl, setPaintMl] = useState<number | null>(null)
  const ml = paintMl === null || share >= 1 ? null : paintMl * onPaintOf(share)
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
      <NumberRow
        label="For this much paint, ml"
        className="w-40"
        value={paintMl}
        low={0.1}
        high={10000}
        onValue={setPaintMl}
        onEmpty={() => setPaintMl(null)}
      />
      {ml !== null && (
        <p className="pb-2" aria-live="polite">
          at your dose, {mlText(ml)} of medium ({gramsText(ml * medium.densityGPerMl)}).
        </p>
      )}
    </div>
  )
}

const answerMarks = { within: 'sound', over: 'unsound', 'cannot tell': 'watch' } as const

/** Each limit at the dose typed; where a product is known only as a range and the limit lies inside it, nobody can tell. */
function Limits({ standings }: { readonly standings: readonly DoseStanding[] }) {
  return (
    <ul aria-label="Limits at your dose" className="mt-3 text-[0.95rem]">
      {standings
        .filter(({ share }) => share.high > 0.0005)
        .map(({ cap, share, answer, safeOfMix }) => (
          <li key={cap.what} className="border-t border-rule py-1">
            <VerdictMark verdict={answerMarks[answer]} size={12} /> {upperFirst(cappedNames[cap.what])}{' '}
            {spanPercent(share)} {basisNames[cap.of]}, watched from {percentText(cap.most)}:{' '}
            {answer === 'cannot tell' ? 'cannot tell' : answer === 'over' ? 'over it' : 'within it'}
            {answer !== 'within' && (
              <>
                ; safe up to {percentText(roundedDown(safeOfMix))} of the mix,{' '}
                {about(roundedDown(10 * onPaintOf(safeOfMix), 2))} ml to 10 ml of paint
              </>
            )}
            .
          </li>
        ))}
    </ul>
  )
}

interface FilmTableProps {
  readonly film: Film
  readonly neat: Film | null
  readonly alkydWeight: number
}

function FilmTable({ film, neat, alkydWeight }: FilmTableProps) {
  return (
    <table className="mt-3 w-full">
      <thead>
        <tr className="text-[0.8rem] text-soft">
          <td />
          <th scope="col" className="text-right font-normal">
            with the medium
          </th>
          <th scope="col" className="text-right font-normal">
            neat from the tube
          </th>
        </tr>
      </thead>
      <tbody>
        {filmLines.map(([what, number, text]) => (
          <tr key={what} className="border-t border-rule">
            <th scope="row" className="py-1 pr-4 text-left font-normal">
              {what}
            </th>
            <td className="py-1 text-right">
              {number ? (
                <FilmWhy
                  number={number}
                  film={film}
                  alkydWeight={alkydWeight}
                  label={`${what}: ${text(film, alkydWeight)}. Why?`}
                >
                  {text(film, alkydWeight)}
                </FilmWhy>
              ) : (
                text(film, alkydWeight)
              )}
            </td>
            <td className="py-1 text-right text-soft">{neat && text(neat, alkydWeight)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

const filmLines: readonly (readonly [
  what: string,
  number: FilmNumber | null,
  text: (film: Film, alkydWeight: number) => string,
])[] = [
  [
    'Fat over what the powder needs',
    'fatness',
    ({ perDryVolume }, alkydWeight) => fatnessText(fatnessOf(perDryVolume, alkydWeight)),
  ],
  ['Oil and alkyd, of the dried film by volume', 'oilContent', ({ oilContent }) => percentText(oilContent)],
  ['Resin, of the organic binder by mass', null, ({ binder }) => percentText(binder.resin)],
  ['Wax, of the organic binder by mass', null, ({ binder }) => percentText(binder.wax)],
  [
    'Medium without its solvent and powder, of the mix without solvent',
    null,
    ({ mix }) => percentText(mix.mediumLessSolvent ?? 1),
  ],
  ['Volatile and water, of the wet mix by volume', null, ({ mix }) => percentText(mix.volatile)],
  [
    'Drying speed, raw linseed = 1',
    'rate',
    ({ rate, hardens }) => (hardens ? about(rate) : 'will not harden'),
  ],
  ['Surface when dry', 'surface', ({ surface }) => surface ?? 'clear film'],
]
