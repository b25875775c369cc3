import { useMemo, useState } from 'react'
import { classNames } from '../../core/materials/material.ts'
import { costOf } from '../../core/medium/cost.ts'
import { roundedDown } from '../../core/medium/basis.ts'
import { effectsOf } from '../../core/medium/effects.ts'
import { noDose, ratioText } from '../../core/dosing/doseWords.ts'
import { usualLargestDose, usualPaintWords } from '../../core/dosing/usualPaint.ts'
import { unfitnessOf } from '../../core/dosing/fitness.ts'
import { analyseMedium } from '../../core/medium/medium.ts'
import type { Medium } from '../../core/medium/medium.ts'
import { oilFigures } from '../../core/medium/oils.ts'
import { isKnown, shareSpans } from '../../core/medium/span.ts'
import type { Settings } from '../../document/studio.ts'
import { findInStudio } from '../../document/studioMaterials.ts'
import { Chooser } from '../../ui/Chooser.tsx'
import { useBench, useChoice } from '../../ui/bench/useBench.ts'
import type { Bench } from '../../ui/bench/useBench.ts'
import { Labelled } from '../../ui/fields.tsx'
import { about, percentText } from '../../ui/format.ts'
import { handlingWords, hoursText } from './Checks.tsx'
import { useEarly } from '../../ui/early.ts'
import { classWords, spanPercent } from './Truths.tsx'

interface CompareProps {
  readonly known: Pick<Bench, 'mediums' | 'shelf'>
  readonly settings: Settings
  readonly a: string | null
  readonly b: string | null
}

const mediumsOnly = ['medium'] as const

/** Two mediums side by side; what differs stands out. */
export function CompareView({ known, settings, a, b }: CompareProps) {
  useEarly()
  const { mediums, shelf: items, bring } = useBench(known)
  const sides = [useChoice(bring), useChoice(bring)] as const
  const [ids, setIds] = useState<readonly [string, string]>(() => {
    const first = a ?? mediums[0]?.id ?? ''
    return [first, b ?? mediums.find(({ id }) => id !== first)?.id ?? first]
  })
  const findMaterial = useMemo(() => findInStudio(items), [items])
  const pair = ids.map((id) => {
    const medium = mediums.find((one) => one.id === id)
    const made =
      medium &&
      analyseMedium(medium.recipe, findMaterial, (other) => mediums.find((one) => one.id === other), [id])
    return made?.ok ? made.medium : null
  })
  const [left, right] = pair
  return (
    <>
      <h1 className="text-[2.2rem] leading-none">Two mediums side by side</h1>
      <table className="mt-5 w-full table-fixed">
        <thead>
          <tr className="align-bottom">
            <td />
            {([0, 1] as const).map((side) => (
              <th key={side} scope="col" className="pr-4 pb-2 text-left font-normal">
                <Labelled label={side === 0 ? 'this' : 'and this'}>
                  {(id) => (
                    <Chooser
                      id={id}
                      shown={mediums.find((one) => one.id === ids[side])?.name ?? 'none'}
                      options={[]}
                      lookups={mediumsOnly}
                      lately="medium"
                      onChoose={(chosen) =>
                        void sides[side].choose(chosen, () =>
                          setIds(([left, right]) => (side === 0 ? [chosen.id, right] : [left, chosen.id])),
                        )
                      }
                    />
                  )}
                </Labelled>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rowsOf(settings).map(({ what, text }) => {
            const [one, other] = [left, right].map((medium) =>
              medium ? text(medium) : 'cannot be read yet',
            ) as [string, string]
            if (one === '0 %' && other === one) return null
            return (
              <tr key={what} className="border-t border-rule">
                <th scope="row" className="py-1.5 pr-4 text-left font-normal text-soft">
                  {what}
                </th>
                {[one, other].map((value, side) => (
                  <td key={side} className={`py-1.5 pr-4 ${one === other ? 'text-soft' : 'font-medium'}`}>
                    {value}
                  </td>
                ))}
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="mt-3 text-[0.85rem] text-soft">
        What differs is in bold. Estimates from typical values. Most medium {usualPaintWords}.
      </p>
    </>
  )
}

interface Row {
  readonly what: string
  readonly text: (medium: Medium) => string
}

function rowsOf(settings: Settings): readonly Row[] {
  const oils = (medium: Medium) => oilFigures(medium.ingredients, settings.climate, settings.dryingBounds)
  return [
    {
      what: 'On the brush',
      text: (medium) => {
        const effects = effectsOf(medium)
        return [effects.body, ...handlingWords(effects)].join(', ')
      },
    },
    { what: 'Sheen, alone', text: (medium) => effectsOf(medium).sheen },
    {
      what: 'Can be blended for',
      text: (medium) => {
        const { blendHours, setsUp } = effectsOf(medium)
        return setsUp?.within ?? hoursText(blendHours)
      },
    },
    {
      what: 'Clear film of 40 µm (a thin glaze) touch dry in this room',
      text: (medium) => {
        const { touchDays } = oils(medium)
        return hoursText(touchDays === null ? null : 24 * touchDays)
      },
    },
    {
      what: 'Most before it is watched, of the mix by volume',
      text: (medium) => {
        const { ofMix } = usualLargestDose(medium.ingredients)
        if (unfitnessOf(medium)?.severity === 'unsound') return 'none: it is not to be used'
        return ofMix <= 0 ? noDose : `${percentText(roundedDown(ofMix, 2))}, that is ${ratioText(ofMix)}`
      },
    },
    {
      what: 'Solvent and water, of the mix by volume',
      text: (medium) => {
        const { volatile, water } = shareSpans(medium.ingredients).wet.byVolume
        return isKnown(volatile) ? percentText(volatile.low + water.low) : spanPercent(volatile)
      },
    },
    ...classNames
      .filter((name) => name !== 'volatile' && name !== 'water')
      .map((name) => ({
        what: `${classWords[name]}, of the dried film by volume`,
        text: (medium: Medium) =>
          spanPercent(shareSpans(medium.ingredients).dry.byVolume[name]).replace('\u00a0', ' '),
      })),
    {
      what: 'Yellowing of its oils, of 5',
      text: (medium) => {
        const { yellowing } = oils(medium)
        return yellowing === null ? 'not known' : about(yellowing)
      },
    },
    {
      what: 'Strength of its oils, of 5',
      text: (medium) => {
        const { strength } = oils(medium)
        return strength === null ? 'not known' : about(strength)
      },
    },
    {
      what: 'Cost per ml',
      text: (medium) => {
        const { perMl, unpriced } = costOf(medium.ingredients)
        return perMl > 0 ? `${about(perMl)}${unpriced.length > 0 ? ' and more' : ''}` : 'no price'
      },
    },
  ]
}
