import { openApiOf } from '../../document/openapi.ts'
import type { DeclaredRoute } from '../../document/openapi.ts'
import { json } from './_answers.ts'

const methods = ['GET', 'PUT', 'POST', 'DELETE'] as const

/** Every endpoint file, by its path under this folder. */
const files = import.meta.glob<Record<string, unknown>>(['./**/*.ts', '!./**/_*.ts', '!./openapi.json.ts'], {
  eager: true,
})

/** A file's place is its address: `./batches/[id]/index.ts` is /api/batches/{id}. */
const pathOf = (file: string): string =>
  `/api${file
    .slice(1)
    .replace(/(\/index)?\.ts$/, '')
    .replace(/\[(\w+)\]/g, '{$1}')}`

const hasDeclaration = (endpoint: unknown): endpoint is { readonly declared: DeclaredRoute['declared'] } =>
  typeof endpoint === 'function' && 'declared' in endpoint

const routes = Object.entries(files).flatMap(([file, endpoints]) =>
  methods.flatMap((method): DeclaredRoute[] => {
    const endpoint = endpoints[method]
    return hasDeclaration(endpoint) ? [{ method, path: pathOf(file), declared: endpoint.declared }] : []
  }),
)

/** Collected from the declarations beside the handlers; nothing is listed here by hand. */
export const GET = (): Response => json(openApiOf(routes))
