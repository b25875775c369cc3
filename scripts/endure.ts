/** Power cuts and hostile bodies by the thousand. `npm run endure [-- SEED]`; build first. It takes over an hour. */
import fc from 'fast-check'
import { fuzzed, requestsOver, routesIn } from '../test/api/fuzzBodies.ts'
import { cutWhileWriting, killWhileOpening, killWhileWriting } from '../test/api/kills.ts'
import { startServer } from '../test/server.ts'
import { spentBy } from './spent.ts'

const older = new URL('../test/stored/0003-batches.sqlite', import.meta.url)
const seed = Number(process.argv[2] ?? Date.now() % 1e6)
console.log(`seed ${seed}`)

/** A few hundred requests at a time: drawing all of them first would keep the server waiting for a minute. */
function* someAtATime(count: number) {
  for (let drawn = 0; drawn < count; drawn += 500)
    yield* fc.sample(requestsOver(routes), { numRuns: 500, seed: seed + drawn })
}

const toll = await killWhileWriting(440, seed)
console.log(`${toll.kills} kills while writing: ${toll.acknowledged} acknowledged, ${toll.lost.length} lost`)
const faults = [...(await killWhileOpening(30, seed, null)), ...(await killWhileOpening(30, seed, older))]
console.log(`60 kills while opening: ${faults.length} left a studio that is not whole`, ...faults)

const { lost, gaps } = await cutWhileWriting(100, seed)
console.log(`100 power cuts: ${lost.length} lost, ${gaps.length} out of order`)

const server = await startServer({ demo: true, isMeasured: true })
const routes = routesIn(await (await fetch(`${server.url}/api/openapi.json`)).json())
const statuses = new Map<number, number>()
const mostMs = 2000
let slowest = { ms: 0, asked: '' }
let tooLong = 0
let whileHeldUp = 0
let failed = 0
let sent = 0
for (const request of someAtATime(100_000)) {
  if (++sent % 5000 === 0) console.log(`${sent} bodies, ${failed} answers of 5xx so far`)
  const before = spentBy(server.pid)
  const { status, ms, answer } = await fuzzed(server.url, request).catch((error: unknown) => {
    console.log(server.said())
    console.log('the server fell at', JSON.stringify(request).slice(0, 2000))
    throw error
  })
  statuses.set(status, (statuses.get(status) ?? 0) + 1)
  const asked = `${request.method} ${request.path}`
  if (ms > slowest.ms) slowest = { ms, asked }
  if (ms > mostMs) {
    const { workedMs, heldUpMs } = spentBy(server.pid)
    const heldUp = heldUpMs - before.heldUpMs
    // What the machine was kept from is no fault of the program; both counts are told.
    if (ms - heldUp > mostMs) tooLong++
    else whileHeldUp++
    console.log(`${ms.toFixed(0)} ms: ${asked}`, JSON.stringify(request.body)?.slice(0, 300))
    console.log(
      `  the program worked ${workedMs - before.workedMs} ms of it, the machine was held up for ${heldUp} ms`,
    )
  }
  if (status >= 500) {
    failed++
    console.log(status, asked, JSON.stringify(request.body), answer.slice(0, 300))
  }
}
await server.kill()
console.log(`100,000 bodies over ${routes.length} routes:`, Object.fromEntries([...statuses].sort()))
console.log(
  `slowest ${slowest.ms.toFixed(0)} ms: ${slowest.asked}; ${failed} of 5xx;`,
  `${tooLong} over ${mostMs} ms, and ${whileHeldUp} more with the time the machine was held up`,
)
const faulty = toll.lost.length + faults.length + lost.length + gaps.length + tooLong + failed
process.exit(faulty > 0 ? 1 : 0)
