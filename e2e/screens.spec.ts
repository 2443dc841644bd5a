import { expect, goTo, goWhole, later, openAt, openDemo, standAt, test, tooWide } from './support'

test('a build is started with the keyboard only', async ({ page }) => {
  await openAt(page, '/')
  await page.getByRole('link', { name: 'Start a build' }).focus()
  await page.keyboard.press('Enter')
  const first = page.getByRole('radio', { name: /Ship/ })
  await expect(first).toBeVisible()
  await first.focus()
  const wanted = page.getByRole('radio', { name: /^Miniature/ })
  for (let i = 0; i < 20 && !(await wanted.isChecked()); i++) await page.keyboard.press('ArrowDown')
  await expect(wanted).toBeChecked()
  await page.keyboard.press('Tab')
  await page.keyboard.type('Fen Watch')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Fen Watch' })).toBeVisible()
})

test('every screen says what to do while it is empty', async ({ page }) => {
  await openAt(page, '/')
  await expect(page.getByText('Nothing is drying')).toBeVisible()
  await goTo(page, 'All builds')
  await expect(page.getByText('Begin with')).toBeVisible()
  await goTo(page, 'Shelf')
  await expect(page.getByText('The shelf is empty')).toBeVisible()
  await goTo(page, 'Log')
  await expect(page.getByText('Nothing has been logged yet')).toBeVisible()
  await goTo(page, 'Mix')
  await expect(page.getByText('None yet. Name the mix')).toBeVisible()
  await page.goto('/builds/nowhere')
  await expect(page.getByRole('heading', { name: 'No such build' })).toBeVisible()
})

test('times at the bench are changed, and the plan follows', async ({ page }) => {
  await openDemo(page, '/settings')
  await page.getByLabel('Session 1 from').fill('22:00')
  await page.getByRole('button', { name: 'Save these times' }).click()
  await expect(page.getByText('Enter a session that ends after it begins')).toBeVisible()
  await page.getByLabel('Session 1 from').fill('19:40')
  await page.getByRole('button', { name: 'Save these times' }).click()
  await expect(
    page.getByRole('status').getByText('Changed when you are at the bench'),
  ).toBeVisible()
  await goTo(page, 'Bench')
  // The lining can be cleaned until 19:17: no plan keeps that window now, and it says which.
  await expect(page.getByText(/No plan keeps every window/)).toBeVisible()
  await expect(
    page.getByText(/Clean up the lining on Port hull: its window closes 19:17/),
  ).toBeVisible()
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Everything on the bench is done by')).toBeVisible()
})

test('a day away is left out of the plan', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('f')
  await goTo(page, 'Settings')
  await page.getByRole('button', { name: 'Time away' }).click()
  await page.getByRole('button', { name: 'Save these times' }).click()
  await expect(page.getByLabel('Day away 1')).toBeVisible()
  await page.getByLabel('Day away 1').fill('2026-03-17')
  await page.getByRole('button', { name: 'Save these times' }).click()
  await goTo(page, 'Bench')
  await expect(
    page.getByRole('region', { name: 'Next session' }).getByText(/Thu 19:00/),
  ).toBeVisible()
})

