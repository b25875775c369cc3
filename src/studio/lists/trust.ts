import type { Database } from '../../store/database.ts'
import { countOf, list } from '../../store/records.ts'

/** What the studio knows by its own hands, which counts before the book: each with how often. */
export async function measuredHere(
  db: Database,
): Promise<readonly (readonly [what: string, count: number])[]> {
  const items = await list(db, 'shelf_item')
  const tubes = await list(db, 'tube')
  const swatches = await list(db, 'swatch')
  const fingers = swatches.reduce((sum, one) => sum + one.fingers.length, 0)
  return [
    ['densities of your own lots', items.filter(({ densityGPerMl }) => densityGPerMl !== null).length],
    ['droppers counted', items.filter(({ dropper }) => dropper.length > 0).length],
    ['tubes whose squeeze was weighed', tubes.filter(({ squeezes }) => squeezes.length > 0).length],
    ['drying tests of tubes', tubes.reduce((sum, { dryingTests }) => sum + dryingTests.length, 0)],
    ['checks on pictures', await countOf(db, 'touch_test')],
    ['checks on swatches', fingers],
  ]
}
