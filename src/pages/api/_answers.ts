import { asFigure } from '../../writing/reader.ts'
import { withDecimalComma } from '../../studio/csv/csv.ts'

/** The forms every answer of the HTTP interface takes. */

const headers = { 'content-type': 'application/json; charset=utf-8', 'cache-control': 'no-store' }

export const json = (value: unknown, status = 200): Response =>
  new Response(JSON.stringify(value), { status, headers })

export interface Problem {
  readonly path: string
  readonly message: string
}

/** A refusal: a code for programs, a sentence for people, and where in the body each fault lies. */
export const problem = (
  status: number,
  code: string,
  message: string,
  issues: readonly Problem[] = [],
  more: object = {},
): Response => json({ error: { code, message, issues, ...more } }, status)

const file = (content: BodyInit, type: string, disposition: string): Response =>
  new Response(content, {
    headers: { 'content-type': type, 'content-disposition': disposition, 'cache-control': 'no-store' },
  })

export const pdf = (content: Uint8Array, name: string): Response =>
  file(Buffer.from(content), 'application/pdf', `inline; filename="${name}"`)

export const download = (content: string, type: string, name: string): Response =>
  file(content, `${type}; charset=utf-8`, `attachment; filename="${name}"`)

/** A list, with the decimal sign that is asked for, ?decimal=comma or point, or else its reader's. */
export function csvDownload(csv: string, name: string, url: URL): Response {
  const asked = url.searchParams.get('decimal')
  const isComma = asked === 'comma' || (asked === null && asFigure('0.5') === '0,5')
  return download(isComma ? withDecimalComma(csv) : csv, 'text/csv', name)
}
