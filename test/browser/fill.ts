import { rmSync } from 'node:fs'
import { startServer } from '../server.ts'

/** Before all browser tests: a demo studio judged and learnt from, so that every copy of it begins alike. */
export default async function fill(): Promise<() => void> {
  const { folder, stop, url } = await startServer({ demo: true })
  await judged(url)
  await stop()
  process.env['GRELTA_FILLED'] = folder
  return () => rmSync(folder, { recursive: true })
}

async function judged(url: string): Promise<void> {
  for (;;) {
    const { left } = (await (await fetch(`${url}/api/judging`)).json()) as { left: number }
    if (left === 0) return
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
}
