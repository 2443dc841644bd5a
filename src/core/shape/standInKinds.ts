import type { StandIn, StandInKind, ZoneFacing } from '../model/shape'
import { disc, frustum } from './frustum'

/** A face of a stand-in that is a zone of its own: mm², and what of it looks up and down within 45° of the vertical. */
export type Facet = {
  id: string
  name: string
  facing: ZoneFacing
  /** Mean height on the shape as it stands, 0 to 1. */
  height: number
  mm2: number
  /** Shares of it, 0 to 1; the rest looks sideways. */
  up: number
  down: number
}

/** Lengths of a stand-in; nothing is 0. */
export type Lengths = Required<
  Pick<
    StandIn,
    'lengthMm' | 'widthMm' | 'heightMm' | 'frontMm' | 'diameterMm' | 'mouthMm' | 'thicknessMm'
  >
>

const NOTHING: Lengths = {
  lengthMm: 0,
  widthMm: 0,
  heightMm: 0,
  frontMm: 0,
  diameterMm: 0,
  mouthMm: 0,
  thicknessMm: 0,
}

/** The lengths of a stand-in, 0 where it has none. */
export function lengthsOf(shape: StandIn): Lengths {
  return { ...NOTHING, ...shape } as Lengths
}

/** Two zones, the mm along which they meet, and whether without an edge. */
type Meeting = readonly [a: string, b: string, mm: number, soft?: 'soft']

/** What a kind of stand-in is: its faces, where they meet, its edges. */
export type Kind = {
  patches: (of: Lengths) => Facet[]
  edgeMm: (of: Lengths) => number
  /** Zones that meet, by their ids, with the mm along which they do. */
  meets: (of: Lengths) => Meeting[]
  /** It has panel lines: a metre on 100 cm². */
  panelled?: true
}

/** A flat face that looks one way: up and down count what is within 45° of the vertical. */
function flat(name: string, facing: ZoneFacing, height: number, mm2: number): Facet {
  return {
    id: name.toLowerCase().replaceAll(' ', '-'),
    name,
    facing,
    height,
    mm2,
    up: facing === 'up' ? 1 : 0,
    down: facing === 'down' ? 1 : 0,
  }
}

function boxEdges(a: number, b: number, c: number): number {
  return 4 * (a + b + c)
}

/** A hull with a top that slopes from its front height to its rear one. */
function wedge({ lengthMm, widthMm, heightMm, frontMm }: Lengths): Facet[] {
  const most = Math.max(heightMm, frontMm)
  const slope = Math.hypot(lengthMm, heightMm - frontMm)
  const side = (lengthMm * (heightMm + frontMm)) / 2
  const steep = Math.abs(heightMm - frontMm) >= lengthMm
  const middle =
    (heightMm ** 2 + heightMm * frontMm + frontMm ** 2) / (3 * (heightMm + frontMm)) / most
  const top = flat('Top', 'up', (heightMm + frontMm) / 2 / most, widthMm * slope)
  return [
    steep ? { ...top, facing: heightMm > frontMm ? 'front' : 'rear', up: 0 } : top,
    flat('Port', 'side', middle, side),
    flat('Starboard', 'side', middle, side),
    flat('Front', 'front', frontMm / 2 / most, widthMm * frontMm),
    flat('Rear', 'rear', heightMm / 2 / most, widthMm * heightMm),
    flat('Underside', 'down', 0, lengthMm * widthMm),
  ]
}

/** A tube on its side, closed at both ends: its mouth in front, its rear behind. */
function closedTube(rear: number, mouth: number, lengthMm: number): Facet[] {
  const { mantle, up, rise } = frustum(rear, mouth, lengthMm)
  const half = (name: string, facing: ZoneFacing, height: number): Facet => ({
    ...flat(name, facing, height, mantle / 2),
    up: facing === 'up' ? up * 2 : 0,
    down: facing === 'down' ? up * 2 : 0,
  })
  return [
    half('Outside upper', 'up', 0.5 + rise),
    half('Outside lower', 'down', 0.5 - rise),
    flat('Mouth', 'front', 0.5, disc(mouth)),
    flat('Rear', 'rear', 0.5, disc(rear)),
  ]
}

