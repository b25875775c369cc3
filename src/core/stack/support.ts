import type { Hazard } from '../materials/hazards.ts'

/** What a picture is painted on. `strain`: how far it moves in use; `flexible`: it bends. Estimates. */
export interface Support {
  readonly id: string
  readonly name: string
  readonly strain: number
  readonly flexible: boolean
}

export const supports: readonly Support[] = [
  { id: 'linen_stretched', name: 'stretched linen', strain: 0.003, flexible: true },
  { id: 'cotton_stretched', name: 'stretched cotton', strain: 0.003, flexible: true },
  { id: 'polyester_stretched', name: 'stretched polyester', strain: 0.0015, flexible: true },
  { id: 'linen_on_panel', name: 'linen on panel', strain: 0.0008, flexible: false },
  { id: 'hardwood_panel', name: 'hardwood panel', strain: 0.0008, flexible: false },
  { id: 'plywood', name: 'plywood', strain: 0.0008, flexible: false },
  { id: 'mdf', name: 'fibreboard (MDF)', strain: 0.0008, flexible: false },
  { id: 'hardboard', name: 'hardboard', strain: 0.0008, flexible: false },
  { id: 'aluminium_composite', name: 'aluminium composite', strain: 0.0003, flexible: false },
  { id: 'copper_panel', name: 'copper', strain: 0.0003, flexible: false },
]

/** A ground or size. Estimates. */
export interface Ground {
  readonly id: string
  readonly name: string
  /** How much oil a 50 µm paint loses into it. */
  readonly lossMlPerM2: { readonly low: number; readonly mid: number; readonly high: number }
  /** What a support that bends does to it. */
  readonly bends: 'with it' | 'doubtfully' | 'not'
  /** Days it takes to be ready for oil: the least, and as advised. */
  readonly readyDays: { readonly least: number; readonly good: number }
  /** What in it can hurt, or is refused in some rooms. */
  readonly hazards?: readonly Hazard[]
}

export const grounds: readonly Ground[] = [
  {
    id: 'glue_size',
    name: 'glue size only',
    lossMlPerM2: { low: 0, mid: 0.5, high: 2 },
    bends: 'with it',
    readyDays: { least: 1, good: 2 },
  },
  {
    id: 'pva_size',
    name: 'PVA size only',
    lossMlPerM2: { low: 0, mid: 0.5, high: 2 },
    bends: 'with it',
    readyDays: { least: 1, good: 3 },
  },
  {
    id: 'acrylic_dispersion_ground',
    name: 'acrylic ground',
    lossMlPerM2: { low: 1, mid: 3, high: 8 },
    bends: 'with it',
    readyDays: { least: 1, good: 3 },
  },
  {
    id: 'acrylic_absorbent_ground',
    name: 'absorbent acrylic ground',
    lossMlPerM2: { low: 3, mid: 8, high: 15 },
    bends: 'with it',
    readyDays: { least: 1, good: 3 },
  },
  {
    id: 'oil_ground_lead_white',
    name: 'oil ground, lead white',
    lossMlPerM2: { low: 0.3, mid: 1.5, high: 4 },
    bends: 'with it',
    readyDays: { least: 14, good: 30 },
    hazards: ['lead'],
  },
  {
    id: 'oil_ground_titanium',
    name: 'oil ground, titanium',
    lossMlPerM2: { low: 0.5, mid: 2, high: 5 },
    bends: 'with it',
    readyDays: { least: 21, good: 60 },
  },
  {
    id: 'oil_ground_zinc',
    name: 'oil ground with zinc',
    lossMlPerM2: { low: 0.3, mid: 1.5, high: 4 },
    bends: 'with it',
    readyDays: { least: 21, good: 60 },
  },
  {
    id: 'alkyd_ground',
    name: 'alkyd ground',
    lossMlPerM2: { low: 0.3, mid: 1.5, high: 4 },
    bends: 'with it',
    readyDays: { least: 1, good: 5 },
  },
  {
    id: 'chalk_glue_gesso',
    name: 'chalk-glue gesso',
    lossMlPerM2: { low: 5, mid: 12, high: 20 },
    bends: 'not',
    readyDays: { least: 3, good: 7 },
  },
  {
    id: 'gypsum_glue_gesso',
    name: 'gypsum-glue gesso',
    lossMlPerM2: { low: 6, mid: 13, high: 22 },
    bends: 'not',
    readyDays: { least: 3, good: 7 },
  },
  {
    id: 'emulsion_ground',
    name: 'emulsion ground',
    lossMlPerM2: { low: 2, mid: 6, high: 12 },
    bends: 'doubtfully',
    readyDays: { least: 7, good: 21 },
  },
]

export const supportOf = (id: string): Support | undefined => supports.find((support) => support.id === id)
export const groundOf = (id: string): Ground | undefined => grounds.find((ground) => ground.id === id)

/** What the first film finds to be drunk into, µm: what its ground drinks; nothing on an old picture, which is closed. */
export const suctionUnder = (ground: Ground | undefined, isOverOld: boolean): number =>
  isOverOld ? 0 : suctionUmOf(ground)

/** Suction of a ground, µm: the oil a 50 µm paint loses into it, over 0.3 (science.md, Drinking). */
export const suctionUmOf = (ground: Ground | undefined): number => (ground ? ground.lossMlPerM2.mid / 0.3 : 0)
