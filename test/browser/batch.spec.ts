import { startScale, startServer } from '../server.ts'
import { choose, expect, expectNoAxeProblems, hold, open, reload, saved, settled, test } from './studio.ts'

test('a whole batch: the method, an overpour on the scale, a reload and a kill of the server in the middle, the label, the undo', async ({
  page,
}) => {
  const scale = await startScale()
  let server = await startServer({ demo: true, scale: scale.address })
  await open(page, `${server.url}/mediums/harbour-glaze`)
  await page.getByRole('link', { name: 'Make it' }).click()
  await page.waitForURL(/make$/)
  await settled(page)
  await page.getByLabel('to make, ml').fill('180')
  await page.getByLabel('The jar holds, ml').fill('400')
  await page.getByRole('button', { name: 'Begin the batch' }).click()
  await page.waitForURL(/batches\/.+/)
  await settled(page)

  await page.getByLabel('Done: Strain it').click()
  await expect(page.getByRole('alertdialog', { name: 'Out of order' })).toContainText('no granules')
  await page.getByRole('button', { name: 'Not yet' }).click()
  await page.getByLabel('Done: Crush the resin').click()
  await expect(page.getByLabel('Done: Crush the resin')).toBeChecked()
  await expect(page.getByText('All of it is made cold: no pot, no plate.')).toBeVisible()

  await page.getByRole('button', { name: 'Weigh' }).click()
  await expect(page.getByRole('heading', { name: 'Damar resin' })).toBeVisible()
  await page.getByRole('button', { name: /^Stand oil/ }).click()
  await expect(page.getByText('89.3 g to go')).toBeVisible()
  await page.getByLabel('Simulated scale: pour, g').fill('100')
  await page.getByRole('button', { name: 'Pour it on' }).click()
  await expect(page.locator('[data-settled="true"]')).toContainText(/(99\.9|100\.0)\d g/)
  await expect(page.getByText(/^10\.\d g too much/)).toBeVisible()
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'too much Stand oil' })).toBeVisible()
  await page.getByRole('button', { name: 'It is finished' }).click()
  await expect(page.getByRole('alertdialog', { name: 'Not what it is called' })).toContainText(
    /This is not Harbour glaze: no Gum turpentine, no Damar resin and .* too much Stand oil/,
  )
  await page.getByRole('button', { name: 'Go on weighing' }).click()

  await reload(page)
  await expect(page.getByRole('alert').filter({ hasText: 'too much Stand oil' })).toBeVisible()
  await page.getByRole('button', { name: 'Recompute the rest' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'too much' })).toHaveCount(0)

  const { folder, url } = server
  await server.kill()
  server = await startServer({ folder, demo: true, scale: scale.address, port: Number(new URL(url).port) })
  const turpentine = page.getByRole('button', { name: /^Gum turpentine/ })
  await turpentine.click()
  await page.getByLabel('or typed, g').fill('78,3')
  const release = await hold(page, /\/pour$/)
  await page.getByRole('button', { name: 'Write down what is typed' }).click()
  await expect(turpentine).toContainText('78.3 g')
  await turpentine.click()
  release()
  await saved(page)
  await expect(turpentine).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Take the last pour back' }).click()
  await expect(turpentine).toContainText('0.00 g')
  await turpentine.click()
  await page.getByLabel('or typed, g').fill('78.3')
  await page.getByRole('button', { name: 'Write down what is typed' }).click()
  await expect(turpentine).toContainText('78.3 g')

  await reload(page)
  await page.getByRole('button', { name: 'Tare' }).click()
  await page.getByLabel('Simulated scale: pour, g').fill('9')
  await page.getByRole('button', { name: 'Pour it on' }).click()
  await expect(page.locator('[data-settled="true"]')).toContainText(/(8\.9|9\.0)\d g/)
  await page.getByLabel('Simulated scale: pour, g').fill('1.2')
  await page.getByRole('button', { name: 'Spill it' }).click()
  await expect(page.locator('[data-settled="true"]')).toContainText(/7\.(7|8)\d g/)
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByRole('button', { name: /^Damar resin/ })).toContainText(/7\.(7|8)\d g of/)
  await expectNoAxeProblems(page)
  await page.getByRole('button', { name: 'It is finished' }).click()
  await expect(page.getByText(/Use by about/)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Weigh' }).click()
  await page.getByRole('button', { name: 'It is finished' }).click()
  await expect(page.getByText(/Use by about/)).toBeVisible()

  const label = await page.getByRole('link', { name: /Small, 62/ }).getAttribute('href')
  expect((await page.request.get(url + label!)).headers()['content-type']).toBe('application/pdf')
  await page.getByRole('group', { name: 'stands up' }).getByRole('button', { name: '4' }).click()
  await page.getByLabel('Took out, ml').fill('20')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText('20 ml', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'They are filled' }).click()
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: /\d tubes of 36 ml/ })
      .first(),
  ).toBeVisible()
  await reload(page)
  await expect(
    page.getByRole('group', { name: 'stands up' }).getByRole('button', { name: '4' }),
  ).toHaveAttribute('aria-pressed', 'true')
  await open(page, `${url}/shelf?at=damar`)
  await expect(page.getByLabel('There is, g')).toHaveValue(/^32\.\d+$/)
  await server.kill()
  await scale.kill()
})

test('what spoils comes up on Today, batches stand in order of how they felt, and a layer can be painted with one', async ({
  page,
  demo,
}) => {
  await open(page, demo.url)
  await expect(page.getByRole('region', { name: 'Batches to look at' })).toContainText(
    'Yolk and walnut, batch 2',
  )
  await open(page, `${demo.url}/batches`)
  await page.getByLabel('in order of how it felt').selectOption('spike')
  await expect(page.getByRole('main').getByRole('listitem').first()).toContainText('stands up 4')
  await expect(page.getByText('What not all of them hold stands out.')).toBeVisible()
  await open(page, `${demo.url}/paintings/glasshouse`)
  await choose(page, 'Medium', 'Harbour glaze, batch 1')
  await expect(page.getByRole('button', { name: /Harbour glaze, batch 1/ })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
})
