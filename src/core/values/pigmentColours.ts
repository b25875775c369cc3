/** Colours for drawing only: about how a pigment looks in oil, full strength. */

const known: Readonly<Record<string, string>> = {
  pw1: '#f1eee3',
  pw4: '#f3f2ec',
  pw6_rutile: '#f6f5f0',
  pw6_anatase: '#f4f4f1',
  pw6_1: '#e3d3b4',
  pw18: '#e4dfcf',
  pr105: '#d4512a',
  py41: '#e8cd86',
  lead_tin_yellow: '#f0d265',
  py34: '#f2b91f',
  py35: '#f6c31d',
  py37: '#f5bd23',
  py40: '#e0ab2d',
  py42: '#c99536',
  py42_transparent: '#a8651c',
  py43: '#c39347',
  py53: '#ecdf8a',
  py83: '#e79d1c',
  py110: '#eba422',
  py129: '#8f8a2c',
  py150: '#b8891f',
  py184: '#f1d93b',
  po20: '#e8781e',
  po48: '#9c4a1d',
  po62: '#e8742a',
  po73: '#e0511f',
  pr83: '#6d1426',
  nr9: '#8a2133',
  pr101: '#8f3a28',
  pr101_transparent: '#8a3d20',
  pr102: '#a2553a',
  pr106: '#cc3a24',
  pr108: '#b92a22',
  pr122: '#8e2558',
  pr177: '#8a1f28',
  pr206: '#7a3324',
  pv14: '#7b5fa0',
  pv15: '#5b4a8e',
  pv16: '#5d3f77',
  pv19: '#8c2348',
  pv23: '#35204f',
  pb15_1: '#12285c',
  pb15_3: '#0f3563',
  pb27: '#142842',
  pb28: '#2a4fa3',
  pb29: '#223a94',
  pb33: '#2f87b1',
  pb35: '#3d83a8',
  pb36: '#2a7a80',
  pb60: '#1d2a55',
  pb74: '#233f8f',
  pg7: '#0d4136',
  pg36: '#1a5736',
  pg17: '#54703a',
  pg18: '#1c5948',
  pg19: '#4f8a6b',
  pg23: '#6d7a56',
  pg50: '#3f8f7a',
  pbr6: '#5d3a28',
  pbr7_raw_sienna: '#a6692c',
  pbr7_burnt_sienna: '#7d3d20',
  pbr7_raw_umber: '#54422c',
  pbr7_burnt_umber: '#462a1d',
  pbk6: '#1d1d20',
  pbk7: '#17171a',
  pbk8: '#25262a',
  pbk9: '#211f1e',
  pbk11: '#242324',
  nbr8: '#38281d',
}

const families: readonly (readonly [start: string, colour: string])[] = [
  ['pbr', '#6b4a30'],
  ['pbk', '#222'],
  ['pw', '#f0eee6'],
  ['py', '#e3b53a'],
  ['po', '#dc7430'],
  ['pr', '#a8322d'],
  ['pv', '#5f3d74'],
  ['pb', '#27458c'],
  ['pg', '#2c6a4d'],
]

export const oilColour = '#d9b45c'

export const pigmentColour = (id: string): string =>
  known[id] ?? families.find(([start]) => id.startsWith(start))?.[1] ?? '#8a7f6d'

/** Colour of several pigments together: light is lost in each, so shares multiply rather than add. */
export function mixedColour(parts: readonly { readonly id: string; readonly share: number }[]): string {
  const total = parts.reduce((sum, { share }) => sum + share, 0)
  if (!(total > 0)) return oilColour
  const channels = [0, 1, 2].map((channel) =>
    Math.round(
      255 *
        Math.exp(
          parts.reduce(
            (sum, { id, share }) =>
              sum + (share / total) * Math.log(Math.max(0.01, channelOf(pigmentColour(id), channel))),
            0,
          ),
        ),
    ),
  )
  return `#${channels.map((value) => Math.min(255, value).toString(16).padStart(2, '0')).join('')}`
}

export function channelOf(hex: string, channel: number): number {
  const full = hex.length === 4 ? [...hex.slice(1)].map((digit) => digit + digit).join('') : hex.slice(1)
  return parseInt(full.slice(channel * 2, channel * 2 + 2), 16) / 255
}
