import { varnishFactsOf } from '../../core/finish/varnishFacts.ts'
import { cleaningSolvents } from '../../core/finish/removability.ts'
import { hazardsOf } from '../../core/materials/hazards.ts'
import type { Hazard } from '../../core/materials/hazards.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { dateOf } from '../../core/plan/calendar.ts'
import { isRemoval, kindTable } from '../../core/stack/kinds.ts'
import { groundOf, supportOf } from '../../core/stack/support.ts'
import { about, listed, percent, upperFirst } from '../../core/words.ts'
import { namedAreasOf } from '../picture/areas.ts'
import type { Assessment } from '../judging/assess.ts'
import { brushOf } from '../brush.ts'
import { dateText } from '../dateText.ts'
import { fingerWords } from '../../core/cure/checkWords.ts'
import { layerWords } from '../picture/layerWords.ts'
import type { LayerDocument } from '../layer.ts'
import { materialsUsed, practiceOfPainting } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'
import { spotWords } from './spotWords.ts'
import { wouldLift } from './wouldLift.ts'
import type { Rehearsed } from './wouldLift.ts'

/** One thing that happened to a picture, as a conservator reads it. */
export interface SheetRow {
  /** In the order it was done, from the ground up. */
  readonly number: number
  readonly name: string
  readonly kind: string
  readonly on: string
  readonly where: string
  /** What it is made of, part by part, as it was used. */
  readonly of: readonly string[]
  /** How thick, what it drank, what was put right about it since. */
  readonly notes: readonly string[]
}

/** What a future conservator is handed. */
export interface ConservatorSheet {
  readonly title: string
  readonly facts: readonly (readonly [what: string, told: string])[]
  readonly rows: readonly SheetRow[]
  /** What the painter took on knowingly, and why. */
  readonly departures: readonly string[]
  readonly tests: readonly string[]
  readonly lifts: readonly Rehearsed[]
  /** Metals and the like that whoever works on it should know of. */
  readonly hazards: string | null
}

/** What hurts only while one works with it wet, or as dry powder. */
const leftWithWork: readonly Hazard[] = [
  ...(['solvent vapour', 'highly flammable', 'aspiration', 'corrosive', 'egg', 'nuts'] as const),
  ...(['silica dust', 'carcinogenic dust', 'light dust', 'dust'] as const),
]

export function conservatorSheet(
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): ConservatorSheet {
  const { painting, layers, today } = picture
  const hazards = hazardsOf(materialsUsed(picture)).filter((hazard) => !leftWithWork.includes(hazard))
  return {
    title: painting.title,
    facts: factsOf(picture),
    rows: layers
      .filter(({ painted }) => painted !== null)
      .map((layer, at) => rowOf(layer, at + 1, picture, assessment, findMaterial)),
    departures: painting.departures.map(
      ({ message, reason, at }) =>
        `${dateText(at.slice(0, 10))}: ${message}${reason ? ` Because: ${reason}` : ''}`,
    ),
    tests: testsOf(picture),
    lifts: layers.some(({ painted }) => painted) ? wouldLift(picture, assessment, today, findMaterial) : [],
    hazards: hazards.length > 0 ? `In its paint: ${listed(hazards)}.` : null,
  }
}

function factsOf(picture: Picture): ConservatorSheet['facts'] {
  const { painting, practices, settings } = picture
  const { widthCm, heightCm, support, ground, groundOn, old, note } = painting
  const areas = namedAreasOf(picture)
  const all: readonly (readonly [string, string | null])[] = [
    ['Size', widthCm && heightCm ? `${widthCm} × ${heightCm} cm` : null],
    ['Support', supportOf(support)?.name ?? support],
    ['Ground', ground && `${groundOf(ground)?.name ?? ground}${groundOn ? `, ${dateText(groundOn)}` : ''}`],
    ['Over an old picture', old && (old.title || 'of which nothing is known')],
    ['Painted by', `${practiceOfPainting(painting, practices).name} practice, ${settings.studioName}`],
    [
      'Its parts',
      areas.length > 0
        ? areas
            .map(({ name, share }) => `${name}${share === null ? '' : ` (${percent(share)} of it)`}`)
            .join(', ')
        : null,
    ],
    ['Note', note || null],
  ]
  return all.flatMap(([what, told]) => (told ? [[what, told] as const] : []))
}

