// Without a network, and without the server: everything that was opened once works on, after a reboot of the browser too.
import { readFileSync } from 'node:fs'
import { type BrowserContext, chromium, expect, type Page, test } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from '../scripts/browser.mjs'
import { FrontServer } from './frontServer'
import { SCREENS } from './screens'
import { EVENING } from './support'

let front: FrontServer
test.beforeEach(async ({ baseURL }) => {
  front = new FrontServer(new URL(baseURL ?? ''))
  await front.start()
})
test.afterEach(() => front.stop())

/** A browser that keeps what it has from one start to the next. */
async function browserAt(folder: string): Promise<{ context: BrowserContext; page: Page }> {
  const context = await chromium.launchPersistentContext(folder, {
    ...{ executablePath: CHROMIUM, args: CHROMIUM_ARGS, locale: 'en-GB' },
    ...{ timezoneId: 'Europe/Lisbon', viewport: { width: 1280, height: 800 } },
    serviceWorkers: 'allow',
  })
  const page = context.pages()[0] ?? (await context.newPage())
  await page.clock.setFixedTime(EVENING)
  return { context, page }
}

/** Waits until all of the application is stored. */
async function stored(page: Page): Promise<void> {
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
}

const places = (page: Page) => page.getByRole('navigation', { name: 'Places' })

test('every screen opens and acts are kept with the server stopped, after a reboot too', async ({
  baseURL: _,
}, info) => {
  test.slow()
  const folder = info.outputPath('browser')
  const first = await browserAt(folder)
  await first.page.goto(front.url)
  await first.page.getByRole('button', { name: 'Look at the demo bench' }).click()
  await expect(first.page.getByRole('heading', { name: 'Clean up the lining' })).toBeVisible()
  await stored(first.page)
  await front.stop()

  // From a link, as a person goes.
  await places(first.page).getByRole('link', { name: 'Paint' }).click()
  await expect(first.page.getByRole('heading', { name: 'Shelf' })).toBeVisible()
  await first.context.close()

  const { context, page } = await browserAt(folder)
  for (const path of SCREENS) {
    await page.goto(`${front.url}${path}`)
    await expect(places(page), path).toBeVisible()
    await expect(page.getByRole('heading', { level: 1 }).first(), path).toBeVisible()
    await expect(page.getByText(/No such build|went wrong here/), path).toHaveCount(0)
  }

  await page.goto(`${front.url}/`)
  await expect(page.getByRole('heading', { name: 'Clean up the lining' })).toBeVisible()
  await page.keyboard.press('n')
  await page.getByLabel('Note').first().fill('Noted without a network')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').getByRole('button', { name: 'Undo' })).toBeVisible()
  await page.goto(`${front.url}/log`)
  await expect(page.getByText('Noted without a network').first()).toBeVisible()

  await page.goto(`${front.url}/settings`)
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export everything' }).click()
  expect(readFileSync(await (await waiting).path()).length).toBeGreaterThan(100_000)
  await page.goto(`${front.url}/plan`)
  const calendar = page.waitForEvent('download')
  await page.getByRole('button', { name: /calendar/i }).click()
  const text = readFileSync(await (await calendar).path(), 'utf8')
  expect(text).toContain('BEGIN:VTIMEZONE')
  await context.close()
})

test('a newer version waits until it is asked for', async ({ baseURL: _ }, info) => {
  test.slow()
  const { context, page } = await browserAt(info.outputPath('browser'))
  await page.goto(front.url)
  await stored(page)
  await expect(page.getByText('A newer Tectoria is here.')).toHaveCount(0)
  front.version = 2
  await page.reload()
  const told = page.getByText('A newer Tectoria is here.')
  await expect(told).toBeVisible()
  const other = await context.newPage()
  await other.goto(`${front.url}/mix`)
  await expect(other.getByText('A newer Tectoria is here.')).toBeVisible()
  await page.getByRole('button', { name: 'Update now' }).click()
  await expect(told).toHaveCount(0)
  await expect(places(page)).toBeVisible()
  await expect(other.getByText(/updated in another tab/)).toBeVisible()
  await other.getByRole('button', { name: 'Load it anew' }).click()
  await expect(other.getByText(/updated in another tab/)).toHaveCount(0)
  await context.close()
})

test('it says so when the network is away', async ({ baseURL: _ }, info) => {
  const { context, page } = await browserAt(info.outputPath('browser'))
  await page.goto(front.url)
  await expect(places(page)).toBeVisible()
  await context.setOffline(true)
  await expect(page.getByText(/^No network: all of it works/)).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText(/^No network/)).toHaveCount(0)
  const manifest = await (await page.request.get(`${front.url}/manifest.webmanifest`)).json()
  expect(manifest.shortcuts.map(({ name }: { name: string }) => name)).toEqual(['Tonight', 'Mix'])
  await context.close()
})
