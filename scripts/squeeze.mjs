// Lays every script and style of the built pages compressed beside itself, so that it is not done anew for each page.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'

const folder = 'dist/client'
const brotli = { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }

for (const file of readdirSync(folder, { recursive: true })) {
  if (!/\.(js|css|svg)$/.test(file)) continue
  const path = join(folder, file)
  const whole = readFileSync(path)
  writeFileSync(`${path}.gz`, gzipSync(whole, { level: 9 }))
  writeFileSync(`${path}.br`, brotliCompressSync(whole, brotli))
}
