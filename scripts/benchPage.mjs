// How long the page's main thread is busy while the demo bench (a hundred tasks) is planned: the longest task by the clock, and
// by the time the thread itself had (which a busy machine doesn't stretch). `npm run build` comes first.
import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'
import { startServer } from './server.mjs'

/** How often the bench is planned again. */
const ROUNDS = 5
const TRACED = { includedCategories: ['toplevel', 'disabled-by-default-toplevel'] }

/** Runs something and gives the tasks of the page's main thread meanwhile, ms by the clock and of the thread. */
async function traced(cdp, something) {
  const events = []
  const gather = ({ value }) => events.push(...value)
  cdp.on('Tracing.dataCollected', gather)
  await cdp.send('Tracing.start', { transferMode: 'ReportEvents', traceConfig: TRACED })
  await something()
  const complete = new Promise((resolve) => cdp.once('Tracing.tracingComplete', resolve))
  await cdp.send('Tracing.end')
  await complete
  cdp.off('Tracing.dataCollected', gather)
  const mains = events.filter((event) => event.args?.name === 'CrRendererMain')
  const isMain = (one) => mains.some(({ pid, tid }) => pid === one.pid && tid === one.tid)
  return events
    .filter((event) => event.ph === 'X' && event.name.endsWith('RunTask') && isMain(event))
    .map(({ dur, tdur }) => ({ clock: dur / 1000, thread: (tdur ?? dur) / 1000 }))
}

const server = await startServer({ demo: true })
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${server.url}/plan`)
  const planning = page.getByText('planning again')
  await page.getByText(/Everything is done by/).waitFor()
  await planning.waitFor({ state: 'detached' })
  const cdp = await page.context().newCDPSession(page)
  const clock = []
  const thread = []
  for (let round = 0; round < ROUNDS; round++) {
    // Weighing otherwise plans the whole bench again, in the worker.
    const tasks = await traced(cdp, async () => {
      await page.getByLabel('Optimise for').selectOption({ index: (round % 2) + 1 })
      await planning.waitFor()
      await planning.waitFor({ state: 'detached' })
    })
    clock.push(Math.max(...tasks.map((task) => task.clock)))
    thread.push(Math.max(...tasks.map((task) => task.thread)))
  }
  const say = (all) => all.map((ms) => ms.toFixed(0)).join(', ')
  console.log(`longest task of the main thread while the bench is planned, ${ROUNDS} rounds:`)
  console.log(`  by the clock ${say(clock)} ms; of the thread ${say(thread)} ms`)
} finally {
  await browser.close()
  server.stop()
}
