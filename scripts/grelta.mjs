#!/usr/bin/env node
// `grelta` on the command line; what it does is in src/command.
import { existsSync } from 'node:fs'

const program = new URL('../dist/server/apart/grelta.mjs', import.meta.url)
if (existsSync(program)) await import(program.href)
else {
  console.error('The program is not built yet. Run: npm run build')
  process.exitCode = 1
}
