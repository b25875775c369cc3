import { demandOf } from '../../materials/demand.ts'
import { binderClasses, classMlPerGram, leavingClasses, sharesOf, sumOf } from '../../materials/material.ts'
import type { Material } from '../../materials/material.ts'
import { policyAnswers } from '../../materials/policy.ts'
import { cappedOf, sideOf } from '../dose.ts'
import type { Side } from '../dose.ts'
import { bodyFromMPas, dryMlPerGram, dullFrom, dulling, gelling } from '../../medium/effects.ts'
import { logViscosity } from '../../medium/oils.ts'
import type { Wish } from './wish.ts'

/** A linear programme over grams of each material in 100 g of medium. */

/** One row: sum of coefficient × grams stands to zero so. */
export interface Row {
  readonly coefficients: readonly number[]
  readonly sense: '<=' | '>='
}

export interface Setting {
  readonly materials: readonly Material[]
  /** The paint it goes into, per ml, and the medium's share of that mix, 0..1. */
  readonly paint: Side
  readonly dose: number
}

/** Strictly below a bound, for a solver that knows only at most. */
const justUnder = 0.98
const justOver = 1.02
/** A wish for a speed is one for oil or alkyd: at least this share of what dries. */
const leastFat = 0.2
/** ... and for something that dries. */
const leastDry = 0.2

/** A wish as rows; each gram of each material counts for or against it. */
export function rowsOf(wish: Wish, { materials, paint, dose }: Setting): readonly Row[] {
  const each = (of: (material: Material) => number, sense: Row['sense'] = '<='): Row => ({
    coefficients: materials.map(of),
    sense,
  })
  const none = (is: (material: Material) => boolean): readonly Row[] => [
    each((material) => (is(material) ? 1 : 0)),
  ]
  const ml = ({ densityGPerMl }: Material): number => 1 / densityGPerMl.mid
  switch (wish.kind) {
    case 'most':
    case 'least': {
      const perPaint = (1 - dose) / dose
      const [paintPart, paintWhole] = cappedOf(paint, wish)
      return [
        each(
          (material) => {
            // A limit of the mix by mass takes the dose by mass too: a gram of medium then meets so many grams of paint.
            const paintMl = wish.of === 'mix-mass' ? perPaint / sumOf(paint.wetMass) : perPaint * ml(material)
            const side = sideOf([{ material, massG: 1, volumeMl: ml(material) }])
            const [part, whole] = cappedOf(side, wish).map((value) => value * ml(material)) as [
              number,
              number,
            ]
            return part + paintMl * paintPart - wish.share * (whole + paintMl * paintWhole)
          },
          wish.kind === 'most' ? '<=' : '>=',
        ),
      ]
    }
    case 'solvent':
      return [each((material) => classMlPerGram(material).volatile - wish.most * ml(material))]
    case 'room':
      return none((material) => policyAnswers(material, wish.policies).length > 0)
    case 'oils':
      return none(({ family, id }) => family === 'oil' && !wish.only.includes(id))
    case 'without':
      return none(({ id }) => id === wish.material)
    case 'speed': {
      const against = (bound: number, sense: Row['sense']): Row =>
        each((material) => {
          const perGram = classMlPerGram(material)
          return (perGram.oil + perGram.alkyd) * ((material.rate?.mid ?? 1) - bound)
        }, sense)
      const fat = each((material) => {
        const perGram = classMlPerGram(material)
        return perGram.oil + perGram.alkyd - leastFat * dryMlPerGram(material)
      }, '>=')
      const dries = each((material) => dryMlPerGram(material) - leastDry * ml(material), '>=')
      return [
        fat,
        dries,
        ...(wish.least === undefined ? [] : [against(wish.least, '>=')]),
        ...(wish.most === undefined ? [] : [against(wish.most, '<=')]),
      ]
    }
    case 'body': {
      const gel = (bound: number, sense: Row['sense']): Row =>
        each((material) => gelling(material) - bound * ml(material), sense)
      const stiff = (bound: number, sense: Row['sense']): Row =>
        each((material) => {
          const alone = logViscosity(material)
          return alone ? alone.logs - Math.log(bound) * alone.ml : 0
        }, sense)
      return {
        fluid: [gel(justUnder, '<='), stiff(bodyFromMPas.flowing * justUnder, '<=')],
        flowing: [
          gel(justUnder, '<='),
          stiff(bodyFromMPas.flowing * justOver, '>='),
          stiff(bodyFromMPas.thick * justUnder, '<='),
        ],
        thick: [gel(justUnder, '<='), stiff(bodyFromMPas.thick * justOver, '>=')],
        gel: [gel(justOver, '>='), gel(3.4, '<=')],
        paste: [gel(3.5 * justOver, '>=')],
      }[wish.body]
    }
    case 'sheen': {
      const dull = (bound: number, sense: Row['sense']): Row =>
        each((material) => dulling(material) - bound * dryMlPerGram(material), sense)
      return {
        gloss: [dull(dullFrom.satin * justUnder, '<=')],
        satin: [dull(dullFrom.satin * justOver, '>='), dull(dullFrom.matt * justUnder, '<=')],
        matt: [dull(dullFrom.matt * justOver, '>=')],
      }[wish.sheen]
    }
    case 'cost':
      return [
        ...none(({ pricePerG }) => pricePerG === undefined),
        each((material) => (material.pricePerG ?? 0) - wish.mostPerMl * ml(material)),
      ]
    case 'plenty':
      return []
  }
}

