import type { SampleGrid } from './samples'

/** Columns made rows, block by block: what lies close together is read together. */
function transposed(from: Float32Array, width: number, height: number): Float32Array {
  const out = new Float32Array(from.length)
  const block = 32
  for (let top = 0; top < height; top += block)
    for (let left = 0; left < width; left += block) {
      const [bottom, right] = [Math.min(height, top + block), Math.min(width, left + block)]
      for (let j = top; j < bottom; j++)
        for (let i = left; i < right; i++) out[i * height + j] = from[j * width + i] as number
    }
  return out
}

/** Row by row, then column by column. */
function bothWays(
  from: Float32Array,
  { width, height }: SampleGrid,
  rows: (from: Float32Array, long: number) => Float32Array,
): Float32Array {
  const across = rows(from, width)
  return transposed(rows(transposed(across, width, height), height), height, width)
}

/** A row with its ends drawn out, so that nothing is asked at every sample. */
function drawnOut(own: Float32Array, from: Float32Array, base: number, long: number): void {
  const reach = (own.length - long) / 2
  for (let i = 0; i < long; i++) own[i + reach] = from[base + i] as number
  own.fill(from[base] as number, 0, reach)
  own.fill(from[base + long - 1] as number, reach + long)
}

/** Heights smoothed by a bell of this spread, mm; at the rim the last value goes on. */
export function smoothed(from: Float32Array, grid: SampleGrid, spread: number): Float32Array {
  const reach = Math.ceil((spread / grid.mm) * 3)
  const bell = Float64Array.from({ length: 2 * reach + 1 }, (_, k) =>
    Math.exp(-0.5 * (((k - reach) * grid.mm) / spread) ** 2),
  )
  const whole = bell.reduce((sum, one) => sum + one, 0)
  return bothWays(from, grid, (source, long) => {
    const out = new Float32Array(source.length)
    const own = new Float32Array(long + 2 * reach)
    for (let base = 0; base < source.length; base += long) {
      drawnOut(own, source, base, long)
      for (let at = 0; at < long; at++) {
        let sum = 0
        for (let k = 0; k < bell.length; k++) sum += (bell[k] as number) * (own[at + k] as number)
        out[base + at] = sum / whole
      }
    }
    return out
  })
}

/** The greatest within so many samples of a row on either side, by runs from both ends. */
function rowsMost(from: Float32Array, long: number, reach: number): Float32Array {
  if (reach === 0) return from
  const out = new Float32Array(from.length)
  const window = 2 * reach + 1
  const wide = long + 2 * reach
  const own = new Float32Array(wide)
  const [ahead, back] = [new Float32Array(wide), new Float32Array(wide)]
  for (let base = 0; base < from.length; base += long) {
    drawnOut(own, from, base, long)
    for (let start = 0; start < wide; start += window) {
      const end = Math.min(wide, start + window)
      let most = Number.NEGATIVE_INFINITY
      for (let i = start; i < end; i++) {
        const value = own[i] as number
        if (value > most) most = value
        ahead[i] = most
      }
      most = Number.NEGATIVE_INFINITY
      for (let i = end - 1; i >= start; i--) {
        const value = own[i] as number
        if (value > most) most = value
        back[i] = most
      }
    }
    for (let i = 0; i < long; i++) {
      const [before, after] = [back[i] as number, ahead[i + window - 1] as number]
      out[base + i] = Math.max(before, after)
    }
  }
  return out
}

/** The greatest within a square so many mm from its middle to its sides. */
export function squareMost(from: Float32Array, grid: SampleGrid, half: number) {
  const reach = Math.round(half / grid.mm)
  return bothWays(from, grid, (source, long) => rowsMost(source, long, reach))
}

/** The greatest within a disc. */
function discMost(from: Float32Array, { width, height, mm }: SampleGrid, radius: number) {
  const reach = Math.round(radius / mm)
  const out = new Float32Array(from.length).fill(Number.NEGATIVE_INFINITY)
  const rows = new Map<number, Float32Array>()
  for (let dy = -reach; dy <= reach; dy++) {
    const half = Math.floor(Math.sqrt(reach * reach - dy * dy))
    const most = rows.get(half) ?? rowsMost(from, width, half)
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
