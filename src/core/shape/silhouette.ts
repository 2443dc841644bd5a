import type { StandIn } from '../model/shape'
import type { DrawnShape } from './drawn'
import { BESIDE, pictured } from './pictured'

/** The outline of a shape as it stands, mm: an SVG path within a box from 0, 0 down to its size. */
export type Silhouette = { width: number; height: number; path: string }

type Point = readonly [x: number, y: number]

/** A shape from its side, the front to the right; plates and wings from above, limbs as they hang. Source: handbook 12.1. */
export function silhouetteOf(shape: StandIn): Silhouette {
  const of = (name: keyof StandIn) => Number(shape[name] ?? 0)
  const [length, width, height] = [of('lengthMm'), of('widthMm'), of('heightMm')]
  const [diameter, mouth] = [of('diameterMm'), of('mouthMm')]
  switch (shape.kind) {
    case 'box-hull':
      return outline(length, height, [
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ])
    case 'wedge-hull': {
      const nose = 1 - of('frontMm') / height
      return outline(length, height, [
        [0, 0],
        [1, nose],
        [1, 1],
        [0, 1],
      ])
    }
    case 'cylinder':
      return rounded(length, diameter, diameter / 6)
    case 'cone':
    case 'bell':
      return tube(length, diameter, mouth, shape.kind === 'bell')
    case 'dome':
      return {
        width: diameter,
        height: diameter / 2,
        path: `M0 ${diameter / 2}A${diameter / 2} ${diameter / 2} 0 0 1 ${diameter} ${diameter / 2}Z`,
      }
    case 'sphere':
      return rounded(diameter, diameter, diameter / 2)
    case 'plate':
      return outline(length, width, [
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ])
    case 'wing':
      return outline(length, width, WING)
    case 'car-body':
      return outline(length, height, CAR)
    case 'limb':
      return rounded(width, length, width / 3)
    case 'figure':
      return outline(height * FIGURE_WIDE, height, FIGURE)
  }
}

/** A wing from above: its root to the left, its tip narrower and swept back. */
const WING: readonly Point[] = [
  [0, 0],
  [1, 0.35],
  [1, 0.85],
  [0, 1],
]

/** A car from its side, as shares of its length and height: boot, roof, bonnet, and two arches. */
const CAR: readonly Point[] = [
  [0, 0.45],
  [0.14, 0.42],
  [0.27, 0],
  [0.62, 0],
  [0.76, 0.42],
  [0.97, 0.52],
  [1, 0.85],
  [0.9, 0.85],
  [0.86, 0.62],
  [0.76, 0.62],
  [0.72, 0.85],
  [0.3, 0.85],
  [0.26, 0.62],
  [0.16, 0.62],
  [0.12, 0.85],
  [0, 0.85],
]

/** How wide a figure on its base is, of its height. */
const FIGURE_WIDE = 0.75

/** A figure on its base, from its head down. */
const FIGURE: readonly Point[] = [
  [0.42, 0.02],
  [0.58, 0.02],
  [0.62, 0.1],
  [0.57, 0.19],
  [0.72, 0.26],
  [0.76, 0.52],
  [0.64, 0.54],
  [0.64, 0.92],
  [1, 0.92],
  [1, 1],
  [0, 1],
  [0, 0.92],
  [0.36, 0.92],
  [0.36, 0.54],
  [0.24, 0.52],
  [0.28, 0.26],
  [0.43, 0.19],
  [0.38, 0.1],
]

/** A line through points given as shares of a box. */
function outline(width: number, height: number, points: readonly Point[]): Silhouette {
  const at = ([x, y]: Point) => `${tenth(x * width)} ${tenth(y * height)}`
  return { width, height, path: `M${points.map(at).join('L')}Z` }
}

