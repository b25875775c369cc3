import type { Readable } from 'node:stream'
import { JSONParser } from '@streamparser/json'
import type { Kind } from '../../document/kinds.ts'
import {
  documentFormat,
  documentLists,
  documentVersion,
  listNames,
  readDocumentBody,
} from '../../document/studioDocument.ts'
import type { DocumentThing, ListName } from '../../document/studioDocument.ts'
import { Invalid } from '../computing/compute.ts'
import type { Issue } from '../computing/compute.ts'
import { refused } from '../refused.ts'

const mostFaults = 50

/** One value as it comes out of the file, and where it stood. */
interface Found {
  readonly list: ListName | 'settings'
  readonly at: number
  readonly value: unknown
}

/**
 * The things of a document, one by one as the file is read: only a few are in memory at a time. Throws at its end, with
 * every fault by list and number, when any body cannot be read; refuses what is no studio, is cut off, or is newer.
 */
export async function* thingsIn(document: Readable): AsyncGenerator<DocumentThing> {
  const faults: Issue[] = []
  const seen = new Set<string>()
  for await (const { list, at, value, version } of valuesIn(document)) {
    const kind: Kind = list === 'settings' ? 'setting' : documentLists[list]
    const read = readDocumentBody(kind, value, version)
    const path = list === 'settings' ? [list] : [list, at]
    if (!read.ok) faults.push({ path, message: `${path.join(' ')}: ${read.why}` })
    else if (seen.has(`${kind}/${read.body.id}`))
      faults.push({ path, message: `${path.join(' ')}: another one has the id "${read.body.id}" already.` })
    else yield { kind, id: read.body.id, body: read.body }
    if (read.ok) seen.add(`${kind}/${read.body.id}`)
    if (faults.length === mostFaults) break
  }
  if (faults.length > 0) throw new Invalid(faults)
}

async function* valuesIn(document: Readable): AsyncGenerator<Found & { readonly version: number }> {
  const head = new Map<string, unknown>()
  let found: Found[] = []
  const parser = new JSONParser({
    paths: ['$.format', '$.version', '$.settings', ...listNames.map((list) => `$.${list}.*`)],
    keepStack: false,
  })
  parser.onValue = (one) => {
    const value = foundIn(one)
    if (value) found.push(value)
    else head.set(String(one.key), one.value)
  }
  parser.onError = (error) => {
    throw refused(`This is no studio file that can be read: ${error.message}`)
  }
  for await (const chunk of document) {
    parser.write(chunk as Uint8Array)
    const values = found
    found = []
    if (values.length > 0) {
      const version = versionOf(head)
      for (const value of values) yield { ...value, version }
    }
  }
  versionOf(head)
  if (!parser.isEnded)
    throw refused('The file ends in the middle of the studio. Take it out again, and bring that file.')
}

type Parsed = Parameters<JSONParser['onValue']>[0]

function foundIn({ key, value, stack }: Parsed): Found | null {
  const list = stack[1]?.key
  if (list !== undefined) return { list: list as ListName, at: Number(key) + 1, value }
  return key === 'settings' ? { list: 'settings', at: 0, value } : null
}

/** Its version, which stands before everything in it. Refused where it is none that this program reads. */
function versionOf(head: ReadonlyMap<string, unknown>): number {
  if (head.get('format') !== documentFormat)
    throw refused(`This is no studio of Grelta: it does not begin with "format": "${documentFormat}".`)
  const version = head.get('version')
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    throw refused('The file does not say which version of a studio it is. Take it out again.')
  if (version > documentVersion)
    throw refused(
      'This studio was taken out of a newer Grelta, and an older one would lose what is new in it. Nothing was changed. Bring it into the newer program.',
    )
  return version
}