/**
 * What holds whatever is wished: no thickener past what can be stirred, no powder past what is just bound, and no resin, wax
 * or soap past the most advised of the film at the dose.
 */
export function alwaysRows({ materials, paint, dose }: Setting): readonly Row[] {
  const perPaint = (1 - dose) / dose
  const paintDryG = sumOf(paint.dryMass)
  const ml = ({ densityGPerMl }: Material): number => 1 / densityGPerMl.mid
  const dryG = ({ shares }: Material): number =>
    sumOf(sharesOf((name) => (leavingClasses.includes(name) ? 0 : (shares[name] ?? 0))))
  const loads = materials.flatMap((one): Row[] => {
    const rows: Row[] = []
    if (one.mostOfMix !== undefined) {
      const most = one.mostOfMix
      rows.push({ coefficients: materials.map((other) => (other === one ? 1 : 0) - most), sense: '<=' })
    }
    if (one.mostOfFilm) {
      const most = one.mostOfFilm.high
      const coefficients = materials.map(
        (other) => (other === one ? dryG(one) : 0) - most * (dryG(other) + perPaint * ml(other) * paintDryG),
      )
      rows.push({ coefficients, sense: '<=' })
    }
    return rows
  })
  const bound = materials.map((material) => {
    const perGram = classMlPerGram(material)
    return demandOf(material) * perGram.extender - sumOf(perGram, binderClasses)
  })
  return [...loads, { coefficients: bound, sense: '<=' }]
}

/**
 * The programme in CPLEX LP form: 100 g in all, nearest to `near` (grams in 100 g, by sum of absolute differences), or as
 * much of a wished part as may be, or, with neither, of as few materials as a corner of the programme has.
 */
export function programmeOf(
  wishes: readonly Wish[],
  setting: Setting,
  near: readonly number[] | null,
): string {
  const { materials } = setting
  const plenty = near ? undefined : wishes.find((wish) => wish.kind === 'plenty')
  const rows = [...alwaysRows(setting), ...wishes.flatMap((wish) => rowsOf(wish, setting))]
  const terms = (coefficients: readonly number[], name = 'x'): string =>
    coefficients
      .flatMap((value, at) =>
        Math.abs(value) > 1e-12
          ? [`${value < 0 ? '-' : '+'} ${Math.abs(value).toFixed(12)} ${name}${at}`]
          : [],
      )
      .join(' ')
  const wanted = plenty
    ? materials.map((material) => -cappedOf(alone(material), { what: plenty.what, of: 'mix-mass' })[0])
    : materials.map((_, at) => 1 + at * 1e-3)
  const objective = near
    ? terms(
        materials.map(() => 1),
        'd',
      )
    : terms(wanted)
  return [
    'Minimize',
    ` obj: ${objective || '0 x0'}`,
    'Subject To',
    ` all: ${terms(materials.map(() => 1))} = 100`,
    ...rows.flatMap(({ coefficients, sense }, at) => {
      const written = terms(coefficients)
      return written ? [` w${at}: ${written} ${sense} 0`] : []
    }),
    ...(near ?? []).flatMap((grams, at) => [
      ` a${at}: d${at} - x${at} >= ${(-grams).toFixed(9)}`,
      ` b${at}: d${at} + x${at} >= ${grams.toFixed(9)}`,
    ]),
    'End',
  ].join('\n')
}

/** Of one gram, every class by mass. */
const alone = (material: Material): Side => {
  const shares = sharesOf((name) => material.shares[name] ?? 0)
  return {
    wetVolumes: shares,
    dryVolumes: shares,
    wetMass: shares,
    dryMass: shares,
    demandMl: 0,
    drierLoadG: 0,
    nonDryingMl: 0,
  }
}
