// Fetches or compiles SQLite for this machine's Node.js, where it is not there yet: two minutes on a slow machine.
import { execSync } from 'node:child_process'
import { existsSync } from 'node:fs'

if (!existsSync('node_modules/better-sqlite3/build/Release/better_sqlite3.node'))
  execSync('npm rebuild --no-audit --no-fund better-sqlite3', {
    stdio: 'inherit',
    env: { ...process.env, JOBS: 'max' },
  })
