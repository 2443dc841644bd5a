import { expect, goTo, openDemo, test } from './support'

test('a stop is mended by its remedy, and undone', async ({ page }) => {
  await openDemo(page, '/builds')
  await page.getByRole('link', { name: 'Ploughman 6' }).click()
  await expect(page.locator('[data-rule="no-release-under"]')).toBeVisible()
  await page.getByRole('button', { name: 'Lay a release coat under the top colour' }).click()
  await expect(page.locator('[data-rule="no-release-under"]')).toHaveCount(0)
  await expect(page.locator('[data-step]').filter({ hasText: 'Release coat' })).toBeVisible()
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('[data-rule="no-release-under"]')).toBeVisible()
})

test('a stop is accepted with a reason, which is logged', async ({ page }) => {
  await openDemo(page, '/builds/ploughman-6?part=frame')
  // The gravest comes first.
  await page.getByRole('button', { name: 'Accept anyway' }).first().click()
  await page.getByRole('button', { name: 'Log the reason' }).click()
  await expect(page.getByText('Enter a reason')).toBeVisible()
  await page.getByLabel('Why you accept it').fill('Trying it on purpose')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Accepted: Trying it on purpose').first()).toBeVisible()
  await goTo(page, 'Log')
  await expect(
    page.getByText('Accepted anyway (no release under): Trying it on purpose'),
  ).toBeVisible()
})

test('steps are added, changed, moved and taken out on the core sample, with the keyboard too', async ({
  page,
}) => {
  await openDemo(page, '/builds/lantern-wardens?part=hound')
  const steps = page.locator('[data-step]')
  await expect(steps).toHaveCount(7)

  await page.getByRole('button', { name: 'Steps', exact: true }).click()
  await page.getByRole('button', { name: 'Powders', exact: true }).click()
  await expect(steps).toHaveCount(8)
  await expect(steps.first()).toContainText('Powders')

  await page.getByRole('button', { name: /^Matt clear/ }).click()
  const editor = page.getByRole('form', { name: 'The chosen step' })
  await editor.getByLabel('Coats', { exact: true }).fill('mist, fluffy')
  await editor.getByRole('button', { name: 'Save on every part' }).click()
  await expect(editor.getByText(/Enter mist, light, wet, flood.*, not “fluffy”/)).toBeVisible()
  await expect(editor.getByLabel('Coats', { exact: true })).toBeFocused()
  await editor.getByLabel('Coats', { exact: true }).fill('mist, light')
  await editor.getByRole('button', { name: 'Save on every part' }).click()
  await expect(page.locator('[data-step="matt"]')).toContainText('mist, light · airbrush')

  await page.getByRole('button', { name: 'Steps', exact: true }).click()
  await page.getByRole('button', { name: /^Powders/ }).focus()
  await page.keyboard.press('Alt+ArrowDown')
  await expect(steps.first()).toContainText('Matt clear')
  await expect(steps.nth(1)).toContainText('Powders')

  await page.getByRole('button', { name: /^Powders/ }).click()
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(steps).toHaveCount(7)
})

test('a step is dragged by its grip, and the sample answers meanwhile', async ({ page }) => {
  await openDemo(page, '/builds/lantern-wardens?part=wardens')
  const steps = page.locator('[data-step]')
  await expect(steps.first()).toContainText('Matt clear')
  const grip = page.getByRole('button', { name: 'Move Matt clear' })
  const target = page.getByRole('button', { name: 'Move Wash over all' })
  const from = await grip.boundingBox()
  const to = await target.boundingBox()
  if (!from || !to) throw new Error('no grips')
  await page.mouse.move(from.x + 10, from.y + 10)
  await page.mouse.down()
  // Slowly, 2 px at a time: a hand that aims.
  await page.mouse.move(from.x + 10, from.y + 40, { steps: 15 })
  await page.mouse.move(to.x + 10, to.y + 20, { steps: 8 })
  await expect(page.getByText('If dropped here:')).toBeVisible()
  await page.mouse.up()
  await expect(steps.first()).toContainText('Wash over all')
  await expect(page.getByText('If dropped here:')).toHaveCount(0)
})
