import { readPanel } from '../src/core/formats/panelRequest'
import { insideOf, lightsOf } from '../src/core/panel/compose'
import { bareState, type PanelFilm } from '../src/core/panel/films'
import { measuresOf } from '../src/core/panel/measures/measures'
import { panelSurface } from '../src/core/panel/panelSurface'
import { pictureOf } from '../src/core/panel/picture'
import { afterStep, panelPlan } from '../src/core/panel/runPanel'
import { PRIMER } from '../src/core/stack/state/filmColours'
import { panelDesk } from '../src/workers/panelDesk'
import { yardstickMs } from './yardstick'

const COLOURS = ['#C9C4B4', '#5A2E1F', '#3B3A38', '#B7A78A', '#5B6B3A']
const FILMS = 20

/** Fourteen acts, as a weathered plate has them. */
const STEPS = [
  { do: 'prime', coats: ['mist', 'light', 'light'] },
  { do: 'preshade', family: 'alcohol-acrylic' },
  { do: 'base', family: 'alcohol-acrylic', colour: '#C9C4B4', coats: ['light', 'light'] },
  { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light', 'wet'] },
  { do: 'line' },
  { do: 'line-clean' },
  { do: 'clear', family: 'lacquer', sheen: 'satin', coats: ['mist', 'light'] },
  { do: 'chip-sponge', colour: '#6E7275' },
  { do: 'chip-brush', colour: '#4A2E22' },
  { do: 'streak', amount: 0.6 },
  { do: 'streak-drag' },
  { do: 'rust-wash' },
  { do: 'dust' },
  { do: 'clear', family: 'lacquer', sheen: 'matt', coats: ['mist', 'light'] },
]

function timed<T>(work: () => T): [T, number] {
  const began = performance.now()
  const answer = work()
  return [answer, performance.now() - began]
}

function middle(work: () => void): number {
  const times = Array.from({ length: 5 }, () => timed(work)[1])
  return times.sort((a, b) => a - b)[2] as number
}

const film = (count: number, k: number, patchy: boolean): PanelFilm => ({
  step: k,
  act: 'base',
  role: 'colour',
  ink: { colour: COLOURS[k % COLOURS.length] as string },
  x: Float32Array.from({ length: count }, (_, i) =>
    patchy && (i >> 6) % 7 !== 0 ? 0 : 0.3 + (i % 97) / 200,
  ),
  cover: null,
  kind: 'coat',
  whole: true,
  stains: false,
})

const unit = yardstickMs()
const said = (name: string, ms: number) =>
  console.log(
    `${name.padEnd(48)} ${Math.round(ms).toString().padStart(6)} ms ${(ms / unit).toFixed(1).padStart(7)} yardsticks`,
  )
console.log(`yardstick ${unit.toFixed(1)} ms`)

const read = readPanel({
  format: 'tectoria-panel',
  version: 1,
  sequence: {
    format: 'tectoria-sequence',
    version: 1,
    substrate: 'polystyrene',
    waits: 'auto',
    steps: STEPS,
  },
})
if (!read.ok) throw new Error(JSON.stringify(read.problems))
const request = read.value
const [run, surface] = timed(() => panelSurface(request.panel))
said('the surface with its fields, 960 x 600', surface)
const { count } = run.samples
const bytes = new Float32Array(count * 10)
said(
  'copying the bands of it',
  middle(() => bytes.slice()),
)
for (const patchy of [0, 12]) {
  const films = Array.from({ length: FILMS }, (_, k) => film(count, k, k < patchy))
  insideOf(films, count, PRIMER)
  said(
    `laying ${FILMS} films, ${patchy} of them patchy`,
    middle(() => void insideOf(films, count, PRIMER)),
  )
  const kept = insideOf(films.slice(0, -1), count, PRIMER)
  said('  one more film on a kept state', timed(() => insideOf(films, count, PRIMER, kept))[1])
}
const plan = panelPlan(request.sequence)
const [state, acts] = timed(() =>
  STEPS.reduce((before, _, index) => afterStep(plan, run, before, index), bareState(count)),
)
said(`${STEPS.length} acts with their fields`, acts)
const [inside, colour] = timed(() => insideOf(state.films, count, PRIMER))
said('their films laid', colour)
const [lights, light] = timed(() => lightsOf(inside, state))
said('their light', light)
said('the lit picture', timed(() => pictureOf(run.samples, state, lights, 'lit', 7))[1])
said(
  'all measures',
  timed(() => measuresOf(run.samples, state, lights, { ground: PRIMER, scale: 72 }))[1],
)

// What a drag comes to, once its step was turned before: the picture anew, with few samples.
for (const [what, step, pxPerMm] of [
  ['chips near the top, 480 x 300', 7, 5],
  ['a line deep below, 320 x 200', 4, 10 / 3],
] as const) {
  const desk = panelDesk()
  const look = (amount: number) =>
    desk.look({
      sequence: {
        ...request.sequence,
        steps: request.sequence.steps.map((one, i) => (i === step ? { ...one, amount } : one)),
      },
      panel: {},
      at: STEPS.length,
      show: 'lit',
      px: pxPerMm,
      away: 0,
      lit: false,
    })
  for (const amount of [0.5, 0.52, 0.54]) look(amount)
  let amount = 0.55
  said(
    `dragging ${what}`,
    middle(() => {
      amount += 0.01
      look(amount)
    }),
  )
}
