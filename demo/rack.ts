import type { Finger } from '../src/core/cure/checks.ts'
import { dateOf, minuteOf } from '../src/core/plan/calendar.ts'
import { blankFinger } from '../src/document/blank/blankFinger.ts'
import { blankLayer } from '../src/document/blank/blankLayer.ts'
import { planOf } from '../src/document/brush.ts'
import type { FingerDocument } from '../src/document/finger.ts'
import type { LayerDocument, Painted } from '../src/document/layer.ts'
import type { ColourReading, Swatch } from '../src/document/swatch.ts'
import type { Trial } from '../src/document/trial.ts'
import { tube } from './saltPans.ts'

/** The rack of swatches in Tern Street, and its two trials; all of it made up. */

interface SwatchIdea {
  readonly id: string
  readonly name: string
  readonly daysAgo: number
  readonly paints: LayerDocument['paints']
  readonly medium?: LayerDocument['medium']
  readonly wetUm?: number
  /** Checks, each so many days after it was laid. */
  readonly tried?: readonly (readonly [after: number, found: Finger, where?: string])[]
  readonly colours?: readonly Omit<ColourReading, 'id' | 'on'>[]
  /** Days after it was laid on which its colour was read. */
  readonly readAfter?: readonly number[]
  readonly placeId?: string
  readonly note?: string
}

const dry: Finger = { check: 'touch', passed: true }
const tacky: Finger = { check: 'touch', passed: false }
const firm: Finger = { check: 'fingernail', passed: true }
const marks: Finger = { check: 'fingernail', passed: false }

const ideas: readonly SwatchIdea[] = [
  {
    id: 'swatch-umber-1',
    name: 'Burnt umber, thin',
    daysAgo: 70,
    paints: [tube('pbr7_burnt_umber')],
    tried: [
      [1, tacky],
      [1.9, dry],
      [4.2, firm],
    ],
  },
  {
    id: 'swatch-umber-2',
    name: 'Raw umber',
    daysAgo: 66,
    paints: [tube('pbr7_raw_umber')],
    tried: [
      [1, tacky],
      [2, dry],
    ],
  },
  {
    id: 'swatch-umber-3',
    name: 'Burnt umber in walnut',
    daysAgo: 52,
    paints: [tube('pbr7_burnt_umber', 1, 'walnut')],
    tried: [
      [1.2, tacky],
      [2.1, dry],
    ],
  },
  {
    id: 'swatch-black-1',
    name: 'Ivory black',
    daysAgo: 61,
    paints: [tube('pbk9')],
    tried: [
      [9, tacky],
      [13, tacky],
      [17, dry],
    ],
  },
  {
    id: 'swatch-black-2',
    name: 'Ivory black, again',
    daysAgo: 40,
    paints: [tube('pbk9')],
    wetUm: 60,
    tried: [
      [11, tacky],
      [15, dry],
      [32, marks],
    ],
  },
  {
    id: 'swatch-white',
    name: 'Titanium white in walnut',
    daysAgo: 45,
    paints: [tube('pw6_rutile', 1, 'walnut')],
    tried: [
      [6, tacky],
      [9, dry],
      [24, marks],
      [36, firm],
    ],
  },
  {
    id: 'swatch-ultramarine',
    name: 'Ultramarine with Harbour glaze',
    daysAgo: 18,
    paints: [tube('pb29')],
    medium: { mediumId: 'harbour-glaze', parts: 0.5 },
    wetUm: 40,
    tried: [[4, tacky]],
  },
  {
    id: 'swatch-cadmium',
    name: 'Cadmium red, a ridge',
    daysAgo: 30,
    paints: [tube('pr108')],
    wetUm: 300,
    tried: [
      [8, tacky],
      [14, dry],
    ],
  },
  {
    id: 'swatch-kitchen',
    name: 'White in the kitchen’s sunflower oil',
    daysAgo: 49,
    paints: [tube('pw6_rutile', 1, 'sunflower_high_linoleic')],
    wetUm: 100,
    tried: [
      [49, firm, 'the thin edge'],
      [49, marks],
    ],
    note: 'Is it a painter’s oil?',
  },
  {
    id: 'swatch-kitchen-control',
    name: 'White in walnut, the control',
    daysAgo: 49,
    paints: [tube('pw6_rutile', 1, 'walnut')],
    wetUm: 100,
    tried: [
      [49, firm, 'the thin edge'],
      [49, marks],
    ],
  },
  {
    id: 'swatch-yellowing',
    name: 'White in linseed, kept dark',
    daysAgo: 182,
    paints: [tube('pw6_rutile')],
    placeId: 'dark-store',
    colours: [
      { by: 'lab', kept: 'dark', grade: null, lab: { L: 96, a: -0.6, b: 4 } },
      { by: 'lab', kept: 'dark', grade: null, lab: { L: 94.5, a: -0.2, b: 9 } },
    ],
    readAfter: [7, 180],
  },
  {
    id: 'swatch-yellowing-control',
    name: 'White in safflower, kept dark',
    daysAgo: 182,
    paints: [tube('pw6_rutile', 1, 'safflower')],
    placeId: 'dark-store',
    colours: [
      { by: 'lab', kept: 'dark', grade: null, lab: { L: 96, a: -0.7, b: 3.5 } },
      { by: 'lab', kept: 'dark', grade: null, lab: { L: 95.4, a: -0.6, b: 5 } },
    ],
    readAfter: [7, 180],
  },
]

