// Fetches or compiles SQLite, where this machine's Node.js cannot load it yet: two minutes on a slow machine.
import { execSync } from 'node:child_process'

try {
  const { default: SQLite } = await import('better-sqlite3')
  new SQLite(':memory:').close()
} catch {
  execSync('npm rebuild --no-audit --no-fund better-sqlite3', {
    stdio: 'inherit',
    env: { ...process.env, JOBS: 'max' },
  })
}
