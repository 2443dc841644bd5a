import { stateOf } from '../src/core/builds'
import { judgeBuild } from '../src/core/builds/judgeBuild'
import { planParts } from '../src/core/builds/planParts'
import { binaryStl, sphere } from '../src/core/mesh/tests/meshes'
import type { Build, BuildStep } from '../src/core/model/build'
import type { Zone } from '../src/core/model/zone'
import { planBench } from '../src/core/schedule/planBench'
import { drawnMesh, keptMesh } from '../src/core/shape/keptMesh'
import { zoneMesh } from '../src/core/shape/meshFacts'
import { pictured, USUAL_EYE } from '../src/core/shape/pictured'
import { yardstickMs } from './yardstick'

const NOW = Date.parse('2026-03-17T18:25:00Z')
const PARTS = 10
const ZONES = 8
const ROUND = [
  { do: 'prime', coats: ['mist', 'light', 'light'] },
  { do: 'base', family: 'alcohol-acrylic', colour: '#9AA09A', coats: ['light', 'light'] },
  { do: 'tape', family: 'tape' },
  { do: 'base', family: 'alcohol-acrylic', colour: '#3A4A3A', coats: ['light', 'light'] },
  { do: 'untape' },
  { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light', 'light'] },
  { do: 'line' },
  { do: 'line-clean' },
  { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] },
  { do: 'powder' },
]

/** Ten parts; with zones each has eight of three histories: under the tape, beside it, and dusted. */
function build(zoned: boolean): Build {
  const ids = Array.from({ length: PARTS }, (_, i) => `p${i}`)
  const zones = ids.flatMap((part) =>
    Array.from(
      { length: ZONES },
      (_, z): Zone => ({
        id: `${part}-z${z}`,
        part,
        name: `Zone ${z}`,
        areaCm2: 10 + z,
      }),
    ),
  )
  const some = (from: number, to: number) =>
    ids.flatMap((part) => Array.from({ length: to - from }, (_, z) => `${part}-z${z + from}`))
  const named: Record<number, string[]> = { 2: some(0, 3), 3: some(3, 8), 9: some(6, 8) }
  const steps = Array.from({ length: 3 * ROUND.length }, (_, i) => {
    const at = i % ROUND.length
    return {
      ...ROUND[at],
      id: `s${i}`,
      parts: ids,
      ...(zoned && named[at] ? { zones: named[at] } : {}),
    } as BuildStep
  })
  return {
    id: 'crowd',
    name: 'Crowd',
    parts: ids.map((id, i) => ({
      id,
      name: `Part ${i}`,
      substrate: (['polystyrene', 'abs', 'resin-cast'] as const)[i % 3] ?? 'abs',
      areaCm2: 108,
    })),
    ...(zoned ? { zones } : {}),
    steps,
  }
}

const project = (own: Build) => ({
  format: 'tectoria-project' as const,
  version: 1 as const,
  builds: [own],
  sessions: {
    zone: 'Europe/Lisbon',
    pattern: (['mon', 'wed', 'fri'] as const).map((day) => ({ day, from: '19:00', to: '23:00' })),
  },
})

function median(run: () => void, rounds: number): number {
  for (let i = 0; i < Math.ceil(rounds / 3); i++) run()
  const times = Array.from({ length: rounds }, () => {
    const began = performance.now()
    run()
    return performance.now() - began
  }).sort((a, b) => a - b)
  return times[Math.floor(rounds / 2)] as number
}

function runsOf(own: Build): Record<string, () => void> {
  const state = stateOf(project(own))
  const judged = judgeBuild(state, own, NOW)
  const parts = planParts(state, NOW)
  let hop = 0
  return {
    'judged from nothing': () => void judgeBuild(stateOf(project(own)), own, NOW),
    'a drag': () => {
      hop = (hop * 7 + 11) % own.steps.length
      const steps = [...own.steps]
      const [step] = steps.splice(hop, 1)
      if (step) steps.splice(Math.min(steps.length, hop + 3), 0, step)
      judgeBuild(state, { ...own, steps }, NOW, judged)
    },
    'planned at once': () =>
      void planBench(state, NOW, { steps: 4000, polish: false, first: true }, parts),
  }
}

const stick = yardstickMs()
const [plain, zoned] = [runsOf(build(false)), runsOf(build(true))]
console.log('| what | without zones | with | ratio |\n|---|---|---|---|')
for (const name of Object.keys(plain)) {
  const rounds = name === 'planned at once' ? 5 : 15
  const [a, b] = [plain, zoned].map((runs) => median(runs[name] as () => void, rounds)) as [
    number,
    number,
  ]
  console.log(`| ${name} | ${a.toFixed(1)} ms | ${b.toFixed(1)} ms | ${(b / a).toFixed(2)} |`)
}

const stl = binaryStl(sphere(50, 224))
const began = performance.now()
const mesh = zoneMesh('ball.stl', stl, { unit: 'mm', scale: 1, up: 'z' })
const fields = performance.now() - began
const kept = keptMesh('m', 'ball.stl', mesh)
const then = performance.now()
pictured(drawnMesh(kept), USUAL_EYE, 1185, 510)
const picture = performance.now() - then
console.log(
  `${mesh.triangles.read} triangles: zones and fields ${(fields / 1000).toFixed(1)} s (${(fields / stick).toFixed(0)} yardsticks), first picture ${(picture / 1000).toFixed(2)} s (${(picture / stick).toFixed(1)} yardsticks)`,
)