/** A box with round corners. */
function rounded(width: number, height: number, radius: number): Silhouette {
  const r = Math.min(radius, width / 2, height / 2)
  const turn = (x: number, y: number) => `A${tenth(r)} ${tenth(r)} 0 0 1 ${tenth(x)} ${tenth(y)}`
  return {
    width,
    height,
    path: `M${tenth(r)} 0H${tenth(width - r)}${turn(width, r)}V${tenth(height - r)}${turn(width - r, height)}H${tenth(r)}${turn(0, height - r)}V${tenth(r)}${turn(r, 0)}Z`,
  }
}

/** A tube on its side, its mouth to the right; a bell flares. */
function tube(length: number, throat: number, mouth: number, flares: boolean): Silhouette {
  const height = Math.max(throat, mouth)
  const [a, b] = [(height - throat) / 2, (height - mouth) / 2]
  const side = (x: number, y: number, by: number) =>
    flares
      ? `Q${tenth(length / 2)} ${tenth(by)} ${tenth(x)} ${tenth(y)}`
      : `L${tenth(x)} ${tenth(y)}`
  return {
    width: length,
    height,
    path: `M0 ${tenth(a)}${side(length, b, a)}L${tenth(length)} ${tenth(height - b)}${side(0, height - a, height - a)}Z`,
  }
}

function tenth(mm: number): number {
  return Math.round(mm * 10) / 10
}

/** How finely a mesh's outline is drawn: cells along its longer side. */
const CELLS = 160

/** The outline of anything that is drawn, from its side, the front to the right. */
export function silhouetteOfDrawn(drawn: DrawnShape): Silhouette {
  const [long, tall] = [0, 2].map((c) => {
    const [low, high] = drawn.points.reduce(
      ([least, most], mm, i) =>
        i % 3 === c ? [Math.min(least, mm), Math.max(most, mm)] : [least, most],
      [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY],
    )
    return Math.max(0.1, high - low)
  }) as [number, number]
  const cell = Math.max(long, tall) / CELLS
  const [width, height] = [Math.ceil(long / cell), Math.ceil(tall / cell)]
  const { zone } = pictured(drawn, SIDE, width, height, 0)
  const isIn = (x: number, y: number) =>
    x >= 0 && y >= 0 && x < width && y < height && zone[y * width + x] !== BESIDE
  const at = ([x, y]: Point) => `${tenth(x * cell)} ${tenth(y * cell)}`
  const path = loops(width, height, isIn).map((loop) => `M${loop.map(at).join('L')}Z`)
  return { width: long, height: tall, path: path.join('') }
}

/** From starboard: what is ahead is to the right. */
const SIDE = { round: -90, above: 0 } as const

/** The lines round what is in, cell by cell, each closed; corners alone. */
function loops(width: number, height: number, isIn: (x: number, y: number) => boolean): Point[][] {
  const ways = new Map<string, Point[]>()
  const way = (from: Point, to: Point) =>
    ways.set(from.join(), [...(ways.get(from.join()) ?? []), to])
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      if (!isIn(x, y)) continue
      if (!isIn(x, y - 1)) way([x, y], [x + 1, y])
      if (!isIn(x + 1, y)) way([x + 1, y], [x + 1, y + 1])
      if (!isIn(x, y + 1)) way([x + 1, y + 1], [x, y + 1])
      if (!isIn(x - 1, y)) way([x, y + 1], [x, y])
    }
  const found: Point[][] = []
  for (const begin of ways.keys()) {
    const loop: Point[] = []
    for (let at = begin, next = ways.get(at)?.pop(); next; next = ways.get(at)?.pop()) {
      loop.push(next)
      at = next.join()
    }
    if (loop.length > 0) found.push(loop.filter((point, i) => isCorner(loop, point, i)))
  }
  return found
}

function isCorner(loop: readonly Point[], [x, y]: Point, i: number): boolean {
  const [before, after] = [loop.at(i - 1), loop[(i + 1) % loop.length]] as [Point, Point]
  return !((before[0] === x && after[0] === x) || (before[1] === y && after[1] === y))
}
