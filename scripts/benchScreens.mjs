// What a logged act, a drag and an opened screen cost in the browser on a bench with years of work behind it, against the demo's.
// `npm run build` comes first.
import { execFileSync } from 'node:child_process'
import { mkdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'
import { root, startServer } from './server.mjs'

/** Rounds of everything; the first is not counted. */
const ROUNDS = 5
/** So long after a load the workers have planned and rest, ms. */
const PLANNED = 8000
/** A Tuesday evening in Lisbon, as in the tests. */
const NOW = new Date('2026-03-17T18:25:00Z')
const BUILD = '/builds/lantern-wardens?part=wardens'
/** Each on a page of its own: what one leaves behind doesn't slow the other. */
const BENCHES = { demo: null, large: join(root, '.cache', 'large-bench.json') }

/** Clicks something of the page and waits until something else is there: ms from the click to the picture after it. */
async function answered(page, click, done) {
  return page.evaluate(
    async ([click, done]) => {
      const frame = () => new Promise((resolve) => requestAnimationFrame(resolve))
      const began = performance.now()
      document.querySelector(click).click()
      while (!document.querySelector(done)) await frame()
      await frame()
      return performance.now() - began
    },
    [click, done],
  )
}

/** Of a page that begins: in `drawn` how long it took until the first picture with something to do, ms. */
function tellDrawn() {
  const now = performance.now.bind(performance)
  const frame = requestAnimationFrame.bind(window)
  window.drawn = new Promise((resolve) => {
    const look = () =>
      document.querySelector('[data-bench-buttons]') ? frame(() => resolve(now())) : frame(look)
    frame(look)
  })
}

const PLACES = 'nav[aria-label="Places"]'
const WITHIN = 'nav[aria-label^="In "]'

function linksIn(page, nav) {
  return page.$$eval(`${nav} a`, (all) =>
    all.map((link) => [link.textContent, link.getAttribute('href')]),
  )
}

/** Every screen, place by place, as a person goes to it. */
async function screens(page, times) {
  const open = async (nav, name, href) => {
    const link = `${nav} a[href="${href}"]`
    const ms = await answered(page, link, `${link}[aria-current="page"]`)
    add(times, `${name} opened`, ms)
    await page.waitForTimeout(1200)
  }
  for (const [place, at] of await linksIn(page, PLACES)) {
    await open(PLACES, place, at)
    for (const [name, href] of await linksIn(page, WITHIN))
      if (href !== at) await open(WITHIN, name, href)
  }
}

/** The finder, from the last key of a word to the first thing found. */
async function search(page, times) {
  await page.keyboard.press('/')
  const field = page.getByLabel('Search for')
  await field.waitFor()
  await page.waitForTimeout(1500)
  const began = performance.now()
  await field.fill('frost')
  await page.getByRole('option', { name: /frost/i }).first().waitFor()
  add(times, 'a search answered', performance.now() - began)
  await page.keyboard.press('Escape')
}

/** Two notes on what the bench's card says, from the key to the words that tell of them: the first reads what the disk has. */
async function notes(page, times, round) {
  for (const nth of ['first', 'next']) {
    await page.keyboard.press('n')
    await page.waitForTimeout(300)
    await page.keyboard.type(`Looks well, ${round}, ${nth}`)
    const began = performance.now()
    await page.keyboard.press('Enter')
    await page.getByRole('status').getByText('noted').waitFor()
    add(times, `the ${nth} note logged`, performance.now() - began)
    await page.getByRole('status').getByText('noted').waitFor({ state: 'detached' })
  }
}

/** A step dragged over others and let go where it was: ms until the sample says what it would come to. */
async function drag(page, times) {
  const grips = page.getByRole('button', { name: /^Move (?!up$|down$)/ })
  const grip = async (nth) => {
    const box = await grips.nth(nth).boundingBox()
    return [box.x + 10, box.y + 10]
  }
  const [x, from] = await grip(0)
  const [, to] = await grip(2)
  await page.mouse.move(x, from)
  await page.mouse.down()
  const began = performance.now()
  for (let i = 1; i <= 20; i++) await page.mouse.move(x, from + ((to + 8 - from) * i) / 20)
  await page.getByText('If dropped here:').waitFor()
  add(times, 'a drag, until the sample says what it would come to', performance.now() - began)
  await page.keyboard.press('Escape')
  await page.mouse.up()
}

function add(times, what, ms) {
  const known = times.get(what) ?? []
  times.set(what, [...known, ms])
}

/** Throws away what nothing holds any more, in the page and its workers, as a machine short of memory has them do. */
async function collect(page) {
  const cdp = await page.context().newCDPSession(page)
  const workers = []
  cdp.on('Target.attachedToTarget', ({ sessionId }) => workers.push(sessionId))
  await cdp.send('Target.setAutoAttach', {
    autoAttach: true,
    waitForDebuggerOnStart: false,
    flatten: false,
  })
  await cdp.send('HeapProfiler.collectGarbage')
  const message = JSON.stringify({ id: 1, method: 'HeapProfiler.collectGarbage' })
  for (const sessionId of workers)
    await cdp.send('Target.sendMessageToTarget', { sessionId, message })
  await page.waitForTimeout(2000)
  await cdp.detach()
}

/** What the page and its workers hold for themselves, MB: of the browser's processes for pages the largest one. As Linux tells it. */
async function memory(browser) {
  const cdp = await browser.newBrowserCDPSession()
  const { processInfo } = await cdp.send('SystemInfo.getProcessInfo')
  await cdp.detach()
  const own = processInfo
    .filter(({ type }) => type === 'renderer')
    .map(({ id }) => {
      const told = readFileSync(`/proc/${id}/smaps_rollup`, 'utf8')
      const kB = [...told.matchAll(/^Private_\w+:\s+(\d+) kB/gm)]
      return kB.reduce((sum, [, one]) => sum + Number(one), 0) / 1000
    })
  return Math.max(...own)
}

async function measure(browser, url, file) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  const page = await context.newPage()
  page.setDefaultTimeout(30_000)
  await page.addInitScript(tellDrawn)
  await page.clock.setFixedTime(NOW)
  await page.goto(url)
  await page.getByRole('button', { name: 'Look at the demo bench' }).click()
  await page.getByRole('heading', { name: 'Clean up the lining' }).waitFor()
  if (file) {
    await page.goto(`${url}/settings`)
    await page.getByLabel('Import a file').setInputFiles(file)
    await page.getByRole('button', { name: /^Import (it|and replace)/ }).click()
    await page.getByRole('status').getByText('Imported').waitFor()
  }
  const times = new Map()
  for (let round = 0; round < ROUNDS; round++) {
    if (round === 1) times.clear()
    await page.goto(url)
    await page.locator('[data-bench-buttons]').waitFor()
    add(times, 'the page loaded', await page.evaluate(() => window.drawn))
    await page.waitForTimeout(PLANNED)
    await notes(page, times, round)
    await search(page, times)
    await screens(page, times)
    await page.goto(url + BUILD)
    await page
      .getByRole('button', { name: /^Move (?!up$|down$)/ })
      .nth(2)
      .waitFor()
    await page.waitForTimeout(PLANNED)
    await drag(page, times)
    add(times, 'memory after all of it, MB', await memory(browser))
    await collect(page)
    add(times, 'memory that is held, MB', await memory(browser))
  }
  await context.close()
  return new Map(
    [...times].map(([what, all]) => [what, all.sort((a, b) => a - b)[all.length >> 1]]),
  )
}

mkdirSync(join(root, '.cache'), { recursive: true })
const run = join(root, 'scripts', 'run.mjs')
execFileSync(process.execPath, [run, 'scripts/benchSizes.ts', '--write', BENCHES.large], {
  cwd: root,
})
const server = await startServer()
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
try {
  const demo = await measure(browser, server.url, BENCHES.demo)
  const large = await measure(browser, server.url, BENCHES.large)
  console.log('| what | demo, ms | large bench, ms | ratio |\n|---|---|---|---|')
  for (const [what, ms] of demo) {
    const other = large.get(what)
    const ratio = (other / ms).toFixed(2)
    console.log(`| ${what} | ${ms.toFixed(0)} | ${other.toFixed(0)} | ${ratio} |`)
  }
} finally {
  await browser.close()
  server.stop()
}
