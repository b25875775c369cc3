import type { Sheen } from '../../core/finish/sheen.ts'
import { isDull, isTrusted } from '../../core/finish/sheen.ts'
import { about, listed } from '../../core/words.ts'
import type { PictureSurface } from '../../document/finish/surface.ts'

/** Each sheen in words, as a painter tells them apart. */
export const sheenWords: Readonly<Record<Sheen, string>> = {
  sunken: 'sunken: the colour has gone, chalky',
  matt: 'matt: even, no glint',
  satin: 'satin: a soft glint',
  glossy: 'glossy: mirrors the window',
}

/** The first thing said of a surface: whether it can be judged, and what to do about it. */
export function answerOf({ trust, patches, toOil, likely }: PictureSurface): string {
  const dull = patches.filter(({ state, sheen }) => state === 'there' && isDull(sheen))
  if (likely.length === 0 && patches.length === 0) return 'Nothing is painted on it yet.'
  if (isTrusted(trust)) return 'Its sheen is even enough to judge values by.'
  const what = trust.darks.length > 0 ? 'Do not judge the darks here' : 'Do not judge values here'
  if (toOil.length > 0) {
    const [first] = toOil
    const size = `${about(100 * first!.share)}\u00a0% of the picture`
    return `${what}: ${dull.length === 1 ? 'one dull patch' : `${dull.length} dull patches`}. Oil these out first, and only where you go on; begin with ${first!.name}, ${size}.`
  }
  const { uneven } = trust
  if (uneven) return `${what}: ${uneven.dull.sheen} beside ${uneven.bright.sheen}.`
  return `${what}: ${listed(trust.darks.map(({ name }) => name))} ${trust.darks.length === 1 ? 'looks' : 'look'} paler than it is.`
}
