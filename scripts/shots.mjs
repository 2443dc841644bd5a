// Takes the pictures of docs/screenshots from the demo data, at a fixed clock. `npm run build` comes first.
// With --to FOLDER they go elsewhere; with --only NAME, just one.
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'
import { root, startServer } from './server.mjs'

const { values } = parseArgs({ options: { to: { type: 'string' }, only: { type: 'string' } } })
const folder = values.to ?? join(root, 'docs', 'screenshots')

/** A Tuesday evening in Lisbon, 35 minutes before the session. */
const NOW = new Date('2026-03-17T18:25:00Z')
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }

/** The core sample at the top of the window. */
const toCore = async (page) => {
  // It is drawn as soon as the part is judged: a moment after its rows are there.
  await page.getByText(/the bar is ([2-9]|\d\d)/).waitFor({ timeout: 60_000 })
  await page.waitForTimeout(2000)
  await page.getByRole('region', { name: 'Core' }).evaluate((core) => {
    core.scrollIntoView()
    scrollBy(0, -12)
  })
}

/** Every sample of the panel is laid and measured. */
const wholePanel = async (page) => {
  await page.waitForTimeout(1000)
  await page.locator('section[aria-busy="false"] dl').waitFor({ timeout: 60_000 })
  await page
    .getByText('Coarse, the fine one follows…')
    .waitFor({ state: 'hidden', timeout: 60_000 })
}

/** One picture each: where, how large, which theme, and what is done before it is taken. */
const SHOTS = [
  { name: 'bench', path: '/', size: DESK },
  { name: 'bench-phone', path: '/', size: PHONE },
  {
    name: 'arms-length-dark',
    path: '/?part=gannets-lament%2Fhull-starboard',
    size: DESK,
    theme: 'dark',
    before: (page) => page.getByRole('button', { name: /At arm’s length/ }).click(),
  },
  {
    name: 'plan',
    path: '/plan',
    size: DESK,
    before: (page) =>
      page
        .getByRole('button', { name: /^Matt clear/ })
        .first()
        .press('Enter'),
  },
  {
    name: 'plan-month-dark',
    path: '/plan?view=month',
    size: DESK,
    theme: 'dark',
  },
  {
    name: 'session',
    path: '/tonight',
    size: DESK,
    before: (page) => page.getByText('hands-on').waitFor(),
  },
  {
    name: 'room',
    path: '/room',
    size: DESK,
    before: async (page) => {
      await page.getByRole('radio', { name: 'read from the bench sensor' }).click()
      await page.getByText('The usual day').waitFor()
      await page.locator('.apexcharts-svg').nth(1).waitFor()
    },
  },
  { name: 'builds', path: '/builds', size: DESK },
  {
    name: 'panel',
    path: '/panel?of=technique+sponge-chips+35&at=3&with=own',
    size: DESK,
    before: async (page) => {
      await wholePanel(page)
      await page.getByLabel('How much (%)').fill('15')
      await wholePanel(page)
    },
  },
  {
    name: 'faults',
    path: '/faults?of=gannets-lament%2Fhull-port&seen=white-frost',
    size: DESK,
    before: (page) => page.getByRole('region', { name: 'What it came from' }).waitFor(),
  },
  {
    name: 'build',
    path: '/builds/ploughman-6?part=frame',
    size: DESK,
    before: (page) => toCore(page),
  },
  {
    name: 'build-dark',
    path: '/builds/gannets-lament?part=hull-port',
    size: DESK,
    theme: 'dark',
    before: (page) => toCore(page),
  },
  {
    name: 'picture',
    path: '/pictures?id=demo-digger',
    size: DESK,
    before: (page) => page.getByRole('application', { name: /digger/ }).waitFor(),
  },
  {
    name: 'part-dark',
    path: '/builds/lantern-wardens?part=hound',
    size: DESK,
    theme: 'dark',
    before: async (page) => {
      const zones = page.getByRole('region', { name: 'Zones' })
      await zones.getByRole('img').waitFor()
      await zones.getByRole('button', { name: 'Back and head' }).first().click()
      await zones.evaluate((one) => one.scrollIntoView())
    },
  },
  {
    name: 'library',
    path: '/library?id=graded-lining&build=ploughman-6',
    size: DESK,
    // What it would add is asked of the worker.
    before: async (page) => {
      await page.getByRole('button', { name: /^Add [1-9]\d* steps?$/ }).waitFor()
      // Its two panels are laid after that.
      await page.waitForTimeout(6000)
    },
  },
  {
    name: 'explain',
    path: '/explain?on=base.enamel&put=clear.lacquer',
    size: DESK,
    before: (page) => page.getByText('from 7 d on').waitFor(),
  },
  {
    name: 'mix',
    path: '/mix',
    size: DESK,
    before: (page) =>
      page.getByLabel('Paint', { exact: true }).selectOption({ label: 'Bone White, Ferrowick' }),
  },
  {
    name: 'colour',
    path: '/colour?target=%237C8A84&over=%23E9E9E6',
    size: DESK,
    before: async (page) => {
      await page.getByRole('group', { name: 'Other bottles' }).waitFor()
      await page.getByRole('button', { name: 'Stop looking' }).waitFor({ state: 'detached' })
    },
  },
  { name: 'shelf', path: '/shelf', size: DESK },
]

async function take(browser, url, shot) {
  const context = await browser.newContext({
    viewport: shot.size,
    timezoneId: 'Europe/Lisbon',
    locale: 'en-GB',
    colorScheme: shot.theme ?? 'light',
    reducedMotion: 'reduce',
  })
  const page = await context.newPage()
  await page.clock.setFixedTime(NOW)
  await page.goto(url + shot.path)
  await page.getByRole('navigation', { name: 'Places' }).waitFor()
  await page.getByRole('heading', { level: 1 }).first().waitFor({ state: 'attached' })
  if (shot.path.startsWith('/plan')) {
    await page.getByRole('region', { name: /^The plan / }).waitFor()
    await page.getByText('planning again').waitFor({ state: 'detached' })
  }
  if (shot.path === '/') await page.getByText('Everything on the bench is done by').waitFor()
  await shot.before?.(page)
  await page.waitForTimeout(400)
  await page.screenshot({ path: join(folder, `${shot.name}.png`) })
  await context.close()
  console.log(`${shot.name}.png`)
}

mkdirSync(folder, { recursive: true })
const server = await startServer({ demo: true })
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
try {
  for (const shot of SHOTS.filter((shot) => !values.only || shot.name === values.only))
    await take(browser, server.url, shot)
} finally {
  await browser.close()
  server.stop()
}
