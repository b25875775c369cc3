import { referenceClimate } from '../../core/cure/climate.ts'
import { forecastOf } from '../../core/cure/forecast.ts'
import { findInLibrary } from '../../core/materials/find.ts'
import { noPractice } from '../../core/practice/practice.ts'
import { practiceOf } from '../../core/practice/shipped.ts'
import { judge } from '../../core/soundness/judge.ts'
import { areaSolveOf, cureLayersOf, layArea, statesOf } from '../../core/soundness/lay.ts'
import type { LaidArea } from '../../core/soundness/lay.ts'
import { solveToHorizon } from '../../core/soundness/mismatch.ts'
import { areasOf, restId } from '../../core/stack/area.ts'
import type { Area } from '../../core/stack/area.ts'
import type { StackEvent } from '../../core/stack/event.ts'
import { kindTable } from '../../core/stack/kinds.ts'
import { withPaintedInto } from '../../core/stack/paintedInto.ts'
import { fold, readied } from '../../core/stack/fold.ts'
import { groundOf, suctionUnder, supportOf } from '../../core/stack/support.ts'
import type { SoundnessRequest } from '../../document/compute.ts'
import { Invalid, materialOrInvalid, mixtureOf } from './compute.ts'

type RequestLayer = SoundnessRequest['layers'][number]

/** A stack sent over HTTP, judged in every area with a full solve. */
export function computeSoundness(request: SoundnessRequest) {
  const { layers, support, groundSuctionUm, practice, policies = [], old = null } = request
  const climate = request.climate ?? referenceClimate
  const ground = request.ground === undefined ? undefined : groundOf(request.ground)
  const school = practice === undefined ? noPractice : practiceOf(practice)
  const dayOf = (event: number): number => layers[event]!.appliedDay
  const made = layers.map((layer, at) => readied(eventOf(layer, at), findInLibrary))
  for (const [at, { problem }] of made.entries())
    if (problem) throw new Invalid([{ path: ['layers', at, ...problem.path], message: problem.message }])
  const events = withPaintedInto(made, dayOf, climate)
  const suctionUm = (old === null ? groundSuctionUm : undefined) ?? suctionUnder(ground, old !== null)
  const solved = (area: Area): LaidArea => {
    const strata = fold(events, area.id, suctionUm)
    const films = cureLayersOf(strata, events, dayOf)
    const solve = areaSolveOf(films, solveToHorizon(films, climate)!)
    const forecasts = strata.map((stratum, at) =>
      forecastOf(statesOf(stratum, solve.states[at]!, climate, school), stratum.thickestUm),
    )
    return layArea({ area, strata, events, dayOf, forecasts, solve })
  }
  const areas = areasOf(
    [],
    events.map(({ event }) => event),
  ).map(solved)
  const judged = judge({
    support: supportOf(support)!,
    ground: ground && old === null ? { ...ground, onDay: onDayOf(request) } : null,
    old,
    climate,
    policies,
    readings: request.readings ?? [],
    actions: request.actions ?? [],
    practice: school,
    areas,
  })
  return {
    verdict: judged.verdict,
    findings: judged.findings.map(({ area, ...finding }) => ({
      ...finding,
      ...(area !== restId && { area }),
    })),
    areas: judged.areas.map(({ area, verdict }) => ({ area: area.name, verdict })),
  }
}

/** The day its ground was put on, on the clock of `appliedDay`. */
const onDayOf = ({ groundAgeDays }: SoundnessRequest): number | null =>
  groundAgeDays === undefined ? null : -groundAgeDays

/** A layer as something that happens; invalid where it names what is on no shelf. */
function eventOf(layer: RequestLayer, at: number): StackEvent {
  const happening = { name: layer.name ?? `Layer ${at + 1}`, areas: layer.areas ?? [] }
  if ('removal' in layer) {
    const { how, takes, takesUm, solvent } = layer.removal
    return {
      ...happening,
      kind: 'removal',
      how,
      takes,
      ...(takesUm !== undefined && { takesUm }),
      ...(solvent !== undefined && {
        solvent: materialOrInvalid(solvent, ['layers', at, 'removal', 'solvent']),
      }),
    }
  }
  const { event, purpose, pass, prepared, coats = 1, rateTimes } = layer
  const laying = {
    ...happening,
    purpose: purpose ?? (event ? kindTable[event].purpose : null),
    ...(pass && { isPass: true }),
    ...(prepared && { prepared }),
    ...(rateTimes !== undefined && { rateTimes }),
  }
  const wetThicknessUm = coats * layer.wetThicknessUm
  if ('clear' in layer) {
    const material = materialOrInvalid(layer.clear, ['layers', at, 'clear'])
    const coat = [{ material, massG: material.densityGPerMl.mid, volumeMl: 1 }]
    return {
      ...laying,
      kind: 'clear',
      coat,
      wetThicknessUm,
      wiped: layer.wipedShare ?? 0,
      pastEdgeMm: layer.pastEdgeMm ?? 0,
    }
  }
  const ridge = layer.ridgeWetUm === undefined ? {} : { ridgeWetUm: layer.ridgeWetUm }
  const mixture = { ...mixtureOf(layer, ['layers', at]), wetThicknessUm }
  const medium = layer.medium && {
    id: JSON.stringify(layer.medium.lines),
    mostPasses: layer.mostPasses ?? null,
  }
  return { ...laying, kind: 'paint', mixture, ...ridge, ...(medium && { medium }) }
}
