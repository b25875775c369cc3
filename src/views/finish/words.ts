import { schoolTable } from '../../core/finish/varnishSchools.ts'
import type { VarnishSchoolId } from '../../core/finish/varnishSchools.ts'
import { kindTable } from '../../core/stack/kinds.ts'
import type { FindMaterial } from '../../core/materials/find.ts'
import type { Readiness } from '../../core/plan/readiness.ts'
import type { BeforeVarnish, WaitingFilm } from '../../document/finish/readiness.ts'
import { brushOf } from '../../document/brush.ts'
import type { LayerDocument } from '../../document/layer.ts'
import type { Picture } from '../../document/picture/picture.ts'
import { varnishOn } from '../../document/finish/removable.ts'
import { dateText, dayText, monthText } from '../../ui/format.ts'

/** The first thing said of a picture's end. */
export function answerOf(
  picture: Picture,
  before: BeforeVarnish | null,
  school: VarnishSchoolId,
  findMaterial: FindMaterial,
): string {
  if (!before) return 'Nothing lies on it yet: there is nothing to varnish.'
  const on = varnishOn(picture, findMaterial)
  const since = on && `${on.layer.name} is on it since ${dateText(on.layer.painted!.at.slice(0, 10))}`
  if (on && !isTemporary(on.layer)) return `${since}.`
  const first = since ? `${since}; it comes off first. ` : ''
  return `${first}${readyText(picture, before, school)}`
}

const isTemporary = (layer: LayerDocument): boolean =>
  kindTable[brushOf(layer).event.kind].purpose === 'temporary-varnish'

function readyText(picture: Picture, before: BeforeVarnish, school: VarnishSchoolId): string {
  const ready = before.schools.find((one) => one.school === school)!
  const { day, holds } = ready
  const { name } = schoolTable[school]
  const [undated] = before.undated
  if (undated) return `No varnish has a date yet: ${undated.name} has none.`
  if (day === null)
    return `By its own school (${name}) it is never varnished: ${holds?.layer.name ?? 'a layer'} does not come so far.`
  if (day <= picture.today) return `By its own school (${name}) it may be varnished now, after its test.`
  const from = day > picture.today + farOffDays ? monthText(day) : dayText(Math.ceil(day))
  return `By its own school (${name}) it may be varnished from about ${from}: ${decidedBy(ready)}.`
}

/** Beyond so many days a day is no more than its month. */
const farOffDays = 180

/** What it is that a varnish waits for. */
export const decidedBy = ({ monthsDay, stateDay, holds }: Readiness<WaitingFilm>): string =>
  monthsDay !== null && stateDay !== null && monthsDay >= stateDay
    ? 'its months decide'
    : `${holds?.layer.name ?? 'its slowest film'} decides`
