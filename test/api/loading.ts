import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'

/** What a page has to load before it answers: its scripts, and what those import without waiting to be asked. */

const client = join(process.cwd(), 'dist', 'client')

/** The pages of a painting judge it at every stroke, with every rule: they may weigh more than the others, kB. */
export const mostKbOf = (path: string): number => (path.startsWith('/paintings/') ? 190 : 165)

export interface Weight {
  /** Bytes, gzipped. */
  readonly bytes: number
  readonly files: readonly (readonly [name: string, bytes: number])[]
}

export function weightOf(html: string): Weight {
  const named = [...html.matchAll(/(?:component-url|renderer-url|src)="(\/_astro\/[^"]+\.js)"/g)].map(
    ([, url]) => url!,
  )
  const found = new Map<string, number>()
  const follow = (url: string): void => {
    if (found.has(url)) return
    const source = readFileSync(join(client, url), 'utf8')
    found.set(url, gzipSync(source).length)
    for (const next of importsOf(source)) follow(`/_astro/${next}`)
  }
  named.forEach(follow)
  const files = [...found].sort(([, a], [, b]) => b - a)
  return { bytes: files.reduce((sum, [, bytes]) => sum + bytes, 0), files }
}

/** Static imports of a built file; `import()` is asked for later and does not count. */
const importsOf = (source: string): readonly string[] =>
  [...source.matchAll(/(?:\bfrom|\bimport)\s*["']\.\/([^"']+\.js)["']/g)].map(([, name]) => name!)
