import { methodOf } from '../src/core/batch/method.ts'
import { findInLibrary } from '../src/core/materials/find.ts'
import { dateOf, dayOf, minuteOf } from '../src/core/plan/calendar.ts'
import type { Batch } from '../src/document/batch.ts'
import { mediumOfBatch } from '../src/document/batchMedium.ts'
import type { ShelfItem } from '../src/document/shelf.ts'
import { planOf } from '../src/document/brush.ts'
import { paintFrom } from '../src/document/ownTube.ts'
import type { OwnTube } from '../src/document/tube.ts'
import { buoyEvents, buoys, ferryEvents, ferrySteps } from './delivered.ts'
import { exercises } from './practice.ts'
import { air, brushSets, cleaningJars, closings, containers } from './evening.ts'
import { quincePatches } from './surface.ts'
import { saltPanAreas, saltPanEvents, tube } from './saltPans.ts'
import type { LayerIdea } from './saltPans.ts'
import { swatchesOf, trialsOf } from './rack.ts'
import { places, yearOfReadings } from './room.ts'
import { tubesOf } from './tubes.ts'
import type { Brush } from '../src/document/brush.ts'
import type { LayerDocument, Painted } from '../src/document/layer.ts'
import { blankLayer } from '../src/document/blank/blankLayer.ts'
import { blankPainting } from '../src/document/blank/blankPainting.ts'
import { blankLot } from '../src/document/blank/blankLot.ts'
import { blankFinger } from '../src/document/blank/blankFinger.ts'
import type { Finger } from '../src/core/cure/checks.ts'
import { defaultSettings } from '../src/document/studio.ts'
import type { PaintingDocument } from '../src/document/studio.ts'
import type { StudioDocument } from '../src/document/studioDocument.ts'

const finger = (id: string, layerId: string, at: string, found: Finger) => ({
  ...blankFinger({ id, at, ...found }),
  layerId,
})

const lot = (id: string, name: string, base: string | null, rest: Partial<ShelfItem>): ShelfItem =>
  blankLot({ id, name, base, family: 'oil', ...rest })

/** What the studio's own shelf says that the book does not: prices, a heavy lot, a counted dropper, a jar of unsure make. */
const shelf = (today: number): readonly ShelfItem[] => [
  lot('linseed_stand_oil', 'Stand oil (linseed heat-bodied without air)', 'linseed_stand_oil', {
    price: { coins: 18, for: { amount: 250, unit: 'ml' } },
    stockG: 120,
    openedOn: dateOf(today - 140),
  }),
  lot('thick-oil-lot-b', 'Thick oil, lot B', 'linseed_sun_thickened', {
    densityGPerMl: 0.975,
    price: { coins: 14, for: { amount: 100, unit: 'ml' } },
    openedOn: dateOf(today - 61),
    note: 'Thicker than the last one; stood on the south sill all summer.',
  }),
  lot('walnut', 'Walnut oil', 'walnut', {
    price: { coins: 11, for: { amount: 250, unit: 'ml' } },
    stockG: 1,
    dropper: [
      { drops: 50, grams: 1.12 },
      { drops: 40, grams: 0.91 },
    ],
    openedOn: dateOf(today - 33),
  }),
  lot('damar', 'Damar resin', 'damar', {
    family: 'resin',
    price: { coins: 9, for: { amount: 200, unit: 'g' } },
    stockG: 40,
  }),
  lot('gum_turpentine', 'Gum turpentine (distilled)', 'gum_turpentine', {
    family: 'solvent',
    price: { coins: 7.5, for: { amount: 500, unit: 'ml' } },
  }),
  lot('market-gel', 'Gel from the harbour market', null, {
    family: 'ready_medium',
    densityGPerMl: 0.95,
    nonVolatile: { low: 0.55, high: 0.75 },
    stays: { alkyd: 1 },
    rate: 4,
    note: 'No sheet came with it; the stallholder says half to three quarters stays.',
  }),
]

/** Every step of the making, but for what was left out knowingly. */
const doneSteps = (lines: readonly Poured[], leftOut: Batch['leftOut'] = []): string[] =>
  methodOf(lines.flatMap(([material]) => findInLibrary(material) ?? []))
    .map(({ id }) => id)
    .filter((id) => !leftOut.includes(id))

