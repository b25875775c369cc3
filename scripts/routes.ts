/** Writes src/ui/routes.ts: the types of every route, from the endpoint files. A test holds the two together. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'

const root = new URL('../src/pages/api/', import.meta.url)
const methods = ['GET', 'PUT', 'POST', 'DELETE']

const files = (readdirSync(root, { recursive: true }) as string[])
  .filter(
    (file) =>
      file.endsWith('.ts') && !/(^|\/)_/.test(file) && !file.includes('...') && file !== 'openapi.json.ts',
  )
  .sort()

const pathOf = (file: string): string =>
  `/api/${file
    .replace(/\.ts$/, '')
    .replace(/(^|\/)index$/, '')
    .replace(/\[(\w+)\]/g, '{$1}')}`

const modules = files.map((file, at) => {
  const source = readFileSync(new URL(file.replace(/\[/g, '%5B').replace(/\]/g, '%5D'), root), 'utf8')
  const exported = methods.filter((method) => new RegExp(`^export const ${method} =`, 'm').test(source))
  return { file, name: `r${at}`, path: pathOf(file), methods: exported }
})

export const routesSource = `// Generated from src/pages/api by scripts/routes.ts. Do not edit: run \`npm run routes\`.
${modules.map(({ file, name }) => `import type * as ${name} from '../pages/api/${file}'`).join('\n')}

export interface Routes {
${modules
  .flatMap(({ name, path, methods: all }) =>
    all.map((method) => `  '${method} ${path}': typeof ${name}.${method}`),
  )
  .join('\n')}
}
`

if (process.argv[1]?.endsWith('routes.ts'))
  writeFileSync(new URL('../src/ui/routes.ts', import.meta.url), routesSource)
