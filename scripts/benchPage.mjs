// How long the page's main thread is busy while the demo bench (a hundred tasks) is planned. `npm run build` comes first.
import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'
import { startServer } from './server.mjs'

/** How often the bench is planned again. */
const ROUNDS = 5

const server = await startServer({ demo: true })
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${server.url}/plan`)
  const planning = page.getByText('planning again')
  await page.getByText(/Everything is done by/).waitFor()
  await planning.waitFor({ state: 'detached' })
  await page.evaluate(() => {
    window.busy = []
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) window.busy.push(entry.duration)
    }).observe({ entryTypes: ['longtask'] })
  })
  const longest = []
  for (let round = 0; round < ROUNDS; round++) {
    await page.evaluate(() => {
      window.busy.length = 0
    })
    // Weighing otherwise plans the whole bench again, in the worker.
    await page.getByLabel('The plan seeks').selectOption({ index: (round % 2) + 1 })
    await planning.waitFor()
    // Solving has begun; what follows until it ends is the solver's doing.
    await page.waitForTimeout(300)
    await planning.waitFor({ state: 'detached' })
    longest.push(Math.max(0, ...(await page.evaluate(() => window.busy))))
  }
  console.log(
    `longest task of the main thread while the bench is planned, ${ROUNDS} rounds (0: none over 50 ms): ${longest.map((ms) => ms.toFixed(0)).join(', ')} ms`,
  )
} finally {
  await browser.close()
  server.stop()
}