type Poured = readonly [material: string, grams: number]

const batch = (
  id: string,
  number: number,
  name: string,
  mediumId: string | null,
  lines: readonly Poured[],
  at: string,
  rest: Partial<Batch>,
): Batch => ({
  id,
  name,
  number,
  mediumId,
  parentId: null,
  drops: [],
  dropper: [],
  jarMl: null,
  loss: 0.05,
  keptCold: false,
  doneSteps: doneSteps(lines, rest.leftOut),
  leftOut: [],
  madeOn: at,
  taken: [],
  looks: [],
  photo: null,
  materials: [],
  note: '',
  targets: lines.map(([material, grams]) => ({ material, grams })),
  pours: lines.map(([material, grams]) => ({ material, grams, at, drawnG: 0 })),
  feel: { viscosity: null, tack: null, string: null, spike: null, levelling: null },
  ...rest,
})

/** What stands in jars at Tern Street: an old glaze due for a look, an egg emulsion about to spoil, a putty taken from a larger batch. */
const batches = (minute: (daysAgo: number, hour: number) => string): readonly Batch[] => [
  batch(
    'glaze-1',
    1,
    'Harbour glaze',
    'harbour-glaze',
    [
      ['linseed_stand_oil', 96.5],
      ['gum_turpentine', 75.6],
      ['damar', 7.9],
    ],
    minute(95, 15),
    {
      feel: { viscosity: 2, tack: 3, string: 2, spike: 1, levelling: 5 },
      taken: [{ ml: 60, what: 'Glasshouse, first glaze', at: minute(15, 10) }],
      note: 'A touch more damar than written: the last of the bag.',
    },
  ),
  batch(
    'egg-2',
    2,
    'Yolk and walnut',
    null,
    [
      ['egg_yolk', 15.5],
      ['vinegar_5', 12.4],
      ['walnut', 41],
    ],
    minute(3, 10),
    {
      keptCold: true,
      leftOut: ['preservative'],
      feel: { viscosity: 3, tack: 4, string: 2, spike: 4, levelling: 2 },
    },
  ),
  batch(
    'putty-3',
    3,
    'Shed putty',
    'shed-putty',
    [
      ['walnut', 66],
      ['chalk_whiting', 165],
      ['marble_dust', 30],
    ],
    minute(40, 11),
    {
      feel: { viscosity: 5, tack: 2, string: 3, spike: 4, levelling: 1 },
      looks: [{ on: minute(10, 9).slice(0, 10), found: 'clear' }],
    },
  ),
  batch(
    'egg-4',
    4,
    'Frost emulsion',
    null,
    [
      ['egg_yolk', 20],
      ['walnut', 8],
      ['water', 15],
    ],
    minute(9, 9),
    {
      leftOut: ['preservative'],
      taken: [{ ml: 41, what: 'Sheds, first frost', at: minute(9, 11) }],
      note: 'Made for the morning, and used up.',
    },
  ),
]

/** Tern Street Studio in Osmarre: invented, and dated relative to the day it is loaded, so that Today is never empty. */

type Paint = LayerDocument['paints'][number]
/** So many parts of one of the studio's own tubes. */
const from = (tubes: readonly OwnTube[], id: string, parts: number): Paint =>
  paintFrom(
    tubes.find((one) => one.id === id)!,
    parts,
    findInLibrary,
  )

