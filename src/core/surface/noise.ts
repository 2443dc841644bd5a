import type { Samples } from './samples'

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
  return (
    (WAYS[way] as number) * x + (WAYS[way + 1] as number) * y + (WAYS[way + 2] as number) * z
  )
}

/** One octave of noise at a place, about −0.9 to 0.9: gradients of a lattice of 1, blended. */
function octave(seed: number, x: number, y: number, z: number): number {
  const [i, j, k] = [Math.floor(x), Math.floor(y), Math.floor(z)]
  const [fx, fy, fz] = [x - i, y - j, z - k]
  const [u, v, w] = [fade(fx), fade(fy), fade(fz)]
  const low = plane(seed, i, j, k, fx, fy, fz, u, v)
  // On a flat panel every place lies in one plane of the lattice.
  return w === 0 ? low : low + w * (plane(seed, i, j, k + 1, fx, fy, fz - 1, u, v) - low)
}

function plane(
  seed: number,
  i: number,
  j: number,
  k: number,
  fx: number,
  fy: number,
  fz: number,
  u: number,
  v: number,
): number {
  const a = pull(seed, i, j, k, fx, fy, fz)
  const b = pull(seed, i + 1, j, k, fx - 1, fy, fz)
  const c = pull(seed, i, j + 1, k, fx, fy - 1, fz)
  const d = pull(seed, i + 1, j + 1, k, fx - 1, fy - 1, fz)
  const top = a + u * (b - a)
  return top + v * (c + u * (d - c) - top)
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
  let [sum, strong, per] = [0, 1, 1 / size]
  for (let o = 0; o < OCTAVES; o++) {
    sum += strong * octave(seed + o * 7919, x * per, y * per, z * per)
    strong /= 2
    per *= 2
  }
  const loud = (sum * LOUD) / (2 - 2 ** (1 - OCTAVES))
  return loud < -1 ? -1 : loud > 1 ? 1 : loud
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
  const { x, y, count } = samples
  const out = new Float32Array(count)
  for (let i = 0; i < count; i++)
    out[i] = noiseAt(seed, size, x[i] as number, y[i] as number, noisePlace(samples, i))
  return out
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
