// What a change costs on a bench with years of work behind it, against the demo's: the worker's and the page's share of it, without
// the browser (`npm run bench:screens` has the rest). With --write FILE the large bench is written there instead.
import { writeFileSync } from 'node:fs'
import { readProject } from '../src/core/formats/projectFile'
import type { Project } from '../src/core/model/project'
import { applyRows, type RowWrite } from '../src/core/model/projectRows'
import { stockStateOf } from '../src/core/stock/stockState'
import { demoProject } from '../src/demo/demo'
import { benchDesk } from '../src/workers/benchDesk'
import { bigProject } from './bigProject'

const NOW = Date.parse('2026-03-17T18:25:00Z')
/** Rounds that are measured, after as many that aren't. */
const ROUNDS = 40
const BUILD = 'gannets-lament'
const REF = { build: BUILD, part: 'hull-port' }

const write = process.argv.indexOf('--write')
if (write > 0) {
  const large = bigProject(NOW)
  const read = readProject(structuredClone(large))
  if (!read.ok) throw new Error(`Not a project: ${JSON.stringify(read.problems.slice(0, 3))}`)
  writeFileSync(process.argv[write + 1] as string, JSON.stringify(large))
  process.exit(0)
}

/** One change of a bench after the other: named acts, each a round's work. */
function roundsOf(first: Project): Record<string, (round: number) => void> {
  let stock = stockStateOf(first)
  const desk = benchDesk(() => `new${Math.random()}`)
  desk.open(JSON.stringify(first))
  while (desk.parts(NOW).rest);
  let now = NOW
  const change = (writes: RowWrite[]) => {
    stock = stockStateOf(applyRows(stock.memo.given, writes), stock)
    desk.change(writes)
    desk.parts(now)
  }
  const at = () => {
    now += 1000
    return new Date(now).toISOString()
  }
  const steps = first.builds?.find(({ id }) => id === BUILD)?.steps ?? []
  return {
    'a logged note': (round) => {
      const row = { id: `n${round}`, at: at(), kind: 'noted', ...REF, text: 'Looks well' }
      change([{ table: 'acts', id: row.id, row }])
    },
    'a logged act and its undo': (round) => {
      const row = { id: `a${round}`, at: at(), kind: 'skipped', ...REF, step: 'matt' }
      change([{ table: 'acts', id: row.id, row }])
      const undone = { id: `u${round}`, at: at(), kind: 'undone', undoes: row.id }
      change([{ table: 'acts', id: undone.id, row: undone }])
    },
    'a mix poured': (round) => {
      const drawn = [{ bottle: 'ferrowick-bone-white', ml: 0.01 }]
      const row = { id: `m${round}`, at: at(), kind: 'mixed', build: BUILD, drawn }
      change([{ table: 'acts', id: row.id, row }])
    },
    'a reading of the room': (round) => {
      const row = { id: `r${round}`, at: at(), celsius: 20, humidity: 50, air: 'still' }
      change([{ table: 'climate', id: row.id, row }])
    },
    'a drag': (round) => {
      const step = steps[steps.length - 2 - (round % 4)]?.id as string
      const before = steps[steps.length - 8]?.id as string
      desk.suppose(
        BUILD,
        { do: 'move', target: { step }, before: { step: before }, on: 'every' },
        NOW,
      )
    },
    'a part opened': () => void desk.judge(REF, now),
    'half a minute later': () => {
      now += 30_000
      desk.parts(now)
    },
    'a quick plan': () => void desk.plan(now, null, 'quick', 'finish'),
  }
}

/** Medians of both benches, ms, round by round in turn: what else the machine does falls on both. */
function mediansMs(runs: readonly ((round: number) => void)[]): number[] {
  const times = runs.map((): number[] => [])
  for (let round = 0; round < 2 * ROUNDS; round++)
    runs.forEach((run, i) => {
      const began = performance.now()
      run(round)
      if (round >= ROUNDS) times[i]?.push(performance.now() - began)
    })
  return times.map((own) => own.sort((a, b) => a - b)[ROUNDS / 2] as number)
}

const demo = roundsOf(demoProject(NOW, 'Europe/Lisbon'))
const big = roundsOf(bigProject(NOW))
console.log('| what | demo, ms | large bench, ms | ratio |\n|---|---|---|---|')
for (const [name, run] of Object.entries(demo)) {
  const [small = 0, large = 0] = mediansMs([run, big[name] as typeof run])
  const ratio = (large / small).toFixed(2)
  console.log(`| ${name} | ${small.toFixed(2)} | ${large.toFixed(2)} | ${ratio} |`)
}
