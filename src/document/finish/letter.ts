import { daysAtChance } from '../../core/cure/forecast.ts'
import type { StateId } from '../../core/cure/states.ts'
import { mayBeDone } from '../../core/finish/mayBeDone.ts'
import { packingAt } from '../../core/finish/packing.ts'
import { stageOf } from '../../core/finish/stageOf.ts'
import { varnishFactsOf } from '../../core/finish/varnishFacts.ts'
import { schoolOf } from '../../core/finish/varnishSchools.ts'
import { waxEffectsOf } from '../../core/film/waxEffects.ts'
import { hazardsOf, neverSanded } from '../../core/materials/hazards.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { dateOf } from '../../core/plan/calendar.ts'
import { groundOf, supportOf } from '../../core/stack/support.ts'
import { listed, upperFirst } from '../../core/words.ts'
import type { Assessment } from '../judging/assess.ts'
import { brushOf } from '../brush.ts'
import { dateText } from '../dateText.ts'
import { owedWayNames, payNames } from './owedWords.ts'
import { packedOn } from '../judging/packed.ts'
import { materialsUsed, practiceOfPainting } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'
import { beforeVarnish } from './readiness.ts'
import { varnishOn } from './removable.ts'
import { filmsOn } from '../judging/stateReached.ts'

/** A part of a letter: what it is about, and its sentences. */
export interface LetterPart {
  readonly heading: string
  readonly lines: readonly string[]
}

/** What a picture's owner is told, in plain words. */
export interface OwnerLetter {
  readonly title: string
  readonly about: string
  readonly parts: readonly LetterPart[]
}

/** The day everything on a picture has come so far, 4 times in 5; null: something never does. */
export function allReachedBy(picture: Picture, assessment: Assessment, state: StateId): number | null {
  const days = filmsOn(picture, assessment, picture.today).map(({ spot, age }) => {
    const needed = daysAtChance(spot.forecast, state, 0.8)
    return needed === null ? Infinity : picture.today - age + needed
  })
  const last = Math.max(-Infinity, ...days)
  return Number.isFinite(last) ? Math.max(picture.today, last) : null
}

const text = (day: number | null): string =>
  day === null ? 'a day the painter will tell you' : dateText(dateOf(day))

/** The owner's letter of today: its state, what to leave alone until when, its varnish, its care. */
export function ownerLetter(
  picture: Picture,
  assessment: Assessment,
  findMaterial: FindMaterial,
): OwnerLetter {
  const { painting, settings, today } = picture
  const size = painting.widthCm && painting.heightCm ? `${painting.widthCm} × ${painting.heightCm} cm, ` : ''
  const ground = painting.ground ? `, on ${groundOf(painting.ground)?.name ?? painting.ground}` : ''
  return {
    title: painting.title,
    about: `${size}${supportOf(painting.support)?.name ?? painting.support}${ground}. ${settings.studioName}, ${dateText(dateOf(today))}.`,
    parts: [
      { heading: 'As it is today', lines: stateLines(picture, assessment) },
      { heading: 'Please not yet', lines: notYetLines(picture, assessment) },
      { heading: 'Its varnish', lines: varnishLines(picture, assessment, findMaterial) },
      { heading: 'Care', lines: careLines(picture, assessment) },
    ].filter(({ lines }) => lines.length > 0),
  }
}

function stateLines(picture: Picture, assessment: Assessment): readonly string[] {
  const films = filmsOn(picture, assessment, picture.today)
  const [first, last] = [Math.max(...films.map(({ age }) => age)), Math.min(...films.map(({ age }) => age))]
  const stage = stageOf(packedOn(picture, assessment, picture.today))
  if (films.length === 0) return ['Nothing is painted on it yet.']
  const span = (age: number): string => dateText(dateOf(picture.today - age))
  return [
    `It was painted between ${span(first)} and ${span(last)}. Oil paint is dry to the hand long before it is hard: it goes on hardening for months.`,
    mayBeDone[stage],
  ]
}

