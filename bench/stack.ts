import { ternStreet } from '../demo/ternStreet.ts'
import { daysAtChance, forecastOf } from '../src/core/cure/forecast.ts'
import { solveCure } from '../src/core/cure/solver.ts'
import { stateDaysFromTable } from '../src/core/cure/table.ts'
import { findInLibrary } from '../src/core/materials/find.ts'
import { seeded } from '../src/core/seeded.ts'
import { solveToHorizon } from '../src/core/soundness/mismatch.ts'
import { assess } from '../src/document/judging/assess.ts'
import type { Picture } from '../src/document/picture/picture.ts'
import { solve } from '../src/document/dates/solve.ts'
import { besideC } from './against.ts'
import { eightFilms } from './eightFilms.ts'
import { measureJudging } from './judging.ts'
import { median } from './median.ts'
import { ms } from './report.ts'
import type { Tell } from './report.ts'

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

/** The first picture of the demo, its five layers once as painted and once as planned. */
function tenLayers(): Picture {
  const { layers, paintings, ...studio } = ternStreet('2026-11-24T09:00')
  const five = layers.filter(({ paintingId }) => paintingId === 'glasshouse')
  const layerAt = (at: number) => {
    const layer = five[at % 5]!
    const painted = at < 5 ? layer.painted && { ...layer.painted, areas: places[at]! } : null
    return { ...layer, id: `${layer.id}-${at}`, position: at, areas: places[at]!, painted }
  }
  return {
    painting: paintings[0]!,
    layers: places.map((_, at) => layerAt(at)),
    touchTests: studio.touchTests,
    mediums: studio.mediums,
    shelf: [],
    practices: [],
    settings: studio.settings,
    today: 20781.4,
  }
}

/** The picture after an edit of its seventh layer: what an edit changes is never remembered. */
const withEdit = (picture: Picture): Picture => ({
  ...picture,
  layers: picture.layers.map((layer, at) => (at === 6 ? { ...layer } : layer)),
})

/** The heaviest body the server takes. */
const tallest = Array.from({ length: 60 }, (_, at) => ({
  thicknessUm: 20000,
  rate: at % 2 ? 50 : 0.001,
  q: at % 2 ? 0.02 : 1,
  appliedDay: at * 120,
}))

function sampledForecasts(): number {
  const random = seeded(1)
  const forecast = forecastOf(stateDaysFromTable({ thicknessUm: 83, rate: 0.74 }), 83)
  let sum = 0
  for (let draw = 0; draw < 10_000; draw++) sum += daysAtChance(forecast, 'firm', 0.001 + 0.998 * random())!
  return sum
}

/** A stack: its films, rules, dates, mends and the solve of its drying. */
export async function measureStack(tell: Tell): Promise<void> {
  const ten = tenLayers()
  const solved = solve(ten, findInLibrary)!
  const edited = median(() => assess(withEdit(ten), findInLibrary, solved), 151)
  tell('ten layers in three areas, one of them edited: films, rules and dates', ms(edited, 4))
  measureJudging(ten, tell)

  const solving = median(() => solveToHorizon(eightFilms))
  tell('eight-layer stack: full cure solve over 1500 days', ms(solving, 150))
  const beside = await besideC()
  if (beside) {
    const value = beside.ours / beside.inC
    tell('the same solve, beside the same loop in C', { value, limit: 2, unit: 'times' })
  } else console.log('No C compiler here: the solve is not held beside bench/cure.c.')
  const heaviest = median(() => solveCure(tallest, 7300), 3)
  tell('the heaviest body the server takes: 60 layers of 2 cm, 7300 days', ms(heaviest, 2000))

  const fromTable = median(() => stateDaysFromTable({ thicknessUm: 83, rate: 0.74 }), 15, 20_000)
  tell('one layer: forecast from the table', { value: 1000 * fromTable, limit: 5, unit: 'µs' })
  tell('10,000 sampled forecasts', ms(median(sampledForecasts), 50))
}
