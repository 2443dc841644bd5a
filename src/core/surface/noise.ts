import { keptOn } from './keptOn'
import type { SampleGrid, Samples } from './samples'

/** A whole number to one that nobody foresees. */
export function hashed(seed: number, a: number, b: number, c: number): number {
  let h = seed ^ Math.imul(a, 0x27d4eb2d) ^ Math.imul(b, 0x165667b1) ^ Math.imul(c, 0x1b873593)
  h = Math.imul(h ^ (h >>> 15), 0x2c1b3c6d)
  h = Math.imul(h ^ (h >>> 12), 0x297a2d39)
  return (h ^ (h >>> 15)) >>> 0
}

/** A seed of its own for one thing of a step. */
export function seedOf(seed: number, step: number, what: string): number {
  let h = hashed(seed | 0, step, what.length, 17)
  for (let i = 0; i < what.length; i++) h = hashed(h, what.charCodeAt(i), i, step)
  return h
}

/** Numbers from 0 up to 1, one after the other, the same for the same seed. */
export function drawn(seed: number): () => number {
  let at = 0
  return () => hashed(seed, ++at, 0x51ed, 0x2705) / 2 ** 32
}

/** A number about 0 with a spread of 1, from two drawn. */
export function aboutNothing(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
}

/** The twelve ways from the middle of a cube to its edges, and four of them again: one of sixteen. */
const WAYS = Float64Array.from([
  1, 1, 0, -1, 1, 0, 1, -1, 0, -1, -1, 0, 1, 0, 1, -1, 0, 1, 1, 0, -1, -1, 0, -1, 0, 1, 1, 0, -1, 1,
  0, 1, -1, 0, -1, -1, 1, 1, 0, -1, 1, 0, 0, -1, 1, 0, -1, -1,
])

function fade(t: number): number {
  return t * t * t * (t * (t * 6 - 15) + 10)
}

/** One octave of noise at a place, about −0.9 to 0.9: gradients of a lattice of 1, blended. */
function octave(seed: number, x: number, y: number, z: number): number {
  const i = Math.floor(x)
  const j = Math.floor(y)
  const k = Math.floor(z)
  const fx = x - i
  const fy = y - j
  const fz = z - k
  const low = plane(seed, i, j, k, fx, fy, fz)
  const w = fade(fz)
  // On a flat panel every place lies in one plane of the lattice.
  return w === 0 ? low : low + w * (plane(seed, i, j, k + 1, fx, fy, fz - 1) - low)
}

/** Where in the list the way of a corner of the lattice begins. */
function wayOf(seed: number, i: number, j: number, k: number): number {
  return (hashed(seed, i, j, k) & 15) * 3
}

/** A cell of the lattice at a height: what grows with fx from its left and its right corners, and what is there from the start. */
const cell = { left: 0, leftAt: 0, right: 0, rightAt: 0 }

/** Reckons a cell, so that along a row it is reckoned once. */
function toCell(seed: number, i: number, j: number, k: number, fy: number, fz: number): void {
  const a = wayOf(seed, i, j, k)
  const b = wayOf(seed, i + 1, j, k)
  const c = wayOf(seed, i, j + 1, k)
  const d = wayOf(seed, i + 1, j + 1, k)
  const v = fade(fy)
  const a0 = (WAYS[a + 1] as number) * fy + (WAYS[a + 2] as number) * fz
  const b0 = (WAYS[b + 1] as number) * fy + (WAYS[b + 2] as number) * fz
  const c0 = (WAYS[c + 1] as number) * (fy - 1) + (WAYS[c + 2] as number) * fz
  const d0 = (WAYS[d + 1] as number) * (fy - 1) + (WAYS[d + 2] as number) * fz
  cell.left = (WAYS[a] as number) + v * ((WAYS[c] as number) - (WAYS[a] as number))
  cell.right = (WAYS[b] as number) + v * ((WAYS[d] as number) - (WAYS[b] as number))
  cell.leftAt = a0 + v * (c0 - a0)
  cell.rightAt = b0 + v * (d0 - b0)
}

function plane(
  seed: number,
  i: number,
  j: number,
  k: number,
  fx: number,
  fy: number,
  fz: number,
): number {
  toCell(seed, i, j, k, fy, fz)
  const left = cell.left * fx + cell.leftAt
  const right = cell.right * (fx - 1) + cell.rightAt
  return left + fade(fx) * (right - left)
}

/** Octaves, each half as long and half as strong as the one before, and what makes of their sum about −1 to 1. */
const OCTAVES = 4
const LOUD = 1.6

/**
 * Noise at a place: four octaves, about −1 to 1, cut there.
 *
 * @param size of the longest octave, mm
 * Source: handbook 10.3.
 */
