import { around } from '../surface/around'
import type { Samples } from '../surface/samples'

/** A stroke over a surface: where it begins, which way, mm. */
export type Stroke = {
  at: number
  /** Unit way across the face. */
  way: readonly [number, number, number]
  /** Turned against it, and bent along it, radians. */
  turn?: number
  bend?: number
  long: number
  /** How wide at a share of its length, mm. */
  width: (t: number) => number
}

/** The sample nearest to a place, among those close to it; −1: the surface is left. */
export function sampleAt(samples: Samples, x: number, y: number, z: number): number {
  let [best, found] = [Number.POSITIVE_INFINITY, -1]
  const flat = samples.grid !== null
  samples.near(x, y, z, samples.spacing * 1.5, (i) => {
    const dx = (samples.x[i] as number) - x
    const dy = (samples.y[i] as number) - y
    const dz = flat ? 0 : (samples.z[i] as number) - z
    const far = dx * dx + dy * dy + dz * dz
    if (far < best) {
      best = far
      found = i
    }
  })
  return found
}

/** A way turned across the face of a sample, by an angle. */
function turnedOn(
  samples: Samples,
  i: number,
  [x, y, z]: readonly [number, number, number],
  turn: number,
): [number, number, number] {
  const flat = samples.grid !== null
  const [nx, ny, nz] = flat
    ? [0, 0, 1]
    : [samples.nx[i] as number, samples.ny[i] as number, samples.nz[i] as number]
  const out = x * nx + y * ny + z * nz
  const [fx, fy, fz] = [x - out * nx, y - out * ny, z - out * nz]
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  const gx = fx * cos + (ny * fz - nz * fy) * sin
  const gy = fy * cos + (nz * fx - nx * fz) * sin
  const gz = fz * cos + (nx * fy - ny * fx) * sin
  const long = Math.sqrt(gx * gx + gy * gy + gz * gz)
  return long < 1e-6 ? [0, 0, 0] : [gx / long, gy / long, gz / long]
}

/** Samples that a walk passes: each with how far along it is, 0 to 1, and the way there. */
export function walk(
  samples: Samples,
  from: number,
  long: number,
  wayAt: (sample: number, t: number) => readonly [number, number, number],
  visit: (sample: number, t: number, way: readonly [number, number, number]) => void,
): number {
  const step = samples.spacing
  let [x, y, z] = [samples.x[from] as number, samples.y[from] as number, samples.z[from] as number]
  let at = from
  for (let gone = 0; gone <= long; gone += step) {
    const t = gone / long
    const way = wayAt(at, t)
    visit(at, t, way)
    if (way[0] === 0 && way[1] === 0 && way[2] === 0) return gone
    x += way[0] * step
    y += way[1] * step
    z += way[2] * step
    const next = sampleAt(samples, x, y, z)
    if (next < 0) return gone
    if (!samples.grid) {
      // On a mesh the way keeps to the surface.
      x = samples.x[next] as number
      y = samples.y[next] as number
      z = samples.z[next] as number
    }
    at = next
  }
  return long
}

/** Every sample under a stroke, with how far along it lies, 0 to 1, and how far off its middle, as a share of half its width. */
export function strokeOver(
  samples: Samples,
  { at, way, turn = 0, bend = 0, long, width }: Stroke,
  visit: (sample: number, t: number, off: number) => void,
): void {
  walk(
    samples,
    at,
    long,
    (i, t) => turnedOn(samples, i, way, turn + bend * t),
    (i, t) => {
      const half = Math.max(samples.spacing / 2, width(t) / 2)
      around(samples, i, half, (j, off) => {
        if (off <= half) visit(j, t, off / half)
      })
    },
  )
}
