import { rmSync } from 'node:fs'
import { test as base, expect } from '@playwright/test'
import type { Page } from '@playwright/test'
import axe from 'axe-core'
import { copyOf, emptyFolder, startServer } from '../server.ts'
import type { Server } from '../server.ts'

declare global {
  interface Window {
    readonly axe: typeof axe
  }
}

/**
 * A test with a studio of its own: `studio` empty, `demo` Tern Street as fill.ts filled it. `shown` is a demo that many
 * tests look at and none may change: what is typed is saved at the latest as its page goes. Any error on the console
 * fails a test.
 */
export const test = base.extend<
  { quiet: undefined; studio: Server; demo: Server; shown: Server },
  { studios: Lasting; demos: Lasting; standing: Server }
>({
  // eslint-disable-next-line no-empty-pattern
  studios: [async ({}, use) => lasting(use), { scope: 'worker' }],
  // eslint-disable-next-line no-empty-pattern
  demos: [async ({}, use) => lasting(use), { scope: 'worker' }],
  studio: async ({ page, studios }, use) => studios(emptyFolder(), leaving(page, use)),
  demo: async ({ page, demos }, use) => demos(copyOfFilled(), leaving(page, use)),
  // eslint-disable-next-line no-empty-pattern
  standing: [async ({}, use) => lasting((demo) => demo(copyOfFilled(), use)), { scope: 'worker' }],
  shown: async ({ page, standing }, use) => {
    const before = await lastDone(standing)
    await leaving(page, use)(standing)
    expect(await lastDone(standing), 'the last thing done to a studio that is only looked at').toBe(before)
  },
  quiet: [
    async ({ page }, use) => {
      const errors: string[] = []
      page.on('pageerror', ({ message }) => errors.push(message))
      // A refusal is an answer; a server that is killed on purpose breaks its connections.
      const expected = /status of 4|net::ERR_/
      page.on(
        'console',
        (message) =>
          message.type() === 'error' && !expected.test(message.text()) && errors.push(message.text()),
      )
      await use(undefined)
      expect(errors).toEqual([])
    },
    { auto: true },
  ],
})

/** A studio that works every day: what a test paints today may go on today, whatever the day of the week. */
export async function worksEveryDay(page: Page, { url }: Server): Promise<void> {
  const { revision, ...settings } = (await (await page.request.get(`${url}/api/settings`)).json()) as {
    revision: number
  }
  const workingDays = Array.from({ length: 7 }, () => true)
  await page.request.put(`${url}/api/settings`, {
    data: { settings: { ...settings, workingDays }, seen: revision },
  })
}

/** A copy of the demo studio, judged and learnt from. */
export const copyOfFilled = (): string => copyOf(process.env['GRELTA_FILLED']!)

/** The newest event of a studio. */
async function lastDone({ url }: Server): Promise<number | undefined> {
  const { entries } = (await (await fetch(`${url}/api/done`)).json()) as { entries: { event: number }[] }
  return entries[0]?.event
}

type Serve = (server: Server) => Promise<void>
/** Serves a studio from its folder, which is gone after it. */
type Lasting = (folder: string, serve: Serve) => Promise<void>

/** One program for many studios, each opened in the last one's place; another when a test has ended it. */
async function lasting(lend: (open: Lasting) => Promise<void>): Promise<void> {
  let last = null as Server | null
  await lend(async (folder, serve) => {
    const server = last?.runs() ? await last.openInstead(folder) : await startServer({ folder })
    dropFolder(last)
    last = server
    await serve(server)
  })
  await last?.kill()
  dropFolder(last)
}

const dropFolder = (server: Server | null): void => {
  if (server) rmSync(server.folder, { recursive: true, force: true })
}

/** The page goes before its server does: what it still asked for then is no error of the program. */
const leaving =
  (page: Page, serve: Serve): Serve =>
  async (server) => {
    await serve(server)
    await page.close()
  }

