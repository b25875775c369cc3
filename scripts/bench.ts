/** Times what a painter waits for, against what we promise. Run `npm run bench` on a quiet machine; build first. */
import { chancesOf, dragged, learning, manyChecks, manyPaintings } from './benchTime.ts'
import { once } from 'node:events'
import { createServer } from 'node:net'
import type { AddressInfo, Socket } from 'node:net'
import { gzipSync } from 'node:zlib'
import { besideC } from '../bench/against.ts'
import { chromium } from '@playwright/test'
import { ternStreet } from '../demo/ternStreet.ts'
import { daysAtChance, forecastOf } from '../src/core/cure/forecast.ts'
import { seeded } from '../src/core/seeded.ts'
import { solveCure } from '../src/core/cure/solver.ts'
import { stateDaysFromTable } from '../src/core/cure/table.ts'
import highs from 'highs'
import { tubeIngredients } from '../src/core/film/paint.ts'
import { dosed } from '../src/core/palette/heap.ts'
import { tubeFacts, tubeFound } from '../src/core/palette/tubeFacts.ts'
import { library } from '../src/core/materials/library.ts'
import { indexed, findIn } from '../src/core/materials/search.ts'
import { repairOf, weighingsOf } from '../src/core/batch/pouring.ts'
import { design, nearOf } from '../src/core/dosing/design/design.ts'
import type { Wish } from '../src/core/dosing/design/wish.ts'
import { doseAt, evenDoses, largestDose, sideOf } from '../src/core/dosing/dose.ts'
import { analyseMedium } from '../src/core/medium/medium.ts'
import type { Recipe } from '../src/core/medium/recipe.ts'
import { practiceCaps } from '../src/core/dosing/caps.ts'
import { noPractice } from '../src/core/practice/practice.ts'
import { linearSolver } from '../src/document/linear.ts'
import { findInLibrary } from '../src/core/materials/find.ts'
import { solveToHorizon } from '../src/core/soundness/mismatch.ts'
import { mostKbOf } from '../test/api/loading.ts'
import { assess } from '../src/document/assess.ts'
import type { Picture } from '../src/document/picture.ts'
import { solve } from '../src/document/solve.ts'
import { weightOf } from '../test/api/loading.ts'
import { chromiumOptions } from '../test/chromium.ts'
import { startServer } from '../test/server.ts'
import { measureEditing } from './benchEditing.ts'
import { measureJudging } from './benchJudging.ts'
import { measureLongLife } from './benchLongLife.ts'

/** Median of several runs, ms a run. */
function median(run: () => unknown, runs = 15, inner = 1): number {
  const times = Array.from({ length: runs + 3 }, () => {
    const began = performance.now()
    for (let i = 0; i < inner; i++) run()
    return (performance.now() - began) / inner
  })
  return times.slice(3).sort((a, b) => a - b)[runs >> 1]!
}

const rows: {
  readonly what: string
  readonly measured: string
  readonly promised: string
  readonly kept: boolean
}[] = []
function tell(what: string, value: number, limit: number, unit: string): void {
  rows.push({
    what,
    measured: `${value.toPrecision(3)} ${unit}`,
    promised: `under ${limit} ${unit}`,
    kept: value < limit,
  })
  console.log(
    rows.at(-1)!.what.padEnd(62),
    rows.at(-1)!.measured.padStart(10),
    rows.at(-1)!.promised.padStart(16),
    rows.at(-1)!.kept ? '' : '  MISSED',
  )
}