function notYetLines(picture: Picture, assessment: Assessment): readonly string[] {
  const { today } = picture
  const [firm, soft, cured] = (['firm', 'varnishSoft', 'cured'] as const).map((state) =>
    allReachedBy(picture, assessment, state),
  )
  const until = (day: number | null | undefined, what: string): readonly string[] =>
    day !== undefined && day !== null && day <= today
      ? []
      : [`${what}: not before about ${text(day ?? null)}.`]
  return [
    ...until(firm, 'Wrapped in film or paper, or under glass without a spacer'),
    ...until(soft, 'Anything that presses on its face, bubble film above all'),
    ...until(cured, 'Rolled, or kept in the dark for long'),
    'No varnish of anybody’s own before the one told below: what goes on too soon can never be taken off cleanly.',
  ]
}

function varnishLines(picture: Picture, assessment: Assessment, find: FindMaterial): readonly string[] {
  const { painting, practices } = picture
  const on = varnishOn(picture, find)
  if (on) {
    const { event, besides } = brushOf(on.layer)
    const material = find(besides[0]?.material ?? '')
    const facts = material && varnishFactsOf(material)
    const absorber =
      'absorber' in event && event.absorber !== undefined
        ? `, ${event.absorber ? 'with' : 'without'} a light absorber`
        : ''
    const what = `${material?.name ?? 'a varnish'}${facts ? ` (${facts.resin})` : ''}${absorber}`
    if (event.kind === 'temporary-varnish')
      return [
        `It has a temporary varnish since ${dateText(on.layer.painted!.at.slice(0, 10))}: ${what}. It comes off again before the lasting one goes on; nobody rubs it meanwhile.`,
      ]
    return [
      `It was varnished on ${dateText(on.layer.painted!.at.slice(0, 10))} with ${what}. It protects the paint and can be taken off again by a conservator.`,
    ]
  }
  const before = beforeVarnish(picture, assessment)
  const school = schoolOf[practiceOfPainting(painting, practices).varnish]
  const ready = before?.schools.find((one) => one.school === school)
  const { owed } = painting
  const from = `It is not varnished yet. The earliest day is about ${text(ready?.day ?? null)}, after a test on its slowest spot.`
  if (!owed) return [from, 'Ask the painter before anyone varnishes it.']
  if (owed.doneOn) return [`Its varnish was put on, as agreed, on ${dateText(owed.doneOn)}.`]
  const who = owed.by ? ` (${owed.by})` : ''
  return [
    from,
    `Agreed: ${owedWayNames[owed.way]}${who}, about ${dateText(owed.due)}, with ${find(owed.varnish)?.name ?? owed.varnish}, ${owed.coats === 1 ? 'one coat' : `${owed.coats} coats`}${owed.pays ? `; ${payNames[owed.pays]}` : ''}.`,
    'Until then it is as it should be: a little duller in the darks, and open to dust.',
  ]
}

function careLines(picture: Picture, assessment: Assessment): readonly string[] {
  const films = filmsOn(picture, assessment, picture.today)
  const materials = materialsUsed(picture)
  const hottest = films.flatMap(({ spot }) => waxEffectsOf(spot.film, materials)?.hottestC ?? [])
  const metals = hazardsOf(materials).filter((hazard) => neverSanded.includes(hazard))
  return [
    'Away from radiators, fires, outer walls that are damp, and the sun through a window; at 40 to 60 % humidity.',
    'Dust it with a soft dry brush. No cloth, no water, no cleaner.',
    'In the dark oil yellows a little; daylight takes most of it back.',
    ...(hottest.length > 0
      ? [
          `There is wax in it: nowhere hotter than ${Math.min(...hottest)} °C, no lamp close to it, nothing leaning on it.`,
        ]
      : []),
    ...(metals.length > 0
      ? [
          `Its paint holds ${listed(metals)}: bound in the film it stays where it is, as long as nobody sands, scrapes or burns it.`,
        ]
      : []),
    `${upperFirst(packingAt[nearestStage(picture, assessment)].courier)} That is what a courier should be told.`,
    'Whatever flakes, cracks, blooms or is torn: leave it as it is, and ask a conservator.',
  ]
}

const nearestStage = (picture: Picture, assessment: Assessment) => {
  const stage = stageOf(packedOn(picture, assessment, picture.today))
  return stage === 'bare' ? 'wet' : stage
}