function rowOf(
  layer: LayerDocument,
  number: number,
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): SheetRow {
  const { event, areas } = brushOf(layer)
  const names = namedAreasOf(picture)
  const where = areas.map((id) => names.find((area) => area.id === id)?.name ?? id)
  return {
    number,
    name: layer.name,
    kind: kindTable[event.kind].name,
    on: dateText(layer.painted!.at.slice(0, 10)),
    where: where.length > 0 ? listed(where) : 'everywhere',
    of: layerWords(layer, picture, findMaterial),
    notes: notesOf(layer, picture, assessment, findMaterial),
  }
}

function notesOf(
  layer: LayerDocument,
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): readonly string[] {
  const { event, wetThicknessUm, ridgeWetUm, besides } = brushOf(layer)
  const { worst } = assessment.layers[picture.layers.indexOf(layer)]!
  const varnish = event.kind === 'varnish' ? findMaterial(besides[0]?.material ?? '') : undefined
  const facts = varnish && varnishFactsOf(varnish)
  const solvent = 'solvent' in event && event.solvent ? findMaterial(event.solvent) : undefined
  return [
    ...(isRemoval(event.kind)
      ? [
          'takes' in event
            ? `took ${percent(event.takes)} of the film`
            : 'takesUm' in event
              ? `took ${about(event.takesUm)} µm`
              : 'took the varnish off',
          ...(solvent ? [`with ${solvent.name}`] : []),
        ]
      : [
          `about ${about(wetThicknessUm)} µm wet${worst ? `, ${about(worst.film.dryThicknessUm)} µm dry` : ''}${ridgeWetUm ? `, ridges to ${about(ridgeWetUm)} µm wet` : ''} (estimate)`,
        ]),
    ...('coats' in event ? [`${event.coats === 1 ? 'one coat' : `${event.coats} coats`}`] : []),
    ...('wiped' in event ? [`${percent(event.wiped)} of it wiped off again`] : []),
    ...(facts ? [`resin: ${facts.resin}`] : []),
    ...('absorber' in event && event.absorber !== undefined
      ? [event.absorber ? 'holds a light absorber' : 'holds no light absorber']
      : []),
    ...(layer.wetInWet ? ['wet in wet with what is under it'] : []),
    ...(layer.prepared
      ? [`over what was ${layer.prepared === 'wet-scuff' ? 'scuffed wet' : 'oiled out'}`]
      : []),
    ...(layer.corrections.length > 0
      ? [
          `record put right ${layer.corrections.length === 1 ? 'once' : `${layer.corrections.length} times`} since`,
        ]
      : []),
    ...(layer.note ? [layer.note] : []),
  ]
}

/** Hands and swabs on it, and solvents tried. */
function testsOf({ painting, touchTests, layers }: Picture): readonly string[] {
  const nameOf = (id: string): string => layers.find((layer) => layer.id === id)?.name ?? 'a layer'
  const hands = [...touchTests]
    .sort((a, b) => a.at.localeCompare(b.at))
    .map((test) => `${dateText(test.at.slice(0, 10))}: ${nameOf(test.layerId)}, ${fingerWords(test)}`)
  const spots = painting.spotTests.map(({ on, area, rank, result }) => {
    const solvent = cleaningSolvents.find((one) => one.rank === rank)?.name ?? `solvent ${rank}`
    return `${dateText(on)}: ${upperFirst(solvent)}${area ? `, ${area}` : ''}: ${spotWords[result]}`
  })
  return [...hands, ...spots]
}

/** The day the sheet is of. */
export const sheetDate = ({ today }: Pick<Picture, 'today'>): string => dateText(dateOf(today))
