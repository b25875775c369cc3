import { chanceBy } from '../../core/cure/forecast.ts'
import { checks } from '../../core/cure/checkWords.ts'
import { stateNames } from '../../core/cure/states.ts'
import type { StateId } from '../../core/cure/states.ts'
import { isEvenForVarnish, mostUneven } from '../../core/finish/sheen.ts'
import type { SheenPlace } from '../../core/finish/sheen.ts'
import { waxBarsSpirit } from '../../core/finish/varnishNeeds.ts'
import { schoolTable } from '../../core/finish/varnishSchools.ts'
import type { VarnishSchoolId } from '../../core/finish/varnishSchools.ts'
import { kindOf } from '../../core/materials/material.ts'
import type { Material } from '../../core/materials/material.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import type { Readiness } from '../../core/plan/readiness.ts'
import { chanceText } from '../../core/words.ts'
import type { Assessment } from '../judging/assess.ts'
import { brushOf } from '../brush.ts'
import { dateText } from '../dateText.ts'
import { packedOn } from '../judging/packed.ts'
import { practiceOfPainting, roomOf } from '../picture/picture.ts'
import type { Picture } from '../picture/picture.ts'
import type { BeforeVarnish, WaitingFilm } from './readiness.ts'

/** What still stands against a varnish, in a sentence, and where it is put right. */
export interface Obstacle {
  readonly says: string
  /** The face of the picture, or the page, where it is; null: only time helps. */
  readonly at: 'stack' | 'surface' | 'room' | 'test' | null
}

/** What a varnish is to be, and when. */
export interface VarnishIdea {
  readonly school: VarnishSchoolId
  readonly varnish: Material | null
  readonly day: number
}

/** The list that empties: everything that still stands against this varnish on that day. */
export function obstaclesTo(
  idea: VarnishIdea,
  picture: Picture,
  assessment: Assessment,
  before: BeforeVarnish,
  places: readonly SheenPlace[],
): readonly Obstacle[] {
  const { school, day } = idea
  const ready = before.schools.find((one) => one.school === school)!
  const { needs } = schoolTable[school]
  return [
    ...before.unpainted.map(({ name }): Obstacle => ({
      says: `${name} is still to be painted.`,
      at: 'stack',
    })),
    ...monthsAgainst(ready, day),
    ...slowFilms(before, needs, day),
    ...testAgainst(school, picture, before),
    ...unevenAgainst(places),
    ...temporaryAgainst(picture),
    ...waxAgainst(idea, picture, assessment),
    ...roomAgainst(picture),
  ]
}

function monthsAgainst(
  { monthsDay, school, months }: Readiness<WaitingFilm>,
  day: number,
): readonly Obstacle[] {
  if (monthsDay !== null && day >= monthsDay) return []
  const after = schoolTable[school].from === 'cured' ? 'it is cured' : 'its last film'
  const until = monthsDay === null ? '' : `: ${dateText(dateOf(monthsDay))}`
  return [{ says: `Its ${months} months after ${after} have not passed${until}.`, at: null }]
}

const plannedOn = 0.8
const namedAtMost = 3

/** Films that are not as likely there as one plans on, the slowest first. */
function slowFilms({ films }: BeforeVarnish, needs: StateId, day: number): readonly Obstacle[] {
  return films
    .map((film) => ({ film, chance: chanceBy(film.forecast, needs, day - film.laidDay) }))
    .filter(({ chance }) => chance < plannedOn)
    .sort((a, b) => a.chance - b.chance)
    .slice(0, namedAtMost)
    .map(({ film, chance }) => ({
      says: `${nameOf(film)} is ${stateNames[needs]} by then with a chance of ${chanceText(chance)}.`,
      at: null,
    }))
}

const nameOf = ({ layer, areaName }: WaitingFilm): string =>
  areaName ? `${layer.name}, ${areaName},` : layer.name

function testAgainst(
  school: VarnishSchoolId,
  { touchTests }: Picture,
  { lastLaid }: BeforeVarnish,
): readonly Obstacle[] {
  const asked = schoolTable[school].check
  const last = touchTests
    .filter(({ check, at, counts }) => check === asked && counts && dayOf(at)! > lastLaid)
    .sort((a, b) => a.at.localeCompare(b.at))
    .at(-1)
  if (last?.passed) return []
  const { name, fails, passes } = checks[asked]
  return [
    {
      says: last
        ? `The last ${name} found ${fails}.`
        : `It has not passed the test by ${name} (${passes}) since it was last painted: try its slowest, thickest, softest spot.`,
      at: 'test',
    },
  ]
}

function unevenAgainst(places: readonly SheenPlace[]): readonly Obstacle[] {
  const uneven = isEvenForVarnish(places) ? null : mostUneven(places)
  return uneven
    ? [
        {
          says: `Its sheen is uneven, ${uneven.dull.sheen} beside ${uneven.bright.sheen}: even it first, which restarts the date.`,
          at: 'surface',
        },
      ]
    : []
}

/** A temporary varnish that nothing has taken off yet. */
function temporaryAgainst({ layers }: Picture): readonly Obstacle[] {
  const done = layers.filter(({ painted }) => painted !== null).map((layer) => brushOf(layer).event.kind)
  const isOn = done.lastIndexOf('temporary-varnish') > done.lastIndexOf('varnish-off')
  return isOn ? [{ says: 'The temporary varnish is still on it: take it off first.', at: 'stack' }] : []
}

function waxAgainst({ varnish }: VarnishIdea, picture: Picture, assessment: Assessment): readonly Obstacle[] {
  const { wax } = packedOn(picture, assessment, picture.today)
  const hasSpirit = (varnish?.shares.volatile ?? 0) > 0 && kindOf(varnish!) !== 'wax_varnish'
  return wax >= waxBarsSpirit && hasSpirit
    ? [
        {
          says: 'There is so much wax in it that spirit bites into it: take a wax, by brush, or none.',
          at: null,
        },
      ]
    : []
}

const recentDays = 2

function roomAgainst(picture: Picture): readonly Obstacle[] {
  const { readings, climate } = roomOf(picture)
  const last = readings.at(-1)
  const now = last && last.day >= picture.today - recentDays ? last : climate
  const { watch } = practiceOfPainting(picture.painting, picture.practices).limits.bloomHumidity
  return now.relativeHumidityPct >= watch
    ? [
        {
          says: `The room is at ${Math.round(now.relativeHumidityPct)}\u00a0% humidity: a varnish would bloom. Dry it below 65\u00a0% first.`,
          at: 'room',
        },
      ]
    : []
}
