import type { Page } from '@playwright/test'
import { expect, expectNoAxeProblems, open, settled, test } from './studio.ts'

/** Taps, counted as a painter makes them. */
function tapping(page: Page): {
  readonly tap: (name: string | RegExp) => Promise<void>
  readonly count: () => number
} {
  let taps = 0
  return {
    count: () => taps,
    tap: async (name) => {
      taps++
      await page.getByRole('button', { name }).or(page.getByRole('link', { name })).first().click()
    },
  }
}

test('from nothing to a verdict, its mend and a painting that is kept: in twelve taps, with nothing typed', async ({
  page,
  studio,
}) => {
  await open(page, studio.url)
  await expectNoAxeProblems(page)
  const { tap, count } = tapping(page)
  await tap('Describe it')
  await settled(page)
  await tap(/^Thin wash/)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Every layer is sound')
  await tap(/^Paint with a little oil/)
  const next = page.getByRole('group', { name: 'And what would you like to put on next?' })
  await next.getByRole('button', { name: /^Paint from the tube/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/Paint from the tube is leaner/)
  await expectNoAxeProblems(page)
  await tap('Do that')
  await expect(page.getByRole('heading', { level: 1 })).not.toContainText(/leaner/)
  await tap('Keep it as a painting')
  await page.waitForURL(/paintings\/[0-9a-f]{8}-/)
  await settled(page)
  expect(count() + 1).toBeLessThanOrEqual(12)
  const layers = page.getByRole('list', { name: 'Layers, surface first' })
  await expect(layers).toContainText('Thin wash')
  await expect(layers).toContainText('Paint with a little oil')
  await open(page, studio.url)
  await expect(page.getByRole('heading', { name: 'Leave alone' })).toBeVisible()
})

test('a jar of medium is told by taps, and kept as a medium', async ({ page, studio }) => {
  await open(page, `${studio.url}/mediums`)
  const { tap, count } = tapping(page)
  await tap('Look into the jar you use')
  await settled(page)
  for (const name of ['Stand oil', 'Damar varnish, 30 % in turpentine', 'Gum turpentine']) await tap(name)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('to 10 ml of paint')
  await expect(page.getByText(/Once it is dry, 80\s% oil and 20\s% resin/)).toBeVisible()
  await expectNoAxeProblems(page)
  await tap('Keep it as a medium')
  await page.waitForURL(/mediums\/[0-9a-f]{8}-/)
  expect(count()).toBeLessThanOrEqual(12)
  await expect(page.getByLabel('Name of the medium')).toHaveValue(/^Stand oil, /)
})

test('a jar of olive oil is no medium, and that is the first thing said', async ({ page, studio }) => {
  await open(page, `${studio.url}/mediums/begin`)
  await page.getByRole('button', { name: 'Gum turpentine' }).click()
  await expect(page.getByRole('heading', { level: 1 })).not.toContainText('to 10 ml of paint')
})

test('the demo studio is walked round and left without a trace', async ({ page, studio }) => {
  await open(page, studio.url)
  await page.getByRole('button', { name: 'Walk round it' }).click()
  await expect(page.getByText('You are walking round a demo studio')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Ready to paint' })).toBeVisible()
  const demo = page.url()
  await page.getByRole('button', { name: 'Back to your own studio' }).click()
  await expect(page.getByText('This studio is empty.')).toBeVisible()
  await expect
    .poll(() =>
      page.request.get(demo).then(
        () => 'answers',
        () => 'gone',
      ),
    )
    .toBe('gone')
  const own = await page.request.get(`${studio.url}/api/export`)
  expect(((await own.json()) as { paintings: unknown[] }).paintings).toEqual([])
})
