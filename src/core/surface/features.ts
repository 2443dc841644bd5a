import type { Feature } from '../model/panel'

type Path = readonly (readonly [number, number])[]
type Kind = Feature['kind']
type Of<K extends Kind> = Extract<Feature, { kind: K }>

/** Profiles are rounded over so much, mm: no rim is a mere crease. Source: handbook 10.2. */
const ROUNDED = 0.1

function smooth(t: number): number {
  const u = Math.min(1, Math.max(0, t))
  return u * u * u * (u * (u * 6 - 15) + 10)
}

/** How far a place is from a path, mm. */
export function offPath(path: Path, x: number, y: number): number {
  let best = Number.POSITIVE_INFINITY
  for (let i = 0; i + 1 < path.length; i++) {
    const [ax, ay] = path[i] as readonly [number, number]
    const [bx, by] = path[i + 1] as readonly [number, number]
    const [wx, wy] = [bx - ax, by - ay]
    const long = wx * wx + wy * wy
    const t = long > 0 ? Math.min(1, Math.max(0, ((x - ax) * wx + (y - ay) * wy) / long)) : 0
    best = Math.min(best, Math.hypot(x - ax - t * wx, y - ay - t * wy))
  }
  return best
}

/** How far a place is outside of a rounded box, mm; negative inside. */
function outOfBox(dx: number, dy: number, w: number, h: number, corner: number): number {
  const round = Math.min(corner, w / 2, h / 2)
  const [qx, qy] = [Math.abs(dx) - w / 2 + round, Math.abs(dy) - h / 2 + round]
  return Math.hypot(Math.max(0, qx), Math.max(0, qy)) + Math.min(0, Math.max(qx, qy)) - round
}

/** The box that a feature lies in: left, top, right, bottom, mm. */
type Box = readonly [number, number, number, number]

function boxOf(path: Path, more: number): Box {
  const xs = path.map(([x]) => x)
  const ys = path.map(([, y]) => y)
  return [
    Math.min(...xs) - more,
    Math.min(...ys) - more,
    Math.max(...xs) + more,
    Math.max(...ys) + more,
  ]
}

/** What a feature does: where, and how much it raises a place, mm; `sinks`: it is cut into what the others raised. */
type Shape<K extends Kind> = {
  sinks?: boolean
  box: (feature: Of<K>) => Box
  rise: (feature: Of<K>, x: number, y: number) => number
}

const RIM = 2 * ROUNDED

