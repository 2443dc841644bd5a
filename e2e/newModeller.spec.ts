import { expect, goTo, openAt, test } from './support'

test('from an empty page to the first coat in the log', async ({ page }) => {
  await openAt(page, '/')
  await expect(page.getByRole('heading', { name: 'An empty bench' })).toBeVisible()
  await page.getByRole('link', { name: 'Start a build' }).click()

  // Nothing is written without a name, and the focus goes to where it is missing.
  await page.getByRole('button', { name: 'Start and check it' }).click()
  await expect(page.getByText('Enter a name of 1 to 120 characters')).toBeVisible()
  await expect(page.getByLabel('Name of the build')).toBeFocused()

  await page.getByRole('radio', { name: /Ship/ }).check()
  await page.getByLabel('Name of the build').fill('Tern’s Errand')
  await page.getByLabel('Session 1 from').fill('19:30')
  await page.getByRole('button', { name: 'Start and check it' }).click()

  await expect(page.getByRole('heading', { name: 'Tern’s Errand' })).toBeVisible()
  await expect(page.getByText('No problems found')).toBeVisible()

  await goTo(page, 'Bench')
  const tonight = page.getByRole('region', { name: 'Next session' })
  await expect(tonight.getByText('19:30–21:30')).toBeVisible()
  await expect(tonight.getByText('Prime, coat 1').first()).toBeVisible()

  await page.getByRole('button', { name: /Coat 1 done/ }).click()
  await expect(page.getByRole('status').getByText('prime, coat 1 done')).toBeVisible()
  await expect(page.getByRole('button', { name: /Coat 2 done/ })).toBeVisible()

  await goTo(page, 'Log')
  // One line a part: hull and details are primed in one go as soon as the plan has them side by side.
  const acts = page.getByRole('main').getByText('Prime, coat 1 done', { exact: true })
  await expect(acts.first()).toBeVisible()
})
