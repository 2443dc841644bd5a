// What people need who can't see, point, or spare a hand.
import type { Page } from '@playwright/test'
import { expect, goTo, later, openDemo, standAt, test } from './support'

/** What has the focus, by its name; "the page" where it fell there. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const at = document.activeElement
    if (!at || at === document.body) return 'the page'
    return at.getAttribute('aria-label') ?? at.textContent?.trim().slice(0, 40) ?? at.tagName
  })

async function expectFocusKept(page: Page, after: string): Promise<void> {
  await expect.poll(() => focused(page), { message: `focus after ${after}` }).not.toBe('the page')
}

test('the focus never falls to the page: dialogs, saved, removed and closed things give it on', async ({
  page,
}) => {
  await openDemo(page)
  await page.getByRole('banner').getByRole('button', { name: 'Find anything' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect.poll(() => focused(page)).toBe('Find anything')

  // At the bench: a note, cancelled and saved.
  const note = page.getByRole('button', { name: /^Note/ })
  await note.focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Cancel' }).focus()
  await page.keyboard.press('Enter')
  await expectFocusKept(page, 'a note was cancelled')
  await note.focus()
  await page.keyboard.press('Enter')
  await page.keyboard.type('Swab held flat.')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').getByText('noted')).toBeVisible()
  await expectFocusKept(page, 'a note was saved')

  // A step: closed, moved, removed.
  await page.goto('/builds/lantern-wardens?part=hound')
  const matt = page.getByRole('button', { name: /^Matt clear/ })
  await matt.focus()
  await page.keyboard.press('Enter')
  await page
    .getByRole('form', { name: 'The chosen step' })
    .getByRole('button', { name: 'Close' })
    .focus()
  await page.keyboard.press('Enter')
  await expect(matt).toBeFocused()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Remove from Mire Hound' }).focus()
  await page.keyboard.press('Enter')
  await expect(matt).toHaveCount(0)
  await expectFocusKept(page, 'a step was removed')

  // A bottle: opened, cancelled, removed.
  await page.goto('/shelf')
  await page.getByRole('button', { name: /^Kelp Moss/ }).focus()
  await page.keyboard.press('Enter')
  await page
    .getByRole('form', { name: 'Kelp Moss' })
    .getByRole('button', { name: 'Cancel' })
    .focus()
  await page.keyboard.press('Enter')
  await expectFocusKept(page, 'a bottle was closed')
  await page.getByRole('button', { name: /^Kelp Moss/ }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Remove', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: /^Kelp Moss/ })).toHaveCount(0)
  await expectFocusKept(page, 'a bottle was removed')
})

test('in forced colours swatches, levels, bands and the current place can still be told', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' })
  await openDemo(page)
  const outline = (selector: string) =>
    page
      .locator(selector)
      .first()
      .evaluate((element) => getComputedStyle(element).outlineStyle)
  expect(await outline('nav [aria-current="page"]')).toBe('solid')
  // A peg's strip keeps the colour of its film.
  const strip = page.locator('[aria-label="Drying line"] [style*="background"]').first()
  const given = await strip.evaluate((element) => (element as HTMLElement).style.backgroundColor)
  await expect(strip).toHaveCSS('background-color', given)
  await page.goto('/shelf')
  const liquid = page.locator('svg rect[fill^="#"]').first()
  await expect(liquid).toHaveCSS('forced-color-adjust', 'none')
  await page.goto('/builds/ploughman-6?part=frame')
  await expect(page.locator('[data-film]').first()).toBeVisible()
  await expect(page.locator('[data-film]').first()).toHaveCSS('forced-color-adjust', 'none')
})

test('the chart of the room is drawn in the colours of its page, and drawn anew in the other theme’s', async ({
  page,
}) => {
  await openDemo(page, '/room')
  const lines = page.locator(
    '.apexcharts-line-series path[stroke], .apexcharts-area-series path[stroke]',
  )
  const strokes = () =>
    lines.evaluateAll((all) => [...new Set(all.map((one) => one.getAttribute('stroke')))].sort())
  await expect(lines.first()).toBeAttached()
  const light = await strokes()
  // What it takes where it can’t read a colour of the page.
  expect(light.join(' ')).not.toMatch(/#808080|rgba?\(128, ?128, ?128/)
  await page.evaluate(() => document.documentElement.setAttribute('data-theme', 'dark'))
  await expect.poll(strokes).not.toEqual(light)
})

test('a whole evening with the keyboard: found, done, noted, looked at, planned', async ({
  page,
}) => {
  await openDemo(page)
  const say = (text: string | RegExp) =>
    expect(page.getByRole('status').getByText(text)).toBeVisible()
  // Past the places with the first Tab.
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Clean up the lining' })).toBeVisible()
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'To the content' })).toBeFocused()
  await page.keyboard.press('Enter')
  await page.keyboard.press('s')
  await say('clean up the lining started')
  await standAt(page, later(12))
  await page.keyboard.press('f')
  await say('clean up the lining finished')
  await page.keyboard.press('ArrowDown')
  const heading = page
    .getByRole('region', { name: 'The step in hand' })
    .getByRole('heading')
    .first()
  await expect(heading).not.toHaveText('Clean up the lining')
  await page.keyboard.press('n')
  await page.keyboard.type('Left tacky at the rim.')
  await page.keyboard.press('Enter')
  await say('noted')
  await page.keyboard.press('/')
  await page.keyboard.type('session card')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Session card' })).toBeVisible()
  // What was finished just now stays on the card, and can't be pressed, until the plan is made anew.
  await page.getByRole('button', { name: /^Done/, disabled: false }).first().press('Enter')
  await say(/finished|done/)
  await page.keyboard.press('Control+z')
  await say('Undone')
  await page.keyboard.press('/')
  await page.keyboard.type('plan')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Plan', exact: true })).toBeVisible()
  await page.locator('[data-block][tabindex="0"]').first().focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('list', { name: 'What holds it' })).toBeVisible()
  await page.keyboard.press('p')
  await say(/kept in the session of/)
})

test.describe('on a phone in one hand', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true })

  /** A thumb reaches the lower half of the screen. */
  async function tapInReach(page: Page, name: RegExp | string, within = 'main'): Promise<void> {
    const button = page.locator(within).getByRole('button', { name }).first()
    const box = await button.boundingBox()
    expect(box, String(name)).not.toBeNull()
    expect(
      (box?.y ?? 0) + (box?.height ?? 0) / 2,
      `${name} lies in the lower half`,
    ).toBeGreaterThan(422)
    expect((box?.y ?? 0) + (box?.height ?? 0), `${name} is on the screen`).toBeLessThanOrEqual(844)
    await button.tap()
  }

  test('a whole evening is logged with the thumb alone', async ({ page }) => {
    await openDemo(page)
    const say = (text: string | RegExp) =>
      expect(page.getByRole('status').getByText(text)).toBeVisible()
    await tapInReach(page, /^Start/)
    await say('clean up the lining started')
    await standAt(page, later(12))
    await tapInReach(page, /^Finish/)
    await say('clean up the lining finished')
    await tapInReach(page, 'Undo', '[role=status]')
    await expect(page.getByRole('heading', { name: 'Clean up the lining' })).toBeVisible()
    await tapInReach(page, /^Finish/)
    await goTo(page, 'Session card')
    await expect(page.getByRole('heading', { name: 'Session card' })).toBeVisible()
    await goTo(page, 'Plan')
    const block = page.locator('[data-block]').first()
    // What was just finished stands there until it is planned again.
    await expect(block).not.toHaveAccessibleName(/clean up the lining/i)
    await block.scrollIntoViewIfNeeded()
    await block.tap()
    await expect(page.getByRole('dialog')).toBeVisible()
    await tapInReach(page, 'Where else may it go?', '[role=dialog]')
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.goto('/plan?task=done-since')
    await expect(page.getByRole('dialog').getByText('it is done, or it was removed')).toBeVisible()
  })
})
