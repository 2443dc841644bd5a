import type { SampleGrid } from './samples'

/** Heights smoothed by a bell of this spread, mm: row by row, then column by column; at the rim the last value goes on. */
export function smoothed(from: Float32Array, grid: SampleGrid, spread: number): Float32Array {
  const reach = Math.ceil((spread / grid.mm) * 3)
  const bell = Float64Array.from({ length: 2 * reach + 1 }, (_, k) =>
    Math.exp(-0.5 * (((k - reach) * grid.mm) / spread) ** 2),
  )
  const whole = bell.reduce((sum, one) => sum + one, 0)
  const pass = (source: Float32Array, long: number, wide: number, step: number, skip: number) => {
    const out = new Float32Array(source.length)
    // A line with its ends drawn out, so that nothing is asked at every sample.
    const own = new Float32Array(long + 2 * reach)
    for (let line = 0; line < wide; line++) {
      const base = line * skip
      for (let at = 0; at < long; at++) own[at + reach] = source[base + at * step] as number
      own.fill(source[base] as number, 0, reach)
      own.fill(source[base + (long - 1) * step] as number, reach + long)
      for (let at = 0; at < long; at++) {
        let sum = 0
        for (let k = 0; k < bell.length; k++) sum += (bell[k] as number) * (own[at + k] as number)
        out[base + at * step] = sum / whole
      }
    }
    return out
  }
  const { width, height } = grid
  return pass(pass(from, width, height, 1, width), height, width, width, 1)
}

/** The greatest within so many samples of a line on either side, by runs from both ends. */
function linesMost(
  from: Float32Array,
  { long, lines, step, skip }: { long: number; lines: number; step: number; skip: number },
  reach: number,
): Float32Array {
  const out = new Float32Array(from.length)
  const window = 2 * reach + 1
  const wide = long + 2 * reach
  const own = new Float32Array(wide)
  const [ahead, back] = [new Float32Array(wide), new Float32Array(wide)]
  for (let line = 0; line < lines; line++) {
    const base = line * skip
    for (let i = 0; i < long; i++) own[i + reach] = from[base + i * step] as number
    own.fill(from[base] as number, 0, reach)
    own.fill(from[base + (long - 1) * step] as number, reach + long)
    for (let i = 0, run = 0; i < wide; i++, run = run === window - 1 ? 0 : run + 1) {
      const value = own[i] as number
      ahead[i] = run === 0 || value > (ahead[i - 1] as number) ? value : (ahead[i - 1] as number)
    }
    for (let i = wide - 1; i >= 0; i--) {
      const value = own[i] as number
      const ends = i === wide - 1 || (i + 1) % window === 0
      back[i] = ends || value > (back[i + 1] as number) ? value : (back[i + 1] as number)
    }
    for (let i = 0; i < long; i++) {
      out[base + i * step] = Math.max(back[i] as number, ahead[i + window - 1] as number)
    }
  }
  return out
}

/** The greatest within a square so many mm from its middle to its sides. */
export function squareMost(from: Float32Array, { width, height, mm }: SampleGrid, half: number) {
  const reach = Math.round(half / mm)
  const rows = linesMost(from, { long: width, lines: height, step: 1, skip: width }, reach)
  return linesMost(rows, { long: height, lines: width, step: width, skip: 1 }, reach)
}

/** The greatest within a disc. */
function discMost(from: Float32Array, { width, height, mm }: SampleGrid, radius: number) {
  const reach = Math.round(radius / mm)
  const out = new Float32Array(from.length).fill(Number.NEGATIVE_INFINITY)
  const rows = new Map<number, Float32Array>()
  for (let dy = -reach; dy <= reach; dy++) {
    const half = Math.floor(Math.sqrt(reach * reach - dy * dy))
    const most =
      rows.get(half) ?? linesMost(from, { long: width, lines: height, step: 1, skip: width }, half)
    rows.set(half, most)
    for (let row = 0; row < height; row++) {
      const to = Math.min(height - 1, Math.max(0, row + dy)) * width
      for (let i = 0; i < width; i++) {
        const value = most[to + i] as number
        if (value > (out[row * width + i] as number)) out[row * width + i] = value
      }
    }
  }
  return out
}

/** Heights closed by a disc: what is narrower than it is filled up. Source: handbook 10.2. */
export function closed(from: Float32Array, grid: SampleGrid, radius: number): Float32Array {
  const raised = discMost(from, grid, radius).map((value) => -value)
  return discMost(raised, grid, radius).map((value) => -value)
}

/** Slopes of heights along x and y. */
export function slopesOf(from: Float32Array, { width, height, mm }: SampleGrid) {
  const dx = new Float32Array(from.length)
  const dy = new Float32Array(from.length)
  const [two, one] = [1 / (2 * mm), 1 / mm]
  for (let j = 0, at = 0; j < height; j++) {
    const up = j > 0 ? width : 0
    const down = j < height - 1 ? width : 0
    const perDown = up + down === 2 * width ? two : one
    for (let i = 0; i < width; i++, at++) {
      const left = i > 0 ? 1 : 0
      const right = i < width - 1 ? 1 : 0
      dx[at] =
        ((from[at + right] as number) - (from[at - left] as number)) *
        (left + right === 2 ? two : one)
      dy[at] = ((from[at + down] as number) - (from[at - up] as number)) * perDown
    }
  }
  return { dx, dy }
}

/** How much a relief bends: the divergence of its normals, per mm; positive where it bends outwards. Source: handbook 10.2. */
export function bending(from: Float32Array, grid: SampleGrid): Float32Array {
  const { dx, dy } = slopesOf(from, grid)
  const [nx, ny] = [new Float32Array(from.length), new Float32Array(from.length)]
  for (let i = 0; i < from.length; i++) {
    const long = Math.sqrt(1 + (dx[i] as number) ** 2 + (dy[i] as number) ** 2)
    nx[i] = -(dx[i] as number) / long
    ny[i] = -(dy[i] as number) / long
  }
  const along = slopesOf(nx, grid).dx
  const down = slopesOf(ny, grid).dy
  return along.map((value, i) => value + (down[i] as number))
}
