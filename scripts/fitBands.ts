// Fits weights of few wavelengths to the 31: least squares of colour differences over mixed stacks, each channel's sum 1, those
// that come out worst counted more and more. Its answer stands in src/core/colour/fewBands.ts.
// Usage: node scripts/run.mjs scripts/fitBands.ts
import { groundOf, layer, opticsOf, outside } from '../src/core/colour/optics'
import { type Curve, deltaE00, labOfLight, SEEN_WEIGHTS } from '../src/core/colour/spectrum'

const BANDS = [430, 460, 480, 500, 510, 540, 570, 590, 610, 640].map((nm) => (nm - 400) / 10)
const STACKS = 3000
const ROUNDS = 100
const OWN = BANDS.length - 1
const UNKNOWN = 3 * OWN

type Light = [number, number, number]

let state = 12345
function random(): number {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0
  return state / 2 ** 32
}
const hex = () =>
  `#${Math.floor(random() * 2 ** 24)
    .toString(16)
    .padStart(6, '0')
    .toUpperCase()}`

function stack(): Curve {
  let curve = groundOf(hex())
  for (let films = 1 + Math.floor(random() * 4); films > 0; films--)
    curve = layer(opticsOf({ masstone: hex() }), 3 * random() ** 2, curve)
  return outside(curve)
}

/** How a colour difference follows from small changes of the light, with what a difference of that chroma counts. */
function slopes(light: Light): number[][] {
  const lab = labOfLight(light)
  const count = [1, ...[0, 0].map(() => 1 / (1 + 0.04 * Math.hypot(lab.a, lab.b)))]
  const step = 1e-5
  return (['l', 'a', 'b'] as const).map((key, k) =>
    light.map((_, c) => {
      const moved = light.map((one, i) => one + (i === c ? step : 0)) as Light
      return ((labOfLight(moved)[key] - lab[key]) / step) * (count[k] as number)
    }),
  )
}

const stacks = Array.from({ length: STACKS }, () => {
  const curve = stack()
  const seen = SEEN_WEIGHTS.map((row) =>
    row.reduce((sum, weight, i) => sum + weight * (curve[i] as number), 0),
  ) as Light
  const last = curve[BANDS[OWN] as number] as number
  const own = BANDS.slice(0, OWN).map((band) => (curve[band] as number) - last)
  const bent = slopes(seen)
  const rows = bent.map((row) => row.flatMap((slope) => own.map((one) => slope * one)))
  const right = bent.map((row) =>
    row.reduce((sum, slope, c) => sum + slope * ((seen[c] as number) - last), 0),
  )
  return { own, last, seen, rows, right, counts: 1 }
})

function solve(rows: number[][]): number[] {
  const n = rows.length
  for (let c = 0; c < n; c++)
    for (let r = c + 1; r < n; r++) {
      const factor = ((rows[r] as number[])[c] as number) / ((rows[c] as number[])[c] as number)
      for (let k = c; k <= n; k++)
        (rows[r] as number[])[k] =
          ((rows[r] as number[])[k] as number) - factor * ((rows[c] as number[])[k] as number)
    }
  const out = new Array<number>(n).fill(0)
  for (let r = n - 1; r >= 0; r--) {
    const row = rows[r] as number[]
    const known = out.reduce((sum, one, c) => (c > r ? sum + (row[c] as number) * one : sum), 0)
    out[r] = ((row[n] as number) - known) / (row[r] as number)
  }
  return out
}

function weightsOf(): number[][] {
  const system = Array.from({ length: UNKNOWN }, () => new Array<number>(UNKNOWN + 1).fill(0))
  for (const { rows, right, counts } of stacks)
    rows.forEach((row, k) => {
      for (let i = 0; i < UNKNOWN; i++) {
        const into = system[i] as number[]
        const times = counts * (row[i] as number)
        for (let j = 0; j < UNKNOWN; j++) into[j] = (into[j] as number) + times * (row[j] as number)
        into[UNKNOWN] = (into[UNKNOWN] as number) + times * (right[k] as number)
      }
    })
  const all = solve(system)
  return [0, 1, 2].map((c) => {
    const own = all.slice(c * OWN, (c + 1) * OWN)
    return [...own, 1 - own.reduce((sum, one) => sum + one, 0)]
  })
}

let best: { worst: number; weights: number[][] } | null = null
for (let round = 0; round < ROUNDS; round++) {
  const weights = weightsOf()
  let worst = 0
  for (const one of stacks) {
    const light = weights.map((row) =>
      row.slice(0, OWN).reduce((sum, w, i) => sum + w * (one.own[i] as number), one.last),
    ) as Light
    const off = deltaE00(labOfLight(light), labOfLight(one.seen))
    worst = Math.max(worst, off)
    one.counts *= (0.05 + off) ** 0.7
  }
  const mean = stacks.reduce((sum, { counts }) => sum + counts, 0) / STACKS
  for (const one of stacks) one.counts /= mean
  if (!best || worst < best.worst) best = { worst, weights }
}
console.log(
  best?.worst,
  JSON.stringify(best?.weights.map((row) => row.map((one) => Number(one.toFixed(6))))),
)