export function noiseAt(seed: number, size: number, x: number, y: number, z: number): number {
  let sum = 0
  let strong = 1
  for (let o = 0; o < OCTAVES; o++) {
    const per = 2 ** o / size
    sum += strong * octave(seed + o * 7919, x * per, y * per, z * per)
    strong /= 2
  }
  const loud = sum * (LOUD / (2 - 2 ** (1 - OCTAVES)))
  return Math.min(1, Math.max(-1, loud))
}

/** A single octave at a place: for what is only bent by it. */
export function bendAt(seed: number, size: number, x: number, y: number, z: number): number {
  return octave(seed, x / size, y / size, z / size)
}

/** Where noise is read for a sample: on a panel its face is flat, however it rises. */
export function noisePlace(samples: Samples, i: number): number {
  return samples.grid ? 0 : (samples.z[i] as number)
}

/** Fields of one surface that are kept: so many bytes, four a sample. */
const fields = keptOn<Float32Array>(24_000_000, 4)

/** Noise over all samples. Never to be written to: others have the same. */
export function noiseOver(samples: Samples, seed: number, size: number): Float32Array {
  return fields(samples, `${seed} ${size}`, (before) => before ?? reckoned(samples, seed, size))
}

/** A single octave over the samples of a grid: for grain as fine as they are, which has no finer one to show. */
export function grainOver(samples: Samples, grid: SampleGrid, seed: number, size: number) {
  return fields(
    samples,
    `grain ${seed} ${size}`,
    (before) => before ?? noiseInRows(grid, seed, size, 1),
  )
}

function reckoned({ x, y, z, count, grid }: Samples, seed: number, size: number): Float32Array {
  if (grid) return noiseInRows(grid, seed, size, OCTAVES)
  const out = new Float32Array(count)
  for (let i = 0; i < count; i++)
    out[i] = noiseAt(seed, size, x[i] as number, y[i] as number, z[i] as number)
  return out
}

/** Octaves from so long on, mm, are reckoned on a coarser grid with so many places to the shortest of them. Source: handbook 10.3. */
const COARSE = { from: 1, places: 5 } as const

/** The same over rows; what is long by fewer places, blended between them. */
function noiseInRows(grid: SampleGrid, seed: number, size: number, many: number): Float32Array {
  const { width, height, mm } = grid
  const long = Math.min(many, Math.max(0, Math.floor(Math.log2(size / COARSE.from)) + 1))
  const every = Math.floor(size / 2 ** (long - 1) / COARSE.places / mm)
  const coarse = long > 0 && every > 1 ? long : 0
  const out = new Float32Array(width * height)
  const fine = octavesOf(grid, size, coarse, many, 1)
  const between =
    coarse > 0 ? rowsBetween(grid, seed, octavesOf(grid, size, 0, coarse, every)) : null
  const sums = new Float64Array(width)
  const loud = LOUD / (2 - 2 ** (1 - many))
  for (let row = 0; row < height; row++) {
    if (between) between(sums, row)
    else sums.fill(0)
    addOctaves(sums, fine, row, seed)
    for (let i = 0, at = row * width; i < width; i++, at++) {
      const own = (sums[i] as number) * loud
      out[at] = Math.min(1, Math.max(-1, own))
    }
  }
  return out
}

/** Octaves of a noise on a grid, or on one that has only every so manieth of its places. */
type Octaves = { mm: number; every: number; from: number; columns: readonly Columns[] }

function octavesOf(
  { width, mm }: SampleGrid,
  size: number,
  from: number,
  to: number,
  every: number,
): Octaves {
  // One place more than there are samples, to blend towards.
  const many = every === 1 ? width : Math.floor((width - 1) / every) + 2
  const places = Float32Array.from({ length: many }, (_, i) => (i * every + 0.5) * mm)
  const columns: Columns[] = []
  for (let o = from; o < to; o++) columns.push(columnsOf(places, 2 ** o / size))
  return { mm, every, from, columns }
}

/** Adds octaves to the sums of a row. */
function addOctaves(sums: Float64Array, octaves: Octaves, row: number, seed: number): void {
  const y = Math.fround((row * octaves.every + 0.5) * octaves.mm)
  octaves.columns.forEach((columns, at) => {
    const o = octaves.from + at
    addRow(sums, columns, y * columns.per, 2 ** -o, seed + o * 7919)
  })
}

/** Rows of a grid, asked from the first on, blended from a coarser one. */
function rowsBetween({ width }: SampleGrid, seed: number, octaves: Octaves) {
  const { every } = octaves
  const places = new Float64Array(octaves.columns[0]?.cells.length ?? 0)
  let [above, below] = [new Float64Array(width), new Float64Array(width)]
  const fill = (into: Float64Array, row: number) => {
    places.fill(0)
    addOctaves(places, octaves, row, seed)
    for (let i = 0, at = 0, left = 0; i < width; i++) {
      const own = places[at] as number
      into[i] = own + (((places[at + 1] as number) - own) * left) / every
      left = left + 1 === every ? 0 : left + 1
      if (left === 0) at++
    }
  }
  fill(below, 0)
  return (into: Float64Array, row: number) => {
    const left = row % every
    if (left === 0) {
      ;[above, below] = [below, above]
      fill(below, row / every + 1)
    }
    const share = left / every
    for (let i = 0; i < width; i++) {
      const own = above[i] as number
      into[i] = own + share * ((below[i] as number) - own)
    }
  }
}

