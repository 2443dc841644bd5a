import type { Feature } from '../model/panel'
import { fallsOf } from './falls'
import { reliefOf } from './features'
import { bending, closed, slopesOf, smoothed, squareMost } from './gridFilters'
import { type Outlet, RECESS_FROM, type SampleGrid, type Samples } from './samples'
import { piecesOf, rimOf, spread } from './spread'

/** How a panel is made and how it stands. Angles in degrees clockwise from +x. Source: handbook 10.2. */
export type PanelShape = {
  features: readonly Feature[]
  widthMm: number
  heightMm: number
  pxPerMm: number
  stands: 'upright' | 'lying'
  /** Along the face, of one that stands. */
  gravity: number
  travel: number
}

/** What is narrower than a disc of this radius is a hollow, mm. Source: handbook 10.2. */
const CLOSED_BY = 0.6
/** An inner corner holds so much for each of its bending per mm, and no more, mm. Source: handbook 10.2. */
const CORNER = { per: 0.02, most: 0.05 } as const
/** An edge shows from a rounding of 1 mm, and whole on one of 0.2 mm. Source: handbook 10.2. */
const EDGE = { per: 0.25, from: 0.25, smoothed: 0.1 } as const
/** The sky is looked for in so many directions, so far, mm, at these places on the way. Source: handbook 10.2. */
const SKY = { ways: 12, far: 3 } as const
const LOOKS = [0.1, 0.2, 0.3, 0.4, 0.5, 0.7, 0.9, 1.2, 1.6, 2.2, 3] as const
/** What stands no higher over a sample hides nothing of its sky, mm. */
const LOW = 0.004
/** A drop feels the face smoothed over this, mm. Source: handbook 10.2. */
const DROP_FEELS = 0.3
/** A plate of a panel takes up so much of it at the least. */
const PLATE_SHARE = 0.015
/** Tape and paint for a plate go so far into the lines beside it, mm. */
const PLATE_REACH = 1

const turned = (degrees: number): [number, number] => [
  Math.cos((degrees * Math.PI) / 180),
  Math.sin((degrees * Math.PI) / 180),
]

/** A panel as samples with their fields. Source: handbook 10.2. */
export function panelSamples(shape: PanelShape): Samples {
  const { features, widthMm, heightMm, pxPerMm } = shape
  const grid: SampleGrid = {
    width: Math.max(1, Math.round(widthMm * pxPerMm)),
    height: Math.max(1, Math.round(heightMm * pxPerMm)),
    mm: 1 / pxPerMm,
  }
  const { height, broad } = reliefOf(features, grid.width, grid.height, grid.mm)
  const count = height.length
  const [x, y] = [new Float32Array(count), new Float32Array(count)]
  for (let i = 0; i < count; i++) {
    x[i] = ((i % grid.width) + 0.5) * grid.mm
    y[i] = (Math.floor(i / grid.width) + 0.5) * grid.mm
  }
  const { nx, ny, nz } = normalsOf(height, grid)
  const { recess, edge, open } = hollowsOf(height, broad, grid)
  const stance = stanceOf(shape, grid)
  const felt = normalsOf(smoothed(height, grid, DROP_FEELS), grid)
  const samples: Samples = {
    count,
    spacing: grid.mm,
    grid,
    x,
    y,
    z: height,
    area: new Float32Array(count).fill(grid.mm * grid.mm),
    nx,
    ny,
    nz,
    front: nz,
    recess,
    edge,
    open,
    level: stance.level,
    up: nx.map(
      (one, i) =>
        one * stance.upward[0] +
        (ny[i] as number) * stance.upward[1] +
        (nz[i] as number) * stance.upward[2],
    ),
    ...fallsOf(felt.nx, felt.ny, felt.nz, stance.upward),
    plate: new Uint8Array(count),
    plates: 0,
    lineDepth: Math.max(0, ...features.map((one) => (one.kind === 'line' ? one.depth : 0))),
    outlets: outletsOf(shape),
    ...neighboursOf(grid),
    near: nearOn(grid),
    upward: stance.upward,
    travel: [...turned(shape.travel), 0],
    axes: { across: [1, 0, 0], down: [0, 1, 0] },
  }
  return withPlates(samples, grid)
}

/** How deep, how sharp and how open each sample lies. */
function hollowsOf(height: Float32Array, broad: Float32Array, grid: SampleGrid) {
  const bend = bending(smoothed(height, grid, EDGE.smoothed), grid)
  // A broad curve is the face itself.
  const raised = height.map((own, i) => own - (broad[i] as number))
  const filled = closed(raised, grid, CLOSED_BY)
  const recess = filled.map((top, i) =>
    Math.max(
      0,
      top - (raised[i] as number),
      Math.min(CORNER.most, CORNER.per * Math.max(0, -(bend[i] as number) - 1)),
    ),
  )
  const edge = bend.map((one) => Math.min(1, Math.max(0, EDGE.per * one - EDGE.from)))
  return { recess, edge, open: openness(raised, grid) }
}

function normalsOf(height: Float32Array, grid: SampleGrid) {
  const { dx, dy } = slopesOf(height, grid)
  const nz = dx.map((slope, i) => 1 / Math.sqrt(1 + slope * slope + (dy[i] as number) ** 2))
  return {
    nx: dx.map((slope, i) => -slope * (nz[i] as number)),
    ny: dy.map((slope, i) => -slope * (nz[i] as number)),
    nz,
  }
}

