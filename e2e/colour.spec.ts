import { expect, openDemo, test } from './support'

test('thin layers are shown pass by pass, with when to stop and what to begin with', async ({
  page,
}) => {
  await openDemo(page, '/colour')
  await page.getByRole('tab', { name: 'Layer by layer' }).click()
  const passes = page.getByRole('list', { name: 'The face after each pass' }).getByRole('listitem')
  await expect(passes).toHaveCount(4)
  await page.getByLabel('Passes', { exact: true }).selectOption('5')
  await expect(passes).toHaveCount(6)
  // A ready-made wash begins as one over all.
  await expect(page.getByLabel('Laid as')).toHaveValue('wash')
  await page.getByLabel('Laid as').selectOption('filter')
  await page.getByRole('button', { name: 'Aim at a colour' }).click()
  await expect(page.getByText(/^Lay none of it/)).toBeVisible()
  await page.getByLabel('Aim', { exact: true }).fill('#8E8468')
  await expect(page.getByText(/^Stop after pass 2 of Soot Wash/)).toBeVisible()
  await page.getByLabel('Paint in it').fill('12')
  await expect(page.getByText(/A filter is 1 to 5 % paint/)).toBeVisible()
  await page.getByLabel('Paint in it').fill('nothing')
  await expect(page.getByText('Enter 0.1 to 100')).toBeVisible()
  await page.getByLabel('Paint in it').fill('')
  await page.getByRole('button', { name: 'Add a layer over it' }).click()
  await expect(page.getByRole('group', { name: 'Layer 2' })).toBeVisible()
  await expect(passes).toHaveCount(9)
  // It stands in the address: gone back to, it is there again.
  await page.reload()
  await expect(passes).toHaveCount(9)
  await page
    .getByLabel('Or the face of a part')
    .selectOption({ label: 'Ploughman 6, Armour: as planned' })
  await expect(page.getByLabel('Face', { exact: true })).not.toHaveValue('#C9BFA2')
})

test('an address that is typed wrongly shows what there is instead', async ({ page }) => {
  await openDemo(page, '/colour?do=layers&face=tael&aim=none&veils=x~y~z,~~')
  await expect(page.getByLabel('Face', { exact: true })).toHaveValue('#C9BFA2')
  await page.goto('/colour?do=cover&over=zzz&paint=none&coat=none')
  await expect(page.getByLabel('Goes on', { exact: true })).toHaveValue('#8B8C8B')
  // A colour in words is a colour in an address too.
  await page.goto('/colour?do=layers&face=teal')
  await expect(page.getByLabel('Face', { exact: true })).toHaveValue('#2C6A6C')
})

test('areas beside each other are told apart, and spread', async ({ page }) => {
  await openDemo(page, '/colour')
  await page.getByRole('tab', { name: 'Side by side' }).click()
  const areas = page.getByRole('list', { name: 'Areas, in the order they lie' })
  await expect(areas.getByRole('listitem')).toHaveCount(4)
  for (const nth of [2, 3, 4])
    await areas
      .getByRole('group', { name: `Area ${nth}` })
      .getByLabel('Paint')
      .selectOption({ label: 'Deep Brown Wash' })
  await expect(
    page.getByText(/^They look alike.*Area 1 and Area 2 can’t be told apart/),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Spread the paint, 2 to 10 %' }).click()
  await expect(page.getByText(/^They are lively together/)).toBeVisible()
  const first = areas.getByRole('group', { name: 'Area 1' })
  await first.getByLabel('Passes').fill('half')
  await expect(first.getByText(/^Enter 0.1 to 100 % paint/)).toBeVisible()
  await first.getByRole('button', { name: 'Remove area 1' }).click()
  await expect(areas.getByRole('listitem')).toHaveCount(3)
})

test('a line says how much wash it takes, and which mixes lead from top to bottom', async ({
  page,
}) => {
  await openDemo(page, '/colour')
  await page.getByRole('tab', { name: 'Panel-line colour' }).click()
  await page.getByLabel('Line on the model').fill('5')
  await expect(page.getByText('0.48 ml of wash')).toBeVisible()
  await page.getByText('From the top down, mixed along the way').click()
  const mixes = page.getByRole('list', { name: 'Mixes from the top down' }).getByRole('listitem')
  await expect(mixes).toHaveCount(5)
  await expect(mixes.nth(1)).toContainText('Neutral Line 3 : Deep Brown Wash 1')
})
