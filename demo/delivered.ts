import { dateOf } from '../src/core/plan/calendar.ts'
import type { PaintingDocument } from '../src/document/studio.ts'
import { tube } from './saltPans.ts'
import type { LayerIdea } from './saltPans.ts'

/** Two pictures at their end: one delivered with its varnish still owed, one just back from a show. */

const turpentine = { material: 'gum_turpentine', parts: 1 }

export const ferryEvents: readonly LayerIdea[] = [
  {
    name: 'Drawing in',
    event: { kind: 'wash' },
    paints: [tube('pbr7_burnt_umber')],
    thinner: turpentine,
    wetThicknessUm: 15,
    daysAgo: 300,
  },
  {
    name: 'Steps and water',
    paints: [tube('pb29', 1), tube('pbr7_raw_umber', 1), tube('pw6_rutile', 1)],
    medium: { mediumId: 'morning-oil', parts: 0.3 },
    wetThicknessUm: 50,
    daysAgo: 288,
  },
  {
    name: 'Evening light',
    paints: [tube('py43', 2), tube('pw6_rutile', 3), tube('pr102', 0.3)],
    medium: { mediumId: 'morning-oil', parts: 0.6 },
    wetThicknessUm: 60,
    daysAgo: 262,
  },
]

export const buoyEvents: readonly LayerIdea[] = [
  {
    name: 'Stain',
    event: { kind: 'wash' },
    paints: [tube('pr102')],
    thinner: turpentine,
    wetThicknessUm: 15,
    daysAgo: 250,
  },
  {
    name: 'Buoys',
    paints: [tube('py35', 1), tube('pr102', 2), tube('pw6_rutile', 1)],
    medium: { mediumId: 'morning-oil', parts: 0.4 },
    wetThicknessUm: 60,
    daysAgo: 226,
  },
  {
    name: 'Temporary varnish',
    event: { kind: 'temporary-varnish', coats: 1 },
    paints: [],
    besides: [{ material: 'retouching_varnish_8', parts: 1 }],
    wetThicknessUm: 12,
    daysAgo: 58,
  },
]

export const ferrySteps = (today: number): Partial<PaintingDocument> => ({
  widthCm: 80,
  heightCm: 60,
  groundOn: dateOf(today - 330),
  state: 'gone',
  client: 'the reading room of the harbour school',
  place: 'delivered, over the long table',
  dates: [{ what: 'handed-over', on: dateOf(today - 150) }],
  owed: {
    ...{ way: 'visit', due: dateOf(today + 34), varnish: 'hydrocarbon_varnish_25', coats: 2 },
    ...{ pays: 'painter', by: '', owner: 'the harbour school', address: '' },
    ...{ note: 'Mornings only; ring the caretaker first.', doneOn: null },
  },
})

export const buoys = (today: number): Partial<PaintingDocument> => ({
  widthCm: 30,
  heightCm: 30,
  groundOn: dateOf(today - 330),
  state: 'finished',
  support: 'plywood',
  ground: 'acrylic_dispersion_ground',
  place: 'rack, back from the Ropewalk',
  dates: [{ what: 'shown', on: dateOf(today - 56) }],
  note: 'Back from the show. The temporary varnish comes off before anything else goes on.',
})