const { layers, touchTests, mediums, settings, paintings } = ternStreet('2026-11-24T09:00')
const glasshouse = layers.filter(({ paintingId }) => paintingId === 'glasshouse')
/** Where each of the ten lies: two go everywhere, the others in one of three areas or two of them. */
const places = [
  [],
  ['sky'],
  ['sky', 'sea'],
  ['boat'],
  ['sea'],
  [],
  ['sky'],
  ['boat', 'sea'],
  ['boat'],
  ['sky'],
]
const ten: Picture = {
  painting: paintings[0]!,
  layers: [0, 1].flatMap((round) =>
    glasshouse.map((layer, at) => ({
      ...layer,
      id: `${layer.id}-${round}`,
      position: round * 5 + at,
      areas: places[round * 5 + at]!,
      painted: round === 1 ? null : layer.painted && { ...layer.painted, areas: places[at]! },
    })),
  ),
  touchTests,
  mediums,
  shelf: [],
  practices: [],
  settings,
  today: 20781.4,
}
const solved = solve(ten, findInLibrary)!
/** The picture after an edit of its seventh layer: what an edit changes is never remembered. */
const withEdit = (picture: Picture): Picture => ({
  ...picture,
  layers: picture.layers.map((layer, at) => (at === 6 ? { ...layer } : layer)),
})
tell(
  'ten layers in three areas, one of them edited: films, rules and dates',
  median(() => assess(withEdit(ten), findInLibrary, solved), 151),
  4,
  'ms',
)

measureJudging(ten, median, tell)

const eight = Array.from({ length: 8 }, (_, at) => ({
  thicknessUm: [15, 60, 80, 300, 70, 40, 30, 25][at]!,
  rate: [2, 1.3, 0.7, 0.65, 0.9, 0.8, 1.1, 0.9][at]!,
  q: 0.55,
  appliedDay: at * 12,
}))
tell(
  'eight-layer stack: full cure solve over 1500 days',
  median(() => solveToHorizon(eight)),
  150,
  'ms',
)
const beside = await besideC()
if (beside)
  tell('the same solve, beside the same loop in C (bench/cure.c)', beside.ours / beside.inC, 3, 'times')
else console.log('No C compiler here: the solve is not held beside bench/cure.c.')
tell(
  'one layer: forecast from the table',
  1000 * median(() => stateDaysFromTable({ thicknessUm: 83, rate: 0.74 }), 15, 20000),
  5,
  'µs',
)
tell(
  '10,000 sampled forecasts',
  median(() => {
    const random = seeded(1)
    const forecast = forecastOf(stateDaysFromTable({ thicknessUm: 83, rate: 0.74 }), 83)
    let sum = 0
    for (let draw = 0; draw < 10000; draw++) sum += daysAtChance(forecast, 'firm', 0.001 + 0.998 * random())!
    return sum
  }),
  50,
  'ms',
)
const tallest = Array.from({ length: 60 }, (_, at) => ({
  thicknessUm: 20000,
  rate: at % 2 ? 50 : 0.001,
  q: at % 2 ? 0.02 : 1,
  appliedDay: at * 120,
}))
tell(
  'the heaviest body the server takes: 60 layers of 2 cm, 7300 days',
  median(() => solveCure(tallest, 7300), 3),
  2000,
  'ms',
)

const nested = (id: string) =>
  ({
    harbour: { name: 'Harbour', recipe: { lines: mediums[0]!.recipe.lines } },
    morning: { name: 'Morning', recipe: mediums[1]!.recipe },
  })[id]
const twelve: Recipe = {
  lines: [
    ...library
      .filter(({ family }) => family === 'oil')
      .slice(0, 10)
      .map(({ id }) => ({ material: id, amount: 3, unit: 'g' as const })),
    { medium: 'harbour', amount: 10, unit: 'ml' },
    { medium: 'morning', amount: 10, unit: 'ml' },
  ],
}
const medium = analyseMedium(twelve, findInLibrary, nested)
if (!medium.ok) throw new Error(medium.problems[0]!.message)
tell(
  'medium of twelve lines, two of them mediums: full analysis',
  median(() => analyseMedium(twelve, findInLibrary, nested), 15, 200),
  0.5,
  'ms',
)
const tube = tubeIngredients(
  { pigments: [{ pigment: 'pw6_rutile', share: 1 }], oil: 'walnut' },
  findInLibrary,
)
const paint = sideOf(tube.ok ? tube.ingredients : [])
const twelveHeaps = library
  .filter(({ family, oilAbsorption }) => family === 'pigment' && oilAbsorption)
  .slice(0, 12)
  .map(({ id }, at) => ({
    paints: [{ pigments: [{ pigment: id, share: 1 }], oil: 'linseed_alkali_refined', parts: 1 }],
    amount: { ml: 2 + at },
  }))