test('the theme is chosen and kept', async ({ page }) => {
  await openDemo(page, '/settings')
  await page.getByRole('radio', { name: 'Dark' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Settings and data' })).toBeVisible()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
})

test('a bottle is found, changed, taken off and brought back', async ({ page }) => {
  await openDemo(page, '/shelf')
  await page
    .getByLabel('Find a bottle by name, maker, family, role or code')
    .fill('glasswing clear')
  await expect(page.getByRole('button', { name: /Matt Clear/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /Kelp Moss/ })).toHaveCount(0)
  await page.getByRole('button', { name: /Matt Clear/ }).click()
  const form = page.getByRole('form', { name: 'Matt Clear' })
  await form.getByLabel('Left in it').fill('3')
  await form.getByRole('button', { name: 'Save the bottle' }).click()
  await expect(page.getByRole('button', { name: /Matt Clear.*nearly empty/ })).toBeVisible()
  await page.getByRole('button', { name: /Matt Clear/ }).click()
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(
    page.getByText('No bottle matches.').or(page.getByRole('button', { name: /Gloss Clear/ })),
  ).toBeVisible()
  await expect(page.getByRole('button', { name: /Matt Clear/ })).toHaveCount(0)
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('button', { name: /Matt Clear/ })).toBeVisible()
})

test('a bottle gasses off while the clock runs', async ({ page }) => {
  await openDemo(page, '/shelf')
  await expect(
    page.getByRole('button', { name: /Mountain Cream.*gassing off, 3 h before it sprays/ }),
  ).toBeVisible()
  await standAt(page, later(4 * 60))
  await expect(
    page.getByRole('button', { name: /Mountain Cream.*gassing off, lid resting/ }),
  ).toBeVisible()
  await standAt(page, later(20 * 60))
  await expect(page.getByRole('button', { name: /Mountain Cream.*gassed off/ })).toBeVisible()
})

test('a build is archived and brought back', async ({ page }) => {
  await openDemo(page, '/builds')
  const row = page.getByRole('listitem').filter({ hasText: 'Ploughman 6' })
  await row.getByRole('button', { name: 'Archive' }).click()
  await page.getByRole('button', { name: /^Finished and archived/ }).click()
  await expect(row.getByText('Archived: not planned.')).toBeVisible()
  await goTo(page, 'Bench')
  await expect(page.getByRole('region', { name: 'On the bench' }).getByText('Armour')).toHaveCount(
    0,
  )
  await goTo(page, 'All builds')
  await page.getByRole('button', { name: /^Finished and archived/ }).click()
  await row.getByRole('button', { name: 'Bring it back' }).click()
  await expect(row.getByText('Archived: not planned.')).toHaveCount(0)
})

test('another school of lining is judged at once', async ({ page }) => {
  await openDemo(page, '/builds/ploughman-6?part=armour')
  await expect(page.getByText('No problems found')).toBeVisible()
  await page.getByText('gloss', { exact: true }).click()
  await expect(page.locator('[data-rule="flow-needs-gloss"]')).toBeVisible()
  await page.getByText('straight on matt', { exact: true }).click()
  await expect(page.locator('[data-rule="flow-needs-gloss"]')).toHaveCount(0)
})

test('a part is added, and nonsense for its area is refused with the range', async ({ page }) => {
  await openDemo(page, '/builds/corriebreck-1100?part=body')
  await page.getByText('Another part').click()
  const added = page.locator('details', { hasText: 'Another part' })
  await added.getByLabel('Name').fill('Bumpers')
  await added.getByLabel(/Area to paint/).fill('wide')
  await added.getByRole('button', { name: 'Add the part' }).click()
  await expect(added.getByText(/Enter a number from 0.1 to 100000 cm², not “wide”/)).toBeVisible()
  await added.getByLabel(/Area to paint/).fill('22')
  await added.getByRole('button', { name: 'Add the part' }).click()
  await page.getByRole('button', { name: 'Bumpers' }).click()
  await expect(page.getByText('No steps yet')).toBeVisible()
})

test('a mix for an area splits into fills of the cup', async ({ page }) => {
  await openDemo(page, '/mix')
  await page.getByRole('radio', { name: 'For an area and its coats' }).check()
  await page.getByRole('textbox', { name: 'Coats' }).fill('light, light, wet')
  await page.getByLabel('Cup').selectOption('2')
  const mix = page.getByRole('region', { name: 'The mix' })
  // (374 · (0.0015 + 0.0015 + 0.003) / 0.65 + 0.4 a fill) · 1.15
  await expect(mix.getByText('5.4 ml, in 3 fills of')).toBeVisible()
  await page.getByRole('textbox', { name: 'Coats' }).fill('light, fluffy')
  await expect(mix.getByText(/Enter mist, light, wet, clear-wet/)).toBeVisible()
})

/** The narrowest that is in use. */
const PHONE = { width: 360, height: 740 }

test('no name without a break widens a page', async ({ page }) => {
  await page.setViewportSize(PHONE)
  await openDemo(page)
  const long = 'Gannetslamentkelptrawlerofthedeeporbit'.repeat(2)
  await page.goto('/builds/gannets-lament?part=hull-port')
  await page.getByText('About this build').click()
  await page.getByLabel('Name of the build').fill(long)
  await page
    .getByRole('form', { name: 'About this build' })
    .getByRole('button', { name: 'Save' })
    .click()
  await expect(page.getByRole('heading', { name: long })).toBeVisible()
  await page.getByLabel('Name', { exact: true }).first().fill(long)
  await page.getByRole('button', { name: 'Save the part' }).click()
  await expect(page.getByRole('button', { name: long }).first()).toBeVisible()
  const paths = ['/', '/tonight', '/plan', '/plan?table=true', '/builds', '/log']
  const build = ['/builds/gannets-lament?part=hull-port', '/builds/gannets-lament?card=']
  const wide: string[] = []
  for (const path of [...paths, ...build]) {
    await goWhole(page, path)
    wide.push(...(await tooWide(page, PHONE)).map((by) => `${path}: ${by}`))
  }
  expect(wide).toEqual([])
})

test('every screen is two taps away on a phone, and the bar says what undo would do', async ({
  page,
}) => {
  await openDemo(page)
  await page.setViewportSize({ width: 390, height: 844 })
  const screens = ['Session card', 'Plan', 'All builds', 'Log', 'Shelf', 'Mix', 'Colour']
  for (const screen of [...screens, 'Chapters', 'May this go on that?', 'Techniques', 'Settings']) {
    await goTo(page, screen)
    await expect(
      page.locator('nav, header').locator('[aria-current="page"]').last(),
    ).toHaveAccessibleName(screen)
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached()
  }
  const bar = page.getByRole('banner')
  await goTo(page, 'Room')
  await expect(bar.getByRole('link', { name: /^Room 20\.0 °C · 50 %/ })).toBeVisible()
  await goTo(page, 'All builds')
  await page.getByRole('button', { name: 'Archive' }).first().click()
  await bar.getByTitle(/^Undo: Archived: /).click()
  await bar.getByTitle(/^Redo: Archived: /).click()
  await expect(bar.getByRole('button', { name: 'Redo' })).toBeDisabled()
})