/** A half or a whole ball, parted halfway up. */
function ball(diameterMm: number, whole: boolean): Facet[] {
  const half = (Math.PI * diameterMm ** 2) / (whole ? 2 : 4)
  // A ball's area goes evenly with its height: what is within 45° of the vertical is the cap over that circle of latitude.
  const cap = whole ? 1 - Math.SQRT1_2 : 2 * (1 - Math.SQRT1_2)
  return [
    { ...flat('Upper', 'up', 0.75, half), up: cap },
    whole ? { ...flat('Lower', 'down', 0.25, half), down: cap } : flat('Lower', 'side', 0.25, half),
  ]
}

/** Something thin that lies: its rim is parted into a leading and a trailing half. */
function thin({ lengthMm, widthMm, thicknessMm }: Lengths): Facet[] {
  const rim = (lengthMm + widthMm) * thicknessMm
  return [
    flat('Face', 'up', 1, lengthMm * widthMm),
    flat('Back', 'down', 0, lengthMm * widthMm),
    flat('Leading edge', 'front', 0.5, rim),
    flat('Trailing edge', 'rear', 0.5, rim),
  ]
}

/** How the top of a car and its sides are shared out. A body is open below. */
const CAR = { bonnet: 0.3, roof: 0.45, boot: 0.25, sills: 0.25, trims: 0.05, deck: 0.65 } as const

function car({ lengthMm, widthMm, heightMm }: Lengths): Facet[] {
  const top = lengthMm * widthMm
  const side = lengthMm * heightMm
  const end = widthMm * heightMm
  const panel = side * (1 - CAR.sills - CAR.trims)
  return [
    flat('Bonnet', 'up', CAR.deck, top * CAR.bonnet),
    flat('Roof', 'up', 1, top * CAR.roof),
    flat('Boot', 'up', CAR.deck, top * CAR.boot),
    flat('Front', 'front', 0.4, end),
    flat('Rear', 'rear', 0.4, end),
    flat('Port side', 'side', 0.5, panel),
    flat('Starboard side', 'side', 0.5, panel),
    flat('Sills and arches', 'side', 0.1, 2 * side * CAR.sills),
    flat('Window trims', 'side', 0.8, 2 * side * CAR.trims),
  ]
}

/** A limb or a piece of armour, hanging by its joint. */
function limb({ lengthMm, widthMm, thicknessMm }: Lengths): Facet[] {
  const [face, end] = [lengthMm * widthMm, widthMm * thicknessMm]
  const edges = 2 * lengthMm * thicknessMm + end
  return [
    flat('Outside', 'side', 0.5, face),
    flat('Inside', 'inside', 0.5, face),
    { ...flat('Edges', 'side', 0.4, edges), down: end / edges },
    flat('Joint', 'up', 1, end),
  ]
}

/** A figure is as wide as a quarter of its height, its base as three quarters; what it wears, by shares of the figure. */
const FIGURE = {
  wide: 0.25,
  base: 0.75,
  skin: 0.12,
  cloth: 0.5,
  leather: 0.2,
  metal: 0.18,
} as const

function figure({ heightMm }: Lengths): Facet[] {
  const wide = heightMm * FIGURE.wide
  const crown = disc(wide)
  const body = Math.PI * wide * heightMm + crown
  const worn = (name: string, share: number, height: number): Facet => ({
    ...flat(name, 'side', height, body * share),
    up: crown / body,
  })
  return [
    worn('Face and skin', FIGURE.skin, 0.9),
    worn('Cloth', FIGURE.cloth, 0.5),
    worn('Leather', FIGURE.leather, 0.35),
    worn('Metal', FIGURE.metal, 0.6),
    flat('Base', 'up', 0, disc(heightMm * FIGURE.base)),
  ]
}

