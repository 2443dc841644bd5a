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

function pull(seed: number, i: number, j: number, k: number, x: number, y: number, z: number) {
  const way = (hashed(seed, i, j, k) & 15) * 3
  return (WAYS[way] as number) * x + (WAYS[way + 1] as number) * y + (WAYS[way + 2] as number) * z
}

/** One octave of noise at a place, about −0.9 to 0.9: gradients of a lattice of 1, blended. */
function octave(seed: number, x: number, y: number, z: number): number {
  const i = Math.floor(x)
  const j = Math.floor(y)
  const k = Math.floor(z)
  const low = plane(seed, i, j, k, x - i, y - j, z - k)
  const w = fade(z - k)
  // On a flat panel every place lies in one plane of the lattice.
  return w === 0 ? low : low + w * (plane(seed, i, j, k + 1, x - i, y - j, z - k - 1) - low)
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
  const u = fade(fx)
  const a = pull(seed, i, j, k, fx, fy, fz)
  const b = pull(seed, i + 1, j, k, fx - 1, fy, fz)
  const c = pull(seed, i, j + 1, k, fx, fy - 1, fz)
  const d = pull(seed, i + 1, j + 1, k, fx - 1, fy - 1, fz)
  const top = a + u * (b - a)
  return top + fade(fy) * (c + u * (d - c) - top)
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
  let per = 1 / size
  for (let o = 0; o < OCTAVES; o++) {
    sum += strong * octave(seed + o * 7919, x * per, y * per, z * per)
    strong /= 2
    per *= 2
  }
  const loud = (sum * LOUD) / (2 - 2 ** (1 - OCTAVES))
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

/** Noise over all samples. */
export function noiseOver(samples: Samples, seed: number, size: number): Float32Array {
  const { x, y, z, count, grid } = samples
  if (grid) return noiseInRows(grid, seed, size)
  const out = new Float32Array(count)
  for (let i = 0; i < count; i++)
    out[i] = noiseAt(seed, size, x[i] as number, y[i] as number, z[i] as number)
  return out
}

/** The same over rows: what a cell of the lattice has is looked up once for all samples of a row in it. */
function noiseInRows({ width, height, mm }: SampleGrid, seed: number, size: number): Float32Array {
  const out = new Float32Array(width * height)
  const places = Float32Array.from({ length: width }, (_, i) => (i + 0.5) * mm)
  const sums = new Float64Array(width)
  for (let row = 0; row < height; row++) {
    sums.fill(0)
    for (let o = 0, strong = 1, per = 1 / size; o < OCTAVES; o++, strong /= 2, per *= 2)
      addRow(sums, places, Math.fround((row + 0.5) * mm) * per, per, strong, seed + o * 7919)
    for (let i = 0, at = row * width; i < width; i++, at++) {
      const loud = ((sums[i] as number) * LOUD) / (2 - 2 ** (1 - OCTAVES))
      out[at] = Math.min(1, Math.max(-1, loud))
    }
  }
  return out
}

/** One octave of a row, added to its sums. */
function addRow(
  sums: Float64Array,
  places: Float32Array,
  y: number,
  per: number,
  strong: number,
  seed: number,
): void {
  const j = Math.floor(y)
  const fy = y - j
  const v = fade(fy)
  let cell = Number.NaN
  let [ax, ay, bx, by, cx, cy, dx, dy] = [0, 0, 0, 0, 0, 0, 0, 0]
  for (let k = 0; k < sums.length; k++) {
    const x = (places[k] as number) * per
    const i = Math.floor(x)
    if (i !== cell) {
      cell = i
      const [a, b] = [wayOf(seed, i, j), wayOf(seed, i + 1, j)]
      const [c, d] = [wayOf(seed, i, j + 1), wayOf(seed, i + 1, j + 1)]
      ax = WAYS[a] as number
      ay = (WAYS[a + 1] as number) * fy
      bx = WAYS[b] as number
      by = (WAYS[b + 1] as number) * fy
      cx = WAYS[c] as number
      cy = (WAYS[c + 1] as number) * (fy - 1)
      dx = WAYS[d] as number
      dy = (WAYS[d + 1] as number) * (fy - 1)
    }
    const fx = x - i
    const u = fx * fx * fx * (fx * (fx * 6 - 15) + 10)
    const left = ax * fx + ay
    const top = left + u * (bx * (fx - 1) + by - left)
    const low = cx * fx + cy
    const bottom = low + u * (dx * (fx - 1) + dy - low)
    sums[k] = (sums[k] as number) + strong * (top + v * (bottom - top))
  }
}

function wayOf(seed: number, i: number, j: number): number {
  return (hashed(seed, i, j, 0) & 15) * 3
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
export function flakeAt(seed: number, size: number, x: number, y: number, z: number): number {
  const bend = BENT * size
  const px = (x + bend * 2 * bendAt(seed + 1, size, x, y, z)) / size
  const py = (y + bend * 2 * bendAt(seed + 2, size, x, y, z)) / size
  const pz = z === 0 ? 0 : (z + bend * 2 * bendAt(seed + 3, size, x, y, z)) / size
  const [ci, cj, ck] = [Math.floor(px), Math.floor(py), Math.floor(pz)]
  // Flat, the cells lie in one layer.
  const [from, to] = z === 0 ? [0, 0] : [ck - 1, ck + 1]
  let [best, value] = [Number.POSITIVE_INFINITY, 0]
  for (let k = from; k <= to; k++)
    for (let j = cj - 1; j <= cj + 1; j++)
      for (let i = ci - 1; i <= ci + 1; i++) {
        const h = hashed(seed, i, j, k)
        const dx = i + 0.5 + JITTER * ((h & 1023) / 1023 - 0.5) - px
        const dy = j + 0.5 + JITTER * (((h >>> 10) & 1023) / 1023 - 0.5) - py
        const dz = z === 0 ? 0 : k + 0.5 + JITTER * (((h >>> 20) & 1023) / 1023 - 0.5) - pz
        const off = dx * dx + dy * dy + dz * dz
        if (off < best) {
          best = off
          value = hashed(h, i, j, k) / 2 ** 32
        }
      }
  return value
}
