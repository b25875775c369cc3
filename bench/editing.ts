import type { Browser } from '@playwright/test'
import type { Server } from '../test/server.ts'
import { middle } from './median.ts'
import { ms } from './report.ts'
import type { Tell } from './report.ts'

const sliders = [
  ['a thickness', 'Drag how thick it is laid on'],
  ['a medium', 'Drag how much medium it holds'],
  ['the day', 'The section on another day'],
] as const

/** The longest picture of the demo, while it is worked on: three areas, 14 events. */
export async function measureEditing(tell: Tell, browser: Browser, server: Server): Promise<void> {
  const what = 'three areas, 14 events'
  for (const [dragging, slider] of sliders) {
    const taken = await dragged(browser, server, slider)
    tell(`${what}: ${dragging} dragged by a step, judged and drawn`, ms(taken, 16.7))
  }
  tell(`${what}: from an edit to its exact dates`, ms(await refined(browser, server), 200))
}

/** Notes when a worker of the page answers. */
const notesAnswers = `
  const Plain = window.Worker
  window.answered = []
  window.Worker = class extends Plain {
    constructor(...of) {
      super(...of)
      this.addEventListener('message', () => window.answered.push(performance.now()))
    }
  }
`

/** What a step of a slider takes, until all that follows from it is drawn. */
async function dragged(browser: Browser, { url }: Server, slider: string): Promise<number> {
  const page = await browser.newPage({ locale: 'en-GB', viewport: { width: 1280, height: 800 } })
  await page.goto(`${url}/paintings/salt-pans`)
  await page.getByRole('slider', { name: slider }).waitFor()
  await page.waitForLoadState('networkidle')
  const times = await page.evaluate(async (name) => {
    const field = document.querySelector<HTMLInputElement>(`input[aria-label="${name}"]`)!
    const value = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!
    const taken: number[] = []
    for (let step = 0; step < 40; step++) {
      await new Promise((resolve) => setTimeout(resolve, 50))
      value.set!.call(field, String(Number(field.value) + (step % 2 ? -1 : 2)))
      const began = performance.now()
      field.dispatchEvent(new Event('input', { bubbles: true }))
      taken.push(performance.now() - began)
    }
    return taken
  }, slider)
  await page.close()
  return middle(times.slice(5))
}

declare global {
  interface Window {
    /** When a worker of the page answered. */
    answered: number[]
  }
}

/** From an edit to the first answer of the solving worker. */
async function refined(browser: Browser, { url }: Server): Promise<number> {
  const page = await browser.newPage({ locale: 'en-GB', viewport: { width: 1280, height: 800 } })
  await page.addInitScript({ content: notesAnswers })
  await page.goto(`${url}/paintings/salt-pans`)
  await page.waitForFunction(() => window.answered.length >= 2)
  const wet = page.getByLabel('wet thickness', { exact: true })
  const times: number[] = []
  for (let edit = 0; edit < 9; edit++) {
    await page.waitForTimeout(1500)
    const began = await page.evaluate(() => {
      window.answered = []
      return performance.now()
    })
    await wet.fill(String(21 + edit))
    await page.waitForFunction(() => window.answered.length > 0)
    times.push((await page.evaluate(() => window.answered[0]!)) - began)
  }
  await page.close()
  return middle(times)
}
