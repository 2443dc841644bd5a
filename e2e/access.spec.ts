import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, openDemo, test } from './support'
import { wrongWords } from './words'

const SCREENS = [
  '/',
  '/builds',
  '/builds?new=1',
  '/builds/ploughman-6?part=frame',
  '/builds/gannets-lament?part=hull-port',
  '/explain?on=base.enamel&put=clear.lacquer',
  '/library?id=release-chips',
  '/library?id=compare',
  '/handbook',
  '/handbook/4-mixing',
  '/mix',
  '/mix?label=bone-spray',
  '/colour',
  '/colour?do=cover',
  '/colour?do=layers',
  '/colour?do=tones',
  '/colour?do=line',
  '/colour?do=variants',
  '/shelf',
  '/log',
  '/plan',
  '/tonight',
  '/room',
  '/settings',
]

/** Half of the screens each: both processors have something to do. */
const HALVES = [0, 1].map((half) => SCREENS.filter((_, i) => i % 2 === half))

HALVES.forEach((screens, half) => {
  test(`axe finds nothing serious on any screen, in either theme, and no word is off the list, ${half + 1} of 2`, async ({
    page,
  }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' })
    await openDemo(page)
    const serious: string[] = []
    for (const path of screens) {
      await page.emulateMedia({ colorScheme: 'light' })
      await page.goto(path)
      await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached()
      serious.push(...(await seriousOf(page, `${path} light`)))
      // biome-ignore lint/performance/useDomNodeTextContent: what is seen, not what is hidden
      const said = await page.locator('body').innerText()
      if (!path.startsWith('/handbook/'))
        serious.push(...wrongWords(said).map((words) => `${path} says: ${words}`))
      // Names and structure are the same in both themes; only what is seen differs.
      await page.emulateMedia({ colorScheme: 'dark' })
      serious.push(...(await seriousOf(page, `${path} dark`, 'color-contrast')))
    }
    expect(serious).toEqual([])
  })
})

/** What axe finds serious on a page, by all of its rules or by one. */
async function seriousOf(page: Page, where: string, rule?: string): Promise<string[]> {
  // No frames on these pages: the results needn't go through a page of their own, which takes most of the time.
  const axe = new AxeBuilder({ page }).setLegacyMode(true)
  const { violations } = await (rule ? axe.withRules(rule) : axe).analyze()
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${where} ${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`,
    )
}

test('the pages say a strict content security policy', async ({ request }) => {
  for (const path of SCREENS) {
    const policy = (await request.get(path)).headers()['content-security-policy'] ?? ''
    expect(policy).toContain("default-src 'self'")
    expect(policy).not.toContain('unsafe-eval')
    expect(policy).toMatch(/script-src 'self' 'nonce-[^']+'/)
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
