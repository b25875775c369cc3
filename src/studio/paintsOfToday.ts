import type { Brush } from '../document/brush.ts'
import { paintToday } from '../document/ownTube.ts'
import { tubesIn } from '../document/paints.ts'
import { findInStudio } from '../document/studioMaterials.ts'
import type { Trx } from '../store/database.ts'
import { listByIds } from '../store/records.ts'
import { lotsIn } from './tubeList.ts'

/** Paints with their tubes as they are at this moment; those of a tube that is gone as they were chosen. */
export async function paintsOfToday(trx: Trx, paints: Brush['paints']): Promise<Brush['paints']> {
  const tubes = await listByIds(trx, 'tube', tubesIn(paints))
  const findMaterial = findInStudio(await lotsIn(trx, tubes))
  return paints.map((paint) => paintToday(paint, tubes, findMaterial))
}