/** The edges of a hull. */
function wedgeMeets({ lengthMm, widthMm, heightMm, frontMm }: Lengths): Meeting[] {
  const slope = Math.hypot(lengthMm, heightMm - frontMm)
  const sides = ['port', 'starboard'].flatMap((side): Meeting[] => [
    ['top', side, slope],
    ['underside', side, lengthMm],
    ['front', side, frontMm],
    ['rear', side, heightMm],
  ])
  return [
    ...sides,
    ['top', 'front', widthMm],
    ['top', 'rear', widthMm],
    ['underside', 'front', widthMm],
    ['underside', 'rear', widthMm],
    // A hull without a front ends in an edge.
    ['top', 'underside', frontMm > 0 ? 0 : widthMm],
  ]
}

/** A tube's halves go on into one another; its ends have rims. */
function tubeMeets(rear: number, mouth: number, lengthMm: number): Meeting[] {
  const slant = Math.hypot(lengthMm, (rear - mouth) / 2)
  const halves: Meeting = ['outside-upper', 'outside-lower', 2 * slant, 'soft']
  const rims = ['outside-upper', 'outside-lower'].flatMap((half): Meeting[] => [
    [half, 'mouth', (Math.PI * mouth) / 2],
    [half, 'rear', (Math.PI * rear) / 2],
  ])
  return [halves, ...rims]
}

function bellMeets({ diameterMm, mouthMm, lengthMm }: Lengths): Meeting[] {
  const [halves] = tubeMeets(diameterMm, mouthMm, lengthMm) as [Meeting]
  const rim = (Math.PI * (diameterMm + mouthMm)) / 2
  return [halves, ['outside-upper', 'inside', rim], ['outside-lower', 'inside', rim]]
}

function thinMeets({ lengthMm, widthMm, thicknessMm }: Lengths): Meeting[] {
  const along = lengthMm + widthMm
  const rims = ['leading-edge', 'trailing-edge'].flatMap((rim): Meeting[] => [
    ['face', rim, along],
    ['back', rim, along],
  ])
  return [...rims, ['leading-edge', 'trailing-edge', 2 * thicknessMm, 'soft']]
}

function carMeets({ lengthMm, widthMm, heightMm }: Lengths): Meeting[] {
  const sides = ['port-side', 'starboard-side'].flatMap((side): Meeting[] => [
    ['bonnet', side, lengthMm * CAR.bonnet],
    ['roof', side, lengthMm * CAR.roof],
    ['boot', side, lengthMm * CAR.boot],
    ['front', side, heightMm],
    ['rear', side, heightMm],
    [side, 'sills-and-arches', lengthMm],
    [side, 'window-trims', lengthMm * CAR.roof],
  ])
  const across: Meeting[] = [
    ['bonnet', 'roof', widthMm],
    ['roof', 'boot', widthMm],
    ['bonnet', 'front', widthMm],
    ['boot', 'rear', widthMm],
  ]
  return [...sides, ...across]
}

function limbMeets({ lengthMm, widthMm, thicknessMm }: Lengths): Meeting[] {
  const round = 2 * lengthMm + widthMm
  return [
    ['outside', 'edges', round],
    ['inside', 'edges', round],
    ['outside', 'joint', widthMm],
    ['inside', 'joint', widthMm],
    ['edges', 'joint', 2 * thicknessMm],
  ]
}

/** What a figure wears meets the cloth, once round each; its boots meet the base. */
function figureMeets({ heightMm }: Lengths): Meeting[] {
  const round = Math.PI * heightMm * FIGURE.wide
  return [
    ['face-and-skin', 'cloth', round],
    ['cloth', 'leather', 2 * round],
    ['cloth', 'metal', round],
    ['leather', 'base', round],
  ]
}

