import type { CheckId } from '../../core/cure/checks.ts'
import { daysAtChance, likelyDays, stateOn } from '../../core/cure/forecast.ts'
import { stateIds } from '../../core/cure/states.ts'
import type { StateId } from '../../core/cure/states.ts'
import { findInLibrary, shortNameOf } from '../../core/materials/find.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import { findOn } from '../../document/picture/picture.ts'
import { factorOf } from '../../core/learn/learn.ts'
import { differencesIn } from '../../core/learn/tells.ts'
import type { Difference } from '../../core/learn/tells.ts'
import { dateOf, dayOf } from '../../core/plan/calendar.ts'
import { colourChange, verdictByColour } from '../../core/trial/colour.ts'
import type { ColourChange, ColourRead } from '../../core/trial/colour.ts'
import { verdictByCheck } from '../../core/trial/verdict.ts'
import type { TrialFinger, TrialVerdict } from '../../core/trial/verdict.ts'
import { doubtfulPasses } from '../../document/judging/fingers.ts'
import type { FingerDocument } from '../../document/finger.ts'
import { nextLookOf } from '../../document/finish/nextLook.ts'
import { mixtureShares } from '../../document/mixture.ts'
import { placeIn } from '../../document/places.ts'
import type { Revised, Settings } from '../../document/studio.ts'
import type { ColourReading, Swatch } from '../../document/swatch.ts'
import { laidSwatch, layerOfSwatch, swatchFilm } from '../../document/judging/swatchFilm.ts'
import type { LaidSwatch, SwatchFilm } from '../../document/judging/swatchFilm.ts'
import type { PictureLearnt } from '../../document/picture/learnt.ts'
import type { Trial } from '../../document/trial.ts'
import { intervalsOf, withoutFinger } from '../../document/judging/tried.ts'
import type { TriedEvidence } from '../../document/judging/tried.ts'
import type { Database } from '../../store/database.ts'
import { list } from '../../store/records.ts'
import { linesAtATime } from '../listPage.ts'
import { layersToTry, mostTelling } from '../telling.ts'
import type { TellingCheck, ToTry } from '../telling.ts'
import { learnFromAll, learntBeside, learntInstead } from '../learning.ts'
import type { StudioLearnt } from '../learning.ts'
import { roomsOf } from '../rooms.ts'
import { settingsOf } from '../settings.ts'

/** The rack of swatches as it hangs: what each is, what was forecast of it, what hands have found. */

/** When a state was forecast, in days after it was laid: by the book, and with all that other checks have taught. */
export interface RackBand {
  readonly state: StateId
  readonly book: number | null
  /** At 10, 50 and 90 %; null: never. */
  readonly days: readonly [number, number, number] | null
}

export interface RackSwatch {
  readonly swatch: Revised<Swatch>
  readonly placeName: string
  /** In a few words: what is in it. */
  readonly holds: string
  readonly pigments: readonly { readonly id: string; readonly share: number }[]
  /** Null where what was laid can no longer be made out. */
  readonly film: {
    readonly dryUm: number
    readonly state: string
    readonly bands: readonly RackBand[]
    /** Checks it can hardly pass yet. */
    readonly doubtful: readonly CheckId[]
  } | null
  readonly colour: readonly ColourChange[]
  /** The trial it belongs to, by id, and as what. */
  readonly trial: { readonly id: string; readonly as: 'swatch' | 'control' } | null
}

export interface RackTrial {
  readonly trial: Revised<Trial>
  readonly verdict: TrialVerdict
  /** The next day to look, as a date; null: none is left. */
  readonly lookOn: string | null
  readonly isDue: boolean
}

/** A check, and by how much it moved what is known of its film’s kind: times the time it would be without it. */
export interface MovingCheck extends Pick<TriedEvidence, 'finger' | 'check' | 'at' | 'reached'> {
  readonly of: string
  readonly name: string
  readonly picture: string | null
  readonly moved: number
}

/** So many of the swatches, those last laid first; those of trials and this one are always among them. */
export interface RackAsked {
  readonly rows: number
  readonly swatch: string | null
}

export interface Rack {
  /** How many hang there in all. */
  readonly count: number
  readonly swatches: readonly RackSwatch[]
  readonly trials: readonly RackTrial[]
  readonly differences: readonly (Difference & { readonly name: string })[]
  readonly checks: readonly MovingCheck[]
  readonly telling: TellingCheck | null
}

export async function rackOf(
  db: Database,
  now: string,
  asked: RackAsked = { rows: linesAtATime, swatch: null },
): Promise<Rack> {
  const settings = await settingsOf(db)
  const rooms = await roomsOf(db, settings, now)
  const known = await learnFromAll(db, now)
  const [swatches, trials] = [await list(db, 'swatch'), await list(db, 'trial')]
  const learnt = learntBeside(
    known,
    swatches.map(({ id }) => id),
  )
  const today = dayOf(now)!
  const made = swatches
    .map((swatch) => {
      const laid = laidSwatch(swatch, rooms.roomIn(swatch.placeId), settings.climate)
      return { swatch, film: laid && swatchFilm(laid, learnt) }
    })
    .sort((a, b) => b.swatch.laid.at.localeCompare(a.swatch.laid.at))
  const always = new Set([
    asked.swatch,
    ...trials.flatMap(({ swatchId, controlId }) => [swatchId, controlId]),
  ])
  const shown = made.filter(({ swatch }, at) => at < asked.rows || always.has(swatch.id))
  const intervals = known.films.flatMap(intervalsOf)
  return {
    count: swatches.length,
    swatches: shown.map((one) => rackSwatch(one, { settings, trials, learnt, today })),
    trials: trials.map((trial) => rackTrial(trial, swatches, today)),
    differences: differencesIn(known.learnt, intervals).map((one) => ({
      ...one,
      name: one.of === 'studio' ? 'the studio' : shortNameOf(one.id, findInLibrary),
    })),
    checks: movingChecks(known),
    telling: mostTelling(
      [...swatchesToTry(made, today), ...(await layersToTry(db, rooms, today))],
      known.learnt,
    ),
  }
}

