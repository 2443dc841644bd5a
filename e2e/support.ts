import { readFileSync } from 'node:fs'
import {
  type BrowserContext,
  test as base,
  type Download,
  expect,
  type Locator,
  type Page,
} from '@playwright/test'
import { strFromU8, unzipSync } from 'fflate'
import { PLACES } from '../src/screens/shell/screens'

/** A Tuesday evening in Lisbon, 35 minutes before the demo's session; at no whole minute, where clocks that go in steps would hide what they get wrong. */
export const EVENING = new Date('2026-03-17T18:25:03.400Z')

type Watch = { problems: string[] }

/** Every test watches its page: no request leaves the origin, and the console stays clean. */
export const test = base.extend<{ watch: Watch }>({
  watch: [
    async ({ context, baseURL }, use, info) => {
      const watch: Watch = { problems: [] }
      const own = new URL(baseURL ?? '').origin
      context.on('request', (request) => {
        const url = request.url()
        if (!url.startsWith(`${own}/`) && !url.startsWith('blob:') && !url.startsWith('data:'))
          watch.problems.push(`left the origin: ${url}`)
      })
      context.on('console', (message) => {
        // What the machine's graphics say of themselves is nothing of ours.
        if (message.text().includes('GL Driver Message')) return
        // Only the tests of the service worker have one.
        if (message.text().includes('Service Worker registration blocked')) return
        if (message.type() === 'error' || message.type() === 'warning')
          watch.problems.push(
            `console ${message.type()}: ${message.text()} ${message.location().url}`,
          )
      })
      context.on('response', (response) => {
        if (response.status() === 404) watch.problems.push(`not found: ${response.url()}`)
      })
      context.on('weberror', (error) => {
        watch.problems.push(`page error: ${error.error().message}`)
      })
      await use(watch)
      if (info.status !== info.expectedStatus) await tellPages(context)
      expect(watch.problems).toEqual([])
    },
    { auto: true },
  ],
})

export { expect }

/** What the pages of a test that failed show: a run elsewhere leaves nothing else to read. */
async function tellPages(context: BrowserContext): Promise<void> {
  for (const page of context.pages()) {
    const body = page.locator('body')
    const shown = await body.ariaSnapshot({ timeout: 5_000 }).catch(() => 'nothing')
    console.log(`${page.url()} shows\n${shown.slice(0, 8_000)}`)
  }
}

/** The clock stands at an instant; timers go on. */
export async function standAt(page: Page, at: Date): Promise<void> {
  await page.clock.setFixedTime(at)
}

/** Minutes after the evening begins. */
export function later(minutes: number): Date {
  return new Date(EVENING.getTime() + minutes * 60_000)
}

/** Opens a screen at an instant, at which the clock stands. */
export async function openAt(page: Page, path: string, at: Date = EVENING): Promise<void> {
  await standAt(page, at)
  await page.goto(path)
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible()
}

/** What the browser keeps once the demo was taken and planned, by the zone that it was taken in. */
const taken = new Map<string, Awaited<ReturnType<BrowserContext['storageState']>>>()

/**
 * The demo lies on the bench, and its plan: a process of tests takes it once by hand, later ones begin with what that left.
 *
 * @param path the screen that is opened
 */
export async function openDemo(page: Page, path = '/'): Promise<void> {
  const zone = await page.evaluate(() => Intl.DateTimeFormat().resolvedOptions().timeZone)
  const state = taken.get(zone)
  if (state) {
    await page.context().setStorageState(state)
    await putPhotos(page)
  } else {
    await takeDemo(page)
    await expect.poll(() => page.evaluate(hasPlan)).toBe(true)
    taken.set(zone, await page.context().storageState({ indexedDB: true }))
  }
  await openAt(page, path)
  if (path === '/')
    await expect(page.getByRole('heading', { name: 'Clean up the lining' })).toBeVisible()
}

/** An empty bench takes the demo. */
async function takeDemo(page: Page): Promise<void> {
  await openAt(page, '/')
  await page.getByRole('button', { name: 'Look at the demo bench' }).click()
  await expect(page.getByRole('heading', { name: 'Clean up the lining' })).toBeVisible()
}

