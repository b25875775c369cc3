// Runs everything: types, lint, format, boundaries, unused packages, unit and API tests, browser tests. Ends with a line of counts.
import { execSync, spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

execSync('node scripts/prepare.mjs --browser', { stdio: 'inherit' })

let passed = 0
let failed = 0
const bin = (name) => join('node_modules', '.bin', name)

/** Runs a command to its end; what it says is shown as it comes, or all at once when others run beside it. */
function step(title, command, args, { env = {}, beside = false } = {}) {
  const began = Date.now()
  if (!beside) console.log(`\n== ${title}`)
  const child = spawn(command, args, {
    stdio: beside ? 'pipe' : 'inherit',
    env: { ...process.env, ...env },
  })
  const said = []
  child.stdout?.on('data', (chunk) => said.push(chunk))
  child.stderr?.on('data', (chunk) => said.push(chunk))
  return new Promise((resolve) => {
    child.once('close', (status) => {
      if (beside) console.log(`\n== ${title}\n${Buffer.concat(said).toString()}`)
      const seconds = ((Date.now() - began) / 1000).toFixed(0)
      console.log(`== ${title}: ${status === 0 ? 'passed' : 'failed'} in ${seconds} s`)
      resolve(status === 0)
    })
  })
}

/** Checks that pass or fail as a whole, one after the other. */
async function checks(list, options) {
  for (const [title, command, ...args] of list)
    if (await step(title, command, args, options)) passed++
    else failed++
}

/** A suite that counts its own tests in a file, named to it by a variable. */
async function suite(title, command, args, variable, counts) {
  const file = join(tmpdir(), `grelta-${variable}-${process.pid}.json`)
  const ok = await step(title, command, args, { env: { [variable]: file } })
  try {
    const [good, bad] = counts(JSON.parse(readFileSync(file, 'utf8')))
    passed += good
    failed += bad
    if (!ok && bad === 0) failed++
  } catch {
    failed++
  }
}

/** Every package from the registry, over https, and the very one that was locked. */
const lockFile = ['--path', 'package-lock.json', '--type', 'npm']
lockFile.push('--validate-https', '--validate-integrity', '--allowed-hosts', 'npm')

/** What may be shipped with a program that is not given away in source; the image library is linked, not copied. */
const licences = [
  ...['MIT', 'MIT*', 'ISC', 'Apache-2.0', 'BSD-2-Clause', 'BSD-3-Clause', '0BSD', 'BlueOak-1.0.0', 'CC0-1.0'],
  ...['Python-2.0', 'OFL-1.1', 'MPL-2.0', 'CC-BY-4.0', 'LGPL-3.0-or-later', 'UNLICENSED'],
].join(';')

// One lane a core of the machines this runs on, as long as each other; what writes to .astro is in one of them.
const beside = { beside: true }
await Promise.all([
  checks(
    [
      ['lint and types', bin('eslint'), '.'],
      ['format', bin('prettier'), '--check', '--log-level', 'warn', '.'],
      ['boundaries', bin('depcruise'), 'src', '--config', '.dependency-cruiser.cjs', '--output-type', 'err'],
      ['nothing unused', bin('knip'), '--no-progress', '--no-config-hints'],
    ],
    beside,
  ),
  checks(
    [
      ['SQLite', 'node', 'scripts/compile.mjs'],
      ['core types', bin('tsc'), '-p', 'src/core'],
      ['types of pages', bin('astro'), 'check', '--tsconfig', 'tsconfig.pages.json'],
      ['build', 'npm', 'run', '--silent', 'build'],
      ['lock file', bin('lockfile-lint'), ...lockFile],
      ['licences', bin('license-checker-rseidelsohn'), '--production', '--onlyAllow', licences],
    ],
    beside,
  ),
])

// Filled once for every test that wants a demo studio; each has its own copy (test/server.ts).
const filled = mkdtempSync(join(tmpdir(), 'grelta-filled-'))
process.on('exit', () => rmSync(filled, { recursive: true }))
process.env.GRELTA_FILLED = filled
await checks([['demo studio', 'node', 'dist/server/apart/loadDemo.mjs']], { env: { GRELTA_DATA: filled } })

await suite(
  'unit and API tests',
  bin('mocha'),
  ['--parallel', '--jobs', '2', '--reporter', './test/reporter.cjs'],
  'UNIT_REPORT',
  ({ passes, failures }) => [passes, failures],
)
await suite('browser tests', bin('playwright'), ['test'], 'PLAYWRIGHT_JSON_OUTPUT_NAME', ({ stats }) => [
  stats.expected,
  stats.unexpected + stats.flaky,
])

console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