/** The swatches as films a hand may be laid on. */
const swatchesToTry = (made: readonly MadeSwatch[], today: number): readonly ToTry[] =>
  made.flatMap(({ swatch: { id, name }, film }) =>
    film
      ? {
          ...{ of: 'swatch' as const, id, name, picture: null },
          ...{ parts: film.laid.parts, forecast: film.forecast, days: today - film.laid.laidDay },
        }
      : [],
  )

interface MadeSwatch {
  readonly swatch: Revised<Swatch>
  readonly film: SwatchFilm | null
}

interface Around {
  readonly settings: Settings
  readonly trials: readonly Trial[]
  readonly learnt: PictureLearnt
  readonly today: number
}

function rackSwatch({ swatch, film }: MadeSwatch, { settings, trials, learnt, today }: Around): RackSwatch {
  const days = film ? today - film.laid.laidDay : 0
  const trial = trials.find(({ swatchId, controlId }) => [swatchId, controlId].includes(swatch.id))
  return {
    swatch,
    placeName: placeIn(settings, swatch.placeId).name,
    holds: holdsOf(swatch),
    pigments: mixtureShares(swatch.laid.paints, findIn(swatch)),
    film: film && {
      dryUm: film.laid.dryUm,
      state: stateOn(film.forecast, days),
      bands: bandsOf(film.laid, learnt),
      doubtful: doubtfulPasses([film.forecast], days),
    },
    colour: (['light', 'dark'] as const).flatMap(
      (kept) => colourChange(colourReads(swatch.colours, swatch), kept) ?? [],
    ),
    trial: trial ? { id: trial.id, as: trial.swatchId === swatch.id ? 'swatch' : 'control' } : null,
  }
}

/** What is forecast is told as it was before its own checks narrowed it. */
function bandsOf(laid: LaidSwatch, learnt: PictureLearnt): readonly RackBand[] {
  const [unseen, book] = [learnt, null].map((known) => swatchFilm(laid, known, []).forecast)
  return stateIds.map((state) => {
    const days = [0.1, 0.5, 0.9].map((chance) => daysAtChance(unseen!, state, chance))
    return {
      state,
      book: likelyDays(book!, state),
      days: days.includes(null) ? null : (days as [number, number, number]),
    }
  })
}

/** What is in a swatch is found as it was used: its own lots among it. */
const findIn = (swatch: Swatch): FindMaterial => findOn(layerOfSwatch(swatch), findInLibrary)

function holdsOf(swatch: Swatch): string {
  const { laid } = swatch
  const find = findIn(swatch)
  const name = (id: string): string => shortNameOf(id, find)
  const paints = laid.paints.flatMap(
    ({ name: own, pigments }) => own ?? pigments.map(({ pigment }) => name(pigment)).join(' and '),
  )
  return [
    ...(paints.length > 0 ? [paints.join(', ')] : []),
    ...(laid.medium && laid.used ? [laid.used.name] : []),
    ...(laid.thinner ? [`thinned with ${name(laid.thinner.material).toLowerCase()}`] : []),
  ].join(', ')
}

const trialFingers = (swatch: Swatch): readonly TrialFinger[] =>
  swatch.fingers
    .filter(({ counts }) => counts)
    .map(({ at, check, passed, where }: FingerDocument) => ({
      day: dayOf(at)! - dayOf(swatch.laid.at)!,
      check,
      passed,
      where,
    }))

const colourReads = (colours: readonly ColourReading[], { laid }: Swatch): readonly ColourRead[] =>
  colours.map(({ on, kept, grade, lab }) => ({
    day: dayOf(on)! - Math.floor(dayOf(laid.at)!),
    kept,
    grade,
    lab,
  }))

function rackTrial(trial: Revised<Trial>, swatches: readonly Swatch[], today: number): RackTrial {
  const [tried, control] = [trial.swatchId, trial.controlId].map((id) =>
    swatches.find((swatch) => swatch.id === id),
  )
  const lookDay = nextLookOf(trial, swatches)
  return {
    trial,
    verdict:
      tried && control
        ? verdictOf(trial, tried, control)
        : { outcome: 'inconclusive', says: 'One of its films is gone.', change: null },
    lookOn: lookDay === null ? null : dateOf(lookDay),
    isDue: lookDay !== null && lookDay <= today,
  }
}

const verdictOf = ({ rule }: Trial, tried: Swatch, control: Swatch): TrialVerdict =>
  rule.by === 'check'
    ? verdictByCheck(rule, trialFingers(tried), trialFingers(control))
    : verdictByColour(rule, colourReads(tried.colours, tried), colourReads(control.colours, control))

/** So many of the latest checks are told with what they moved. */
const mostChecks = 40

function movingChecks(known: StudioLearnt): readonly MovingCheck[] {
  const { films, learnt } = known
  const learntWith = learntInstead(known)
  const told = films
    .flatMap((film, place) => film.evidence.map((one) => ({ film, place, one })))
    .sort((a, b) => b.one.at.localeCompare(a.one.at))
    .slice(0, mostChecks)
  return told.map(({ film, place, one: { finger, check, at, reached } }) => {
    const without = learntWith(new Map([[place, intervalsOf(withoutFinger(film, finger))]]))
    const moved = factorOf(learnt, film.parts).ln - factorOf(without, film.parts).ln
    const { of, name, picture } = film
    return { of, name, picture, finger, check, at, reached, moved: Math.exp(moved) }
  })
}
