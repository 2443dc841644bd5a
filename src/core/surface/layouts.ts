import type { Feature } from '../model/panel'
import type { Layout } from '../model/panelFormat'

type At = readonly [number, number]

/** Places are shares of width and height, everything else mm at 1:72. Source: handbook 10.2. */
type Row =
  | { kind: 'plate'; at: At; w: number; h: number; height: number; bevel?: number; corner?: number }
  | { kind: 'line'; path: readonly At[]; width: number; depth: number }
  | { kind: 'rivets'; from: At; to: At; every: number; size: number; height: number }
  | { kind: 'pipe'; path: readonly At[]; size: number }
  | { kind: 'ring'; at: At; radius: number; size: number }
  | { kind: 'hole'; at: At; size: number; depth: number }
  | { kind: 'curve'; at: number; radius: number; height: number }
  | { kind: 'fold'; path: readonly At[]; width: number; height: number }

/** A line between two plates, as it is usually cut. */
const CUT = { width: 0.3, depth: 0.2 } as const
const RIVET = { every: 2.4, size: 0.5, height: 0.12 } as const
const SLATS = [0.16, 0.185, 0.21, 0.235, 0.26] as const

/** What each panel is made of. */
const ROWS: Record<Layout, readonly Row[]> = {
  hull: [
    { kind: 'plate', at: [0.2, 0.25], w: 15, h: 11, height: 0.45, bevel: 0.25, corner: 1.6 },
    { kind: 'plate', at: [0.71, 0.8], w: 40, h: 1.6, height: 0.6, bevel: 0.4, corner: 0.4 },
    {
      kind: 'pipe',
      path: [
        [0.18, 0.31],
        [0.22, 0.31],
      ],
      size: 0.7,
    },
    {
      kind: 'pipe',
      path: [
        [0.52, 0.1],
        [0.66, 0.1],
        [0.7, 0.16],
        [0.94, 0.16],
      ],
      size: 1.3,
    },
    {
      kind: 'line',
      path: [
        [0, 0.5],
        [1, 0.5],
      ],
      ...CUT,
    },
    {
      kind: 'line',
      path: [
        [0.42, 0],
        [0.42, 1],
      ],
      ...CUT,
    },
    ...SLATS.map(
      (x): Row => ({
        kind: 'line',
        path: [
          [x, 0.7],
          [x, 0.84],
        ],
        ...CUT,
      }),
    ),
    { kind: 'rivets', from: [0.03, 0.46], to: [0.39, 0.46], ...RIVET },
    { kind: 'rivets', from: [0.45, 0.46], to: [0.97, 0.46], ...RIVET },
    { kind: 'rivets', from: [0.45, 0.54], to: [0.97, 0.54], ...RIVET },
  ],
  armour: [
    { kind: 'plate', at: [0.5, 0.42], w: 70, h: 36, height: 0.9, bevel: 0.8, corner: 1.2 },
    { kind: 'plate', at: [0.5, 0.42], w: 26, h: 18, height: 0.6, bevel: 0.6, corner: 1 },
    {
      kind: 'line',
      path: [
        [0, 0.84],
        [1, 0.84],
      ],
      width: 0.7,
      depth: 0.5,
    },
    {
      kind: 'line',
      path: [
        [0.3, 0.84],
        [0.3, 1],
      ],
      width: 0.7,
      depth: 0.5,
    },
    {
      kind: 'line',
      path: [
        [0.7, 0.84],
        [0.7, 1],
      ],
      width: 0.7,
      depth: 0.5,
    },
    { kind: 'rivets', from: [0.19, 0.2], to: [0.81, 0.2], every: 9, size: 1.3, height: 0.4 },
    { kind: 'rivets', from: [0.19, 0.64], to: [0.81, 0.64], every: 9, size: 1.3, height: 0.4 },
    {
      kind: 'fold',
      path: [
        [0.05, 0.15],
        [0.05, 0.65],
      ],
      width: 1.4,
      height: 0.5,
    },
  ],
  fender: [
    { kind: 'curve', at: 0.5, radius: 62, height: 8 },
    {
      kind: 'line',
      path: [
        [0, 0.64],
        [1, 0.6],
      ],
      ...CUT,
    },
    {
      kind: 'line',
      path: [
        [0.33, 0],
        [0.33, 0.63],
      ],
      ...CUT,
    },
    { kind: 'plate', at: [0.76, 0.32], w: 12, h: 5, height: -0.25, bevel: 0.2, corner: 1.2 },
    { kind: 'plate', at: [0.5, 0.93], w: 140, h: 4, height: 0.7, bevel: 0.6, corner: 0.3 },
    {
      kind: 'pipe',
      path: [
        [0, 0.76],
        [1, 0.74],
      ],
      size: 0.7,
    },
  ],
  figure: [
    {
      kind: 'fold',
      path: [
        [0.08, 0],
        [0.2, 0.45],
        [0.16, 1],
      ],
      width: 5,
      height: 2.2,
    },
    {
      kind: 'fold',
      path: [
        [0.3, 0],
        [0.36, 0.5],
        [0.42, 1],
      ],
      width: 4,
      height: 1.7,
    },
    {
      kind: 'fold',
      path: [
        [0.55, 0],
        [0.5, 0.4],
        [0.6, 0.62],
      ],
      width: 3.6,
      height: 1.5,
    },
    {
      kind: 'fold',
      path: [
        [0.42, 0.62],
        [0.62, 0.86],
        [0.6, 1],
      ],
      width: 3.4,
      height: 1.3,
    },
    {
      kind: 'fold',
      path: [
        [0.24, 0.2],
        [0.27, 0.6],
      ],
      width: 2,
      height: -0.5,
    },
    { kind: 'plate', at: [0.36, 0.3], w: 80, h: 4.5, height: 0.5, bevel: 0.2, corner: 0.3 },
    { kind: 'rivets', from: [0.02, 0.3], to: [0.66, 0.3], every: 3, size: 0.5, height: 0.15 },
    { kind: 'plate', at: [0.85, 0.56], w: 22, h: 40, height: 0.6, bevel: 0.4, corner: 3 },
    {
      kind: 'fold',
      path: [
        [0.77, 0.4],
        [0.84, 0.47],
        [0.93, 0.42],
      ],
      width: 0.6,
      height: -0.14,
    },
    {
      kind: 'fold',
      path: [
        [0.76, 0.62],
        [0.83, 0.58],
        [0.94, 0.66],
      ],
      width: 0.6,
      height: -0.14,
    },
    {
      kind: 'fold',
      path: [
        [0.78, 0.78],
        [0.88, 0.74],
        [0.92, 0.8],
      ],
      width: 0.6,
      height: -0.14,
    },
  ],
  engine: [
    ...[21, 16, 11.5].map((radius): Row => ({ kind: 'ring', at: [0.34, 0.5], radius, size: 1.6 })),
    { kind: 'hole', at: [0.34, 0.5], size: 14, depth: 2.4 },
    {
      kind: 'pipe',
      path: [
        [0.62, 0],
        [0.62, 0.3],
        [0.78, 0.42],
        [0.78, 1],
      ],
      size: 2,
    },
    {
      kind: 'pipe',
      path: [
        [0.68, 0],
        [0.68, 0.26],
        [0.84, 0.38],
        [1, 0.38],
      ],
      size: 1.3,
    },
    { kind: 'plate', at: [0.9, 0.72], w: 13, h: 20, height: 0.5, bevel: 0.3, corner: 0.6 },
    {
      kind: 'line',
      path: [
        [0.6, 0.6],
        [0.6, 1],
      ],
      ...CUT,
    },
    {
      kind: 'line',
      path: [
        [0.6, 0.6],
        [1, 0.56],
      ],
      ...CUT,
    },
    { kind: 'rivets', from: [0.845, 0.6], to: [0.955, 0.6], every: 3, size: 0.7, height: 0.2 },
  ],
}

