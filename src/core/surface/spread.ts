import type { Samples } from './samples'

/** What spreads from seeds: how far each sample is from the nearest, mm, and which that is; −1 where none comes so far. */
export type Spread = { distance: Float32Array; source: Int32Array }

/** How it spreads: straight through the air from its seed, or along the samples it passes. */
type Way = 'straight' | 'along'

/**
 * From seeds outwards over neighbours, no farther than asked.
 *
 * @param most mm
 * @param allowed where it may go; left out: anywhere
 * Source: handbook 10.3.
 */
export function spread(
  samples: Samples,
  seeds: Iterable<number>,
  most: number,
  way: Way = 'straight',
  allowed?: (sample: number) => boolean,
): Spread {
  const { start, next, count, spacing, x, y, z } = samples
  const distance = new Float32Array(count).fill(Number.POSITIVE_INFINITY)
  const source = new Int32Array(count).fill(-1)
  const passedOn = new Float32Array(count).fill(-1)
  const step = spacing / 2
  const buckets: number[][] = [[]]
  for (const seed of seeds) {
    distance[seed] = 0
    source[seed] = seed
    ;(buckets[0] as number[]).push(seed)
  }
  for (let b = 0; b < buckets.length; b++) {
    const bucket = buckets[b]
    if (!bucket) continue
    for (let at = 0; at < bucket.length; at++) {
      const i = bucket[at] as number
      const gone = distance[i] as number
      // It stands in the list once for each time that it was reached from nearer.
      if (passedOn[i] === gone) continue
      passedOn[i] = gone
      const from = source[i] as number
      const origin = way === 'along' ? i : from
      const so = way === 'along' ? gone : 0
      const ox = x[origin] as number
      const oy = y[origin] as number
      const oz = z[origin] as number
      const end = start[i + 1] as number
      for (let n = start[i] as number; n < end; n++) {
        const j = next[n] as number
        const before = distance[j] as number
        if (before === 0) continue
        const dx = (x[j] as number) - ox
        const dy = (y[j] as number) - oy
        const dz = (z[j] as number) - oz
        // As it is kept: else a rounding would come nearer for ever.
        const far = Math.fround(so + Math.sqrt(dx * dx + dy * dy + dz * dz))
        if (far >= before || far > most || (allowed && !allowed(j))) continue
        distance[j] = far
        source[j] = from
        const into = Math.max(b, Math.floor(far / step))
        const own = buckets[into]
        if (own) own.push(j)
        else {
          while (buckets.length < into) buckets.push([])
          buckets[into] = [j]
        }
      }
    }
    buckets[b] = []
  }
  return { distance, source }
}

/** Pieces that hang together: which each sample belongs to, from 0 on; −1: to none; and how many samples each has. */
export type Pieces = { of: Int32Array; sizes: number[] }

/** Samples of a kind, piece by piece, in the order of their first samples. */
export function piecesOf(samples: Samples, is: (sample: number) => boolean): Pieces {
  const { start, next, count } = samples
  const of = new Int32Array(count).fill(-1)
  const sizes: number[] = []
  const stack: number[] = []
  for (let first = 0; first < count; first++) {
    if (of[first] !== -1 || !is(first)) continue
    const piece = sizes.length
    let size = 0
    of[first] = piece
    stack.push(first)
    while (stack.length > 0) {
      const i = stack.pop() as number
      size++
      for (let n = start[i] as number; n < (start[i + 1] as number); n++) {
        const j = next[n] as number
        if (of[j] !== -1 || !is(j)) continue
        of[j] = piece
        stack.push(j)
      }
    }
    sizes.push(size)
  }
  return { of, sizes }
}

/** Samples of a kind that have one beside them which isn't, in their order. */
export function rimOf({ start, next, count }: Samples, is: (sample: number) => boolean): number[] {
  const rim: number[] = []
  for (let i = 0; i < count; i++) {
    if (!is(i)) continue
    for (let n = start[i] as number; n < (start[i + 1] as number); n++)
      if (!is(next[n] as number)) {
        rim.push(i)
        break
      }
  }
  return rim
}
