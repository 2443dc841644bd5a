import { leastSquares } from './leastSquares'

/** A place in a picture, in whatever unit its points are in. */
export type PicturePoint = { x: number; y: number }

/** The same thing seen in two pictures. */
export type PointPair = { from: PicturePoint; to: PicturePoint }

/** What a place of one picture is in the other: nine numbers of a projective map, row by row. */
export type Warp = readonly [number, number, number, number, number, number, number, number, number]

/** How two pictures lie on each other, and how far off its own pairs it leaves them, root of the mean square. */
export type Alignment = { warp: Warp; kind: 'affine' | 'homography'; off: number }

/** So many pairs fix a map. Source: handbook 13.1. */
export const PAIRS = { affine: 3, homography: 4 } as const

/** Where a place goes. */
export function warped([a, b, c, d, e, f, g, h, i]: Warp, { x, y }: PicturePoint): PicturePoint {
  const w = g * x + h * y + i
  return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w }
}

/** The way back. @returns null where it can't be gone back */
export function inverse([a, b, c, d, e, f, g, h, i]: Warp): Warp | null {
  const whole = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g)
  if (Math.abs(whole) < 1e-15) return null
  return [
    (e * i - f * h) / whole,
    (c * h - b * i) / whole,
    (b * f - c * e) / whole,
    (f * g - d * i) / whole,
    (a * i - c * g) / whole,
    (c * d - a * f) / whole,
    (d * h - e * g) / whole,
    (b * g - a * h) / whole,
    (a * e - b * d) / whole,
  ]
}

/**
 * Lays one picture on another by pairs of points: three fix an affine map, four a projective one, more are fitted by least squares.
 *
 * @param kind left out: projective from four pairs on
 * @returns why not, where the pairs are too few or lie in a line
 * Source: handbook 13.1.
 */
export function aligned(
  pairs: readonly PointPair[],
  kind: Alignment['kind'] = pairs.length >= PAIRS.homography ? 'homography' : 'affine',
): Alignment | 'too-few' | 'in-a-line' {
  if (pairs.length < PAIRS[kind]) return 'too-few'
  const from = centred(pairs.map((pair) => pair.from))
  const to = centred(pairs.map((pair) => pair.to))
  if (!from || !to) return 'in-a-line'
  const rows: number[][] = []
  const right: number[] = []
  for (let k = 0; k < pairs.length; k++) {
    const { x, y } = from.spots[k] as PicturePoint
    const { x: u, y: v } = to.spots[k] as PicturePoint
    const bent = kind === 'homography'
    rows.push([x, y, 1, 0, 0, 0, ...(bent ? [-x * u, -y * u] : [])])
    rows.push([0, 0, 0, x, y, 1, ...(bent ? [-x * v, -y * v] : [])])
    right.push(u, v)
  }
  const solved = leastSquares(rows, right)
  if (!solved) return 'in-a-line'
  const [a, b, c, d, e, f, g = 0, h = 0] = solved as [
    number,
    number,
    number,
    number,
    number,
    number,
  ]
  const own: Warp = [a, b, c, d, e, f, g, h, 1]
  const back = inverse(to.by)
  const warp = back && after(back, after(own, from.by))
  if (!warp || !inverse(warp)) return 'in-a-line'
  const squares = pairs.map((pair) => {
    const { x, y } = warped(warp, pair.from)
    return (x - pair.to.x) ** 2 + (y - pair.to.y) ** 2
  })
  return { warp, kind, off: Math.sqrt(squares.reduce((sum, one) => sum + one, 0) / pairs.length) }
}

/** One map after another. */
function after(second: Warp, first: Warp): Warp {
  const cell = (row: number, column: number) =>
    [0, 1, 2].reduce(
      (sum, k) => sum + (second[row * 3 + k] as number) * (first[k * 3 + column] as number),
      0,
    )
  return [0, 1, 2].flatMap((row) => [0, 1, 2].map((column) => cell(row, column))) as unknown as Warp
}

/** Points about their middle, at a mean distance of √2: so that the equations are well weighed. @returns null: they are one point */
function centred(spots: readonly PicturePoint[]): { spots: PicturePoint[]; by: Warp } | null {
  const mean = (of: (spot: PicturePoint) => number) =>
    spots.reduce((sum, spot) => sum + of(spot), 0) / spots.length
  const [mx, my] = [mean(({ x }) => x), mean(({ y }) => y)]
  const far = mean(({ x, y }) => Math.hypot(x - mx, y - my))
  if (far < 1e-9) return null
  const s = Math.SQRT2 / far
  return {
    spots: spots.map(({ x, y }) => ({ x: (x - mx) * s, y: (y - my) * s })),
    by: [s, 0, -mx * s, 0, s, -my * s, 0, 0, 1],
  }
}
