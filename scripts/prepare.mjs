// Installs what a fresh machine lacks: packages when they are missing or older than the lock file, Chromium when asked.
// No package's own script is run for it; what has to be compiled, scripts/compile.mjs compiles.
import { execSync } from 'node:child_process'
import { existsSync, statSync } from 'node:fs'

const run = (command) => execSync(command, { stdio: 'inherit' })

const installed = 'node_modules/.package-lock.json'
const stale = !existsSync(installed) || statSync(installed).mtimeMs < statSync('package-lock.json').mtimeMs
if (stale) {
  // A lock file only touched, not changed, by a checkout installs quickly from the cache.
  run('npm ci --no-audit --no-fund --ignore-scripts')
}
if (process.argv.includes('--browser') && !existsSync('/usr/bin/chromium'))
  run('apt-get update -q && apt-get install -y -q chromium')
