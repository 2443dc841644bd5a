import { surfaceReflection } from '../colour/sheen'
import type { Act } from '../model/vocabulary'
import { noiseOver, seedOf } from '../surface/noise'
import type { Samples } from '../surface/samples'
import type { Lights } from './compose'
import { MICRONS_OF_X, micronsAt, type PanelState } from './films'

/** What a picture shows. Source: handbook 10.3. */
export const SHOWS = ['flat', 'lit', 'sheen', 'thickness', 'accident'] as const

/** What a picture shows. */
export type Show = (typeof SHOWS)[number]

/** 8-bit sRGB of linear light, in fine steps. */
const STEPS = 65_535
const ENCODED = Uint8Array.from({ length: STEPS + 1 }, (_, i) => {
  const l = i / STEPS
  return Math.round(255 * (l <= 0.0031308 ? 12.92 * l : 1.055 * l ** (1 / 2.4) - 0.055))
})

function encoded(light: number): number {
  return ENCODED[light <= 0 ? 0 : light >= 1 ? STEPS : Math.round(light * STEPS)] as number
}

/** The lamp: where it hangs, as shares of the surface's width, and how far light wraps round. Source: handbook 10.3. */
const LAMP = { x: -0.35, y: -0.65, z: 0.9, wrap: 0.25, strong: 0.72, heldBack: 0.5 } as const
const SKY = { strong: 0.34, fromAbove: 0.35 } as const
/** Films stand out so many times as they are thick. */
const RELIEF = 3
/** Grain of a matt face and the soft peel of a gloss one: length, mm, and slope. */
const GRAIN = { matt: 0.17, mattSlope: 0.035, peel: 0.9, peelSlope: 0.012 } as const
/** What a face throws back of the lamp by its gloss: how narrow, and how bright. */
const SHINE = { narrow: 5, narrowest: 240, dull: 0.015, bright: 0.55, window: 0.16 } as const

/** All films' height over the bare surface, mm: what a lamp sees of them. */
function reliefOf(samples: Samples, { films }: PanelState): Float32Array {
  const out = Float32Array.from(samples.z)
  const per = (RELIEF * MICRONS_OF_X) / 1000
  for (const { kind, x, cover } of films) {
    if (kind === 'release') continue
    // A mark that hides isn't as thick as one that is measured by what it hides.
    const thick = kind === 'mark' ? 0.15 : 1
    for (let i = 0; i < out.length; i++) {
      const own = x[i] as number
      if (own === 0) continue
      out[i] = (out[i] as number) + per * thick * own * (cover ? (cover[i] as number) / 255 : 1)
    }
  }
  return out
}

/** Where the newest film that is seen is metal. */
function metals(samples: Samples, { films }: PanelState): Uint8Array {
  const out = new Uint8Array(samples.count)
  for (const { ink, role, x, whole, kind } of films) {
    if (!ink || (!whole && kind !== 'mark')) continue
    const own = role === 'metal' ? 1 : 0
    for (let i = 0; i < out.length; i++) if ((x[i] as number) > 0.25) out[i] = own
  }
  return out
}

/** A picture of one colour a sample, from linear light. */
function flat(lights: Lights): Uint8Array {
  return Uint8Array.from(lights, encoded)
}

/** Grey by a field, 0 to 1. */
function greys(count: number, of: (i: number) => number): Uint8Array {
  const out = new Uint8Array(count * 3)
  for (let i = 0; i < count; i++)
    out.fill(Math.round(255 * Math.min(1, Math.max(0, of(i)))), i * 3, i * 3 + 3)
  return out
}

/** White in the picture of thickness, µm. Source: contracts, panel request. */
const WHITE_UM = 100

/**
 * A picture, three bytes a sample, row by row.
 *
 * @param seed of the grain
 * Source: handbook 10.3.
 */
export function pictureOf(
  samples: Samples,
  state: PanelState,
  lights: Lights,
  show: Show,
  seed: number,
): Uint8Array {
  if (show === 'flat') return flat(lights)
  if (show === 'sheen') return greys(samples.count, (i) => (state.gloss[i] as number) / 100)
  if (show === 'thickness') return greys(samples.count, (i) => micronsAt(state, i) / WHITE_UM)
  if (show === 'accident')
    return greys(samples.count, (i) =>
      Math.max(0, ...state.accidents.map(({ over }) => (over[i] as number) / 255)),
    )
  return lit(samples, state, lights, seed)
}