/** How high each sample is on the model, and which way is up. */
function stanceOf({ stands, gravity }: PanelShape, { width, height }: SampleGrid) {
  const level = new Float32Array(width * height).fill(0.5)
  if (stands === 'lying') return { level, upward: [0, 0, 1] as const }
  const [gx, gy] = turned(gravity)
  const high = (i: number, j: number) => -gx * i - gy * j
  const corners = [0, width].flatMap((i) => [0, height].map((j) => high(i, j)))
  const [low, top] = [Math.min(...corners), Math.max(...corners)]
  for (let i = 0; i < level.length; i++)
    level[i] =
      (high((i % width) + 0.5, Math.floor(i / width) + 0.5) - low) / Math.max(1e-9, top - low)
  return { level, upward: [-gx, -gy, 0] as const }
}

/**
 * Share of the sky over its face that each sample sees.
 *
 * @param raised heights without what is broad: what rises is what rises over a curve
 * Source: handbook 10.2.
 */
function openness(raised: Float32Array, grid: SampleGrid): Float32Array {
  const { width, height: down } = grid
  const open = new Float32Array(raised.length).fill(1)
  // Where nothing about it stands higher, nothing hides the sky.
  const over = squareMost(raised, grid, SKY.far)
  const { across, below, per } = looksOf(grid)
  const looks = LOOKS.length
  for (let at = 0; at < open.length; at++) {
    const own = raised[at] as number
    if ((over[at] as number) <= own + LOW) continue
    const i = at % width
    const j = (at - i) / width
    let seen = 0
    for (let way = 0; way < per.length; way += looks) {
      let steep = 0
      for (let look = way; look < way + looks; look++) {
        const x = i + (across[look] as number)
        const y = j + (below[look] as number)
        if (x < 0 || y < 0 || x >= width || y >= down) break
        const t = ((raised[y * width + x] as number) - own) * (per[look] as number)
        if (t > steep) steep = t
      }
      seen += 1 / (1 + steep * steep)
    }
    open[at] = seen / SKY.ways
  }
  return open
}

/** Where the sky is looked for from a sample, way by way: so many samples across and down, and 1 ÷ how far that is, mm. */
function looksOf({ mm }: SampleGrid) {
  const all = Array.from({ length: SKY.ways }, (_, k) => turned((360 * k) / SKY.ways)).flatMap(
    ([wx, wy]) =>
      LOOKS.map((far) => [Math.round((wx * far) / mm), Math.round((wy * far) / mm)] as const),
  )
  return {
    across: Int32Array.from(all, ([x]) => x),
    below: Int32Array.from(all, ([, y]) => y),
    per: Float64Array.from(all, ([x, y]) => 1 / (mm * Math.max(1, Math.hypot(x, y)))),
  }
}

/** Where soot comes from: holes; without any, the middle of the panel. */
function outletsOf({ features, widthMm, heightMm }: PanelShape): Outlet[] {
  const holes = features.flatMap((one) =>
    one.kind === 'hole' ? [{ x: one.x, y: one.y, z: 0, diameter: one.size }] : [],
  )
  return holes.length > 0
    ? holes
    : [{ x: widthMm / 2, y: heightMm / 2, z: 0, diameter: widthMm / 24 }]
}

function neighboursOf({ width, height }: SampleGrid): Pick<Samples, 'start' | 'next'> {
  const start = new Int32Array(width * height + 1)
  const next = new Int32Array(width * height * 8)
  let at = 0
  for (let j = 0; j < height; j++)
    for (let i = 0; i < width; i++) {
      start[j * width + i] = at
      for (let b = Math.max(0, j - 1); b <= Math.min(height - 1, j + 1); b++)
        for (let a = Math.max(0, i - 1); a <= Math.min(width - 1, i + 1); a++)
          if (a !== i || b !== j) next[at++] = b * width + a
    }
  start[width * height] = at
  return { start, next: next.subarray(0, at) }
}

function nearOn({ width, height, mm }: SampleGrid): Samples['near'] {
  return (x, y, _, radius, visit) => {
    const from = (at: number) => Math.max(0, Math.floor((at - radius) / mm))
    const to = (at: number, end: number) => Math.min(end - 1, Math.floor((at + radius) / mm))
    for (let j = from(y); j <= to(y, height); j++)
      for (let i = from(x); i <= to(x, width); i++) visit(j * width + i)
  }
}

/** The faces between lines and steps, in the order of reading: by rows as high as a sixth of the panel. */
function withPlates(samples: Samples, { width, height }: SampleGrid): Samples {
  const { of, sizes } = piecesOf(samples, (i) => (samples.recess[i] as number) < RECESS_FROM)
  const first = new Map<number, [row: number, column: number]>()
  for (let i = 0; i < of.length; i++) {
    const piece = of[i] as number
    if (piece < 0 || (sizes[piece] as number) < PLATE_SHARE * samples.count) continue
    const [row, column] = first.get(piece) ?? [Math.floor(i / width), width]
    first.set(piece, [row, Math.min(column, i % width)])
  }
  const row = (at: number) => Math.floor((6 * at) / height)
  const order = [...first].sort(([, a], [, b]) => row(a[0]) - row(b[0]) || a[1] - b[1])
  const number = new Map(order.slice(0, 255).map(([piece], at) => [piece, at + 1]))
  const plate = Uint8Array.from(of, (piece) => number.get(piece) ?? 0)
  const rims = rimOf(samples, (i) => plate[i] !== 0)
  const { source } = spread(samples, rims, PLATE_REACH, 'straight', (i) => plate[i] === 0)
  source.forEach((from, i) => {
    if (from >= 0) plate[i] = plate[from] as number
  })
  return { ...samples, plate, plates: number.size }
}
