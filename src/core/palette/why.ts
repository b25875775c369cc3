import type { BeforeDrinking } from '../film/film.ts'
import { defaultGrind } from '../film/paint.ts'
import { figure } from '../figure.ts'
import type { Reason } from '../reason.ts'
import { massOf, volumeOf } from '../medium/amount.ts'
import { gain, oilByStreaks } from './calibrate.ts'
import type { Streak } from './calibrate.ts'
import { heldIn } from './heap.ts'
import type { Conditioning, DosedHeap } from './heap.ts'
import type { MeasuredDose } from './measured.ts'
import { openShare } from '../cure/workable.ts'
import { openUm } from './openTime.ts'
import type { OpenTime } from './openTime.ts'

/** What the numbers of a palette and of a tube rest on: the formula in words and what went into it. */

interface AskedDose {
  /** Whether the heap is told by mass, so that a proportion is one of masses. */
  readonly byMass: boolean
  /** With doses to the last digit. */
  readonly exact: DosedHeap
  readonly measured: MeasuredDose
  /** One drop of the medium, ml. */
  readonly dropMl: number | undefined
  readonly conditioning: Conditioning
}

const rounding = 'Told as tools measure it: whole drops below a millilitre, tenths of one above.'

/** How much medium a heap takes. */
export function whyDose({ byMass, exact, measured, dropMl, conditioning }: AskedDose): Reason {
  const { by, medium, alkydWeight } = conditioning
  const poured = [
    figure('medium, reckoned', exact.mediumMl, 'ml'),
    ...(measured.drops !== null && dropMl ? [figure('one drop of it', dropMl, 'ml')] : []),
    figure('medium, as it can be measured', measured.ml, 'ml'),
  ]
  const common = { title: 'Medium for this heap', section: 'palette' } as const
  if ('proportion' in by)
    return {
      ...common,
      formula: `Heap × medium to one of paint, ${byMass ? 'by mass' : 'by volume'}. ${rounding}`,
      figures: [
        byMass ? figure('heap', massOf(exact.paint), 'g') : figure('heap', exact.ml, 'ml'),
        figure('medium to one of paint', by.proportion),
        ...poured,
      ],
      source: 'Exact, but for the size of a drop.',
    }
  const heap = heldIn(exact.paint, alkydWeight)
  const [stirred, mediumMl] = [heldIn(medium, alkydWeight), volumeOf(medium)]
  return {
    ...common,
    formula: `(Fatness × what the powder needs − fat of the heap) ÷ (fat of the medium − fatness × what its powder needs). ${rounding}`,
    figures: [
      figure('fatness wanted', by.fatness, '×'),
      figure('fat of the heap', heap.fatMl, 'ml'),
      figure('oil its powder just needs', heap.demandMl, 'ml'),
      figure('fat in one ml of medium', mediumMl > 0 ? stirred.fatMl / mediumMl : null, 'ml'),
      figure(
        'oil its powder needs, per ml of medium',
        mediumMl > 0 ? stirred.demandMl / mediumMl : null,
        'ml',
      ),
      ...poured,
    ],
    source: 'Estimate: oil absorption varies by 20–40 % between methods.',
  }
}

const hour = 60

/** How long a heap can be worked. */
export const whyOpen = (film: BeforeDrinking, { minutes }: OpenTime): Reason => ({
  title: 'How long it can be worked',
  formula: `${openShare} × the time until ${openUm} µm of the mix is touch dry in this room, with the driers in it. Under glass twice as long.`,
  figures: [
    figure('touch dry', minutes === null ? null : minutes / openShare / hour, 'hours'),
    figure('workable', minutes === null ? null : minutes / hour, 'hours'),
    figure('drying speed, raw linseed = 1', film.rate),
    figure('driers: start', film.driers.start, '×'),
    figure('solvent and water, of the wet mix by volume', 100 * film.mix.volatile, '%'),
  ],
  source: 'Estimate from the cure model; a finger on the heap knows better.',
  section: 'palette',
})

/** What is known of the oil of a tube. */
interface AskedOil {
  readonly film: BeforeDrinking
  /** Oil of the paint by mass, as it counts. */
  readonly oilShare: number
  readonly streaks: readonly Streak[]
  /** As the maker says, % by mass. */
  readonly byMaker: number | null
}

/** How much oil is in a tube: by its streaks, else by its maker, else by the book. */
export function whyTubeOil({ film, oilShare, streaks, byMaker }: AskedOil): Reason {
  const common = { title: 'Oil in the tube', section: 'palette' } as const
  const counts = figure('oil, by mass', 100 * oilShare, '%')
  const told = oilByStreaks(streaks)
  if (told && 'percent' in told) {
    const washed = streaks.filter(({ how }) => how === 'washed').length
    const isWashed = washed > 0
    return {
      ...common,
      formula: isWashed
        ? '1 − what is left of a streak whose oil was washed out ÷ what it weighed wet.'
        : `(What a dried streak weighs ÷ what it weighed wet − 1) ÷ ${gain.mid}: an oil film takes up ${100 * gain.low} to ${100 * gain.high} % of its own weight.`,
      figures: [
        figure('streaks that count', washed || streaks.length),
        counts,
        figure('at least', told.low, '%'),
        figure('at most', told.high, '%'),
      ],
      source: isWashed ? 'As you weighed it.' : 'As you weighed it; the uptake is an estimate.',
    }
  }
  if (byMaker !== null)
    return { ...common, formula: 'As its maker says.', figures: [counts], source: 'Not checked by a streak.' }
  return {
    ...common,
    formula: `What the powder just needs, by its oil absorption, times what tubes are ground with, ${defaultGrind}.`,
    figures: [
      figure('oil the powder needs, per ml of dried paint', film.perDryVolume.demand, 'ml'),
      figure('binder over that', film.binderRatio, '×'),
      counts,
    ],
    source: 'Estimate: oil absorption varies by 20–40 % between methods. A weighed streak tells it.',
  }
}