/** Is the plan kept? Run in the page. */
async function hasPlan(): Promise<boolean> {
  const asked = <T>(request: IDBRequest<T>) =>
    new Promise<T>((resolve, reject) => {
      request.onsuccess = () => resolve(request.result)
      request.onerror = () => reject(request.error)
    })
  const db = await asked(indexedDB.open('tectoria'))
  const row = await asked(db.transaction('kept').objectStore('kept').get('plan'))
  db.close()
  return row !== undefined
}

/** Puts the demo's pictures back: what a browser keeps is told as text, without them. */
async function putPhotos(page: Page): Promise<void> {
  const empty = /\/rescue$/
  const body = '<link rel="icon" href="data:,">'
  await page.route(empty, (route) => route.fulfill({ contentType: 'text/html', body }))
  await page.goto('/rescue')
  await page.unroute(empty)
  await page.evaluate(async () => {
    const asked = <T>(request: IDBRequest<T>) =>
      new Promise<T>((resolve, reject) => {
        request.onsuccess = () => resolve(request.result)
        request.onerror = () => reject(request.error)
      })
    const db = await asked(indexedDB.open('tectoria'))
    for (const [table, end] of [
      ['photos', ''],
      ['thumbs', '-small'],
    ] as const) {
      const rows = await asked(db.transaction(table).objectStore(table).getAll())
      const whole = await Promise.all(
        rows.map(async (row) => {
          const answer = await fetch(`/demo/${row.id}${end}.jpg`)
          return { ...row, blob: await answer.blob() }
        }),
      )
      const writing = db.transaction(table, 'readwrite', { durability: 'strict' })
      for (const row of whole) writing.objectStore(table).put(row)
      // A page that leaves before they are written takes them along.
      await new Promise((resolve, reject) => {
        writing.oncomplete = resolve
        writing.onerror = writing.onabort = () => reject(writing.error)
      })
    }
    db.close()
  })
}

/** Goes to a screen by its place, as a person does. */
export async function goTo(page: Page, screen: string): Promise<void> {
  const place = PLACES.find(({ screens }) => screens.some(({ say }) => say === screen))
  if (!place) return page.getByRole('banner').getByRole('link', { name: screen }).click()
  await inPlaces(page).getByRole('link', { name: place.say }).click()
  if (place.screens.length < 2) return
  const within = page.getByRole('navigation', { name: `In ${place.say}` })
  await within.getByRole('link', { name: screen, exact: true }).click()
}

/** The five places. */
export function inPlaces(page: Page): Locator {
  return page.getByRole('navigation', { name: 'Places' })
}

/** Everything in the browser, as the file that is exported; pictures lie beside it there. */
export async function exported(page: Page): Promise<Record<string, unknown>> {
  await goTo(page, 'Settings')
  const waiting = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export everything' }).click()
  const bytes = readFileSync(await (await orRefused(page, waiting)).path())
  const isArchive = bytes[0] === 0x50 && bytes[1] === 0x4b
  const text = isArchive ? strFromU8(unzipSync(bytes)['project.json'] as Uint8Array) : `${bytes}`
  const project = JSON.parse(text) as Record<string, unknown>
  delete project.exportedAt
  delete project.handed
  return project
}

/** A download; one that the page refuses or never ends tells what the page said of it. */
async function orRefused(page: Page, waiting: Promise<Download>): Promise<Download> {
  const refusal = page.getByText('Nothing was exported')
  const refused = refusal.waitFor().then(async () => {
    throw new Error(`${await refusal.textContent()}`)
  })
  // Whichever comes second is nobody's.
  refused.catch(() => undefined)
  return Promise.race([waiting, refused])
}

/** Goes to an address, and waits for the plan: what it draws is what may be too wide. */
export async function goWhole(page: Page, path: string): Promise<void> {
  await page.goto(path)
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeAttached()
  await expect(page.getByLabel('Drying line').getByRole('listitem').first()).toBeAttached()
  await expect(page.getByText('Planning your sessions…')).toHaveCount(0)
}

/** By how many px a page is wider than a window of this size; nothing: it fits. */
export async function tooWide(
  page: Page,
  size: { width: number; height: number },
): Promise<string[]> {
  await page.setViewportSize(size)
  const by = () =>
    page.evaluate(() => Math.max(0, document.documentElement.scrollWidth - window.innerWidth))
  // A chart is drawn anew a moment after its window has changed.
  const end = Date.now() + 3_000
  while ((await by()) > 0 && Date.now() < end) await page.waitForTimeout(100)
  const left = await by()
  return left > 0 ? [`${left} px too wide at ${size.width} px`] : []
}
