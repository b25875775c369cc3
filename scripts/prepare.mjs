// Installs what a fresh machine lacks: packages when they are missing or older than the lock file, Chromium when asked.
// No package's own script is run for it; what has to be compiled, scripts/compile.mjs compiles.
import { spawn } from 'node:child_process'
import { existsSync, statSync } from 'node:fs'

/** Runs a command to its end; what it says is shown. */
const run = (command) =>
  new Promise((resolve) =>
    spawn(command, { shell: true, stdio: 'inherit' }).once('exit', (status) => {
      process.exitCode ||= status ?? 1
      resolve()
    }),
  )

const installed = 'node_modules/.package-lock.json'
const stale = !existsSync(installed) || statSync(installed).mtimeMs < statSync('package-lock.json').mtimeMs
const browser = 'chromium-headless-shell'
const browserMissing = process.argv.includes('--browser') && !existsSync(`/usr/bin/${browser}`)
await Promise.all([
  // A lock file only touched, not changed, by a checkout installs quickly from the cache.
  stale && run('npm ci --no-audit --no-fund --ignore-scripts'),
  // Where the whole of Chromium is there already, that does as well, a little slower (test/chromium.ts).
  browserMissing && run(`apt-get update -q && apt-get install -y -q ${browser} || test -x /usr/bin/chromium`),
])
