import { settingsId } from '../document/settingsId.ts'
import type { StudioDocument } from '../document/studio.ts'
import type { Wish } from '../store/history.ts'
import { anything } from '../store/records.ts'
import { commit } from './commit.ts'
import type { Write, Written } from './commit.ts'
import { refused } from './refused.ts'

/** Fills an empty studio from a document. Refused when it holds anything. */
export const loadDocument = (write: Write, document: StudioDocument): Promise<Written> =>
  commit(write, async (trx) => {
    if (await anything(trx))
      throw refused('This studio already holds work. A document is loaded into an empty one.')
    const { settings, shelf, tubes, batches, mediums, practices, paintings, layers, touchTests } = document
    const { swatches, trials, readings, reminders, closings } = document
    const all = <K extends Wish['kind']>(kind: K, bodies: readonly Wish<K>['body'][]): readonly Wish[] =>
      bodies.map((body) => ({ kind, id: body!.id, body }))
    return {
      what: 'Loaded a studio document',
      wishes: [
        { kind: 'setting', id: settingsId, body: { ...settings, id: settingsId } },
        ...all('shelf_item', shelf),
        ...all('tube', tubes),
        ...all('batch', batches),
        ...all('medium', mediums),
        ...all('practice', practices),
        ...all('painting', paintings),
        ...all('layer', layers),
        ...all('touch_test', touchTests),
        ...all('swatch', swatches),
        ...all('trial', trials),
        ...all('reading', readings),
        ...all('reminder', reminders),
        ...all('closing', closings),
      ],
    }
  })