/** Waits until every part of the page answers: React has taken up each of its elements. */
export const settled = async (page: Page): Promise<void> => {
  await page.waitForFunction(() => {
    const parts = [...document.querySelectorAll('astro-island')].map((island) =>
      [...island.children].find(({ localName }) => !['link', 'script', 'template'].includes(localName)),
    )
    const answers = (part: Element | undefined): boolean =>
      part === undefined || Object.keys(part).some((key) => key.startsWith('__reactProps'))
    return parts.length > 0 && document.readyState === 'complete' && parts.every(answers)
  })
}

/** Goes to a page, or loads it again, and waits until it answers. */
export async function open(page: Page, url: string): Promise<void> {
  await page.goto(url)
  await settled(page)
}
export async function reload(page: Page): Promise<void> {
  await page.reload()
  await settled(page)
}

const wcag = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']

export const expectNoAxeProblems = (page: Page, within = 'html'): Promise<void> =>
  expectNone(page, wcag, within)

/** Contrast alone: all that another theme can change. */
export const expectContrast = (page: Page, within = 'html'): Promise<void> =>
  expectNone(page, ['color-contrast'], within)

/** Axe is brought into a page once; there are no frames to look into. */
async function expectNone(page: Page, runOnly: string[], within: string): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source)
  const problems = await page.evaluate(
    async ({ within, ...options }) => {
      const { violations } = await window.axe.run(within, { ...options, resultTypes: ['violations'] })
      return violations.map(
        ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' | ')}`,
      )
    },
    { within, runOnly },
  )
  expect(problems).toEqual([])
}

/** Chooses from many by typing a name. */
export async function choose(page: Page, label: string, name: string): Promise<void> {
  const field = page.getByRole('combobox', { name: label, exact: true })
  await field.click()
  await field.pressSequentially(name, { delay: 5 })
  await expect(field).toHaveValue(name)
  await page.getByRole('option', { name }).first().click()
}

/** Begins a painting, and answers the address of its stack. */
export async function newPainting(page: Page, { url }: Server): Promise<string> {
  await open(page, `${url}/paintings`)
  await page.getByRole('button', { name: 'New painting' }).click()
  await page.waitForURL(/paintings\/.+/)
  await settled(page)
  return page.url()
}

/** Puts the first layer of a picture on its stack; it is stored once its fields are there. */
export async function addFirstLayer(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Add the first layer' }).click()
  await expect(page.getByLabel('Layer', { exact: true })).toHaveValue('First layer')
}

/** Begins a medium and writes its lines. */
export async function newMedium(
  page: Page,
  { url }: Server,
  lines: readonly (readonly [amount: string, material: string])[],
): Promise<void> {
  await open(page, `${url}/mediums`)
  await page.getByRole('button', { name: 'New medium' }).click()
  await page.waitForURL(/mediums\/.+/)
  await settled(page)
  for (const [amount, material] of lines) {
    await page.getByLabel('Amount of the new line').fill(amount)
    await choose(page, 'Material of the new line', material)
    await page.getByRole('button', { name: 'Add', exact: true }).click()
  }
}

/** Lets what is asked of the studio fail until it is back. */
export async function away(page: Page, asked: RegExp): Promise<() => Promise<void>> {
  await page.route(asked, (route) => route.abort())
  return () => page.unroute(asked)
}

/** Keeps what the page asks for, a script or an answer, from coming until it is let go. */
export async function hold(page: Page, asked: RegExp): Promise<() => void> {
  let release = (): void => undefined
  const held = new Promise<void>((resolve) => (release = resolve))
  await page.route(asked, async (route) => {
    await held
    await route.continue()
  })
  return release
}

/** Waits until what was typed is stored. */
export const saved = (page: Page): Promise<void> =>
  expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible()

export { expect }

/** A date so many days from now, on this machine's clock. */
export const inDays = (days: number): string => new Date(Date.now() + days * 864e5).toLocaleDateString('sv')
