import type { StandIn, StandInKind } from '../model/shape'
import { type Lengths, lengthsOf } from './standInKinds'
import {
  blocks,
  fan,
  type Place,
  type Point,
  prism,
  quad,
  ROUND,
  type Surface,
  tube,
} from './surface'

/**
 * A surface as it is drawn: nine numbers a triangle (x ahead, y to port, z up; mm), and of each triangle its zone's place
 * among the zones; -1: it belongs to none.
 */
export type DrawnShape = { points: Float32Array; zoneOf: Int32Array; zones: string[] }

/** A stand-in as triangles, by the zones that it proposes. Source: handbook 12.1. */
export function drawnStandIn(shape: StandIn): DrawnShape {
  const surface = DRAWN[shape.kind](lengthsOf(shape))
  const zones = [...new Set(surface.map(({ zone }) => zone))]
  return {
    points: Float32Array.from(surface.flatMap(({ corners }) => corners.flat())),
    zoneOf: Int32Array.from(surface, ({ zone }) => zones.indexOf(zone)),
    zones,
  }
}

/** How each kind is drawn. */
const DRAWN: Record<StandInKind, (of: Lengths) => Surface> = {
  'box-hull': (of) => hull({ ...of, frontMm: of.heightMm }),
  'wedge-hull': hull,
  cylinder: ({ diameterMm, lengthMm }) => closedTube(diameterMm, diameterMm, lengthMm),
  cone: ({ diameterMm, mouthMm, lengthMm }) => closedTube(diameterMm, mouthMm, lengthMm),
  bell: ({ diameterMm, mouthMm, lengthMm }) => [
    ...tube(diameterMm, mouthMm, lengthMm, halves),
    // The inside is drawn a little smaller, so that it isn't the outside that is seen through the mouth.
    ...tube(diameterMm * WALL, mouthMm * WALL, lengthMm, () => 'inside'),
  ],
  dome: ({ diameterMm }) => ball(diameterMm, 0),
  sphere: ({ diameterMm }) => ball(diameterMm, -1),
  plate: (of) => thin(PLATE, of),
  wing: (of) => thin(WING, of),
  'car-body': car,
  limb: ({ lengthMm: l, widthMm: w, thicknessMm: t }) =>
    prism(rectangle(w, l), t, 'inside', 'outside', (at) => (at === 2 ? 'joint' : 'edges')),
  figure,
}

/** The inside of a bell, of its outside. */
const WALL = 0.94
function hull({ lengthMm: l, widthMm: w, heightMm: h, frontMm: f }: Lengths): Surface {
  const sides: Point[] = [
    [-l / 2, 0],
    [l / 2, 0],
    ...(f > 0 ? [[l / 2, f] as const] : []),
    [-l / 2, h],
  ]
  const rims = f > 0 ? ['underside', 'front', 'top', 'rear'] : ['underside', 'top', 'rear']
  return prism(sides, w, 'starboard', 'port', (at) => rims[at] as string)
}

function halves(z: number): string {
  return z >= 0 ? 'outside-upper' : 'outside-lower'
}

function closedTube(rear: number, mouth: number, length: number): Surface {
  const end = (d: number, x: number, zone: string) =>
    d > 0
      ? fan(
          ring(d).map(([y, z]) => [x, y, z] as const),
          zone,
        )
      : []
  return [
    ...tube(rear, mouth, length, halves),
    ...end(mouth, length / 2, 'mouth'),
    ...end(rear, -length / 2, 'rear'),
  ]
}

function ring(diameter: number): Point[] {
  return Array.from({ length: ROUND }, (_, i) => {
    const turn = (2 * Math.PI * i) / ROUND
    return [(diameter / 2) * Math.cos(turn), (diameter / 2) * Math.sin(turn)] as const
  })
}

/** A ball from so far up, -1 its lowest point to 0 its middle; it is parted halfway up what there is of it. */
function ball(diameter: number, from: -1 | 0): Surface {
  const r = diameter / 2
  const parted = from === 0 ? 0.5 : 0
  // A row of faces ends where it is parted.
  const heights = [...steps(from, parted), ...steps(parted, 1).slice(1)]
  return heights.slice(1).flatMap((top, i) => {
    const low = heights[i] as number
    const at = (z: number, turn: number) => {
      const wide = r * Math.sqrt(Math.max(0, 1 - z * z))
      return [wide * Math.cos(turn), wide * Math.sin(turn), z * r] as const
    }
    return Array.from({ length: ROUND }, (_, n) => {
      const [a, b] = [(2 * Math.PI * n) / ROUND, (2 * Math.PI * (n + 1)) / ROUND]
      return quad(at(low, a), at(low, b), at(top, b), at(top, a), top > parted ? 'upper' : 'lower')
    }).flat()
  })
}

/** Heights on a ball from one to another, closer where it is flat. */
function steps(from: number, to: number): number[] {
  const [a, b] = [Math.asin(from), Math.asin(to)]
  return Array.from({ length: 9 }, (_, i) => Math.sin(a + ((b - a) * i) / 8))
}

function rectangle(width: number, height: number): Point[] {
  return [
    [-width / 2, 0],
    [width / 2, 0],
    [width / 2, height],
    [-width / 2, height],
  ]
}

/** Something thin from above, as shares of its length and width, and which of its rims lead. */
type Plan = { outline: readonly Point[]; leads: readonly number[] }

/** The front and the front half of its sides lead. */
const PLATE: Plan = {
  outline: [
    [-0.5, -0.5],
    [0, -0.5],
    [0.5, -0.5],
    [0.5, 0.5],
    [0, 0.5],
    [-0.5, 0.5],
  ],
  leads: [1, 2, 3],
}