const SHAPES: { [K in Kind]: Shape<K> } = {
  plate: {
    box: ({ x, y, w, h }) => [x - w / 2 - RIM, y - h / 2 - RIM, x + w / 2 + RIM, y + h / 2 + RIM],
    rise: (plate, x, y) => {
      const { w, h, height, bevel = 0, corner = 0 } = plate
      const out = outOfBox(x - plate.x, y - plate.y, w, h, Math.max(corner, ROUNDED))
      // As steep as it is rounded: at least so wide as it is high by half.
      return height * smooth((ROUNDED / 2 - out) / Math.max(bevel, ROUNDED, Math.abs(height) / 2))
    },
  },
  line: {
    sinks: true,
    box: ({ path, width }) => boxOf(path, width / 2 + RIM),
    rise: ({ path, width, depth }, x, y) =>
      -depth * smooth(1 - (offPath(path, x, y) - width / 2) / ROUNDED),
  },
  rivets: {
    box: ({ from, to, size }) => boxOf([from, to], size),
    rise: ({ from, to, every, size, height }, x, y) => {
      const [wx, wy] = [to[0] - from[0], to[1] - from[1]]
      const long = Math.hypot(wx, wy)
      const along = long > 0 ? ((x - from[0]) * wx + (y - from[1]) * wy) / long : 0
      const at = Math.min(Math.floor(long / every), Math.max(0, Math.round(along / every))) * every
      const far = Math.hypot(
        x - from[0] - (long > 0 ? (at * wx) / long : 0),
        y - from[1] - (long > 0 ? (at * wy) / long : 0),
      )
      return height * smooth(1.4 * (1 - far / (size / 2 + ROUNDED / 2)))
    },
  },
  pipe: {
    box: ({ path, size }) => boxOf(path, size / 2 + RIM),
    rise: ({ path, size }, x, y) => {
      const t = offPath(path, x, y) / (size / 2)
      return t >= 1.2 ? 0 : (size / 2) * Math.sqrt(Math.max(0, 1 - (t / 1.2) ** 2)) ** 1.2
    },
  },
  hole: {
    sinks: true,
    box: ({ x, y, size }) => [x - size, y - size, x + size, y + size],
    rise: (hole, x, y) => {
      const far = Math.hypot(x - hole.x, y - hole.y) - hole.size / 2
      return -hole.depth * smooth(1 - far / Math.max(ROUNDED, hole.depth / 4))
    },
  },
  curve: {
    box: ({ y, radius }) => [-1e4, y - radius, 1e4, y + radius],
    rise: ({ y: middle, radius, height }, _, y) => {
      const off = Math.min(1, Math.abs(y - middle) / radius)
      return Math.max(0, radius * Math.sqrt(1 - off * off) - Math.max(0, radius - height))
    },
  },
  fold: {
    box: ({ path, width }) => boxOf(path, width),
    rise: ({ path, width, height }, x, y) => {
      const off = Math.min(1, offPath(path, x, y) / width)
      return (height * (1 + Math.cos(Math.PI * off))) / 2
    },
  },
}

/** A rise of a feature of any kind. */
function shapeOf(feature: Feature) {
  return SHAPES[feature.kind] as Shape<Kind>
}

/** Heights over the plate's face, and of what is broad about them alone (curves), mm. */
export type Relief = { height: Float32Array; broad: Float32Array }

/**
 * The heights of features, sample by sample: what is raised first, then what is cut into it.
 *
 * @param width and `height` in samples
 * @param mm from sample to sample
 * Source: handbook 10.2.
 */
export function reliefOf(
  features: readonly Feature[],
  width: number,
  height: number,
  mm: number,
): Relief {
  const relief = new Float32Array(width * height)
  const broad = new Float32Array(width * height)
  const lay = (feature: Feature) => {
    const { box, rise } = shapeOf(feature)
    const [left, top, right, bottom] = box(feature as never)
    const [i0, i1] = [Math.max(0, Math.floor(left / mm)), Math.min(width, Math.ceil(right / mm))]
    const [j0, j1] = [Math.max(0, Math.floor(top / mm)), Math.min(height, Math.ceil(bottom / mm))]
    for (let j = j0; j < j1; j++)
      for (let i = i0; i < i1; i++) {
        const at = j * width + i
        const more = rise(feature as never, (i + 0.5) * mm, (j + 0.5) * mm)
        relief[at] = (relief[at] as number) + more
        if (feature.kind === 'curve') broad[at] = (broad[at] as number) + more
      }
  }
  for (const feature of features) if (!shapeOf(feature).sinks) lay(feature)
  const raised = relief.slice()
  for (const feature of features)
    if (shapeOf(feature).sinks) {
      // Where lines cross they are as deep as the deeper, not as both.
      const { box, rise } = shapeOf(feature)
      const [left, top, right, bottom] = box(feature as never)
      for (let j = Math.max(0, Math.floor(top / mm)); j < Math.min(height, bottom / mm); j++)
        for (let i = Math.max(0, Math.floor(left / mm)); i < Math.min(width, right / mm); i++) {
          const at = j * width + i
          const low =
            (raised[at] as number) + rise(feature as never, (i + 0.5) * mm, (j + 0.5) * mm)
          relief[at] = Math.min(relief[at] as number, low)
        }
    }
  return { height: relief, broad }
}
