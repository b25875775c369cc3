import { test as base, expect } from '@playwright/test'
import type { Page } from '@playwright/test'
import AxeBuilder from '@axe-core/playwright'
import { startServer } from '../server.ts'
import type { Server } from '../server.ts'

/** A test with a studio of its own: `studio` empty, `demo` Tern Street. Any error on the console fails it. */
export const test = base.extend<{ quiet: undefined }, { studio: Server; demo: Server }>({
  studio: [async ({}, use) => serving({}, use), { scope: 'worker' }], // eslint-disable-line no-empty-pattern
  demo: [async ({}, use) => serving({ demo: true }, use), { scope: 'worker' }], // eslint-disable-line no-empty-pattern
  quiet: [
    async ({ page }, use) => {
      const errors: string[] = []
      page.on('pageerror', ({ message }) => errors.push(message))
      // A refusal is an answer; a server that is killed on purpose breaks its connections.
      const expected = /status of 4|ERR_INCOMPLETE_CHUNKED_ENCODING|ERR_CONNECTION_REFUSED/
      page.on('console', (message) => message.type() === 'error' && !expected.test(message.text()) && errors.push(message.text()))
      await use(undefined)
      expect(errors).toEqual([])
    },
    { auto: true },
  ],
})

async function serving(options: Parameters<typeof startServer>[0], serve: (server: Server) => Promise<void>): Promise<void> {
  const server = await startServer(options)
  await serve(server)
  await server.kill()
}

/** Waits until every part of the page answers. */
export const settled = async (page: Page): Promise<void> => {
  await page.waitForFunction(() => document.querySelector('astro-island') !== null && document.querySelector('astro-island[ssr]') === null)
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

export async function expectNoAxeProblems(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).analyze()
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' | ')}`)).toEqual([])
}

/** Waits until what was typed is stored. */
export const saved = (page: Page): Promise<void> => expect(page.getByRole('status').filter({ hasText: /^Saved/ })).toBeVisible()

export { expect }
