import { nearestOils } from '../core/dosing/nearest.ts'
import { daysAtChance } from '../core/cure/forecast.ts'
import { neverDries } from '../core/medium/fat.ts'
import type { FindMaterial } from '../core/materials/find.ts'
import { dateOf, nextWorkingMorning } from '../core/plan/calendar.ts'
import { gravity } from '../core/severity.ts'
import type { MendKind } from '../core/soundness/finding.ts'
import { rules } from '../core/soundness/rules/index.ts'
import { allowedInstead } from './allowedInstead.ts'
import type { Instead } from './allowedInstead.ts'
import { assess } from './assess.ts'
import type { AssessedFinding, Assessment } from './assess.ts'
import type { LayerDocument } from './layer.ts'
import { asLoosePaint } from './paints.ts'
import type { Picture } from './picture.ts'
import { solve } from './solve.ts'
import { studioMaterials } from './studioMaterials.ts'

/** A change to one unpainted layer that clears a finding, tried on the whole picture before it is offered. */
export type LayerMend = LayerChange & {
  /** What is still unsound on that layer afterwards, in words; empty: this is the mend. */
  readonly leaves: readonly string[]
}

type LayerChange = { readonly layerId: string } & (
  | { readonly kind: 'wait'; readonly change: { readonly plannedOn: string } }
  | {
      readonly kind: 'medium'
      /** Parts of paint to one of medium, by volume. */
      readonly paintPerPart: number
      readonly change: { readonly medium: NonNullable<LayerDocument['medium']> }
    }
  | { readonly kind: 'without-medium'; readonly change: { readonly medium: null } }
  | {
      readonly kind: 'oil'
      readonly oil: string
      readonly change: { readonly paints: LayerDocument['paints'] }
    }
  | { readonly kind: 'thickness'; readonly change: { readonly wetThicknessUm: number } }
  | {
      readonly kind: 'allowed'
      /** What is taken instead, in words. */
      readonly names: Instead['names']
      readonly change: Instead['change']
    }
)

/** Doses tried, in parts of paint to one of medium, least medium first. */
const dosesTried = [40, 20, 10, 6, 4, 3, 2, 1.5, 1]

/** Times as thick, thinnest first. */
const thicknessesTried = [1.02, 1.05, 1.1, 1.25, 1.5, 2]

/**
 * The smallest change that takes this finding away without making any other worse: the mixture first, a later date last.
 * One that leaves nothing unsound on the layer is preferred; else the first is only a step. Null when nothing does, or when
 * the layer is already painted.
 */
export function mendOf(
  finding: AssessedFinding,
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): LayerMend | null {
  const layer = picture.layers[finding.layer]!
  if (layer.painted) return null
  const { mends } = rules.find(({ id }) => id === finding.rule)!
  let step: LayerMend | null = null
  for (const tried of mends.flatMap((kind) => tries[kind](finding, picture, assessment, findMaterial))) {
    const changed = {
      ...picture,
      layers: picture.layers.map((one) => (one.id === tried.layerId ? { ...one, ...tried.change } : one)),
    }
    const solved = solve(changed, findMaterial)
    const after = solved && assess(changed, findMaterial, solved)
    if (!after || !clears(finding, assessment, after)) continue
    const leaves = after.findings
      .filter(({ layerId, severity }) => layerId === tried.layerId && severity === 'unsound')
      .map(({ message }) => message)
    if (leaves.length === 0) return { ...tried, leaves }
    step ??= { ...tried, leaves }
  }
  return step
}

function clears(finding: AssessedFinding, before: Assessment, after: Assessment): boolean {
  const same = (a: AssessedFinding, b: AssessedFinding): boolean =>
    a.rule === b.rule && a.layerId === b.layerId
  if (after.findings.some((one) => same(one, finding) && one.severity !== 'note')) return false
  return after.findings.every(
    (one) =>
      gravity[one.severity] <=
      Math.max(
        0,
        ...before.findings.filter((other) => same(one, other)).map(({ severity }) => gravity[severity]),
      ),
  )
}

type Tries = (
  finding: AssessedFinding,
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
) => readonly LayerChange[]

