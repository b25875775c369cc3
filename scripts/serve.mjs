// Serves the built program: `node scripts/serve.mjs`, or with --demo on demo data in a folder of its own.
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { execSync, fork } from 'node:child_process'

const demo = process.argv.includes('--demo')
process.env.NODE_ENV ??= 'production'
process.env.HOST ??= '127.0.0.1'
process.env.PORT ??= '4870'
if (demo) process.env.GRELTA_DATA ??= join(process.cwd(), '.grelta', 'demo')
if (!['127.0.0.1', 'localhost', '::1'].includes(process.env.HOST) && !process.env.GRELTA_PASSPHRASE) {
  console.error(`Listening on ${process.env.HOST} lets other machines in. Set GRELTA_PASSPHRASE to a phrase of your own first.`)
  process.exit(1)
}
if (!existsSync('dist/server/entry.mjs')) {
  console.error('The program is not built yet. Run: npm run build')
  process.exit(1)
}
// The demo studio has a scale of its own; another is told by GRELTA_SCALE.
if (demo && !process.env.GRELTA_SCALE) {
  const port = process.env.GRELTA_SCALE_PORT ?? '4872'
  process.env.GRELTA_SCALE = `127.0.0.1:${port}`
  const scale = fork('scripts/scale.mjs', { stdio: 'ignore', env: { ...process.env, GRELTA_SCALE_PORT: port } })
  process.on('exit', () => scale.kill())
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => process.exit(0))
}
if (demo) execSync('node --import tsx scripts/loadDemo.ts', { stdio: 'inherit' })
await import(join(process.cwd(), 'dist/server/entry.mjs'))
// Opens the studio's file now, so that a problem with it is told here and not on the first page.
const address = `http://${process.env.HOST}:${process.env.PORT}`
const auth = process.env.GRELTA_PASSPHRASE ? { authorization: `Basic ${Buffer.from(`start:${process.env.GRELTA_PASSPHRASE}`).toString('base64')}` } : {}
const answer = await fetch(`${address}/api/health`, { headers: auth })
if (!answer.ok) {
  console.error('The studio could not be opened; the reason is above.')
  process.exit(1)
}
console.log(`Grelta is open at ${address}`)