/** Under a lamp and a sky. On a mesh the normals are its own. */
function lit(samples: Samples, state: PanelState, lights: Lights, seed: number): Uint8Array {
  const out = new Uint8Array(samples.count * 3)
  const metal = metals(samples, state)
  const normalAt = normals(samples, state, seedOf(seed, 0, 'grain'))
  const masked = maskedLight(state)
  const { x, y, z, open } = samples
  let wide = 0
  for (let i = 0; i < samples.count; i++) wide = Math.max(wide, x[i] as number)
  const normal = new Float64Array(3)
  for (let i = 0; i < samples.count; i++) {
    normalAt(i, normal)
    const nx = normal[0] as number
    const ny = normal[1] as number
    const nz = normal[2] as number
    let lx = LAMP.x * wide - (x[i] as number) * 0.55
    let ly = LAMP.y * wide - (y[i] as number) * 0.55
    let lz = LAMP.z * wide - (z[i] as number)
    const far = Math.sqrt(lx * lx + ly * ly + lz * lz)
    lx /= far
    ly /= far
    lz /= far
    const on = Math.max(0, (nx * lx + ny * ly + nz * lz + LAMP.wrap) / (1 + LAMP.wrap))
    const sees = open[i] as number
    const lamp = LAMP.strong * on * (1 - LAMP.heldBack * (1 - sees)) * SQUARE
    const sky = SKY.strong * sees * (1 - SKY.fromAbove * ny)
    const shine = shineOf(state.gloss[i] as number, nx, ny, nz, lx, ly, lz) * sees
    const own = metal[i] === 1
    for (let c = 0; c < 3; c++) {
      const colour = masked(i, c, lights[i * 3 + c] as number)
      const body = colour * (own ? METAL_BODY : 1) * (lamp + sky)
      out[i * 3 + c] = encoded(body + (own ? colour * (METAL_SHINE * shine + METAL_ALL) : shine))
    }
  }
  return out
}

/** Linear light of masks that lie: tape, latex, salt. */
const MASK_LIGHT: Partial<Record<Act, readonly [number, number, number]>> = {
  tape: [0.64, 0.46, 0.14],
  latex: [0.55, 0.52, 0.4],
  salt: [0.86, 0.85, 0.82],
}
const SOME_MASK = [0.6, 0.5, 0.3] as const

/** A channel of a sample with the masks that lie on it. */
function maskedLight({ masks }: PanelState): (i: number, c: number, light: number) => number {
  if (masks.length === 0) return (_, __, light) => light
  return (i, c, light) =>
    masks.reduce((under, { act, over }) => {
      const share = (over[i] as number) / 255
      return under + share * (((MASK_LIGHT[act] ?? SOME_MASK)[c] as number) - under)
    }, light)
}

/** A face square to the eye in the middle is as bright as its colour. */
const SQUARE = 1.02
/** Of a metal so much is body; it throws back so many times what a clear does, and something everywhere, in its own colour. */
const METAL_BODY = 0.7
const METAL_SHINE = 3.2
const METAL_ALL = 0.1

/** By gloss units: how narrow a glint is, how bright, how much of the window is seen, and what comes back everywhere. */
const BY_GLOSS = Array.from({ length: 101 }, (_, gloss) => {
  const share = gloss / 100
  return {
    narrow: SHINE.narrow * (SHINE.narrowest / SHINE.narrow) ** share,
    bright: SHINE.dull + SHINE.bright * share * share,
    window: SHINE.window * share * share * share,
    all: surfaceReflection(gloss) * 0.3,
  }
})
type Shine = (typeof BY_GLOSS)[number]

/** What comes back from the lamp, and on gloss from a window above. */
function shineOf(
  gloss: number,
  nx: number,
  ny: number,
  nz: number,
  lx: number,
  ly: number,
  lz: number,
): number {
  const { narrow, bright, window, all } = BY_GLOSS[gloss] as Shine
  // Half way between the lamp and the eye, which is straight in front.
  const hz = lz + 1
  const to = (nx * lx + ny * ly + nz * hz) / Math.sqrt(lx * lx + ly * ly + hz * hz)
  const glint = to > 0 ? bright * to ** narrow : 0
  if (window < 0.001) return glint + all
  // What the face mirrors lies above: a window with a soft rim.
  const mirrored = -2 * nz * ny
  return glint + all + window * smooth((mirrored - 0.12) / 0.2) * smooth((0.95 - mirrored) / 0.3)
}

function smooth(t: number): number {
  const u = Math.min(1, Math.max(0, t))
  return u * u * (3 - 2 * u)
}

/** The normal at a sample: of its relief with the films on it, and a grain. */
function normals(samples: Samples, state: PanelState, seed: number) {
  const { grid } = samples
  if (!grid)
    return (i: number, out: Float64Array) => {
      out[0] = samples.nx[i] as number
      out[1] = samples.ny[i] as number
      out[2] = samples.nz[i] as number
    }
  const height = reliefOf(samples, state)
  const { width, height: down, mm } = grid
  const grains = [0, 1].map((k) => noiseOver(samples, seed + k, GRAIN.matt))
  const peels = [2, 3].map((k) => noiseOver(samples, seed + k, GRAIN.peel))
  return (i: number, out: Float64Array) => {
    const column = i % width
    const left = column > 0 ? i - 1 : i
    const right = column < width - 1 ? i + 1 : i
    const above = i >= width ? i - width : i
    const below = i < width * (down - 1) ? i + width : i
    const gloss = (state.gloss[i] as number) / 100
    const grain = GRAIN.mattSlope * (1 - gloss) ** 2
    const peel = GRAIN.peelSlope * gloss
    const slope = (k: 0 | 1) =>
      grain * ((grains[k] as Float32Array)[i] as number) +
      peel * ((peels[k] as Float32Array)[i] as number)
    const dx =
      ((height[right] as number) - (height[left] as number)) / (Math.max(1, right - left) * mm) +
      slope(0)
    const dy =
      ((height[below] as number) - (height[above] as number)) /
        (Math.max(1, (below - above) / width) * mm) +
      slope(1)
    const long = Math.sqrt(1 + dx * dx + dy * dy)
    out[0] = -dx / long
    out[1] = -dy / long
    out[2] = 1 / long
  }
}
