import sharp from 'sharp'
import { dateOf, dayOf } from '../src/core/plan/calendar.ts'
import type { StudioDocument } from '../src/document/studioDocument.ts'
import { keepPhoto } from '../src/studio/photos.ts'

/** Photographs of the invented pictures, drawn here: each as it looked on some days of its making. */

/** Drawn on a sheet of 600 points across; `high` is its height. */
interface Drawn {
  readonly high: number
  /** The surface before anything, and what was done to it by each day. */
  readonly ground: string
  readonly days: readonly { readonly daysAgo: number; readonly note: string; readonly adds: string }[]
}

const rect = (x: number, y: number, width: number, height: number, fill: string, more = ''): string =>
  `<rect x="${x}" y="${y}" width="${width}" height="${height}" fill="${fill}" ${more}/>`
const shape = (points: string, fill: string, more = ''): string =>
  `<polygon points="${points}" fill="${fill}" ${more}/>`
const round = (x: number, y: number, rx: number, ry: number, fill: string, more = ''): string =>
  `<ellipse cx="${x}" cy="${y}" rx="${rx}" ry="${ry}" fill="${fill}" ${more}/>`

const pictures: Readonly<Record<string, Drawn>> = {
  'salt-pans': {
    high: 400,
    ground: '#e8e0cf',
    days: [
      {
        daysAgo: 66,
        note: 'gouache start',
        adds:
          rect(0, 0, 600, 160, '#9aa3a0') +
          rect(0, 160, 600, 240, '#b79a63') +
          shape('0,364 330,336 600,300 600,400 0,400', '#6f5b3f'),
      },
      {
        daysAgo: 24,
        note: 'wax in the pans, sky dug back and new',
        adds:
          rect(0, 0, 600, 160, '#8ba6bd') +
          rect(0, 120, 600, 40, '#d8cdb7', 'opacity=".7"') +
          rect(0, 160, 600, 204, '#a8a795') +
          rect(40, 190, 210, 26, '#cfd5d3') +
          rect(300, 220, 240, 30, '#c3cccd') +
          rect(90, 262, 330, 34, '#d9dcd4'),
      },
      { daysAgo: 4, note: 'bank oiled out', adds: shape('0,364 330,336 600,300 600,400 0,400', '#3f3224') },
    ],
  },
  glasshouse: {
    high: 800,
    ground: '#ded3bd',
    days: [
      {
        daysAgo: 66,
        note: 'dead colouring',
        adds:
          rect(60, 80, 480, 640, '#8c8471') +
          rect(100, 120, 400, 560, '#a79f8b') +
          rect(290, 120, 20, 560, '#5e5848') +
          rect(100, 380, 400, 16, '#5e5848'),
      },
      {
        daysAgo: 15,
        note: 'first glaze',
        adds:
          rect(100, 120, 190, 260, '#b9c6bd') +
          rect(310, 120, 190, 260, '#d6d9bf') +
          rect(100, 396, 190, 284, '#6d8a6a') +
          rect(310, 396, 190, 284, '#89a173') +
          round(210, 600, 90, 70, '#3f5d44') +
          round(400, 610, 80, 60, '#56744c'),
      },
    ],
  },
  'clock-mender': {
    high: 780,
    ground: '#cfc6b4',
    days: [
      {
        daysAgo: 8,
        note: 'dead colour',
        adds:
          rect(0, 0, 600, 780, '#6f6252') +
          shape('144,437 300,390 456,437 516,780 84,780', '#4b4238') +
          round(300, 218, 96, 156, '#b08d70') +
          round(300, 130, 100, 70, '#6a5a48') +
          round(470, 600, 70, 70, '#9a8350') +
          round(470, 600, 54, 54, '#d7cbaa'),
      },
    ],
  },
  quince: {
    high: 450,
    ground: '#b9ad97',
    days: [
      {
        daysAgo: 34,
        note: 'the evening of the sitting',
        adds:
          rect(0, 0, 600, 450, '#3a332b') +
          rect(0, 300, 600, 150, '#2a231c') +
          shape('110,110 290,110 270,350 130,350', '#8d9299') +
          round(200, 110, 90, 22, '#b4b8bc') +
          round(430, 290, 80, 68, '#c9a13b') +
          round(520, 320, 62, 54, '#b98b2c'),
      },
    ],
  },
  sheds: {
    high: 600,
    ground: '#b6a06d',
    days: [
      {
        daysAgo: 5,
        note: 'sheds in',
        adds:
          rect(0, 0, 600, 260, '#c4c7c2') +
          rect(0, 260, 600, 340, '#cfcfc5') +
          shape('90,330 90,210 180,150 270,210 270,330', '#4a3038') +
          shape('330,350 330,240 430,180 530,240 530,350', '#3a2a30'),
      },
      {
        daysAgo: 1,
        note: 'frost, too soon',
        adds: rect(0, 350, 600, 250, '#e6e8e4', 'opacity=".85"') + rect(0, 420, 600, 30, '#b9c0c2'),
      },
    ],
  },
}

/** Points across: brush marks are slow to draw, so they are drawn small and made larger. */
const drawnWide = 360
const photographWide = 900

/** Brush marks, so that it looks laid on and not printed. */
const svgOf = (high: number, ground: string, adds: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${drawnWide}" height="${(drawnWide * high) / 600}"
    viewBox="0 0 600 ${high}">
    <filter id="brush" x="0" y="0" width="100%" height="100%">
      <feTurbulence type="fractalNoise" baseFrequency=".02 .11" numOctaves="3" seed="7" result="marks"/>
      <feDisplacementMap in="SourceGraphic" in2="marks" scale="16"/>
    </filter>
    <g filter="url(#brush)">${rect(-40, -40, 680, high + 80, ground)}${adds}</g>
  </svg>`

/** One crossing of threads of the surface. */
const weave = Buffer.from(
  `<svg xmlns="http://www.w3.org/2000/svg" width="5" height="4">
    <path d="M0 .5h5M.5 0v4" stroke="#33291a" stroke-opacity=".1"/>
  </svg>`,
)

/** Made larger in a step of its own: in one the drawing itself would be larger, and the marks slow again. */
async function photograph(high: number, ground: string, adds: string): Promise<Buffer> {
  const drawn = await sharp(Buffer.from(svgOf(high, ground, adds)))
    .flatten({ background: ground })
    .png()
    .toBuffer()
  return sharp(drawn)
    .resize({ width: photographWide })
    .composite([{ input: weave, tile: true }])
    .jpeg()
    .toBuffer()
}

/** All photographs of one picture, the first day first. */
const photographsOf = ({ high, ground, days }: Drawn, today: number) =>
  Promise.all(
    days.map(async ({ daysAgo, note }, at) => {
      const adds = days
        .slice(0, at + 1)
        .map((day) => day.adds)
        .join('')
      const hash = await keepPhoto(await photograph(high, ground, adds))
      return { hash, on: dateOf(today - daysAgo), note }
    }),
  )

/** The studio with its pictures photographed; the last photograph is the one its map is drawn on. */
export async function photographed(studio: StudioDocument, now: string): Promise<StudioDocument> {
  const today = Math.floor(dayOf(now)!)
  const paintings = studio.paintings.map(async (painting) => {
    const drawn = pictures[painting.id]
    const photos = drawn ? await photographsOf(drawn, today) : []
    return { ...painting, photos, mapPhoto: photos.at(-1)?.hash ?? null }
  })
  return { ...studio, paintings: await Promise.all(paintings) }
}
