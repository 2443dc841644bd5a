import { readFileSync, writeFileSync } from 'node:fs'
import { expect, goTo, openDemo, test } from './support'

test('a technique of one’s own: kept from steps, exported, removed, imported, refused when damaged', async ({
  page,
}, info) => {
  await openDemo(page, '/builds/gannets-lament?part=hull-port')
  await page.getByRole('button', { name: 'Pick several' }).click()
  await page.getByRole('button', { name: /^Streaks/ }).click()
  await page.getByRole('button', { name: /^Drag the streaks/ }).click()
  await expect(page.getByText('2 steps picked')).toBeVisible()
  await page.getByRole('button', { name: 'Save as technique' }).click()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Enter a name of 1 to 120 characters')).toBeVisible()
  await page.getByLabel('Name of the technique').fill('Kelp stains')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').getByText('Saved: Kelp stains')).toBeVisible()

  await goTo(page, 'Techniques')
  await page.getByRole('button', { name: 'Kelp stains' }).click()
  await expect(page.getByText('Your own').first()).toBeVisible()
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export it' }).click()
  const file = await (await waiting).path()
  const text = readFileSync(file, 'utf8')
  expect(JSON.parse(text)).toMatchObject({
    format: 'tectoria-technique',
    technique: { name: 'Kelp stains', steps: [{ do: 'streak' }, { do: 'streak-drag' }] },
  })
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Kelp stains' })).toHaveCount(0)

  const good = info.outputPath('good.json')
  writeFileSync(good, text)
  await page.getByLabel('Technique file').setInputFiles(good)
  await expect(page.getByRole('heading', { name: 'Kelp stains' })).toBeVisible()
  const bad = info.outputPath('bad.json')
  writeFileSync(bad, text.replace('streak-drag', 'juggle'))
  await page.getByLabel('Technique file').setInputFiles(bad)
  await expect(page.getByText(/technique\.steps\[1\]\.do: found "juggle"/)).toBeVisible()
})

test('steps are shared with another part, taken out, and folded by stage', async ({ page }) => {
  await openDemo(page, '/builds/gannets-lament?part=hull-port')
  const steps = page.locator('[data-step]')
  await expect(page.getByRole('button', { name: /^Weathering 2 steps/ })).toBeVisible()
  const all = await steps.count()
  await page.getByRole('button', { name: /^Weathering 2 steps/ }).click()
  await expect(steps).toHaveCount(all - 2)
  await page.getByRole('button', { name: /^Weathering 2 steps/ }).click()
  await expect(steps).toHaveCount(all)

  await page.getByRole('button', { name: 'Pick several' }).click()
  await page.getByRole('button', { name: /^Streaks/ }).click()
  await page.getByLabel('Share with').selectOption('bells')
  await page.getByRole('button', { name: 'Engine bells', exact: true }).click()
  await expect(steps.filter({ hasText: 'Streaks' })).toHaveCount(1)
})

test('the library is narrowed, compared, and read with the keyboard', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('/')
  await page.keyboard.type('reactive iron')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Reactive iron' })).toBeVisible()
  await page.getByLabel('Narrow the techniques').fill('sponge')
  await expect(
    page.getByRole('navigation', { name: 'Techniques' }).getByRole('listitem'),
  ).not.toHaveCount(0)
  await page.getByRole('button', { name: 'Compare ways to chip' }).click()
  const table = page.getByRole('table')
  await expect(table.getByRole('columnheader')).toHaveCount(7)
  await expect(table.getByRole('row', { name: /Waiting added/ })).toContainText('h')
  await page.getByRole('button', { name: 'Salt' }).click()
  await expect(page.getByRole('heading', { name: 'Salt', exact: true })).toBeVisible()
})

test('every finding of a build in one list: filtered, accepted ones with their reason', async ({
  page,
}) => {
  await openDemo(page, '/builds/ploughman-6')
  await page.getByRole('button', { name: 'All findings' }).click()
  await expect(page.getByRole('button', { name: 'Stops 1' })).toBeVisible()
  await page
    .getByRole('button', { name: /^Show on Frame: / })
    .first()
    .click()
  await page.getByRole('button', { name: 'Accept anyway' }).first().click()
  await page.getByLabel('Why you accept it').fill('Trying it on purpose')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'All findings' }).click()
  await expect(page.getByRole('button', { name: 'Stops 0' })).toBeVisible()
  await page.getByRole('button', { name: 'Accepted 1' }).click()
  await expect(page.getByRole('main').getByText('Accepted: Trying it on purpose')).toBeVisible()
})

test('spraying asks for protection at the start, once, and logs it', async ({ page }) => {
  await openDemo(page)
  const queue = page.getByRole('region', { name: 'On the bench' })
  await queue.getByRole('button', { name: /Metal, coat 1/ }).click()
  await page.keyboard.press('s')
  const ask = page.getByRole('group', { name: 'Before you start' })
  await expect(ask).toContainText('fitted respirator')
  await page.keyboard.press('Enter')
  await expect(ask).toHaveCount(0)
  await goTo(page, 'Log')
  await expect(page.getByText('Protection confirmed before the start')).toBeVisible()
})

test('the schools of a build tell what they bring and cost, and lay the clears', async ({
  page,
}) => {
  await openDemo(page, '/builds/lantern-wardens')
  await page.getByText('Finishing choices').click()
  const stages = page.getByRole('combobox', { name: 'Between weathering stages' })
  // Looking through the list changes nothing; Enter does.
  await stages.focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Escape')
  await expect(stages).toContainText('Wait for it to set')
  await stages.click()
  await page.getByRole('option', { name: 'Seal with thin clear' }).click()
  await expect(
    page.getByText('Brings: safe at once. Costs: a coat each; changes the sheen.'),
  ).toBeVisible()
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(stages).toContainText('Wait for it to set')
})

test('a finding leads to its rule in the handbook, and the finder finds chapters and rules', async ({
  page,
}) => {
  await openDemo(page, '/builds/ploughman-6?part=frame')
  await page.locator('[data-rule="no-release-under"]').first().click()
  const row = page.locator('#rule-no-release-under')
  await expect(row).toBeInViewport()
  await page.reload()
  await expect(row).toBeInViewport()
  await expect(page.getByRole('heading', { name: /^2. Materials/, level: 1 })).toBeAttached()
  await page.keyboard.press('/')
  await page.getByLabel('Search for').fill('no release')
  await page.getByRole('option', { name: /^no release under\s*rule/ }).click()
  await expect(row).toBeInViewport()
  await page.keyboard.press('/')
  await page.getByLabel('Search for').fill('correcting a mix')
  await page.getByRole('option', { name: /^4.3 Correcting a mix\s*chapter/ }).click()
  await expect(page.getByRole('heading', { name: '4.3 Correcting a mix' })).toBeInViewport()
})