/** What is tried of each kind of mend, least first. */
const tries: Readonly<Record<MendKind, Tries>> = {
  medium: (finding, picture) => moreMedium(picture, picture.layers[finding.layer]!),
  oil: (finding, picture) => anotherOil(picture, picture.layers[finding.layer]!),
  'without-medium': (finding, { layers }) =>
    layers[finding.layer]!.medium
      ? [{ layerId: finding.layerId, kind: 'without-medium', change: { medium: null } }]
      : [],
  thickness: ({ layer, layerId }, { layers }) =>
    thicknessesTried.map((times) => ({
      layerId,
      kind: 'thickness',
      change: { wetThicknessUm: Number((times * layers[layer]!.wetThicknessUm).toPrecision(3)) },
    })),
  wait: (finding, picture, assessment) => laterDates(finding, picture, assessment),
  allowed: ({ layer, layerId }, picture, _assessment, findMaterial) =>
    allowedInstead(picture, picture.layers[layer]!, findMaterial).map((instead) => ({
      layerId,
      kind: 'allowed',
      ...instead,
    })),
}

/** Paint ground in an oil that dries, nearest in yellowing to the one it is in. */
function anotherOil({ shelf }: Picture, { id, paints }: LayerDocument): readonly LayerChange[] {
  const materials = studioMaterials(shelf)
  const wet = paints
    .map(({ oil }) => materials.find((one) => one.id === oil))
    .find((oil) => oil && neverDries(oil))
  if (!wet) return []
  return nearestOils(materials, wet)
    .slice(0, 3)
    .map((oil) => ({
      layerId: id,
      kind: 'oil',
      oil: oil.name,
      change: {
        paints: paints.map((paint) =>
          paint.oil === wet.id ? { ...asLoosePaint(paint), oil: oil.id } : paint,
        ),
      },
    }))
}

function moreMedium(picture: Picture, layer: LayerDocument): readonly LayerChange[] {
  const mediumId = (layer.medium ?? nearestMedium(picture, layer))?.mediumId ?? picture.mediums[0]?.id
  if (!mediumId) return []
  const paint = layer.paints.reduce((sum, { parts }) => sum + parts, 0)
  const now = layer.medium?.parts ?? 0
  return dosesTried
    .map((paintPerPart) => ({ paintPerPart, parts: Number((paint / paintPerPart).toPrecision(3)) }))
    .filter(({ parts }) => parts > now)
    .map(({ paintPerPart, parts }) => ({
      layerId: layer.id,
      kind: 'medium',
      paintPerPart,
      change: { medium: { mediumId, parts } },
    }))
}

/** What the picture is painted with already: the medium of the next layer under this one, or of the one over it. */
function nearestMedium({ layers }: Picture, { id }: LayerDocument): LayerDocument['medium'] {
  const at = layers.findIndex((one) => one.id === id)
  const others = [...layers.slice(0, at).toReversed(), ...layers.slice(at + 1)]
  return others.find(({ medium }) => medium !== null)?.medium ?? null
}

function laterDates(
  finding: AssessedFinding,
  picture: Picture,
  assessment: Assessment,
): readonly LayerChange[] {
  if (finding.under === undefined) return []
  const under = assessment.layers[finding.under]!
  const now = assessment.layers[finding.layer]!.date.day
  const waits = [
    daysAtChance(under.forecast, 'touch', 0.8),
    daysAtChance(under.forecast, 'firm', 0.5),
    daysAtChance(under.forecast, 'firm', 0.8),
    daysAtChance(under.forecast, 'varnishSoft', 0.5),
    daysAtChance(under.forecast, 'cured', 0.5),
  ]
  return waits
    .filter((wait) => wait !== null)
    .map((wait) =>
      nextWorkingMorning(
        Math.max(under.date.day + wait, assessment.workingTime.today),
        picture.settings.workingDays,
      ),
    )
    .filter((day) => day > now + 0.5)
    .map((day) => ({
      layerId: finding.layerId,
      kind: 'wait',
      change: { plannedOn: dateOf(day) },
    }))
}
