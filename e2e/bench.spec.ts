import { expect, goTo, later, openAt, openDemo, standAt, test } from './support'

test('the open clean-up window is done with the keyboard only', async ({ page }) => {
  await openDemo(page)
  await expect(page.getByText('Window closes in')).toBeVisible()
  await page.keyboard.press('s')
  await expect(page.getByRole('status').getByText('clean up the lining started')).toBeVisible()
  await page.keyboard.press('f')
  await expect(page.getByRole('status').getByText('clean up the lining finished')).toBeVisible()
  const queue = page.getByRole('region', { name: 'On the bench' })
  await expect(queue.getByText('Clean up the lining')).toHaveCount(0)
  await expect(queue.getByText('Matt clear, coat 1 of 2').first()).toBeVisible()

  await page.keyboard.press('Control+z')
  await expect(page.getByRole('status').getByText('Undone')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Clean up the lining' })).toBeVisible()
})

test('the arrow keys choose a part, and a note is written down', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('heading', { level: 2, name: 'Base colour' })).toBeVisible()
  await page.keyboard.press('n')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Enter a note of 1 to 4000 characters')).toBeVisible()
  await page.keyboard.type('Held it a hand farther off.')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').getByText('noted')).toBeVisible()
  await goTo(page, 'Log')
  await expect(page.getByText('Held it a hand farther off.')).toBeVisible()
})

test('at arm’s length a pedal logs what was done and takes it back', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('a')
  const away = page.getByRole('dialog', { name: 'Clean up the lining' })
  await expect(away.getByText('Window closes in')).toBeVisible()
  const clock = await away.getByText('52min').boundingBox()
  expect(clock?.height).toBeGreaterThan(120)
  await expect(away.getByRole('region', { name: 'Then' }).getByRole('listitem')).toHaveCount(3)
  await page.keyboard.press('PageDown')
  await expect(page.getByText('clean up the lining finished')).toBeAttached()
  await expect(page.getByRole('dialog', { name: 'Clean up the lining' })).toHaveCount(0)
  await page.keyboard.press('PageUp')
  await expect(page.getByRole('dialog', { name: 'Clean up the lining' })).toBeVisible()
  // The mix of the next act with coats is told in drops.
  await page.keyboard.press('ArrowDown')
  const next = page.getByRole('dialog', { name: /Base colour/ })
  await expect(next.getByRole('region', { name: 'Mix' }).getByText('drops').first()).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(page.getByRole('heading', { level: 2, name: 'Base colour' })).toBeVisible()
})

test('still tacky is kept with the film it was seen on', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('t')
  await expect(page.getByRole('status').getByText('still tacky')).toBeVisible()
  await goTo(page, 'Log')
  await expect(page.getByText('Base colour: still tacky (touch-dry)').first()).toBeVisible()
})

test('a peg on the line logs the coat in one more click', async ({ page }) => {
  await openDemo(page)
  await standAt(page, later(5))
  await page.getByRole('button', { name: /^Starboard hull.*in hand/ }).click()
  await page.getByRole('button', { name: 'Log coat 2 as done' }).click()
  await expect(page.getByRole('status').getByText('Base colour, coat 2 of 3 done')).toBeVisible()
})

test('a clock is right after a reload in the middle of it, and after the machine slept', async ({
  page,
}) => {
  await openDemo(page)
  await page.keyboard.press('ArrowDown')
  const card = page.getByRole('region', { name: 'The step in hand' })
  await expect(card.getByText('until 18:29')).toBeVisible()
  await standAt(page, later(1))
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Clean up the lining' })).toBeVisible()
  await page.keyboard.press('ArrowDown')
  await expect(card.getByText('until 18:29')).toBeVisible()
  await expect(card.getByText('3 min left,')).toBeAttached()
  // Nothing ticks while the machine sleeps: the time is simply later when it wakes.
  await standAt(page, later(11))
  await expect(card.getByText('Now', { exact: true })).toBeVisible()
})

test('two tabs: what one logs, the other shows', async ({ page, context }) => {
  await openDemo(page)
  const other = await context.newPage()
  await openAt(other, '/')
  await expect(other.getByRole('heading', { name: 'Clean up the lining' })).toBeVisible()
  await page.keyboard.press('f')
  await expect(other.getByRole('heading', { name: 'Clean up the lining' })).toHaveCount(0)
  await goTo(other, 'Log')
  await expect(other.getByText('Clean up the lining finished')).toBeVisible()
})

test('everything at the bench is 44 px or more for a finger', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openDemo(page)
  const small = await page.evaluate(() =>
    [
      ...document.querySelectorAll(
        'main button, main select, main input, nav a, [aria-label="Drying line"] button',
      ),
    ]
      .filter((element) => element.getClientRects().length > 0)
      .map((element) => ({ name: element.textContent ?? '', box: element.getBoundingClientRect() }))
      .filter(({ box }) => box.height < 44 || box.width < 44)
      .map(({ name, box }) => `${name}: ${Math.round(box.width)} x ${Math.round(box.height)}`),
  )
  expect(small).toEqual([])
})
