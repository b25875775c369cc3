// Runs everything: types, lint, format, boundaries, generated files, unit and API tests, browser tests. Ends with a line of counts.
import { execSync, spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

execSync('node scripts/prepare.mjs --browser', { stdio: 'inherit' })

let passed = 0
let failed = 0
const bin = (name) => join('node_modules', '.bin', name)

function step(title, command, args, env = {}) {
  const began = Date.now()
  console.log(`\n== ${title}`)
  const { status } = spawnSync(command, args, { stdio: 'inherit', env: { ...process.env, ...env } })
  console.log(`== ${title}: ${status === 0 ? 'passed' : 'failed'} in ${((Date.now() - began) / 1000).toFixed(0)} s`)
  return status === 0
}

/** A check that passes or fails as a whole. */
const check = (...args) => (step(...args) ? passed++ : failed++)

/** A suite that counts its own tests in a file. */
function suite(title, command, args, file, counts, env = {}) {
  const ok = step(title, command, args, env)
  try {
    const [good, bad] = counts(JSON.parse(readFileSync(file, 'utf8')))
    passed += good
    failed += bad
    if (!ok && bad === 0) failed++
  } catch {
    failed++
  }
}

check('core types', bin('tsc'), ['-p', 'src/core'])
check('types', bin('astro'), ['check', '--minimumFailingSeverity', 'error'])
check('lint', bin('eslint'), ['.'])
check('format', bin('prettier'), ['--check', '--log-level', 'warn', '.'])
check('boundaries', bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs', '--output-type', 'err'])
check('build', bin('astro'), ['build'])

const units = join(tmpdir(), `grelta-unit-${process.pid}.json`)
suite('unit and API tests', bin('mocha'), ['--reporter', './test/reporter.cjs'], units, ({ passes, failures }) => [passes, failures], { UNIT_REPORT: units })
const browser = join(tmpdir(), `grelta-browser-${process.pid}.json`)
suite('browser tests', bin('playwright'), ['test'], browser, ({ stats }) => [stats.expected, stats.unexpected + stats.flaky], {
  PLAYWRIGHT_JSON_OUTPUT_NAME: browser,
})

console.log(`\n${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
