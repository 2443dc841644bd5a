// Kills the browser, cuts its power, fills its disk, ends its workers and lets two tabs write at once, while acts are logged, round after
// round; then looks whether everything that was said to be kept is there, whole and once. `npm run build` comes first.
// `npm run torture -- [ROUNDS] [SEED] [WAY,…]`: so many rounds of each way; all of them unless said.
import { drawn } from './drawn.mjs'
import { startServer } from './server.mjs'
import { launched, newProfile } from './torture/killable.mjs'
import { isLoose, writeLoosely } from './torture/loose.mjs'
import { left, note } from './torture/notes.mjs'
import { opened, WAYS } from './torture/ways.mjs'

const ROUNDS = Number(process.argv[2] ?? 50)
const SEED = Number(process.argv[3] ?? Date.now() % 100_000)
/** Something goes wrong after so long at the most, ms. */
const LONGEST = 3000
/** How long a round waits for its first note, ms. */
const PATIENCE = 30_000

const random = drawn(SEED)
const profile = newProfile()
const server = await startServer()
const wanted = process.argv[4]?.split(',') ?? Object.keys(WAYS)
const ways = wanted.filter((way) => way !== 'cut' || profile.keeper)
const told = new Map(
  ways.map((way) => [way, { rounds: 0, tried: 0, refused: 0, lost: 0, halves: 0, doubled: 0 }]),
)
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms))
let loose = 0
let forgotten = 0

/** One round of a way in a browser. @returns the next browser, and what the round left */
async function rounded(at, way, round) {
  const name = `note ${SEED} ${round}`
  await WAYS[way].before?.({ at, url: server.url })
  await opened(at.page, server.url)
  const noted = { kept: [], refused: 0 }
  const stop = new AbortController()
  const writing = []
  const write = (page, tab) =>
    writing.push(
      note(page, `${name} ${tab}`, noted, stop.signal).catch((error) => {
        if (/typed no more/.test(error.message)) console.error(error.message)
      }),
    )
  write(at.page, 'a')
  const isLoosely = way === 'cut' && told.get(way).rounds % 2 === 0
  await WAYS[way].run({
    at,
    url: server.url,
    write,
    pause,
    wait: async () => {
      // A round in which nothing was kept proves nothing.
      for (const end = Date.now() + PATIENCE; noted.kept.length === 0 && Date.now() < end; )
        await pause(20)
      await pause(random() * LONGEST)
    },
    beforeCut: async () => {
      if (!isLoosely) return
      // What is written strictly afterwards would take the loose row to the disk with it.
      stop.abort()
      await Promise.all(writing)
      await writeLoosely(at.page, round)
    },
  })
  stop.abort()
  await Promise.all(writing)
  const next = await launched(profile)
  await next.page.goto(`${server.url}/rescue`)
  if (isLoosely) {
    loose++
    if (!(await isLoose(next.page, round))) forgotten++
  }
  return { next, ...noted, found: await left(next.page, name, noted.kept) }
}

try {
  let at = await launched(profile)
  await at.page.goto(server.url)
  await at.page.getByRole('button', { name: 'Look at the demo bench' }).click()
  await at.page.getByRole('heading', { level: 1 }).first().waitFor()
  await pause(3000)
  for (let round = 0; round < ROUNDS * ways.length; round++) {
    const way = ways[round % ways.length]
    const { next, kept, refused, found } = await rounded(at, way, round)
    at = next
    const sum = told.get(way)
    sum.rounds++
    sum.tried += kept.length
    sum.refused += refused
    sum.lost += found.lost.length
    sum.halves += found.halves
    sum.doubled += found.doubled
    for (const text of found.lost) console.error(`lost, ${way}: ${text} of ${kept.length}`)
  }
  await at.browser.close()
  await at.kill()
} finally {
  server.stop()
  profile.remove()
}
for (const [way, { rounds, tried, refused, lost, halves, doubled }] of told)
  console.log(
    `seed ${SEED}: ${rounds} ${WAYS[way].said}, ${tried} acts said to be kept, ${refused} not at once, ${lost} lost, ${halves} half-written, ${doubled} doubled`,
  )
if (profile.keeper)
  console.log(
    `rows that nobody asked to be on the disk, gone after a cut: ${forgotten} of ${loose}`,
  )
else console.log('No C compiler here: no power was cut.')
const sums = [...told.values()]
const isWhole = sums.every(({ lost, halves, doubled }) => lost + halves + doubled === 0)
const isTried = sums.every(({ tried }) => tried > 0)
// A disk that was never felt to be full, or a cut that forgot nothing, proves nothing.
const isFelt = (told.get('full')?.refused ?? 1) > 0
process.exit(isWhole && isTried && isFelt && (loose === 0 || forgotten > 0) ? 0 : 1)
