import { expect, expectNoAxeProblems, open, reload, settled, test } from './studio.ts'

test('a practice piece: said, then shown with what was missed; it is kept count of, and the like is offered', async ({
  page,
  studio,
}) => {
  await open(page, `${studio.url}/studio/practice`)
  // The second piece: the jugs over an oily cloth.
  await page.getByRole('button', { name: 'Another one' }).click()
  while (!(await page.getByRole('heading', { name: 'Two jugs' }).isVisible())) {
    await page.getByRole('button', { name: 'sound', exact: true }).click()
    await page.getByRole('button', { name: 'Show me what is in it' }).click()
    await page.getByRole('button', { name: 'The next one' }).click()
  }
  await expectNoAxeProblems(page)
  await page.getByRole('button', { name: 'watch', exact: true }).click()
  await page.getByRole('button', { name: 'put on too soon' }).click()
  await page.getByRole('button', { name: 'Show me what is in it' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Unsound; you said watch.')
  await expect(
    page.getByText(/^You saw: put on too soon\. Not said: .*leaner than what is under it/),
  ).toBeVisible()
  await expect(page.getByLabel('The section on another day')).toBeVisible()
  await expectNoAxeProblems(page)
  const score = page.getByRole('region', { name: 'How it goes' })
  await expect(score.getByRole('row', { name: /^leaner than what is under it 1 of 1/ })).toBeVisible()
  await reload(page)
  await expect(score.getByRole('row', { name: /^leaner than what is under it 1 of 1/ })).toBeVisible()
})

test('a painting given away as a practice piece opens elsewhere, without its owner', async ({
  page,
  shown,
  studio,
}) => {
  const file = await (await page.request.get(`${shown.url}/api/paintings/clock-mender/piece.json`)).body()
  expect(file.toString()).toContain('"client": ""')
  await open(page, `${studio.url}/studio/practice`)
  const chooser = page.getByLabel('Practice piece to open')
  await chooser.setInputFiles({
    name: 'p.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"x"}'),
  })
  await expect(page.getByRole('alert')).toContainText('That is no practice piece.')
  await chooser.setInputFiles({ name: 'p.json', mimeType: 'application/json', buffer: file })
  await expect(page.getByRole('heading', { name: 'The clock-mender' })).toBeVisible()
  await settled(page)
})
