import { dateOf } from '../src/core/plan/calendar.ts'
import { blankTube } from '../src/document/blank/blankTube.ts'
import type { OwnTube } from '../src/document/tube.ts'

/** A tube as it was bought: nothing is known of it but what stands on it. */
const bought = (
  id: string,
  name: string,
  pigments: readonly (string | readonly [pigment: string, share: number])[],
  rest: Partial<OwnTube>,
): OwnTube =>
  blankTube({
    id,
    name,
    pigments: pigments.map((one) =>
      typeof one === 'string' ? { pigment: one, share: 1 } : { pigment: one[0], share: one[1] },
    ),
    ...rest,
  })

const paid = (coins: number, ml: number): OwnTube['price'] => ({ coins, for: { amount: ml, unit: 'ml' } })

/** Twenty tubes with a history: calibrated, nearly empty, bought twice under two names, one whose label is wrong. */
export function tubesOf(today: number): readonly OwnTube[] {
  const opened = (daysAgo: number): string => dateOf(today - daysAgo)
  const climate = { temperatureC: 19, relativeHumidityPct: 54, light: 1 }
  return [
    bought('titanium', 'Titanium white', ['pw6_rutile'], {
      price: paid(12, 150),
      leftMl: 85,
      openedOn: opened(70),
      squeezes: [{ drops: 10, grams: 19.4 }],
      colour: '#f4f2ea',
    }),
    bought('soft-titanium', 'Soft titanium', ['pw6_rutile'], {
      oil: 'safflower',
      price: paid(9, 60),
      leftMl: 41,
      openedOn: opened(150),
      note: 'Bought for the pale skies; takes for ever to dry.',
    }),
    bought('lead-white', 'Stack lead white', ['pw1'], {
      price: paid(31, 40),
      leftMl: 22,
      openedOn: opened(320),
      streaks: [{ on: opened(90), how: 'washed', wetG: 6.2, leftG: 5.42 }],
    }),
    bought('zinc-white', 'Zinc white', ['pw4'], { price: paid(8, 40), leftMl: 33, openedOn: opened(400) }),
    bought('mixed-white', 'Studio white', [['pw6_rutile', 2], 'pw4'], {
      oil: 'walnut',
      price: paid(10, 60),
      leftMl: 12,
      openedOn: opened(210),
    }),
    bought('ochre', 'Yellow ochre', ['py43'], {
      price: paid(7, 40),
      leftMl: 18,
      openedOn: opened(180),
      squeezes: [{ drops: 5, grams: 6.1 }],
      colour: '#b98a3c',
    }),
    bought('cadmium-yellow', 'Cadmium yellow', ['py35'], {
      price: paid(19, 40),
      leftMl: 9,
      openedOn: opened(260),
    }),
    bought('lemon', 'Harbour lemon', ['py3'], { price: paid(8, 40), leftMl: 30, openedOn: opened(40) }),
    bought('transparent-gold', 'Transparent gold', ['py42_transparent'], {
      price: paid(9, 40),
      leftMl: 27,
      openedOn: opened(95),
    }),
    bought('cadmium-red', 'Cadmium red', ['pr108'], {
      price: paid(21, 40),
      leftMl: 15,
      openedOn: opened(190),
    }),
    bought('red-earth', 'Red iron oxide', ['pr101'], {
      price: paid(6, 40),
      leftMl: 31,
      openedOn: opened(120),
      oilPercent: 22,
    }),
    bought('madder', 'Alizarin crimson', ['pr83'], {
      price: paid(11, 40),
      leftMl: 24,
      openedOn: opened(300),
      dryingTests: [{ on: opened(60), thicknessUm: 60, touchDays: 17, climate }],
      note: 'Slower still than its name; two weeks and a half on the card.',
    }),
    bought('rose', 'Rose for glazing', ['pr122'], { price: paid(10, 40), leftMl: 36, openedOn: opened(30) }),
    bought('ultramarine', 'Ultramarine blue', ['pb29'], {
      price: paid(9, 60),
      leftMl: 44,
      openedOn: opened(75),
      squeezes: [{ drops: 8, grams: 7.4 }],
      colour: '#20307c',
    }),
    bought('quay-blue', 'Quay blue', ['pb29'], {
      oil: 'poppy',
      price: paid(14, 40),
      leftMl: 38,
      openedOn: opened(20),
      note: 'From the shop on the quay. Looks much like the ultramarine.',
    }),
    bought('cobalt-blue', 'Cobalt blue', ['pb28'], {
      price: paid(24, 40),
      leftMl: 19,
      openedOn: opened(220),
    }),
    bought('viridian', 'Viridian', ['pg18'], { price: paid(13, 40), leftMl: 28, openedOn: opened(230) }),
    bought('viridian-hue', 'Viridian', ['pg7'], {
      price: paid(7, 40),
      leftMl: 37,
      note: 'The label says viridian; the small print says PG7.',
    }),
    bought('raw-umber', 'Raw umber', ['pbr7_raw_umber'], {
      price: paid(6, 40),
      leftMl: 26,
      openedOn: opened(160),
      speed: 'very fast',
    }),
    bought('bone-black', 'Bone black', ['pbk9'], {
      price: paid(6, 40),
      leftMl: 3,
      openedOn: opened(340),
      sinkingTendency: 5,
      dryingTests: [
        { on: opened(200), thicknessUm: 50, touchDays: 9, climate },
        { on: opened(120), thicknessUm: 60, touchDays: 11, climate },
      ],
    }),
  ]
}
