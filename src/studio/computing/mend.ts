import { nearestOils } from '../../core/dosing/nearest.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import type { Material } from '../../core/materials/material.ts'
import { neverDries } from '../../core/medium/fat.ts'
import {
  lessThan,
  moreThan,
  rounded,
  thickerTimes,
  thinnerShares,
  thinnerTimes,
} from '../../core/mend/doses.ts'
import { searchMends } from '../../core/mend/search.ts'
import type { Attempt, Judged } from '../../core/mend/search.ts'
import type { MendKind } from '../../core/soundness/finding.ts'
import { rules } from '../../core/soundness/rules/index.ts'
import type { MendRequest, SoundnessRequest } from '../../document/compute.ts'
import { Invalid, materialOrInvalid } from './compute.ts'
import { computeSoundness } from './soundness.ts'

type RequestLayer = SoundnessRequest['layers'][number]
type Painted = Extract<RequestLayer, { paints: unknown }>

/** What a mend does to the body that was sent: one layer otherwise, in two coats or left out, or two changing places. */
type BodyChange =
  | { readonly set?: Partial<Painted>; readonly drop?: 'medium' | 'thinner' }
  | { readonly split: { readonly wetThicknessUm: number } }
  | { readonly swapWith: number }
  | { readonly waitUntilDay: number }
  | { readonly leaveOut: true }

interface Tried {
  readonly change: BodyChange
  readonly says: string
}

/** So many layers are judged in all before the search ends: no body holds the server for long. */
const mostJudged = 500

const isPainted = (layer: RequestLayer): layer is Painted => 'paints' in layer

/** The answer of /api/compute/mend: what takes a finding away, of each kind the least, cheapest first. */
export function mendAnswer({ finding: at, shelf, ...body }: MendRequest) {
  const materials = (shelf ?? []).map((id, place) => materialOrInvalid(id, ['shelf', place]))
  const { verdict, findings } = computeSoundness(body)
  const finding = at === undefined ? findings.find(({ severity }) => severity !== 'note') : findings[at]
  if (at !== undefined && !finding)
    throw new Invalid([
      { path: ['finding'], message: `There are ${findings.length} findings, counted from 0.` },
    ])
  if (!finding) return { mends: [] }
  const compared = (found: typeof findings, origin: readonly number[]): Judged['findings'] =>
    found.map(({ rule, layer, severity, message }) => ({
      rule,
      severity,
      message,
      layerId: String(origin[layer]),
    }))
  const all = body.layers.map((_, place) => place)
  const before = { verdict, findings: compared(findings, all) }
  let left = mostJudged
  const judged = ({ change }: Tried): Judged | null => {
    const tried = applied(body, finding.layer, change)
    left -= tried.layers.length
    if (left < 0 || tried.layers.length === 0) return null
    const after = computeSoundness({ ...body, layers: [...tried.layers] })
    return { verdict: after.verdict, findings: compared(after.findings, tried.origin) }
  }
  const { mends } = rules.find(({ id }) => id === finding.rule)!
  const of = { rule: finding.rule, layerId: String(finding.layer) }
  const found = searchMends(
    of,
    before,
    mends,
    (kind) => attemptsOf(kind, body, finding.layer, finding.under ?? null, materials),
    judged,
  )
  return {
    mends: found.map(({ kind, change: { change, says }, after, cost }) => ({
      kind,
      layer: finding.layer,
      change,
      says,
      leaves: after.verdict,
      cost,
    })),
  }
}

/** The layers with a change, and where each stood before. */
function applied({ layers }: SoundnessRequest, at: number, change: BodyChange) {
  const origin = layers.map((_, place) => place)
  const layer = layers[at]!
  if ('leaveOut' in change) {
    const kept = origin.filter((place) => place !== at)
    return { layers: kept.map((place) => layers[place]!), origin: kept }
  }
  if ('swapWith' in change) {
    const order = origin.map((place) =>
      place === at ? change.swapWith : place === change.swapWith ? at : place,
    )
    const swapped = order.map((place, now) => ({
      ...layers[place]!,
      appliedDay: layers[now]!.appliedDay,
    }))
    return { layers: swapped, origin: order }
  }
  if ('waitUntilDay' in change) {
    const later = change.waitUntilDay - layer.appliedDay
    const moved = layers.map((one, place) =>
      place >= at ? { ...one, appliedDay: one.appliedDay + later } : one,
    )
    return { layers: moved, origin }
  }
  if ('split' in change) {
    const half = { ...layer, wetThicknessUm: change.split.wetThicknessUm } as RequestLayer
    const coats = layers.flatMap((one, place) => (place === at ? [half, half] : [one]))
    return { layers: coats, origin: origin.flatMap((place) => (place === at ? [place, place] : [place])) }
  }
  const { set, drop } = change
  const changed = { ...layer, ...set, ...(drop && { [drop]: undefined }) }
  return { layers: layers.map((one, place) => (place === at ? changed : one)), origin }
}

/** Days waited beyond what is planned, least first. */
const waits = [1, 2, 4, 7, 10, 14, 21, 30, 45, 60, 90, 120, 180, 270, 365]
const latestDay = 7300