/** Sizes scale by 72 ÷ scale, kept within these; lines are cut no finer, mm. Source: handbook 10.2. */
const SCALED = { least: 0.5, most: 2 } as const
const FINEST_LINE = 0.12
/** Corners of what is round. */
const CORNERS = 32

/** What rows are made with: their sizes times this, their places in mm. */
type Made = { by: number; at: (place: At) => [number, number]; heightMm: number }

type RowOf<K extends Row['kind']> = Extract<Row, { kind: K }>

/** Each kind of row as a feature. */
const MAKES: { [K in Row['kind']]: (row: RowOf<K>, made: Made) => Feature } = {
  plate: ({ at, w, h, height, bevel = 0, corner = 0 }, { by, at: placed }) => {
    const [x, y] = placed(at)
    return {
      kind: 'plate',
      x,
      y,
      w: w * by,
      h: h * by,
      height: height * by,
      bevel: bevel * by,
      corner: corner * by,
    }
  },
  line: ({ path, width, depth }, { by, at }) => ({
    kind: 'line',
    path: path.map(at),
    width: Math.max(FINEST_LINE, width * by),
    depth: depth * by,
  }),
  rivets: ({ from, to, every, size, height }, { by, at }) => ({
    kind: 'rivets',
    from: at(from),
    to: at(to),
    every: every * by,
    size: size * by,
    height: height * by,
  }),
  hole: ({ at, size, depth }, { by, at: placed }) => {
    const [x, y] = placed(at)
    return { kind: 'hole', x, y, size: size * by, depth: depth * by }
  },
  // A curve is the shape of the whole panel: as wide as it is, however large what lies on it.
  curve: ({ at, radius, height }, { heightMm }) => ({
    kind: 'curve',
    y: at * heightMm,
    radius: (radius * heightMm) / USUAL_HEIGHT,
    height: (height * heightMm) / USUAL_HEIGHT,
  }),
  ring: ({ at, radius, size }, { by, at: placed }) => {
    const [x, y] = placed(at)
    const path = Array.from({ length: CORNERS + 1 }, (_, k): [number, number] => {
      const turn = (2 * Math.PI * k) / CORNERS
      return [x + radius * by * Math.cos(turn), y + radius * by * Math.sin(turn)]
    })
    return { kind: 'pipe', path, size: size * by }
  },
  pipe: ({ path, size }, { by, at }) => ({ kind: 'pipe', path: path.map(at), size: size * by }),
  fold: ({ path, width, height }, { by, at }) => ({
    kind: 'fold',
    path: path.map(at),
    width: width * by,
    height: height * by,
  }),
}

/** How high a panel is usually, mm: curves are meant for it. */
const USUAL_HEIGHT = 60

/** A layout as features, mm on the model. Source: handbook 10.2. */
export function layoutFeatures(
  layout: Layout,
  scale: number,
  widthMm: number,
  heightMm: number,
): Feature[] {
  const by = Math.min(SCALED.most, Math.max(SCALED.least, 72 / scale))
  const at = ([x, y]: At): [number, number] => [x * widthMm, y * heightMm]
  const make = (row: Row) =>
    (MAKES[row.kind] as (row: Row, made: Made) => Feature)(row, { by, at, heightMm })
  return ROWS[layout].map(make)
}