tell(
  'a palette of 12 heaps to equal fatness',
  median(
    () => {
      const conditioning = { medium: medium.medium.ingredients, by: { fatness: 1.6 } }
      return twelveHeaps.map((heap) => dosed(heap, conditioning, findInLibrary))
    },
    15,
    50,
  ),
  1,
  'ms',
)
const checks = manyChecks(5000)
tell(
  'learning from 5,000 checks',
  median(() => learning(checks), 5, 1),
  200,
  'ms',
)
const [sixty, sixHundred] = [manyPaintings(60), manyPaintings(600)]
tell(
  'the chance of 60 paintings’ dates, 2,000 draws, hours shared',
  median(() => chancesOf(sixty), 3, 1),
  300,
  'ms',
)
tell(
  'the chance of 600 paintings’ dates, 2,000 draws, hours shared',
  median(() => chancesOf(sixHundred), 3, 1),
  2000,
  'ms',
)
tell(
  'a drag on Horizon: the painting’s dates, and its chance before and after',
  median(() => dragged(sixty[0]!), 15, 5),
  16,
  'ms',
)
const tubesFound = Array.from({ length: 3000 }, (_, at) => {
  const pigments = library.filter(({ family }) => family === 'pigment')
  const pigment = pigments[at % pigments.length]!
  const facts = tubeFacts({ pigments: [{ pigment: pigment.id, share: 1 }], oil: 'walnut' }, findInLibrary)!
  return tubeFound(`${pigment.name} ${at}`, facts)
})
tell(
  '3,000 tubes: filtering by words',
  median(() => findIn(tubesFound, 'transparent, fast, no cadmium'), 15, 10),
  16,
  'ms',
)
tell(
  'dose curve of 101 points, with its largest dose',
  median(
    () => {
      const side = sideOf(medium.medium.ingredients)
      return [
        evenDoses().map((dose) => doseAt(paint, side, dose)),
        largestDose(paint, medium.medium.ingredients, practiceCaps(noPractice)),
      ]
    },
    15,
    20,
  ),
  5,
  'ms',
)
const forty = library.filter(({ family }) => family !== 'pigment').slice(0, 40)
const solver = linearSolver(await highs())
const wishes: readonly Wish[] = [
  { kind: 'most', what: 'resin', of: 'binder-mass', share: 0.03 },
  { kind: 'most', what: 'wax', of: 'binder-mass', share: 0.02 },
  { kind: 'most', what: 'solubles', of: 'binder-mass', share: 0.04 },
  { kind: 'solvent', most: 0.2 },
  { kind: 'body', body: 'flowing' },
  { kind: 'speed', least: 0.9 },
]
tell(
  'design over 40 materials',
  median(() =>
    design(wishes, { materials: forty, paint, dose: 0.25 }, nearOf(forty, medium.medium.ingredients), solver),
  ),
  100,
  'ms',
)
const tall = Array.from({ length: 2000 }, (_, at) =>
  indexed({ ...library[at % library.length]!, id: `m${at}` }, 'Oils'),
)
tell(
  'a shelf of 2,000 materials: filtering by words',
  median(() => findIn(tall, 'fast, pale, no solvent'), 15, 10),
  16,
  'ms',
)

const twentyLines = Array.from({ length: 20 }, (_, at) => ({ material: library[at]!.id, grams: 5 + at }))
const pours = twentyLines.map(({ material, grams }, at) => ({
  material,
  grams: at === 7 ? grams * 1.4 : grams / 2,
}))
tell(
  'batch of twenty lines: recomputed after an overpour',
  median(() => [weighingsOf(twentyLines, pours), repairOf(twentyLines, pours)], 15, 500),
  1,
  'ms',
)

const began = performance.now()
const server = await startServer({ demo: true })
const withDemo = performance.now() - began
await server.kill()
const again = performance.now()
const scale = await ownScale()
const running = await startServer({ folder: server.folder, scale: scale.address })
tell('server start on the painter’s data, to its first answer', performance.now() - again, 1000, 'ms')
console.log(`(the first start with the demo studio loaded took ${withDemo.toFixed(0)} ms)`)

