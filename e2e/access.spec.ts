import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Page } from '@playwright/test'
import { SCREENS } from './screens'
import { expect, openDemo, test } from './support'
import { wrongWords } from './words'

/** Said by what makes the finder's index, and by nothing that a page waits for. */
const HELD_BACK = 'fahrenheit psi inches ounces imperial'
/** In what the finder itself is made with. */
const FINDER = 'cmdk-input'

test('the pages say a strict content security policy', async ({ request }) => {
  for (const path of SCREENS) {
    const policy = (await request.get(path)).headers()['content-security-policy'] ?? ''
    expect(policy).toContain("default-src 'self'")
    expect(policy).not.toMatch(/unsafe-/)
    expect(policy).toMatch(/script-src 'self' 'nonce-[^']+'/)
    expect(policy).toMatch(/style-src 'self' 'nonce-[^']+';/)
  }
})

test('anything is found by its name, and the keys are listed', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('/')
  await page.keyboard.type('corrie sills')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Corriebreck 1100' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Sills' })).toHaveAttribute('aria-current', 'true')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toHaveCount(0)
})

test('a dialog that was opened with the focus nowhere leaves it on the content', async ({
  page,
}) => {
  await openDemo(page, '/settings')
  await expect(page.getByRole('heading', { name: 'Your data' })).toBeVisible()
  await page.keyboard.press('/')
  await expect(page.getByLabel('Search for')).toBeFocused()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(page.locator('#main')).toBeFocused()
})

const CHUNKS = '.next/static/chunks'

/** Holds a piece of the script back, what knows it by a word that is in no other. @returns lets it come */
async function holdBack(page: Page, word: string): Promise<() => void> {
  let release = () => {}
  const released = new Promise<void>((resolve) => {
    release = resolve
  })
  const files = readdirSync(CHUNKS).filter((file) => file.endsWith('.js'))
  const held = files.filter((file) => readFileSync(join(CHUNKS, file), 'utf8').includes(word))
  expect(held.length).toBeGreaterThan(0)
  for (const file of held)
    await page.route(`**/${file}`, async (route) => {
      await released
      if (!page.isClosed()) await route.continue()
    })
  return release
}

for (const [what, word] of [
  ['anything can be found', HELD_BACK],
  ['the finder is there', FINDER],
] as const)
  test(`what is entered before ${what} is gone to when it is`, async ({ page }) => {
    const release = await holdBack(page, word)
    await openDemo(page)
    await page.keyboard.press('/')
    await page.keyboard.type('corrie sills')
    await expect(page.getByText('Looking…')).toBeVisible()
    await page.keyboard.press('Enter')
    release()
    await expect(page.getByRole('heading', { name: 'Corriebreck 1100' })).toBeVisible()
  })

test('what is typed before the finder is there stays, and is typed on', async ({ page }) => {
  const release = await holdBack(page, FINDER)
  await openDemo(page)
  await page.keyboard.press('/')
  await page.keyboard.type('corrie')
  await expect(page.getByText('Looking…')).toBeVisible()
  release()
  await expect(page.getByRole('option').first()).toBeVisible()
  await page.keyboard.type(' sills')
  await expect(page.getByLabel('Search for')).toHaveValue('corrie sills')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
})

test('the finder is left before it is there, and gives the focus back', async ({ page }) => {
  const release = await holdBack(page, FINDER)
  await openDemo(page, '/settings')
  await expect(page.getByRole('heading', { name: 'Your data' })).toBeVisible()
  await page.keyboard.press('/')
  await expect(page.getByText('Looking…')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.locator('#main')).toBeFocused()
  const find = page.getByRole('button', { name: 'Find anything' })
  await find.click()
  await page.keyboard.type('corrie')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(find).toBeFocused()
  release()
})

test.describe('what no screen may say', () => {
  for (const [said, wrong] of [
    ['1 coats left', ['1 coats']],
    ['11 coats, 2.1 hours, 1 coat', []],
    ['it takes NaN min', ['NaN']],
    ['flow-needs-gloss: the face is matt', ['flow-needs-gloss']],
    ['Put away: not planned', ['Put away']],
  ] as const)
    test(said, () => expect(wrongWords(said)).toEqual(wrong))
})