/** The kinds of stand-in. Lengths run from front to rear; port is to the left of who looks ahead. Source: handbook 12.1. */
export const KINDS: Record<StandInKind, Kind> = {
  'box-hull': {
    patches: (of) => wedge({ ...of, frontMm: of.heightMm }),
    meets: (of) => wedgeMeets({ ...of, frontMm: of.heightMm }),
    edgeMm: (of) => boxEdges(of.lengthMm, of.widthMm, of.heightMm),
    panelled: true,
  },
  'wedge-hull': {
    patches: wedge,
    meets: wedgeMeets,
    edgeMm: ({ lengthMm, widthMm, heightMm, frontMm }) =>
      // Where the front is no more than an edge, its two edges are one.
      2 * lengthMm +
      2 * Math.hypot(lengthMm, heightMm - frontMm) +
      (frontMm > 0 ? 4 : 3) * widthMm +
      2 * (heightMm + frontMm),
    panelled: true,
  },
  cylinder: {
    patches: ({ diameterMm, lengthMm }) => closedTube(diameterMm, diameterMm, lengthMm),
    meets: ({ diameterMm, lengthMm }) => tubeMeets(diameterMm, diameterMm, lengthMm),
    edgeMm: ({ diameterMm }) => 2 * Math.PI * diameterMm,
  },
  cone: {
    patches: ({ diameterMm, mouthMm, lengthMm }) => closedTube(diameterMm, mouthMm, lengthMm),
    meets: ({ diameterMm, mouthMm, lengthMm }) => tubeMeets(diameterMm, mouthMm, lengthMm),
    edgeMm: ({ diameterMm, mouthMm }) => Math.PI * (diameterMm + mouthMm),
  },
  bell: {
    patches: ({ diameterMm, mouthMm, lengthMm }) => {
      const [upper, lower] = closedTube(diameterMm, mouthMm, lengthMm) as [Facet, Facet]
      const { mantle, up } = frustum(diameterMm, mouthMm, lengthMm)
      const inside = flat('Inside', 'inside', 0.5, mantle)
      return [upper, lower, { ...inside, up, down: up }]
    },
    meets: bellMeets,
    edgeMm: ({ diameterMm, mouthMm }) => Math.PI * (diameterMm + mouthMm),
  },
  dome: {
    patches: ({ diameterMm }) => ball(diameterMm, false),
    // Halfway up it is narrower by half the root of three.
    meets: ({ diameterMm }) => [
      ['upper', 'lower', (Math.PI * diameterMm * Math.sqrt(3)) / 2, 'soft'],
    ],
    edgeMm: ({ diameterMm }) => Math.PI * diameterMm,
  },
  sphere: {
    patches: ({ diameterMm }) => ball(diameterMm, true),
    meets: ({ diameterMm }) => [['upper', 'lower', Math.PI * diameterMm, 'soft']],
    edgeMm: () => 0,
  },
  plate: {
    patches: thin,
    meets: thinMeets,
    edgeMm: (of) => boxEdges(of.lengthMm, of.widthMm, of.thicknessMm),
  },
  wing: {
    patches: thin,
    meets: thinMeets,
    edgeMm: (of) => boxEdges(of.lengthMm, of.widthMm, of.thicknessMm),
    panelled: true,
  },
  'car-body': {
    patches: car,
    meets: carMeets,
    edgeMm: (of) => boxEdges(of.lengthMm, of.widthMm, of.heightMm),
    panelled: true,
  },
  limb: {
    patches: limb,
    meets: limbMeets,
    edgeMm: (of) => boxEdges(of.lengthMm, of.widthMm, of.thicknessMm),
  },
  figure: {
    patches: figure,
    meets: figureMeets,
    edgeMm: ({ heightMm }) => Math.PI * heightMm * (FIGURE.wide + FIGURE.base),
  },
}