export function ternStreet(now: string): StudioDocument {
  const today = Math.floor(dayOf(now)!)
  const minute = (daysAgo: number, hour: number): string =>
    minuteOf(Math.min(today - daysAgo + hour / 24, dayOf(now)!))
  const mediums: StudioDocument['mediums'] = [
    {
      id: 'harbour-glaze',
      name: 'Harbour glaze',
      note: 'For the glazes on the big linen pictures.',
      recipe: {
        lines: [
          { material: 'linseed_stand_oil', amount: 40, unit: 'ml' },
          { material: 'gum_turpentine', amount: 35, unit: 'ml' },
          { material: 'damar', amount: 1, unit: 'tsp_metric' },
        ],
      },
    },
    {
      id: 'morning-oil',
      name: 'Morning oil',
      note: 'A little of this in everything after the first layer.',
      recipe: {
        partsBy: 'volume',
        lines: [
          { material: 'linseed_sun_thickened', amount: 2, unit: 'part' },
          { material: 'walnut', amount: 1, unit: 'part' },
        ],
      },
    },
    {
      id: 'shed-putty',
      name: 'Shed putty',
      note: 'Gives body and keeps it lean.',
      recipe: {
        lines: [
          { material: 'walnut', amount: 22, unit: 'g' },
          { material: 'chalk_whiting', amount: 55, unit: 'g' },
          { material: 'marble_dust', amount: 10, unit: 'g' },
        ],
      },
    },
    {
      id: 'pan-wax',
      name: 'Pan wax',
      note: 'A little more of it in each layer of the salt pans; only ever on a panel.',
      recipe: {
        partsBy: 'volume',
        lines: [
          { material: 'cold_wax_paste', amount: 3, unit: 'part' },
          { material: 'linseed_stand_oil', amount: 1, unit: 'part' },
        ],
      },
    },
    {
      id: 'quick-walnut',
      name: 'Quick walnut',
      note: 'Last layers only, when a picture has to leave; no solvent in it.',
      recipe: {
        lines: [
          { material: 'alkyd_walnut_solvent_free', amount: 20, unit: 'ml' },
          { material: 'walnut', amount: 10, unit: 'ml' },
        ],
      },
    },
  ]
  const jars = batches(minute)
  const usable = [...mediums, ...jars.map(mediumOfBatch)]
  const recipeOf = (id: string): NonNullable<Painted['used']> => {
    const { name, recipe } = usable.find((one) => one.id === id)!
    return { name, recipe }
  }
  const paintedAt = (at: string, plan: Brush): Painted => ({
    at,
    ...planOf(plan),
    used: plan.medium && recipeOf(plan.medium.mediumId),
    materials: [],
  })
  const layersOf = (paintingId: string, ideas: readonly LayerIdea[]): readonly LayerDocument[] =>
    ideas.map(({ daysAgo, hour = 11, ...idea }, position): LayerDocument => {
      const plan = blankLayer({ id: `${paintingId}-${position + 1}`, paintingId, position, ...idea })
      return daysAgo === undefined ? plan : { ...plan, painted: paintedAt(minute(daysAgo, hour), plan) }
    })

  const painting = (id: string, title: string, rest: Partial<PaintingDocument>): PaintingDocument =>
    blankPainting({ id, title, groundOn: dateOf(today - 220), ...rest })

  const tubes = tubesOf(today)
  const layers = [
    ...layersOf('glasshouse', [
      {
        name: 'Stain',
        event: { kind: 'wash' },
        paints: [tube('pbr7_raw_umber')],
        thinner: { material: 'gum_turpentine', parts: 1 },
        wetThicknessUm: 20,
        daysAgo: 84,
      },
      {
        name: 'Dead colouring',
        paints: [tube('pbr7_raw_umber', 1), tube('pw6_rutile', 2)],
        medium: { mediumId: 'morning-oil', parts: 0.15 },
        wetThicknessUm: 60,
        daysAgo: 66,
      },
      {
        name: 'Lights',
        paints: [tube('pw6_rutile', 5, 'walnut'), tube('py43', 1)],
        medium: { mediumId: 'morning-oil', parts: 0.7 },
        wetThicknessUm: 95,
        daysAgo: 45,
      },
      {
        name: 'First glaze',
        event: { kind: 'glaze' },
        paints: [tube('pb29')],
        medium: { mediumId: 'harbour-glaze', parts: 0.9 },
        wetThicknessUm: 30,
        daysAgo: 15,
      },
      {
        name: 'Sunlight scumble',
        event: { kind: 'scumble', covered: 0.6 },
        paints: [from(tubes, 'titanium', 4), from(tubes, 'ochre', 1)],
        medium: { mediumId: 'morning-oil', parts: 0.5 },
        wetThicknessUm: 30,
      },
    ]),
    ...layersOf('clock-mender', [
      {
        name: 'Drawing in',
        paints: [tube('pbr7_burnt_umber')],
        thinner: { material: 'mineral_spirit_dearomatised_high_flash', parts: 0.8 },
        wetThicknessUm: 18,
        daysAgo: 19,
      },
      {
        name: 'Dead colour',
        paints: [tube('pbr7_burnt_umber', 1), tube('pw1', 3), tube('pr102', 1)],
        wetThicknessUm: 60,
        daysAgo: 8,
      },
      {
        name: 'First flesh',
        paints: [from(tubes, 'titanium', 4), from(tubes, 'ochre', 1), from(tubes, 'red-earth', 0.4)],
        medium: { mediumId: 'morning-oil', parts: 0.6 },
        wetThicknessUm: 90,
      },
      {
        name: 'Waistcoat',
        paints: [tube('pb60', 1), tube('pbk11', 2)],
        medium: { mediumId: 'morning-oil', parts: 0.5 },
        wetThicknessUm: 70,
        areas: ['waistcoat'],
      },
      {
        name: 'Second flesh',
        paints: [from(tubes, 'titanium', 4), from(tubes, 'ochre', 1), from(tubes, 'cadmium-red', 0.3)],
        medium: { mediumId: 'morning-oil', parts: 1.1 },
        wetThicknessUm: 70,
        ridgeWetUm: 250,
        areas: ['head'],
      },
    ]),
    ...layersOf('salt-pans', saltPanEvents),
    ...layersOf('ferry-steps', ferryEvents),
    ...layersOf('buoys', buoyEvents),
    ...layersOf('quince', [
      {
        name: 'Dark table',
        paints: [tube('pbr7_burnt_umber', 2), tube('pb29', 1)],
        thinner: { material: 'gum_turpentine', parts: 0.8 },
        wetThicknessUm: 60,
        daysAgo: 34,
        hour: 9,
      },
      {
        name: 'Pewter',
        paints: [tube('pw6_rutile', 2), tube('pbk9', 1), tube('pb29', 0.3)],
        wetThicknessUm: 90,
        daysAgo: 34,
        hour: 11,
        wetInWet: true,
        areas: ['pewter'],
      },
      {
        name: 'Quinces',
        paints: [tube('py35', 2), tube('py43', 1), tube('pw6_rutile', 1)],
        wetThicknessUm: 180,
        ridgeWetUm: 500,
        daysAgo: 34,
        hour: 14,
        wetInWet: true,
        areas: ['fruit'],
      },
    ]),
    ...layersOf('sheds', [
      {
        name: 'Ground tone',
        event: { kind: 'waterborne' },
        paints: [tube('py43', 2, 'acrylic_dispersion'), tube('pbk9', 1, 'acrylic_dispersion')],
        wetThicknessUm: 50,
        daysAgo: 12,
      },
      {
        name: 'First frost',
        event: { kind: 'emulsion' },
        paints: [tube('pw6_rutile', 1)],
        medium: { mediumId: 'egg-4', parts: 0.75 },
        wetThicknessUm: 30,
        daysAgo: 9,
      },
      {
        name: 'Sheds',
        paints: [tube('pbk9', 2), tube('pr83', 1)],
        medium: { mediumId: 'morning-oil', parts: 0.5 },
        wetThicknessUm: 110,
        daysAgo: 5,
      },
      { name: 'Frost', paints: [tube('pw6_rutile', 3, 'safflower')], wetThicknessUm: 60, daysAgo: 1 },
      {
        name: 'Low sun',
        paints: [from(tubes, 'cadmium-yellow', 1), from(tubes, 'titanium', 3)],
        medium: { mediumId: 'quick-walnut', parts: 0.6 },
        wetThicknessUm: 40,
      },
    ]),
  ]
  return {
    format: 'grelta.studio',
    version: 2,
    settings: {
      ...defaultSettings,
      studioName: 'Tern Street Studio, Osmarre',
      climate: { temperatureC: 19, relativeHumidityPct: 54, light: 1 },
      season: 'log',
      places,
      workingDays: [true, true, true, true, true, true, false],
      confidence: 0.8,
      jars: cleaningJars(today),
      brushSets,
      containers: containers(today),
      ownChecks: ['Lid on the rag can'],
      air,
    },
    shelf: [...shelf(today)],
    tubes: [...tubes],
    batches: [...jars],
    mediums,
    practices: [],
    swatches: swatchesOf(today, recipeOf),
    trials: trialsOf(today),
    readings: yearOfReadings(today),
    closings: closings(today),
    exercises: exercises(today),
    reminders: [
      {
        ...{ id: 'spacers', on: dateOf(today + 6), what: 'other' as const },
        text: 'Ask the framer for spacers of 6 mm',
        ...{ paintingId: null, doneAt: null, note: '' },
      },
    ],
    paintings: [
      painting('glasshouse', 'Glasshouse, morning', {
        widthCm: 60,
        heightCm: 80,
        practice: 'glazing',
        client: 'the winter hanging at the Ropewalk',
        place: 'back wall, top rail',
        dates: [{ what: 'shown', on: dateOf(today + 108) }],
      }),
      painting('clock-mender', 'The clock-mender', {
        widthCm: 50,
        heightCm: 65,
        support: 'linen_on_panel',
        ground: 'oil_ground_titanium',
        areas: [
          {
            id: 'head',
            name: 'head',
            share: 0.12,
            colour: '#c08b6d',
            shapes: [
              {
                kind: 'outline',
                points: [
                  0.38, 0.14, 0.5, 0.08, 0.62, 0.14, 0.66, 0.28, 0.6, 0.43, 0.5, 0.48, 0.4, 0.43, 0.34, 0.28,
                ],
              },
            ],
          },
          {
            id: 'waistcoat',
            name: 'waistcoat',
            share: 0.31,
            colour: '#4a5568',
            shapes: [{ kind: 'outline', points: [0.24, 0.56, 0.5, 0.5, 0.76, 0.56, 0.86, 1, 0.14, 1] }],
          },
        ],
        client: 'the owner of the clock shop, abroad since spring',
        place: 'big easel',
        dates: [
          { what: 'sent', on: dateOf(today + 113), needs: 'varnishSoft' },
          { what: 'handed-over', on: dateOf(today + 190) },
        ],
        note: 'Commission; the owner lives abroad.',
      }),
      painting('quince', 'Quince and pewter', {
        widthCm: 40,
        heightCm: 30,
        ground: 'acrylic_absorbent_ground',
        support: 'cotton_stretched',
        practice: 'direct',
        state: 'resting',
        patches: quincePatches(today),
        place: 'drying rack, third shelf',
        note: 'All in one day. The table has gone dull; do not judge the darks until it is oiled out.',
        areas: [
          {
            id: 'pewter',
            name: 'pewter',
            share: 0.25,
            colour: '#8d9299',
            shapes: [{ kind: 'box', x: 0.12, y: 0.18, width: 0.4, height: 0.62 }],
          },
          {
            id: 'fruit',
            name: 'fruit',
            share: 0.3,
            colour: '#c9a13b',
            shapes: [{ kind: 'box', x: 0.54, y: 0.34, width: 0.43, height: 0.7 }],
          },
        ],
      }),
      painting('sheds', 'Allotment sheds in frost', {
        widthCm: 45,
        heightCm: 45,
        support: 'plywood',
        ground: 'acrylic_absorbent_ground',
        practice: 'solvent-free',
      }),
      painting('ferry-steps', 'Ferry steps, evening', ferrySteps(today)),
      painting('buoys', 'Buoys drying', buoys(today)),
      painting('salt-pans', 'Salt pans', {
        widthCm: 60,
        heightCm: 40,
        support: 'plywood',
        ground: 'chalk_glue_gesso',
        practice: 'wax-paste',
        areas: saltPanAreas,
        place: 'easel by the north window',
        note: 'Wax rising from pass to pass; only ever on a panel. No heat near it.',
      }),
    ],
    layers: layers.map((layer) => ({ ...layer })),
    touchTests: [
      finger('glasshouse-touch-1', 'glasshouse-3', minute(31, 9), { check: 'touch', passed: true }),
      finger('glasshouse-touch-2', 'glasshouse-3', minute(16, 9), { check: 'fingernail', passed: true }),
      finger('clock-touch-1', 'clock-mender-2', minute(6, 9), { check: 'touch', passed: false }),
    ],
  }
}