/** Columns of rows in an octave: the cell of each, how far into it, and how far over from left to right that is. */
type Columns = { per: number; cells: Int32Array; into: Float64Array; over: Float64Array }

function columnsOf(places: Float32Array, per: number): Columns {
  const cells = new Int32Array(places.length)
  const into = new Float64Array(places.length)
  const over = new Float64Array(places.length)
  for (let i = 0; i < places.length; i++) {
    const x = (places[i] as number) * per
    cells[i] = Math.floor(x)
    into[i] = x - (cells[i] as number)
    over[i] = fade(into[i] as number)
  }
  return { per, cells, into, over }
}

/** One octave of a row, added to its sums. */
function addRow(
  sums: Float64Array,
  { cells, into, over }: Columns,
  y: number,
  strong: number,
  seed: number,
): void {
  const j = Math.floor(y)
  for (let from = 0; from < sums.length; ) {
    const own = cells[from] as number
    toCell(seed, own, j, 0, y - j, 0)
    const { left, leftAt, right, rightAt } = cell
    let k = from
    for (; k < sums.length && cells[k] === own; k++) {
      const fx = into[k] as number
      const start = left * fx + leftAt
      const end = right * (fx - 1) + rightAt
      sums[k] = (sums[k] as number) + strong * (start + (over[k] as number) * (end - start))
    }
    from = k
  }
}

/** How far a cell's point is moved about, and how far a place is bent before its cell is asked, of a cell. Source: handbook 10.3. */
const JITTER = 0.9
const BENT = 0.45

/**
 * The random value, 0 to 1, of the crooked cell a place lies in: the nearest of points that are jittered, the place bent first.
 *
 * @param size of a cell, mm
 * Source: handbook 10.3.
 */
function flakeAt(seed: number, size: number, x: number, y: number, z: number): number {
  const bend = BENT * size
  const px = (x + bend * 2 * bendAt(seed + 1, size, x, y, z)) / size
  const py = (y + bend * 2 * bendAt(seed + 2, size, x, y, z)) / size
  const pz = z === 0 ? 0 : (z + bend * 2 * bendAt(seed + 3, size, x, y, z)) / size
  const [ci, cj, ck] = [Math.floor(px), Math.floor(py), Math.floor(pz)]
  // Flat, the cells lie in one layer.
  const [from, to] = z === 0 ? [0, 0] : [ck - 1, ck + 1]
  let best = Number.POSITIVE_INFINITY
  let nearest = 0
  for (let k = from; k <= to; k++)
    for (let b = 0; b < 3; b++) {
      const j = cj + (BY_NEARNESS[b] as number)
      if (beyond(j - py) >= best) continue
      for (let a = 0; a < 3; a++) {
        const i = ci + (BY_NEARNESS[a] as number)
        if (beyond(i - px) >= best) continue
        const h = hashed(seed, i, j, k)
        const dx = i + 0.5 + JITTER * ((h & 1023) / 1023 - 0.5) - px
        const dy = j + 0.5 + JITTER * (((h >>> 10) & 1023) / 1023 - 0.5) - py
        const dz = z === 0 ? 0 : k + 0.5 + JITTER * (((h >>> 20) & 1023) / 1023 - 0.5) - pz
        const off = dx * dx + dy * dy + dz * dz
        if (off >= best) continue
        best = off
        nearest = hashed(h, i, j, k)
      }
    }
  return nearest / 2 ** 32
}

/** Cells beside one, itself first: what is farther off than a point that was found needn't be asked. */
const BY_NEARNESS = [0, -1, 1] as const

/** How far at the least the point of a cell is along one axis, squared; of where the cell begins, seen from the place. */
function beyond(start: number): number {
  const low = start + 0.5 - JITTER / 2
  const off = low > 0 ? low : Math.min(0, start + 0.5 + JITTER / 2)
  return off * off
}

/** Values of crooked cells over all samples, each reckoned when it is first asked for. */
export function flakesOver(samples: Samples, seed: number, size: number): (i: number) => number {
  const field = fields(
    samples,
    `flakes ${seed} ${size}`,
    (before) => before ?? new Float32Array(samples.count).fill(-1),
  )
  const { x, y } = samples
  return (i) => {
    const before = field[i] as number
    if (before >= 0) return before
    const own = flakeAt(seed, size, x[i] as number, y[i] as number, noisePlace(samples, i))
    field[i] = own
    return field[i] as number
  }
}
