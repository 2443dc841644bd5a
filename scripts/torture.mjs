// Kills the browser, and cuts its power, while acts are logged, round after round; then looks whether everything that was said to be
// kept is there, whole. `npm run build` comes first. `npm run torture -- [ROUNDS] [SEED]`: so many kills and as many power cuts.
import { drawn } from './drawn.mjs'
import { startServer } from './server.mjs'
import { launched, newProfile } from './torture/killable.mjs'

const ROUNDS = Number(process.argv[2] ?? 50)
const SEED = Number(process.argv[3] ?? Date.now() % 100_000)
/** A browser is killed after so long at the most, ms. */
const LONGEST = 3000

/** All rows of some tables as they lie. */
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

/** Writes notes until the browser is killed, or until it is told to stop. @param kept takes those that were said to be kept */
async function note(page, round, kept, stop) {
  for (let i = 0; !stop.aborted; i++) {
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

/** A row of our own that nobody asked to be on the disk: a power cut that leaves it proves nothing. */
function writeLoosely(page, round) {
  return page.evaluate(
    (id) =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open('loose', 1)
        opening.onupgradeneeded = () => opening.result.createObjectStore('rows')
        opening.onerror = () => reject(opening.error)
        opening.onsuccess = () => {
          const writing = opening.result.transaction('rows', 'readwrite', { durability: 'relaxed' })
          writing.objectStore('rows').put(id, id)
          writing.oncomplete = () => resolve(null)
        }
      }),
    round,
  )
}

function isLoose(page, round) {
  return page.evaluate(
    (id) =>
      new Promise((resolve) => {
        const opening = indexedDB.open('loose', 1)
        opening.onupgradeneeded = () => opening.result.createObjectStore('rows')
        opening.onsuccess = () => {
          const asking = opening.result.transaction('rows').objectStore('rows').get(id)
          asking.onsuccess = () => resolve(asking.result !== undefined)
        }
      }),
    round,
  )
}

/** Looks at what a round left. @returns the acts that are lost, and how many are half there */
async function left(page, round, kept) {
  const { acts, changes, damaged } = await rowsOf(page)
  const texts = new Set(acts.map(({ text }) => text))
  // An act and the change that takes it back are written together.
  const undoable = new Set(changes.flatMap(({ rows }) => rows.map(({ id }) => id)))
  const own = acts.filter(({ text }) => text?.startsWith(`note ${SEED} ${round} `))
  return {
    lost: kept.filter((text) => !texts.has(text)),
    halves: own.filter(({ id }) => !undoable.has(id)).length + damaged.length,
  }
}

const random = drawn(SEED)
const profile = newProfile()
const server = await startServer()
const ways = profile.keeper ? ['kill', 'cut'] : ['kill']
const told = new Map(ways.map((way) => [way, { rounds: 0, tried: 0, lost: 0, halves: 0 }]))
let forgotten = 0
try {
  let at = await launched(profile)
  await at.page.goto(server.url)
  await at.page.getByRole('button', { name: 'Look at the demo bench' }).click()
  await at.page.getByRole('heading', { level: 1 }).first().waitFor()
  await at.page.waitForTimeout(3000)
  for (let round = 0; round < ROUNDS * ways.length; round++) {
    const way = ways[round % ways.length]
    const { page } = at
    await page.goto(server.url)
    await page.getByRole('navigation', { name: 'Places' }).waitFor()
    await page.getByRole('heading', { level: 1 }).first().waitFor()
    const kept = []
    const stop = new AbortController()
    const writing = note(page, round, kept, stop.signal).catch(() => {})
    await new Promise((resolve) => setTimeout(resolve, 300 + random() * LONGEST))
    const loosely = way === 'cut' && round % 4 === 1
    if (loosely) {
      // What is written strictly afterwards would take the loose row to the disk with it.
      stop.abort()
      await writing
      await writeLoosely(page, round)
    }
    await at[way]()
    await writing

    at = await launched(profile)
    await at.page.goto(`${server.url}/rescue`)
    const found = await left(at.page, round, kept)
    if (loosely && !(await isLoose(at.page, round))) forgotten++
    const sum = told.get(way)
    sum.rounds++
    sum.tried += kept.length
    sum.lost += found.lost.length
    for (const text of found.lost) console.error(`lost by a ${way}: ${text} of ${kept.length}`)
    sum.halves += found.halves
  }
  await at.browser.close()
  await at.kill()
} finally {
  server.stop()
  profile.remove()
}
const NAMES = { kill: 'kills', cut: 'power cuts' }
for (const [way, { rounds, tried, lost, halves }] of told)
  console.log(
    `seed ${SEED}: ${rounds} ${NAMES[way]}, ${tried} acts said to be kept, ${lost} lost, ${halves} half-written`,
  )
if (profile.keeper)
  console.log(`rows that nobody asked to be on the disk, gone after a cut: ${forgotten}`)
else console.log('No C compiler here: no power was cut.')
const whole = [...told.values()].every(
  ({ tried, lost, halves }) => tried > 0 && lost + halves === 0,
)
process.exit(whole && (!profile.keeper || forgotten > 0) ? 0 : 1)
