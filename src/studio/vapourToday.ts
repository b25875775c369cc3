import { exposureIdOf, givenOff } from '../core/air/givenOff.ts'
import { dayOf } from '../core/plan/calendar.ts'
import { areaCm2Of } from '../document/picture/area.ts'
import { brushOf } from '../document/brush.ts'
import type { RoomVapour } from '../document/keeping.ts'
import { findOn, readyOf } from '../document/picture/picture.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import type { Database } from '../store/database.ts'
import { listHolding } from '../store/records.ts'
import { loadPictures } from './pictures.ts'

/** A film gives its solvent off over about so many hours, most of it at once; an estimate. */
const overHours = 3
const leastGrams = 0.05
const varnishHours = 2

/** What today’s layers have given off, solvent by solvent, from the minute each was painted. */
export async function vapourToday(db: Database, now: string): Promise<readonly RoomVapour[]> {
  const on = now.slice(0, 10)
  const painted = (await listHolding(db, 'layer', `"at":"${on}T`)).filter((layer) =>
    layer.painted?.at.startsWith(on),
  )
  const pictures = await loadPictures(db, [...new Set(painted.map(({ paintingId }) => paintingId))], now)
  return pictures.flatMap((picture) => {
    const live = findInStudio(picture.shelf)
    return picture.layers
      .filter(({ id }) => painted.some((layer) => layer.id === id))
      .flatMap((layer) => {
        const { mix } = readyOf(layer, picture.mediums, findOn(layer, live))
        const brush = brushOf(layer)
        if (!mix) return []
        const ml = areaCm2Of(picture.painting, brush) * brush.wetThicknessUm * 1e-4
        const fromHour = (dayOf(layer.painted!.at)! % 1) * 24
        const given = [...givenOff(mix.all, ml)].filter(([, grams]) => grams >= leastGrams)
        return given.map(([solvent, grams], at): RoomVapour => ({
          ...{ id: `${layer.id}-${at}`.slice(0, 64), what: 'palette', form: 'grams', solvent },
          ...{ grams: Number(grams.toPrecision(3)), fromHour: Number(fromHour.toFixed(2)), overHours },
        }))
      })
  })
}

/** A varnishing that was thought of on another page: "?varnishing=<solvent>&grams=40". Nothing where that is none. */
export function varnishingIn(search: URLSearchParams): readonly RoomVapour[] {
  const [told, grams] = [search.get('varnishing') ?? '', Number(search.get('grams'))]
  if (told === '' || !(grams > 0 && grams < 1e5)) return []
  const solvent = exposureIdOf(told)
  return [
    {
      id: 'thought-of',
      what: 'varnishing',
      form: 'grams',
      solvent,
      grams,
      fromHour: 10,
      overHours: varnishHours,
    },
  ]
}
