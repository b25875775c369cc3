import { defaultLimits } from '../../core/practice/limits.ts'
import { dewPointC } from '../../core/soundness/room.ts'
import type { RoomPage } from '../../studio/lists/roomPage.ts'
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

export function warningsOf({ now, extremes, pictures }: RoomPage, today: number): readonly RoomWarning[] {
  const { hottest, coldest, dampest } = extremes
  const when = (day: { readonly day: number; readonly wasRead: boolean }): string =>
    `${day.wasRead ? 'was read' : 'is expected'} about ${dayText(day.day)}`
  const found: RoomWarning[] = pictures.flatMap(({ title, hottestC, turnsGlassy }) => [
    ...(hottestC !== null && hottest.temperatureC > hottestC
      ? [
          {
            verdict: 'watch' as const,
            says: `The wax of ${title} bears ${degrees(hottestC)} at most; ${degrees(hottest.temperatureC)} ${when(hottest)}. Stand it somewhere cooler, with nothing against its face.`,
          },
        ]
      : []),
    ...(turnsGlassy && coldest.temperatureC < brittleBelowC
      ? [
          {
            verdict: 'watch' as const,
            says: `Alkyd or acrylic in ${title} is brittle below ${degrees(brittleBelowC)}; ${degrees(coldest.temperatureC)} ${when(coldest)}. No packing, keying or rolling then.`,
          },
        ]
      : []),
  ])
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
      says: `${Math.round(dampest.relativeHumidityPct)} % ${when(dampest)}: no varnish on such a day, it blooms.`,
    })
  return found.length > 0
    ? found
    : [
        {
          verdict: 'sound',
          says: `Nothing here is in danger: dew would settle at ${degrees(now.dewPointC)}, and between ${degrees(coldest.temperatureC)} and ${degrees(hottest.temperatureC)} through the year nothing that stands here softens or turns brittle.`,
        },
      ]
}
