import { useMemo, useState } from 'react'
import { stateNames } from '../../../core/cure/states.ts'
import { dateOf, dayOf } from '../../../core/plan/calendar.ts'
import { asItWas, daysOfLife } from '../../../document/picture/asItWas.ts'
import { assess } from '../../../document/judging/assess.ts'
import type { Assessment } from '../../../document/judging/assess.ts'
import type { Picture } from '../../../document/picture/picture.ts'
import { filmsOn, stateOfFilms } from '../../../document/judging/stateReached.ts'
import type { FilmOnDay } from '../../../document/judging/stateReached.ts'
import { findInStudio } from '../../../document/studioMaterials.ts'
import { sectionAt, SmallSection } from '../../../ui/paint/SmallSection.tsx'
import { dateText, dayText, umText } from '../../../ui/format.ts'

const mostSections = 24

/** The picture's life as a strip of small sections; any day of it can be gone back to. */
export function Strip({ picture }: { readonly picture: Picture }) {
  const days = useMemo(() => daysOfLife(picture), [picture])
  const [chosen, setChosen] = useState<number | null>(null)
  const day = chosen ?? days.at(-1) ?? Math.floor(picture.today)
  const shown = useMemo(() => days.slice(-mostSections), [days])
  const sections = useMemo(() => shown.map((one) => sectionAt(picture, one)), [picture, shown])
  const most = Math.max(1, ...sections.map(({ um }) => um))
  if (days.length === 0) return null
  return (
    <section aria-label="Looked back on" className="mt-3">
      <h2 className="text-xl">Its life in sections</h2>
      <ol className="mt-2 flex items-end gap-1 overflow-x-auto pb-1">
        {shown.map((one, at) => (
          <li key={one}>
            <button
              type="button"
              aria-pressed={one === day}
              aria-label={`As it was on ${dayText(one)}`}
              className="grid min-h-11 w-16 justify-items-center border border-transparent px-1 pt-1 aria-pressed:border-ink aria-pressed:bg-sheet"
              onClick={() => setChosen(one)}
            >
              <SmallSection section={sections[at]!} most={most} />
              <span className="text-[0.72rem] leading-tight text-soft">{dateText(dateOf(one))}</span>
            </button>
          </li>
        ))}
      </ol>
      <label className="mt-2 block w-52 text-[0.8rem] text-soft">
        Any other day
        <input
          type="date"
          className="field block w-full"
          value={dateOf(day)}
          min={dateOf(days[0]!)}
          max={dateOf(picture.today)}
          onChange={({ target }) => {
            const told = dayOf(target.value)
            if (told !== null) setChosen(Math.floor(told))
          }}
        />
      </label>
      <OnThatDay picture={picture} day={day} />
    </section>
  )
}

/** What lay on it on a day, how far it had come, what was said of it then, and the photograph nearest before. */
function OnThatDay({ picture, day }: { readonly picture: Picture; readonly day: number }) {
  const then = useMemo(() => asItWas(picture, day), [picture, day])
  const assessment = useMemo(() => assess(then, findInStudio(picture.shelf)), [then, picture.shelf])
  const films = filmsOn(then, assessment, then.today)
  const photo = [...then.painting.photos].sort((a, b) => a.on.localeCompare(b.on)).at(-1)
  return (
    <div className="mt-3 grid gap-x-10 gap-y-3 sm:grid-cols-[1fr_auto]">
      <div>
        <h3 className="font-read text-[1.2rem]">As it was at the end of {dayText(day)}</h3>
        {films.length === 0 && <p className="text-soft">Nothing lay on it yet.</p>}
        <ul aria-label={`What lay on it on ${dayText(day)}`}>
          {films.toReversed().map((film) => (
            <li key={`${film.layer.id} ${film.spot.area}`} className="border-b border-rule py-1">
              <span className="font-medium">{film.layer.name}</span>{' '}
              <span className="text-soft">{filmText(film, assessment)}</span>
            </li>
          ))}
        </ul>
        {then.touchTests.some(({ at }) => Math.floor(dayOf(at)!) === day) && (
          <p className="text-[0.92rem] text-soft">It was touched that day.</p>
        )}
      </div>
      {photo && (
        <figure className="w-56">
          <img
            src={`/api/photos/${photo.hash}`}
            alt={`Photograph of ${dateText(photo.on)}`}
            width={224}
            height={168}
            loading="lazy"
            className="h-42 w-56 border border-rule object-contain"
          />
          <figcaption className="text-[0.82rem] text-soft">
            {dateText(photo.on)}
            {photo.note && `: ${photo.note}`}
          </figcaption>
        </figure>
      )}
    </div>
  )
}

function filmText({ spot, age }: FilmOnDay, { areas }: Assessment): string {
  const where = areas.length > 1 ? `${areas.find(({ area }) => area.id === spot.area)!.area.name}, ` : ''
  const state = stateOfFilms([{ forecast: spot.forecast, age }])
  const words = state === 'wet' || state === 'bare' ? 'wet' : stateNames[state]
  return `${where}${umText(spot.thickestUm)}, likely ${words}`
}
