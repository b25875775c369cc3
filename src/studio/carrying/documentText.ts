import { kinds, readStored } from '../../document/kinds.ts'
import type { Kind } from '../../document/kinds.ts'
import { settingsId } from '../../document/settingsId.ts'
import { defaultSettings } from '../../document/studio.ts'
import {
  documentFormat,
  documentLists,
  documentVersion,
  listNames,
  settingsThing,
} from '../../document/studioDocument.ts'
import type { Trx } from '../../store/database.ts'
import { countOf, find, rowsOf } from '../../store/records.ts'
import type { Row } from '../../store/records.ts'
import type { Tell } from '../jobs.ts'

interface Unread extends Pick<Row, 'id' | 'version'> {
  readonly kind: Kind
  readonly stored: string
}

const everySoOften = 200

/**
 * The whole studio as a document, in pieces of text: a thing a line, each list by id, every body in today's form. What
 * cannot be read goes along under `aside` as it is stored. One transaction, so that it is one moment of the studio.
 */
export async function* documentText(trx: Trx, tell: Tell): AsyncGenerator<string> {
  const counts = await Promise.all(listNames.map((list) => countOf(trx, documentLists[list])))
  const all = counts.reduce((sum, count) => sum + count, 0)
  const aside: Unread[] = []
  let done = 0
  const settings = settingsThing((await find(trx, 'setting', settingsId)) ?? defaultSettings)
  const { id: _id, ...told } = kinds.setting.schema.parse(settings.body)
  yield `{"format":"${documentFormat}","version":${documentVersion},\n"settings":${JSON.stringify(told)}`
  for (const list of listNames) {
    const kind = documentLists[list]
    yield `,\n"${list}":[`
    let between = '\n'
    for await (const row of rowsOf(trx, kind)) {
      const read = readStored(kind, row.body, row.version)
      if (read.ok) {
        yield between + JSON.stringify(read.body)
        between = ',\n'
      } else aside.push({ kind, id: row.id, version: row.version, stored: row.body })
      if (++done % everySoOften === 0) tell(done, all)
    }
    yield between === '\n' ? ']' : '\n]'
  }
  if (aside.length > 0) yield `,\n"aside":${JSON.stringify(aside)}`
  yield '}\n'
  tell(all, all)
}
