import { defaultLimits } from '../../core/practice/limits.ts'
import { dewPointC } from '../../core/soundness/room.ts'
import type { OutstandingDay } from '../../core/room/extremes.ts'
import { listed } from '../../core/words.ts'
import type { Befallen, RoomPage } from '../../studio/lists/roomPage.ts'
import { dayText } from '../../ui/format.ts'

/** What a place may do to what stands in it. */
export interface RoomWarning {
  readonly verdict: 'sound' | 'watch' | 'unsound'
  readonly says: string
}

/** As the rules have it, by their usual limits. */
const bloomHumidity = defaultLimits.bloomHumidity.watch
const bloomGapC = defaultLimits.bloomDewGap.watch
const brittleBelowC = defaultLimits.coldPolymer.watch
const degrees = (celsius: number): string => `${Math.round(celsius)}\u00a0°C`

export function warningsOf(room: RoomPage, today: number): readonly RoomWarning[] {
  const { now, extremes } = room
  const { dampest } = extremes
  const found: RoomWarning[] = [...softening(room), ...brittleness(room)]
  const gap = now.temperatureC - dewPointC(now)
  const blooms = now.relativeHumidityPct >= bloomHumidity || gap < bloomGapC
  const { bloomHumidity: damp, bloomDewGap: near } = defaultLimits
  const isSure = now.relativeHumidityPct >= damp.unsound || gap < near.unsound
  if (blooms)
    found.push({
      verdict: isSure ? 'unsound' : 'watch',
      says: `Dew would settle at ${degrees(now.dewPointC)}: no varnish and no egg today, they would bloom.`,
    })
  else if (dampest.relativeHumidityPct >= bloomHumidity && Math.abs(dampest.day - today) < 60)
    found.push({
      verdict: 'watch',
      says: `${Math.round(dampest.relativeHumidityPct)} % humidity ${when(dampest)}: no varnish on such a day, it blooms.`,
    })
  return found.length > 0
    ? found
    : [
        {
          verdict: 'sound',
          says: `Nothing here is in danger: dew would settle at ${degrees(now.dewPointC)}, and nothing that stands here softens or turns brittle ${throughTheYear(extremes)}.`,
        },
      ]
}

/** From the coldest day to the hottest; one figure where a place is always the same. */
function throughTheYear({ coldest, hottest }: RoomPage['extremes']): string {
  const [low, high] = [degrees(coldest.temperatureC), degrees(hottest.temperatureC)]
  return low === high ? `at ${high} all year` : `between ${low} and ${high} through the year`
}

const when = (day: OutstandingDay): string =>
  `${day.wasRead ? 'was read' : 'is expected'} about ${dayText(day.day)}`

/** "Salt pans", "Salt pans, Sheds, Quince and 12 more". */
const namesOf = ({ count, titles }: Befallen): string =>
  listed(count > titles.length ? [...titles, `${count - titles.length} more`] : titles)

function softening({ softens, extremes: { hottest } }: RoomPage): readonly RoomWarning[] {
  if (!softens) return []
  const { count, hottestC } = softens
  const bears = `bears ${degrees(hottestC)} at most${count > 1 ? ' where it is softest' : ''}`
  const cooler = `Stand ${count > 1 ? 'them' : 'it'} somewhere cooler, with nothing against ${count > 1 ? 'their faces' : 'its face'}.`
  const hot = `${degrees(hottest.temperatureC)} ${when(hottest)}`
  return [{ verdict: 'watch', says: `The wax of ${namesOf(softens)} ${bears}; ${hot}. ${cooler}` }]
}

function brittleness({ brittle, extremes: { coldest } }: RoomPage): readonly RoomWarning[] {
  if (!brittle) return []
  const cold = `${degrees(coldest.temperatureC)} ${when(coldest)}`
  const says = `Alkyd or acrylic in ${namesOf(brittle)} is brittle below ${degrees(brittleBelowC)}; ${cold}.`
  return [{ verdict: 'watch', says: `${says} No packing, keying or rolling then.` }]
}
