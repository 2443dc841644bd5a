// What opening each screen costs a phone, and how long the page's main thread is busy while the demo bench (a hundred tasks) is planned, and while an amount is dragged on the panel:
// the longest task by the clock, and by the time the thread itself had (which a busy machine doesn't stretch). `npm run build` comes first.
import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'
import { opened } from './opened.mjs'
import { startServer } from './server.mjs'

/** How often each is done. */
const ROUNDS = 5
const DRAGGED_MS = 4000
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

/** Does something in rounds and says the longest task of each. */
async function longest(what, cdp, something) {
  const rounds = []
  for (let round = 0; round < ROUNDS; round++) {
    const tasks = await traced(cdp, () => something(round))
    const most = (of) => Math.max(...tasks.map(of)).toFixed(0)
    rounds.push({ clock: most(({ clock }) => clock), thread: most(({ thread }) => thread) })
  }
  const say = (of) => rounds.map(of).join(', ')
  console.log(`longest task of the main thread while ${what}, ${ROUNDS} rounds:`)
  console.log(
    `  by the clock ${say(({ clock }) => clock)} ms; of the thread ${say(({ thread }) => thread)} ms`,
  )
}

const PHONE = { width: 390, height: 844 }
/** Every screen, and a build with its core sample. */
const SCREENS = [
  '/',
  '/tonight',
  '/plan',
  '/builds',
  '/builds/gannets-lament?part=hull-port',
  '/panel',
  '/log',
  '/faults',
  '/pictures',
  '/tests',
  '/compare',
  '/shelf',
  '/mix',
  '/colour',
  '/handbook',
  '/library',
  '/explain',
  '/room',
  '/settings',
]

/** Opens every screen as a phone does, and says what that cost. */
async function screens(browser, url) {
  console.log(
    '| opened, a machine four times slower | largest paint, ms | longest task after it, ms | layout shift | script at rest, kB |\n|---|---|---|---|---|',
  )
  for (const { address, paint, task, shift, moved, kB } of await opened(
    browser,
    SCREENS.map((path) => url + path),
    PHONE,
  )) {
    const much = shift >= 0.05 ? ` (${moved})` : ''
    console.log(
      `| ${address.slice(url.length)} | ${paint.toFixed(0)} | ${task.toFixed(0)} | ${shift.toFixed(3)}${much} | ${kB.toFixed(0)} |`,
    )
  }
}

const server = await startServer({ demo: true })
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
try {
  await screens(browser, server.url)
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const cdp = await page.context().newCDPSession(page)
  await page.goto(`${server.url}/plan`)
  const planning = page.getByText('planning again')
  const wishes = page.getByRole('group', { name: 'Optimise for' })
  await page.getByText(/Everything is done by/).waitFor()
  await planning.waitFor({ state: 'detached' })
  // Weighing otherwise plans the whole bench again, in the worker.
  await longest('the bench is planned', cdp, async (round) => {
    await wishes
      .getByRole('radio')
      .nth((round % 2) + 1)
      .check()
    await planning.waitFor()
    await planning.waitFor({ state: 'detached' })
  })
  await page.goto(`${server.url}/panel?of=technique+sponge-chips+35&at=3`)
  await page.getByText(/Coarse|Laying the first/).waitFor({ state: 'detached' })
  await page.getByRole('slider', { name: 'How much' }).focus()
  await longest('an amount is dragged by keys for four seconds', cdp, async () => {
    const ends = Date.now() + DRAGGED_MS
    for (let keys = 0; Date.now() < ends; keys++)
      await page.keyboard.press(keys % 40 < 20 ? 'ArrowUp' : 'ArrowDown')
  })
} finally {
  await browser.close()
  server.stop()
}
