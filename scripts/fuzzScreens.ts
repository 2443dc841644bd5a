// Wrong files imported as a person would: one that is refused changes nothing, one that is taken in opens every screen.
// `npm run build` comes first. `npm run fuzz:screens -- [FILES] [SEED]`; a file that is taken in takes about twenty seconds.
import { chromium, type Page } from '@playwright/test'
import { SCREENS } from '../e2e/screens'
import { CHROMIUM, CHROMIUM_ARGS } from './browser.mjs'
import { drawn } from './drawn.mjs'
import { mutatedJson } from './fuzz/mutate'
import { NOW, smallProject } from './fuzz/seeds'
import { startServer } from './server.mjs'

const FILES = Number(process.argv[2] ?? 100)
const SEED = Number(process.argv[3] ?? 7)
/** How long a page may take until it shows something of its own, ms. */
const PATIENCE = 20_000

/** Everything in the browser's tables, as one text. */
function everything(page: Page): Promise<string> {
  return page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const opening = indexedDB.open('tectoria')
        opening.onerror = () => reject(opening.error)
        opening.onsuccess = () => {
          const db = opening.result
          // The plan that was made last is reckoned anew, whatever is imported.
          const names = [...db.objectStoreNames].filter((name) => name !== 'kept')
          const reading = db.transaction(names)
          const found: Record<string, unknown> = {}
          for (const name of names) {
            const asking = reading.objectStore(name).getAll()
            asking.onsuccess = () => {
              found[name] = asking.result
            }
          }
          reading.oncomplete = () => {
            db.close()
            resolve(JSON.stringify(found))
          }
        }
      }),
  )
}

/** Imports a file on an empty bench. @returns whether it was taken in, and what was wrong with how it went */
async function imported(page: Page, text: string): Promise<{ taken: boolean; wrong: string[] }> {
  await page.goto(`${server.url}/settings`)
  await page.getByLabel('Import a file').waitFor({ state: 'attached' })
  const before = await everything(page)
  await page
    .getByLabel('Import a file')
    .setInputFiles({ name: 'wrong.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  const take = page.getByRole('button', { name: /^Import (it|and replace them)$/ })
  const refused = page.getByText('was not imported').first()
  await take.or(refused).first().waitFor({ timeout: PATIENCE })
  if (!(await take.isVisible())) {
    const same = (await everything(page)) === before
    return { taken: false, wrong: same ? [] : ['refused, and yet the rows have changed'] }
  }
  await take.click()
  await page.getByText('Imported wrong.json').first().waitFor({ timeout: PATIENCE })
  return { taken: true, wrong: [] }
}

/** Opens every screen. @returns what failed on them */
async function screensThatFail(page: Page): Promise<string[]> {
  const wrong: string[] = []
  let at = ''
  const failed = (error: Error) => wrong.push(`${at}: ${error.message}`)
  page.on('pageerror', failed)
  for (at of SCREENS) {
    await page.goto(server.url + at)
    const own = page.getByRole('main').first()
    const alert = page.getByRole('heading', { name: /failed$|can’t be read$/ })
    try {
      await own.or(alert).first().waitFor({ timeout: PATIENCE })
      await page.waitForTimeout(300)
      if (await alert.count()) wrong.push(`${at}: ${await page.getByRole('alert').textContent()}`)
    } catch {
      wrong.push(`${at}: nothing came`)
    }
  }
  page.off('pageerror', failed)
  return wrong
}

const random = drawn(SEED)
const project = smallProject()
const server = await startServer()
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS })
let [taken, refused, bad] = [0, 0, 0]
try {
  for (let i = 0; i < FILES; i++) {
    const text = mutatedJson(project, random)
    const context = await browser.newContext({ serviceWorkers: 'block' })
    const page = await context.newPage()
    await page.clock.setFixedTime(new Date(NOW))
    let wrong: string[]
    try {
      const outcome = await imported(page, text)
      wrong = outcome.wrong
      if (outcome.taken) {
        taken++
        wrong.push(...(await screensThatFail(page)))
      } else refused++
    } catch (error) {
      wrong = [String(error)]
    }
    if (wrong.length > 0) {
      bad++
      console.error(`── file ${i}: ${wrong.join('; ').slice(0, 1500)}`)
    }
    await context.close()
  }
} finally {
  await browser.close()
  server.stop()
}
console.log(
  `seed ${SEED}: ${FILES} files, ${refused} refused, ${taken} taken in and looked at on ${SCREENS.length} addresses, ${bad} wrong`,
)
process.exit(bad > 0 ? 1 : 0)