/** Its root behind, its tip narrower and swept back; its port side leads. */
const WING: Plan = {
  outline: [
    [-0.5, -0.5],
    [0.5, -0.35],
    [0.5, 0.15],
    [-0.5, 0.5],
  ],
  leads: [1, 2],
}

function thin(
  { outline, leads }: Plan,
  { lengthMm: l, widthMm: w, thicknessMm: t }: Lengths,
): Surface {
  const flat = outline.map(([x, y]) => [x * l, y * w] as const)
  const rim = (at: number) => (leads.includes(at) ? 'leading-edge' : 'trailing-edge')
  // A prism stands on its side: laid down, its sides are its face and its back.
  return prism(flat, t, 'back', 'face', rim).map(({ zone, corners }) => ({
    zone,
    corners: corners.map(([x, y, z]): Place => [x, z, y]),
  }))
}

/** A car from its side, from the rear on, as shares of its length and height; each line's zone follows it. */
const CAR: readonly (readonly [x: number, z: number, zone: string])[] = [
  [0, 0.2, 'rear'],
  [0, 0.6, 'boot'],
  [0.16, 0.64, 'window-trims'],
  [0.29, 1, 'roof'],
  [0.63, 1, 'window-trims'],
  [0.76, 0.62, 'bonnet'],
  [0.97, 0.54, 'front'],
  [1, 0.2, ''],
]
/** A car's side, as shares of its length and height: each band's zone (null: the side itself), how far it stands out of it, of the width, and its corners. */
const CAR_SIDE: readonly {
  zone: string | null
  off: number
  outline: readonly Point[]
}[] = [
  {
    zone: 'sills-and-arches',
    off: 0,
    outline: [
      [0, 0.2],
      [1, 0.2],
      [0.99, 0.32],
      [0, 0.32],
    ],
  },
  {
    zone: null,
    off: 0,
    outline: [
      [0, 0.32],
      [0.99, 0.32],
      [0.97, 0.54],
      [0.76, 0.62],
      [0.16, 0.64],
      [0, 0.6],
    ],
  },
  {
    zone: null,
    off: 0,
    outline: [
      [0.16, 0.64],
      [0.76, 0.62],
      [0.63, 1],
      [0.29, 1],
    ],
  },
  {
    zone: 'window-trims',
    off: 0.004,
    outline: [
      [0.2, 0.66],
      [0.72, 0.66],
      [0.615, 0.95],
      [0.305, 0.95],
    ],
  },
  {
    zone: null,
    off: 0.008,
    outline: [
      [0.23, 0.68],
      [0.69, 0.68],
      [0.595, 0.92],
      [0.325, 0.92],
    ],
  },
]

/** A body is open below. */
function car({ lengthMm: l, widthMm: w, heightMm: h }: Lengths): Surface {
  const at = (x: number, y: number, z: number): Place => [(x - 0.5) * l, y, z * h]
  const top = CAR.slice(0, -1).flatMap(([x, z, zone], i) => {
    const [nx, nz] = CAR[i + 1] as (typeof CAR)[number]
    return quad(at(x, -w / 2, z), at(nx, -w / 2, nz), at(nx, w / 2, nz), at(x, w / 2, z), zone)
  })
  const side = (way: 1 | -1, own: string) =>
    CAR_SIDE.flatMap(({ zone, off, outline }) =>
      fan(
        outline.map(([x, z]) => at(x, way * w * (0.5 + off), z)),
        zone ?? own,
      ),
    )
  return [...top, ...side(1, 'port-side'), ...side(-1, 'starboard-side')]
}

/** A figure on its base, of blocks, as shares of its height: what it wears, where, how wide, how deep, from where to where. */
const FIGURE: readonly (readonly [
  zone: string,
  x: number,
  y: number,
  wide: number,
  deep: number,
  from: number,
  to: number,
])[] = [
  ['leather', 0, 0.08, 0.1, 0.1, 0.04, 0.22],
  ['leather', 0, -0.08, 0.1, 0.1, 0.04, 0.22],
  ['cloth', 0, 0.08, 0.1, 0.09, 0.22, 0.48],
  ['cloth', 0, -0.08, 0.1, 0.09, 0.22, 0.48],
  ['leather', 0, 0, 0.27, 0.13, 0.48, 0.53],
  ['cloth', 0, 0, 0.26, 0.12, 0.53, 0.62],
  ['metal', 0, 0, 0.28, 0.15, 0.62, 0.8],
  ['cloth', 0, 0.18, 0.08, 0.09, 0.5, 0.76],
  ['cloth', 0, -0.18, 0.08, 0.09, 0.5, 0.76],
  ['metal', 0, 0.18, 0.11, 0.12, 0.74, 0.83],
  ['metal', 0, -0.18, 0.11, 0.12, 0.74, 0.83],
  ['face-and-skin', 0, 0.18, 0.07, 0.08, 0.43, 0.5],
  ['face-and-skin', 0, -0.18, 0.07, 0.08, 0.43, 0.5],
  ['face-and-skin', 0, 0, 0.08, 0.08, 0.8, 0.84],
  ['face-and-skin', 0, 0, 0.13, 0.14, 0.84, 0.96],
  ['metal', 0, 0, 0.15, 0.16, 0.94, 1],
]

function figure({ heightMm: h }: Lengths): Surface {
  const plinth = ring(0.75 * h)
  const low = plinth.map(([x, y]) => [x, y, 0] as const)
  const high = plinth.map(([x, y]) => [x * 0.96, y * 0.96, 0.04 * h] as const)
  const rim = low.flatMap((a, i) => {
    const next = (i + 1) % low.length
    return quad(a, low[next] as typeof a, high[next] as typeof a, high[i] as typeof a, 'base')
  })
  return [...rim, ...fan(high, 'base'), ...blocks(FIGURE, h)]
}
