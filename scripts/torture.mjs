// Kills the browser while acts are logged, round after round, and looks whether everything that was said to be kept is there, whole.
// `npm run build` comes first. `npm run torture -- [ROUNDS] [SEED]`; a round takes about ten seconds.
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'
import { freePort, startServer } from './server.mjs'

const ROUNDS = Number(process.argv[2] ?? 50)
const SEED = Number(process.argv[3] ?? Date.now() % 100_000)
/** A browser is killed after so long at the most, ms. */
const LONGEST = 4000

/** Numbers from 0 to 1, the same for the same seed. */
function drawn(seed) {
  let state = seed >>> 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 32
  }
}

const random = drawn(SEED)
const profile = mkdtempSync(join(tmpdir(), 'tectoria-torture-'))
const server = await startServer()

/** A browser of one's own process group, so that all of it can be killed at once. */
async function launched() {
  const port = await freePort()
  const child = spawn(
    CHROMIUM,
    [
      ...CHROMIUM_ARGS,
      '--headless=new',
      `--remote-debugging-port=${port}`,
      `--user-data-dir=${profile}`,
      'about:blank',
    ],
    { detached: true, stdio: 'ignore' },
  )
  const kill = () => {
    try {
      process.kill(-child.pid, 'SIGKILL')
    } catch {
      // It is dead already.
    }
  }
  const end = Date.now() + 60_000
  while (Date.now() < end) {
    try {
      const browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`)
      const [context] = browser.contexts()
      return { browser, page: await context.newPage(), kill }
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 200))
    }
  }
  kill()
  throw new Error('The browser did not answer')
}

/** All rows of two tables as they lie. */
function rowsOf(page) {
  return page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open('tectoria')
        opening.onerror = () => reject(opening.error)
        opening.onsuccess = () => {
          const reading = opening.result.transaction(['acts', 'changes', 'damaged'])
          const found = {}
          for (const name of ['acts', 'changes', 'damaged'])
            reading.objectStore(name).getAll().onsuccess = ({ target }) => {
              found[name] = target.result
            }
          reading.oncomplete = () => {
            opening.result.close()
            resolve(found)
          }
        }
      }),
  )
}

/** Writes notes until the browser is killed. @param kept takes those that were said to be kept */
async function note(page, round, kept) {
  for (let i = 0; ; i++) {
    const text = `note ${SEED} ${round} ${i}`
    await page.keyboard.press('n')
    const field = page.getByLabel('Note', { exact: true })
    await field.fill(text)
    await page.keyboard.press('Enter')
    // The field goes once the note is written.
    await field.waitFor({ state: 'detached' })
    kept.push(text)
  }
}

let [lost, halves, tried] = [0, 0, 0]
try {
  const first = await launched()
  await first.page.goto(server.url)
  await first.page.getByRole('button', { name: 'Look at the demo bench' }).click()
  await first.page.getByRole('heading', { level: 1 }).first().waitFor()
  await first.page.waitForTimeout(3000)
  await first.browser.close()
  first.kill()
  for (let round = 0; round < ROUNDS; round++) {
    const { page, kill } = await launched()
    await page.goto(server.url)
    await page.getByRole('navigation', { name: 'Places' }).waitFor()
    const kept = []
    const dying = new Promise((resolve) => setTimeout(resolve, 300 + random() * LONGEST))
    const writing = note(page, round, kept).catch(() => {})
    await dying
    kill()
    await writing
    tried += kept.length

    const after = await launched()
    await after.page.goto(`${server.url}/rescue`)
    const { acts, changes, damaged } = await rowsOf(after.page)
    const texts = new Set(acts.map(({ text }) => text))
    lost += kept.filter((text) => !texts.has(text)).length
    // An act and the change that takes it back are written together.
    const undoable = new Set(changes.flatMap(({ rows }) => rows.map(({ id }) => id)))
    const own = acts.filter(({ text }) => text?.startsWith(`note ${SEED} ${round} `))
    halves += own.filter(({ id }) => !undoable.has(id)).length + damaged.length
    await after.browser.close()
    after.kill()
  }
} finally {
  server.stop()
  rmSync(profile, { recursive: true, force: true })
}
console.log(
  `seed ${SEED}: ${ROUNDS} kills, ${tried} acts said to be kept, ${lost} lost, ${halves} half-written`,
)
process.exit(lost + halves === 0 && tried > 0 ? 0 : 1)
