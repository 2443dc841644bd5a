// What it costs a phone to open a screen: largest paint, the longest task after it, how far what was drawn moved.

/** Times a phone of today is slower than this machine. */
const SLOWER = 4
/** The measure of a screen: the median of so many rounds. */
const ROUNDS = 3
/** So long after a load nothing comes any more, ms. */
const SETTLED = 6000

/** Before anything of the page runs: gathers what the browser tells of its painting. */
function watch() {
  const seen = { paint: 0, shift: 0, shifted: new Map(), tasks: [] }
  window.opened = seen
  const on = (type, hear) =>
    new PerformanceObserver((list) => list.getEntries().forEach(hear)).observe({
      type,
      buffered: true,
    })
  on('largest-contentful-paint', ({ startTime }) => {
    seen.paint = startTime
  })
  on('layout-shift', ({ value, hadRecentInput, sources }) => {
    if (hadRecentInput) return
    seen.shift += value
    for (const { node } of sources ?? []) {
      const { nodeName, id, className } = node?.parentElement ?? node ?? {}
      const name = node ? `${nodeName} ${id} ${className}`.slice(0, 80) : '?'
      seen.shifted.set(name, (seen.shifted.get(name) ?? 0) + value)
    }
  })
  on('longtask', ({ startTime, duration }) => seen.tasks.push([startTime, duration]))
}

async function open(page, address) {
  await page.goto(address)
  await page.waitForTimeout(SETTLED)
  return page.evaluate(() => {
    const { paint, shift, shifted, tasks } = window.opened
    const after = tasks.filter(([start]) => start >= paint).map(([, length]) => length)
    const moved = [...shifted].sort(([, a], [, b]) => b - a).map(([name]) => name)
    const scripts = performance
      .getEntriesByType('resource')
      .filter(({ initiatorType }) => initiatorType === 'script')
    const kB = scripts.reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0) / 1000
    return { paint, shift, task: Math.max(0, ...after), moved: moved[0] ?? '', kB }
  })
}

const median = (all) => all.sort((a, b) => a - b)[all.length >> 1]

/**
 * Opens screens on a machine made slower, with the data that the browser has.
 *
 * @param size width and height, CSS pixels
 * @returns of each: largest paint and longest task after it, ms; the sum of layout shifts, and what moved most; the script that its own
 *   thread had loaded when it rested, packed, kB
 */
export async function opened(browser, addresses, size) {
  const context = await browser.newContext({ viewport: size, serviceWorkers: 'block' })
  const page = await context.newPage()
  const cdp = await context.newCDPSession(page)
  await page.goto(addresses[0])
  await page.locator('[data-bench-buttons]').waitFor()
  await page.waitForTimeout(SETTLED)
  await page.addInitScript(watch)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
  const all = []
  for (const address of addresses) {
    const rounds = []
    for (let round = 0; round < ROUNDS; round++) rounds.push(await open(page, address))
    const of = (what) => median(rounds.map((one) => one[what]))
    all.push({
      address,
      paint: of('paint'),
      task: of('task'),
      shift: of('shift'),
      kB: of('kB'),
      moved: rounds.at(-1).moved,
    })
  }
  await context.close()
  return all
}
