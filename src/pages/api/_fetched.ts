import { passingOut } from '../../studio/carrying/passing.ts'
import { gone } from '../../studio/refused.ts'

/** Sends a file that is on its way out of the studio. */
export async function fetched(id: string, name: string): Promise<Response> {
  const out = await passingOut(id)
  if (!out) throw gone('file')
  const type = name.endsWith('.zip') ? 'application/zip' : 'application/json; charset=utf-8'
  return new Response(out.stream, {
    headers: {
      'content-type': type,
      'content-length': String(out.bytes),
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  })
}
