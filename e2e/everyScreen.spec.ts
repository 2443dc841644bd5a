// What holds on every screen. Each is loaded once and asked everything: loading is what takes the time.
import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { SCREENS } from './screens'
import { expect, goWhole, openDemo, test, tooWide } from './support'
import { wrongWords } from './words'

const DESK = { width: 1280, height: 800 }
/** What a desk is at 200 %, and the narrowest phone in use. */
const NARROW = [
  { width: 640, height: 400 },
  { width: 360, height: 740 },
]
/** How far a page may jump while it loads, of its height and of what moves. */
const SHIFT = 0.05

/** A few screens each: no test is long, and both processors have something to do. */
const SHARES = 6
const shares = Array.from({ length: SHARES }, (_, share) =>
  SCREENS.filter((_, i) => i % SHARES === share),
)

shares.forEach((screens, share) => {
  test(`every screen is named, stands still, is clear to anyone, is worded well and fits, ${share + 1} of ${SHARES}`, async ({
    page,
  }) => {
    await page.emulateMedia({ reducedMotion: 'reduce', colorScheme: 'light' })
    await openDemo(page)
    const wrong: string[] = []
    for (const path of screens) {
      const tell = (all: readonly string[]) => wrong.push(...all.map((one) => `${path}: ${one}`))
      await goWhole(page, path)
      await expect.poll(() => page.title()).toMatch(/^\S.* · Tectoria$/)
      tell(await jumped(page))
      tell(await tooSmall(page))
      // biome-ignore lint/performance/useDomNodeTextContent: what is seen, not what is hidden
      const said = await page.locator('body').innerText()
      if (!path.startsWith('/handbook/')) tell(wrongWords(said))
      tell(await barriers(page))
      tell(await cutTables(page))
      tell(await restless(page))
      for (const size of NARROW) tell(await tooWide(page, size))
      await page.setViewportSize(DESK)
    }
    expect(wrong).toEqual([])
  })
})

test('no two screens have one title', async ({ page }) => {
  await openDemo(page)
  const titles = new Map<string, string>()
  // Kinds of one screen share its title: one of each.
  const kinds = new Map(SCREENS.map((path) => [path.split('?')[0], path]))
  for (const path of kinds.values()) {
    await page.goto(path, { waitUntil: 'commit' })
    const free = async () => {
      const title = await page.title()
      return /^\S.* · Tectoria$/.test(title) && !titles.has(title)
    }
    await expect.poll(free, { message: `${path} has a title of its own` }).toBe(true)
    titles.set(await page.title(), path)
  }
})

/** Tables of which a column is cut on a desk: what has to be looked for there isn't found. */
async function cutTables(page: Page): Promise<string[]> {
  return page.evaluate(() =>
    [...document.querySelectorAll('main table')].flatMap((table) => {
      const by = Math.round(
        (table.parentElement?.scrollWidth ?? 0) - (table.parentElement?.clientWidth ?? 0),
      )
      return by > 0 ? [`${table.querySelector('caption')?.textContent} is cut by ${by} px`] : []
    }),
  )
}

/** What jumped while the page loaded. */
async function jumped(page: Page): Promise<string[]> {
  const shift = await page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        let sum = 0
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries())
            sum += (entry as PerformanceEntry & { value: number }).value
        }).observe({ type: 'layout-shift', buffered: true })
        setTimeout(() => resolve(sum), 400)
      }),
  )
  return shift < SHIFT ? [] : [`jumped by ${shift.toFixed(3)}`]
}

/** What is pressed or typed into, and lower than 32 px. */
function tooSmall(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const all = document.querySelectorAll('button, select, input, textarea, summary, [role=radio]')
    return [...all]
      .filter((one) => one.checkVisibility() && !one.closest('.sr-only, p, li > span'))
      .map((one) => {
        // A tick is pressed by its label.
        const box = (one.closest('label') ?? one).getBoundingClientRect()
        return { name: (one.getAttribute('aria-label') ?? one.textContent ?? '').trim(), box }
      })
      .filter(({ box }) => box.width > 1 && box.height < 31.5)
      .map(({ name, box }) => `${name} is ${Math.round(box.width)} x ${Math.round(box.height)}`)
  })
}

/** The pulse of what closes; it lies over the text beside it. */
const PULSE = '.closing'

/** What axe finds serious, in either theme and where things move. */
async function barriers(page: Page): Promise<string[]> {
  const found = await seriousOf(page, 'light')
  // Names and structure are the same in both themes; only what is seen differs.
  await page.emulateMedia({ colorScheme: 'dark' })
  found.push(...(await seriousOf(page, 'dark', 'color-contrast')))
  await page.emulateMedia({ colorScheme: 'light' })
  if ((await page.locator(PULSE).count()) === 0) return found
  // At the height of its pulse what closes stays legible; what else there is looks as it did.
  await atItsHeight(page, true)
  found.push(...(await seriousOf(page, 'pulsing', 'color-contrast', `:has(> ${PULSE})`)))
  await atItsHeight(page, false)
  return found
}

/** Holds what pulses where it is seen most, or lets it go on. */
function atItsHeight(page: Page, held: boolean): Promise<void> {
  return page.evaluate(
    ([held, pulse]) => {
      for (const { style } of document.querySelectorAll<HTMLElement>(pulse)) {
        style.animation = held ? 'none' : ''
        style.opacity = held ? '1' : ''
      }
    },
    [held, PULSE] as const,
  )
}

/** What moves where nothing may, and what moves without end where things may: it can't be stopped, and draws the page anew all evening. */
async function restless(page: Page): Promise<string[]> {
  const moving = (longest: number) =>
    page.evaluate(
      (longest) =>
        document
          .getAnimations()
          .filter(({ effect }) => Number(effect?.getComputedTiming().endTime ?? 0) > longest)
          .map((one) => `${(one as CSSAnimation).animationName ?? 'something'} goes on moving`),
      longest,
    )
  const found = await moving(0)
  await page.emulateMedia({ reducedMotion: 'no-preference' })
  found.push(...(await moving(5000)))
  await page.emulateMedia({ reducedMotion: 'reduce' })
  return found
}

/** What axe finds serious on a page or in some of it, by all of its rules or by one. */
async function seriousOf(
  page: Page,
  look: string,
  rule?: string,
  part?: string,
): Promise<string[]> {
  // No frames on these pages: the results needn't go through a page of their own, which takes most of the time.
  const whole = new AxeBuilder({ page }).setLegacyMode(true)
  const axe = part ? whole.include(part) : whole
  const { violations } = await (rule ? axe.withRules(rule) : axe).analyze()
  return violations
    .filter(({ impact }) => impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${look} ${id}: ${nodes.map((node) => node.html.slice(0, 160)).join(' | ')}`,
    )
}