const browser = await chromium.launch(chromiumOptions)
for (const path of [
  '/',
  '/paintings',
  '/paintings/glasshouse',
  '/paintings/clock-mender/palette',
  '/paintings/quince/surface',
  '/paintings/ferry-steps/finish',
  '/paintings/salt-pans/record',
  '/mediums',
  '/mediums/harbour-glaze',
  '/mediums/design',
  '/shelf',
  '/shelf/paints',
  '/batches',
  '/batches/glaze-1',
  '/studio',
  '/rescue?painting=quince',
  '/horizon',
  '/tests',
  '/room',
  '/room/air',
  '/room/evening',
  '/room/inside',
  '/varnish',
  '/promise?painting=clock-mender',
]) {
  const times: number[] = []
  const { bytes: needed } = weightOf(await (await fetch(running.url + path)).text())
  let whole = 0
  for (let run = 0; run < 8; run++) {
    const page = await browser.newPage({ locale: 'en-GB', viewport: { width: 1280, height: 800 } })
    const scripts: Promise<number>[] = []
    // The first run is only weighed: weighing takes time of its own.
    if (run === 0)
      page.on('response', (response) => {
        if (/javascript/.test(response.headers()['content-type'] ?? ''))
          scripts.push(
            response
              .body()
              .then((body) => gzipSync(body).length)
              .catch(() => 0),
          )
      })
    const start = performance.now()
    await page.goto(running.url + path, { waitUntil: 'domcontentloaded' })
    await page.waitForFunction(() => !document.querySelector('astro-island[ssr]'), undefined, { polling: 20 })
    times.push(performance.now() - start)
    await page.waitForLoadState('networkidle')
    if (run === 0) whole = (await Promise.all(scripts)).reduce((total, one) => total + one, 0)
    await page.close()
  }
  tell(`${path}: interactive`, times.slice(1).sort((a, b) => a - b)[3]!, 1000, 'ms')
  tell(`${path}: JavaScript until it answers, gzipped`, needed / 1000, mostKbOf(path), 'kB')
  const later = ((whole - needed) / 1000).toFixed(0)
  console.log(`(and ${later} kB later: choosers, boxes, dragging, the chart, the worker)`)
}
await measureEditing(tell, browser, running)
tell('a reading of the scale: from the scale to the screen', await readingDelay(), 100, 'ms')
await browser.close()
await running.kill()
scale.close()
await measureLongLife(tell)
process.exitCode = rows.every(({ kept }) => kept) ? 0 : 1

/** A scale of our own, that says what it is told when it is told. */
async function ownScale() {
  const sockets = new Set<Socket>()
  const listening = createServer((socket) => {
    sockets.add(socket)
    socket.on('error', () => undefined)
    socket.on('close', () => sockets.delete(socket))
    socket.write('W 0.00 S\n')
  }).listen(0, '127.0.0.1')
  await once(listening, 'listening')
  return {
    address: `127.0.0.1:${(listening.address() as AddressInfo).port}`,
    say: (grams: string) => sockets.forEach((socket) => socket.write(`W ${grams} S\n`)),
    close: () => {
      sockets.forEach((socket) => socket.destroy())
      listening.close()
    },
  }
}

/** Median ms from the moment the scale says a weight to the frame in which it stands on the page. */
async function readingDelay(): Promise<number> {
  const begun = await fetch(`${running.url}/api/batches`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ mediumId: 'harbour-glaze', by: { kind: 'volume', ml: 180 } }),
  })
  const { id } = (await begun.json()) as { id: string }
  const page = await browser.newPage({ locale: 'en-GB', viewport: { width: 820, height: 1180 } })
  await page.goto(`${running.url}/batches/${id}#weigh`)
  await page.waitForSelector('[data-settled]')
  const delays: number[] = []
  for (let run = 0; run < 15; run++) {
    const grams = (10 + run).toFixed(2)
    const seen = page.waitForFunction(
      (wanted) => document.querySelector('[data-settled]')?.textContent?.startsWith(wanted) && Date.now(),
      grams,
      {
        polling: 'raf',
      },
    )
    await new Promise((resolve) => setTimeout(resolve, 60))
    const said = Date.now()
    scale.say(grams)
    delays.push(Number(await (await seen).jsonValue()) - said)
  }
  await page.close()
  return delays.sort((a, b) => a - b)[7]!
}
