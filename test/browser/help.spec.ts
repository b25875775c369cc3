import { expect, expectNoAxeProblems, open, test } from './studio.ts'

test('a word says what it means where it stands, and the key ? what the page is for', async ({
  page,
  shown,
}) => {
  await open(page, `${shown.url}/paintings/glasshouse`)
  const word = page.getByRole('link', { name: 'how fat' })
  await word.focus()
  await page.keyboard.press('Enter')
  const meaning = page.getByRole('dialog', { name: 'fat' })
  await expect(meaning).toContainText('Fat over lean means that the stair climbs')
  await page.keyboard.press('Escape')
  await expect(meaning).toHaveCount(0)
  await expect(word).toBeFocused()
  await page.keyboard.press('?')
  const help = page.getByRole('dialog', { name: 'Help with this page' })
  await expect(help).toContainText('Is each layer sound over what lies under it?')
  await expect(help.getByRole('link', { name: 'touch dry' })).toBeVisible()
  await expectNoAxeProblems(page)
  await help.getByRole('link', { name: 'How far to trust it' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('How far to trust it')
  await expect(page.getByRole('row', { name: /checks on swatches/ })).toContainText(/[1-9]/)
  await expectNoAxeProblems(page)
})
