import { once } from 'node:events'
import { createServer } from 'node:net'
import type { AddressInfo, Socket } from 'node:net'
import type { Browser } from '@playwright/test'
import type { Server } from '../test/server.ts'
import { middle } from './median.ts'

export type Scale = Awaited<ReturnType<typeof ownScale>>

/** A scale of our own, that says what it is told when it is told. */
export async function ownScale() {
  const sockets = new Set<Socket>()
  const listening = createServer((socket) => {
    sockets.add(socket)
    socket.on('error', () => undefined)
    socket.on('close', () => sockets.delete(socket))
    socket.write('W 0.00 S\n')
  }).listen(0, '127.0.0.1')
  await once(listening, 'listening')
  return {
    address: `127.0.0.1:${(listening.address() as AddressInfo).port}`,
    say: (grams: string) => sockets.forEach((socket) => socket.write(`W ${grams} S\n`)),
    close: () => {
      sockets.forEach((socket) => socket.destroy())
      listening.close()
    },
  }
}

/** Median ms from the moment the scale says a weight to the frame in which it stands on the page. */
export async function readingDelay(browser: Browser, running: Server, scale: Scale): Promise<number> {
  const begun = await fetch(`${running.url}/api/batches`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ mediumId: 'harbour-glaze', by: { kind: 'volume', ml: 180 } }),
  })
  const { id } = (await begun.json()) as { id: string }
  const page = await browser.newPage({ locale: 'en-GB', viewport: { width: 820, height: 1180 } })
  await page.goto(`${running.url}/batches/${id}#weigh`)
  await page.waitForSelector('[data-settled]')
  const delays: number[] = []
  for (let run = 0; run < 15; run++) {
    const grams = (10 + run).toFixed(2)
    const seen = page.waitForFunction(
      (wanted) => document.querySelector('[data-settled]')?.textContent?.startsWith(wanted) && Date.now(),
      grams,
      { polling: 'raf' },
    )
    await new Promise((resolve) => setTimeout(resolve, 60))
    const said = Date.now()
    scale.say(grams)
    delays.push(Number(await (await seen).jsonValue()) - said)
  }
  await page.close()
  return middle(delays)
}
