// Fetches or compiles SQLite, where this machine's Node.js cannot load it yet: a minute or two on a slow machine.
import { execSync } from 'node:child_process'

try {
  const { default: SQLite } = await import('better-sqlite3')
  new SQLite(':memory:').close()
} catch {
  execSync('npm rebuild --no-audit --no-fund better-sqlite3', {
    stdio: 'inherit',
    // Its own -O3 takes nearly twice as long to compile, and reads and writes nothing faster.
    env: { CFLAGS: '-O1', ...process.env, JOBS: 'max' },
  })
}
