import type { LayerDocument } from '../src/document/layer.ts'
import type { AreaDocument } from '../src/document/studio.ts'

type Paint = LayerDocument['paints'][number]

/** What happened to a picture, counted back from today. */
export type LayerIdea = Partial<LayerDocument> &
  Pick<LayerDocument, 'name'> & {
    readonly daysAgo?: number
    readonly hour?: number
  }

export const tube = (pigment: string, parts = 1, oil = 'linseed_alkali_refined', grind = 1.25): Paint => ({
  pigments: [{ pigment, share: 1 }],
  oil,
  grind,
  parts,
})

const spirit = 'mineral_spirit_dearomatised_low_flash'
const wax = (parts: number): LayerDocument['medium'] => ({ mediumId: 'pan-wax', parts })

/** The parts of the panel: a sky over flat water, and the bank the painter stood on. */
export const saltPanAreas: AreaDocument[] = [
  {
    id: 'sky',
    name: 'sky',
    share: 0.4,
    colour: '#8fa7b8',
    shapes: [{ kind: 'box', x: 0, y: 0, width: 1, height: 0.4 }],
  },
  {
    id: 'pans',
    name: 'pans',
    share: 0.43,
    colour: '#b9b2a2',
    shapes: [{ kind: 'outline', points: [0, 0.4, 1, 0.4, 1, 0.75, 0.55, 0.84, 0, 0.91] }],
  },
  {
    id: 'bank',
    name: 'bank',
    share: 0.17,
    colour: '#7d6a4f',
    shapes: [{ kind: 'outline', points: [0, 0.91, 0.55, 0.84, 1, 0.75, 1, 1, 0, 1] }],
  },
]

/** A gouache start, rising wax in passes, the sky dug back to the gouache and painted anew, a wipe, an oiling out. */
export const saltPanEvents: readonly LayerIdea[] = [
  {
    name: 'Gouache start',
    event: { kind: 'gouache' },
    paints: [tube('py43', 2, 'gum_arabic_solution'), tube('pb29', 1, 'gum_arabic_solution')],
    wetThicknessUm: 40,
    daysAgo: 66,
  },
  {
    name: 'Isolating coat',
    event: { kind: 'isolating', pastEdgeMm: 10 },
    besides: [{ material: 'linseed_stand_oil', parts: 1 }],
    thinner: { material: spirit, parts: 2 },
    wetThicknessUm: 20,
    daysAgo: 63,
  },
  {
    name: 'Mud',
    event: { kind: 'wax' },
    paints: [tube('py43', 3), tube('pbr7_raw_umber', 1)],
    medium: wax(0.2),
    wetThicknessUm: 80,
    daysAgo: 52,
    hour: 10,
  },
  {
    name: 'Mud, second pass',
    event: { kind: 'wax' },
    paints: [tube('py43', 3), tube('pbr7_raw_umber', 1)],
    medium: wax(0.4),
    wetThicknessUm: 50,
    areas: ['pans', 'bank'],
    wetInWet: true,
    pass: true,
    daysAgo: 52,
    hour: 12,
  },
  {
    name: 'Mud, third pass',
    event: { kind: 'wax' },
    paints: [tube('py43', 3), tube('pw6_rutile', 2)],
    medium: wax(0.6),
    wetThicknessUm: 40,
    areas: ['pans'],
    wetInWet: true,
    pass: true,
    daysAgo: 52,
    hour: 13,
  },
  {
    name: 'Dug back',
    event: { kind: 'dissolve', takes: 1, solvent: 'gum_turpentine' },
    areas: ['sky'],
    daysAgo: 49,
  },
  {
    name: 'Evening sky',
    paints: [tube('pb29', 1), tube('pw6_rutile', 3)],
    medium: { mediumId: 'morning-oil', parts: 0.3 },
    wetThicknessUm: 70,
    areas: ['sky'],
    daysAgo: 47,
  },
  {
    name: 'Haze',
    event: { kind: 'scumble', covered: 0.5 },
    paints: [tube('pw6_rutile', 4), tube('py43', 1)],
    medium: { mediumId: 'morning-oil', parts: 0.8 },
    wetThicknessUm: 25,
    areas: ['sky'],
    daysAgo: 26,
  },
  {
    name: 'Pans',
    event: { kind: 'wax' },
    paints: [tube('pb29', 1), tube('pw6_rutile', 3)],
    medium: wax(0.6),
    wetThicknessUm: 120,
    areas: ['pans'],
    daysAgo: 24,
    hour: 10,
  },
  {
    name: 'Wiped for the light',
    event: { kind: 'wipe', takes: 0.4, solvent: null },
    areas: ['pans'],
    daysAgo: 24,
    hour: 13,
  },
  {
    name: 'Bank',
    paints: [tube('pbr7_burnt_umber', 2), tube('pbk9', 1)],
    wetThicknessUm: 90,
    areas: ['bank'],
    daysAgo: 20,
  },
  {
    name: 'Bank oiled out',
    event: { kind: 'oil-out', wiped: 0.5 },
    besides: [{ material: 'linseed_alkali_refined', parts: 1 }],
    thinner: { material: spirit, parts: 1 },
    wetThicknessUm: 14,
    areas: ['bank'],
    daysAgo: 4,
  },
  {
    name: 'Salt',
    event: { kind: 'wax' },
    paints: [tube('pw6_rutile', 1)],
    medium: wax(0.8),
    wetThicknessUm: 200,
    ridgeWetUm: 600,
    areas: ['pans', 'bank'],
  },
  {
    name: 'Last light',
    event: { kind: 'glaze' },
    paints: [tube('pr122', 1)],
    medium: { mediumId: 'harbour-glaze', parts: 1.5 },
    wetThicknessUm: 20,
    areas: ['sky'],
  },
]
