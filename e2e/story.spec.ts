import { readFileSync } from 'node:fs'
import { expect, goTo, openDemo, test } from './support'

test('the story of a build is told from its log, printed, and saved as Markdown', async ({
  page,
}) => {
  await openDemo(page)
  await page.keyboard.press('n')
  await page.getByLabel(/Note/).fill('Came out *well*')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: 'noted' })).toBeVisible()
  await goTo(page, 'All builds')
  await page
    .getByRole('link', { name: /Gannet’s Lament/ })
    .first()
    .click()
  await page.getByRole('link', { name: 'Its story' }).click()
  await expect(page.getByRole('heading', { level: 2, name: /17 March 2026/ })).toBeVisible()
  await expect(page.getByText('Came out *well*')).toBeVisible()
  await expect(page.getByText(/^Prime/).first()).toBeVisible()

  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
  await expect(page.getByText('Came out *well*')).toBeVisible()
  await page.emulateMedia({ media: 'screen' })

  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as Markdown' }).click()
  const file = await waiting
  expect(file.suggestedFilename()).toBe('gannets-lament.md')
  const text = readFileSync(await file.path(), 'utf8')
  expect(text).toContain('# Gannet’s Lament')
  expect(text).toContain('Came out \\*well\\*')
  expect(text).toMatch(/- \d\d:\d\d(–\d\d:\d\d)? \*\*Prime\*\*/)
})

test('the recipe of a build is exported, and imported as a start for another kit', async ({
  page,
}) => {
  await openDemo(page, '/builds/ploughman-6?part=frame')
  await page.getByText('About this build').click()
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export its recipe' }).click()
  const file = await waiting
  expect(file.suggestedFilename()).toBe('ploughman-6-recipe.json')
  await goTo(page, 'Settings')
  await page.getByLabel('Import a file').setInputFiles(await file.path())
  await page.getByRole('button', { name: 'Import it' }).click()
  await expect(page.getByText('Imported')).toBeVisible()
  await goTo(page, 'All builds')
  await expect(page.getByRole('link', { name: /Ploughman 6/ })).toHaveCount(2)
})