/** So wide a card is drawn down on, cm². */
const cardCm2 = 60

export function swatchesOf(
  today: number,
  usedOf: (mediumId: string) => NonNullable<Painted['used']>,
): Swatch[] {
  return ideas.map((idea): Swatch => {
    const { id, name, daysAgo, paints, medium = null, wetUm = 70, tried = [], note = '' } = idea
    const laidDay = Math.floor(today) - daysAgo + 10 / 24
    const plan = blankLayer({
      id,
      name,
      paintingId: 'rack',
      position: 0,
      paints,
      medium,
      wetThicknessUm: wetUm,
    })
    return {
      id,
      name,
      laid: {
        at: minuteOf(laidDay),
        ...planOf(plan),
        used: medium && usedOf(medium.mediumId),
        materials: [],
      },
      drawn: { ml: (wetUm * cardCm2) / 1e4, areaCm2: cardCm2 },
      ground: null,
      placeId: idea.placeId ?? 'studio',
      fingers: tried.map(([after, found, where = ''], at): FingerDocument =>
        blankFinger({ id: `${id}-${at + 1}`, at: minuteOf(laidDay + after), where, ...found }),
      ),
      colours: (idea.colours ?? []).map((reading, at) => ({
        ...reading,
        id: `${id}-colour-${at + 1}`,
        on: dateOf(laidDay + idea.readAfter![at]!),
      })),
      note,
    }
  })
}

const trial = (
  today: number,
  rest: Pick<Trial, 'id' | 'question' | 'rule' | 'ifYes' | 'ifNo' | 'lookDays'> &
    Pick<Trial, 'swatchId' | 'controlId'> & { readonly daysAgo: number },
): Trial => {
  const { daysAgo, ...told } = rest
  return { ...told, begunAt: minuteOf(Math.floor(today) - daysAgo + 10 / 24), note: '' }
}

export const trialsOf = (today: number): Trial[] => [
  trial(today, {
    id: 'trial-kitchen',
    question: 'Does the kitchen’s sunflower oil harden as walnut does?',
    swatchId: 'swatch-kitchen',
    controlId: 'swatch-kitchen-control',
    rule: { by: 'check', check: 'fingernail', day: 49 },
    ifYes: 'It may go into whites and last layers.',
    ifNo: 'It stays in the kitchen.',
    lookDays: [14, 28, 49],
    daysAgo: 49,
  }),
  trial(today, {
    id: 'trial-yellowing',
    question: 'Does white in linseed stay white enough in the dark?',
    swatchId: 'swatch-yellowing',
    controlId: 'swatch-yellowing-control',
    rule: { by: 'colour', mostYellower: 3, day: 180 },
    ifYes: 'Linseed stays in the whites.',
    ifNo: 'Whites in safflower, where they go over linseed late.',
    lookDays: [7, 90, 180],
    daysAgo: 182,
  }),
]
