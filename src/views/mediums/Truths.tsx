import { useState } from 'react'
import { classNames, normalised } from '../../core/materials/material.ts'
import type { ClassName, Shares } from '../../core/materials/material.ts'
import { isKnown, shareSpans, spanOf, withoutFiller } from '../../core/medium/span.ts'
import type { ShareSpans, Span } from '../../core/medium/span.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { about, gramsText, mlText, percentText } from '../../ui/format.ts'

/** Colours of the classes in a bar; the words stand beside it. */
const classColours: Readonly<Record<ClassName, string>> = {
  oil: '#d9b45c',
  alkyd: '#b98a45',
  resin: '#9c5a2b',
  wax: '#e8dfae',
  protein: '#e0a58c',
  polymer: '#a8b7c9',
  gum: '#c7b98f',
  extender: '#cfcabd',
  pigment: '#7a5a6b',
  drier: '#7d6aa3',
  volatile: '#b9d0d6',
  water: '#8fb4cc',
  other: '#a39f95',
}

export const classWords: Readonly<Record<ClassName, string>> = {
  oil: 'oil',
  alkyd: 'alkyd',
  resin: 'resin',
  wax: 'wax',
  protein: 'protein',
  polymer: 'polymer',
  gum: 'gum',
  extender: 'filler',
  pigment: 'pigment',
  drier: 'drier',
  volatile: 'solvent, leaves',
  water: 'water, leaves',
  other: 'other',
}

/** A share, or the two ends of it where a product is known only as a range. */
export const spanPercent = (span: Span): string =>
  isKnown(span) || percentText(span.low) === percentText(span.high)
    ? percentText(span.low)
    : `${percentText(span.low).replace('\u00a0%', '')}–${percentText(span.high)}`

const known = (shares: Shares): ShareSpans =>
  Object.fromEntries(classNames.map((name) => [name, spanOf([shares[name]])])) as Record<ClassName, Span>

/** What leaves besides water: spirit, or of vinegar its acid. */
const volatileWord = ({ ingredients }: Medium): string =>
  ingredients.every(({ material }) => !material.shares.volatile || material.family === 'acid')
    ? 'acid, leaves'
    : classWords.volatile

/**
 * What a medium is, three times over: as the spoon saw it, as it stands in the jar, and as it dries. What was `weighed`
 * no spoon saw.
 */
export function Truths({ medium, weighed = false }: { readonly medium: Medium; readonly weighed?: boolean }) {
  const [by, setBy] = useState<'byVolume' | 'byMass'>('byVolume')
  const [filler, setFiller] = useState(true)
  const hasFiller = medium.wet.byMass.extender + medium.wet.byMass.pigment > 0
  const counted = filler ? normalised : withoutFiller
  const spans = shareSpans(medium.ingredients, counted)
  const unit = by === 'byVolume' ? 'true volume' : 'mass'
  const left = filler || !hasFiller ? '' : ', filler not counted'
  const measured = known(counted(medium.asMeasured.byVolume))
  const columns: readonly (readonly [head: string, of: string, shares: ShareSpans])[] = [
    ...(weighed ? [] : [['As measured', `of the volumes you measured${left}`, measured] as const]),
    ['As mixed', `of the mix by ${unit}${left}`, spans.wet[by]],
    ['Dried', `of the dried film by ${unit}${left}`, spans.dry[by]],
  ]
  const present = classNames.filter((name) => columns.some(([, , shares]) => shares[name].high > 0.0005))
  return (
    <section aria-label="What it really is">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h2 className="text-xl">What it really is</h2>
        <p className="grow text-soft">
          {gramsText(medium.massG)} · {mlText(medium.volumeMl)} · {about(medium.densityGPerMl, 3)} g/ml
        </p>
        <Switch
          label="Count by"
          value={by}
          onValue={setBy}
          options={[
            ['byVolume', 'by true volume'],
            ['byMass', 'by mass'],
          ]}
        />
        {hasFiller && (
          <Switch
            label="Filler"
            value={filler ? 'with' : 'without'}
            onValue={(chosen) => setFiller(chosen === 'with')}
            options={[
              ['with', 'with filler'],
              ['without', 'without filler'],
            ]}
          />
        )}
      </div>
      <table className="mt-2 w-full text-[0.95rem]">
        <thead>
          <tr className="text-left align-top text-[0.8rem] text-soft">
            <td className="w-[22%]" />
            {columns.map(([head, of, shares]) => (
              <th key={head} scope="col" className="w-[26%] pb-1 pl-2 font-normal sm:pl-4">
                <Bar shares={shares} />
                <span className="mt-1 block font-medium text-ink">{head}</span>
                <span className="block leading-tight">{of}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {present.map((name) => (
            <tr key={name} className="border-t border-rule">
              <th scope="row" className="py-1 text-left font-normal sm:whitespace-nowrap">
                <svg width="11" height="11" aria-hidden="true" className="mr-2 inline-block">
                  <rect
                    width="11"
                    height="11"
                    fill={classColours[name]}
                    stroke="var(--soft)"
                    strokeWidth="0.6"
                  />
                </svg>
                {name === 'volatile' ? volatileWord(medium) : classWords[name]}
              </th>
              {columns.map(([head, , shares]) => (
                <td key={head} className="py-1 pl-2 sm:pl-4">
                  {spanPercent(shares[name])}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

/** Two ways to see the same thing. */
export function Switch<Value extends string>({
  label,
  value,
  onValue,
  options,
}: {
  readonly label: string
  readonly value: Value
  readonly onValue: (value: Value) => void
  readonly options: readonly (readonly [Value, string])[]
}) {
  return (
    <span role="group" aria-label={label} className="flex border border-rule text-[0.85rem]">
      {options.map(([id, name]) => (
        <button
          key={id}
          type="button"
          aria-pressed={id === value}
          className="min-h-7 px-2.5 text-soft aria-pressed:bg-wash aria-pressed:text-ink"
          onClick={() => onValue(id)}
        >
          {name}
        </button>
      ))}
    </span>
  )
}

function Bar({ shares }: { readonly shares: ShareSpans }) {
  const middles = classNames.map((name) => (shares[name].low + shares[name].high) / 2)
  const total = middles.reduce((sum, one) => sum + one, 0)
  let from = 0
  return (
    <svg width="100%" height="22" className="block border border-rule" aria-hidden="true">
      {classNames.map((name, at) => {
        const x = from
        const share = total > 0 ? middles[at]! / total : 0
        from += share
        return share > 0 ? (
          <rect
            key={name}
            x={`${x * 100}%`}
            width={`${share * 100}%`}
            height="22"
            fill={classColours[name]}
          />
        ) : null
      })}
    </svg>
  )
}
