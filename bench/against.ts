/** The cure solve as the program is built, beside the same loop in C: null where there is no C compiler. */
import { execFileSync, spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { build } from 'vite'

const here = (name: string): string => fileURLToPath(new URL(name, import.meta.url))

export interface Beside {
  /** ms per solve of eight films over 1500 days. */
  readonly ours: number
  readonly inC: number
}

export async function besideC(): Promise<Beside | null> {
  const folder = mkdtempSync(join(tmpdir(), 'grelta-bench-'))
  try {
    const program = join(folder, 'cure')
    const made = spawnSync('cc', ['-O2', '-o', program, here('cure.c'), '-lm'])
    if (made.status !== 0) return null
    await build({
      configFile: false,
      logLevel: 'error',
      build: {
        ssr: here('cure.ts'),
        outDir: folder,
        emptyOutDir: false,
        rollupOptions: { output: { entryFileNames: 'cure.mjs' } },
      },
    })
    const inC = (): number => Number(execFileSync(program, { encoding: 'utf8' }).split(' ')[0])
    const ours = (): number =>
      Number(execFileSync(process.execPath, [join(folder, 'cure.mjs')], { encoding: 'utf8' }))
    const rounds = Array.from({ length: 9 }, () => ({ ours: ours(), inC: inC() }))
    const least = (of: keyof Beside): number => Math.min(...rounds.map((round) => round[of]))
    return { ours: least('ours'), inC: least('inC') }
  } finally {
    rmSync(folder, { recursive: true })
  }
}