function attemptsOf(
  kind: MendKind,
  { layers }: SoundnessRequest,
  at: number,
  under: number | null,
  shelf: readonly Material[],
): readonly Attempt<Tried>[] {
  const layer = layers[at]!
  const name = layer.name ?? `layer ${at + 1}`
  const tried = (effort: number, change: BodyChange, says: string): Attempt<Tried> => ({
    kind,
    effort,
    change: { change, says },
  })
  switch (kind) {
    case 'wait':
      return waits
        .map((days) => ({ days, day: layer.appliedDay + days }))
        .filter(() => layers.at(-1)!.appliedDay + waits.at(-1)! <= latestDay)
        .map(({ days, day }) =>
          tried(days / 30, { waitUntilDay: day }, `Wait with ${name} until day ${day}.`),
        )
    case 'leave-out':
      return layers.length > 1 ? [tried(0, { leaveOut: true }, `Leave ${name} out.`)] : []
    case 'order':
      return [at - 1, at + 1]
        .filter((other) => layers[other])
        .map((other) => tried(1, { swapWith: other }, `Let ${name} and layer ${other + 1} change places.`))
    default:
      return isPainted(layer) ? ofPaint(kind, layer, name, mediumUnder(layers, at, under), shelf, tried) : []
  }
}

const mediumUnder = (layers: readonly RequestLayer[], at: number, under: number | null): Painted['medium'] =>
  [layers[at]!, ...(under === null ? [] : [layers[under]!]), ...layers]
    .filter(isPainted)
    .find(({ medium }) => medium)?.medium ?? {
    lines: [{ material: 'linseed_stand_oil', amount: 1, unit: 'ml' }],
    parts: 0,
  }

function ofPaint(
  kind: MendKind,
  layer: Painted,
  name: string,
  usual: Painted['medium'],
  shelf: readonly Material[],
  tried: (effort: number, change: BodyChange, says: string) => Attempt<Tried>,
): readonly Attempt<Tried>[] {
  const paint = layer.paints.reduce((sum, { parts }) => sum + parts, 0)
  const now = layer.medium?.parts ?? 0
  const dosed = (doses: ReturnType<typeof moreThan>): readonly Attempt<Tried>[] =>
    doses.map(({ paintPerPart, parts }) =>
      tried(
        (3 * Math.abs(parts - now)) / paint,
        { set: { medium: { ...usual!, parts } } },
        `Let ${name} have 1 part of medium to ${paintPerPart} of paint.`,
      ),
    )
  switch (kind) {
    case 'medium':
      return dosed(moreThan(paint, now))
    case 'less-medium':
      return layer.medium ? dosed(lessThan(paint, now)) : []
    case 'without-medium':
      return layer.medium && layer.paints.length > 0
        ? [tried(1, { drop: 'medium' }, `Leave the medium out of ${name}.`)]
        : []
    case 'medium-for-thinner':
      return layer.thinner
        ? [
            tried(
              1,
              {
                drop: 'thinner',
                set: { medium: { ...usual!, parts: rounded(now + layer.thinner.parts) } },
              },
              `Take as much medium in ${name} in place of its thinner.`,
            ),
          ]
        : []
    case 'less-thinner':
      return thinnerShares.flatMap((share) =>
        layer.thinner
          ? [
              tried(
                2 * (1 - share),
                share === 0
                  ? { drop: 'thinner' }
                  : { set: { thinner: { ...layer.thinner, parts: layer.thinner.parts * share } } },
                share === 0
                  ? `Leave the thinner out of ${name}.`
                  : `Take ${100 * share} % of the thinner in ${name}.`,
              ),
            ]
          : [],
      )
    case 'thicker':
    case 'thinner-coat':
      return (kind === 'thicker' ? thickerTimes : thinnerTimes).map((times) => {
        const wetThicknessUm = rounded(times * layer.wetThicknessUm)
        return tried(
          2 * Math.abs(Math.log2(times)),
          { set: { wetThicknessUm } },
          `Lay ${name} ${wetThicknessUm} µm wet.`,
        )
      })
    case 'split': {
      const wetThicknessUm = rounded(layer.wetThicknessUm / 2)
      return [
        tried(0, { split: { wetThicknessUm } }, `Lay ${name} in two coats of ${wetThicknessUm} µm wet.`),
      ]
    }
    case 'prepare':
      return [tried(0.5, { set: { prepared: 'oiled-out' } }, `Oil out under ${name} and rub that off again.`)]
    case 'oil':
    case 'paler-oil':
      return inOtherOils(kind, layer, name, shelf, tried)
    default:
      return []
  }
}

/** Paint ground in another oil of those at hand. */
function inOtherOils(
  kind: 'oil' | 'paler-oil',
  layer: Painted,
  name: string,
  shelf: readonly Material[],
  tried: (effort: number, change: BodyChange, says: string) => Attempt<Tried>,
): readonly Attempt<Tried>[] {
  const oils = layer.paints.flatMap(({ oil }) => findInLibrary(oil) ?? [])
  const from = kind === 'oil' ? oils.find(neverDries) : oils[0]
  if (!from) return []
  return nearestOils(shelf, from)
    .filter(({ yellowing }) => kind === 'oil' || (yellowing ?? 3) < (from.yellowing ?? 3))
    .map((oil) => {
      const paints = layer.paints.map((paint) => (paint.oil === from.id ? { ...paint, oil: oil.id } : paint))
      return tried(1, { set: { paints } }, `Take paint ground in ${oil.name} for ${name}.`)
    })
}
