import { byteOfLight } from '../colour/bytesOfLight'
import { surfaceReflection } from '../colour/sheen'
import type { Show } from '../model/panelFormat'
import type { Act } from '../model/vocabulary'
import { slopesOf } from '../surface/gridFilters'
import { grainOver, seedOf } from '../surface/noise'
import type { Samples } from '../surface/samples'
import { besideToo, type Changed } from './changed'
import type { Lights } from './compose'
import { MICRONS_OF_X, micronsAt, type PanelState } from './films'

/** 8-bit sRGB of linear light, in fine steps. */
const STEPS = 65_535
const ENCODED = Uint8Array.from({ length: STEPS + 1 }, (_, i) => byteOfLight(i / STEPS))

function encoded(light: number): number {
  return ENCODED[light <= 0 ? 0 : light >= 1 ? STEPS : Math.round(light * STEPS)] as number
}

/** The lamp: where it hangs, as shares of the surface's width, and how far light wraps round. Source: handbook 10.3. */
const LAMP = { x: -0.35, y: -0.65, z: 0.9, wrap: 0.25, strong: 0.72, heldBack: 0.5 } as const
const SKY = { strong: 0.34, fromAbove: 0.35 } as const
/** Films stand out so many times as they are thick, as far as they are thin, µm: what is thicker stands out by itself. */
const RELIEF = { times: 3, upToUm: 60 } as const
/** Grain of a matt face and the soft peel of a gloss one: length, mm, and slope. */
const GRAIN = { matt: 0.17, mattSlope: 0.035, peel: 0.9, peelSlope: 0.005 } as const
/** What a face throws back of the lamp by its gloss: how narrow, and how bright. */
const SHINE = { narrow: 5, narrowest: 240, dull: 0.015, bright: 0.55, window: 0.16 } as const

/** How high a state's films stand, kept while a state that differs a little may be asked. */
const reliefs = new WeakMap<PanelState, Float32Array>()

/**
 * All films' height over the bare surface, mm: what a lamp sees of them.
 *
 * @param again what is as it was before is as high as it was
 */
function reliefOf(samples: Samples, state: PanelState, again?: Again): Float32Array {
  const known = reliefs.get(state)
  if (known) return known
  const before = again && reliefs.get(again.state)
  const changed = before && again.changed
  const out = (before ?? samples.z).slice()
  if (changed) for (let i = 0; i < out.length; i++) if (changed[i]) out[i] = samples.z[i] as number
  for (const { kind, x, cover } of state.films) {
    if (kind === 'release') continue
    // A mark that hides isn't as thick as one that is measured by what it hides.
    const thick = kind === 'mark' ? 0.15 : 1
    for (let i = 0; i < out.length; i++) {
      if (changed && changed[i] === 0) continue
      const own = x[i] as number
      if (own === 0) continue
      const um = MICRONS_OF_X * thick * own * (cover ? (cover[i] as number) / 255 : 1)
      const seen = um + (RELIEF.times - 1) * Math.min(um, RELIEF.upToUm)
      out[i] = (out[i] as number) + seen / 1000
    }
  }
  reliefs.set(state, out)
  return out
}

/** A film hides what is under it from so much of the coats on that it hides by; those where nobody says. */
const HIDES = 0.06
const USUAL_HIDING = 4

/** Where the newest film that is seen is metal. */
function metals(samples: Samples, { films }: PanelState): Uint8Array {
  const out = new Uint8Array(samples.count)
  for (const { ink, role, x, whole, kind } of films) {
    if (!ink || (!whole && kind !== 'mark')) continue
    const own = role === 'metal' ? 1 : 0
    // A transparent colour over it lets it shine.
    const hides = HIDES * (ink.hiding ?? USUAL_HIDING)
    for (let i = 0; i < out.length; i++) if ((x[i] as number) > hides) out[i] = own
  }
  return out
}

/** A picture of one colour a sample, from linear light. */
function flat(lights: Lights): Uint8Array {
  const out = new Uint8Array(lights.length)
  for (let i = 0; i < out.length; i++) out[i] = encoded(lights[i] as number)
  return out
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
 * @param again the picture of before, and where what it shows has changed since: the rest is taken over
 * Source: handbook 10.3.
 */
export function pictureOf(
  samples: Samples,
  state: PanelState,
  lights: Lights,
  show: Show,
  seed: number,
  again?: Again,
): Uint8Array {
  if (show === 'flat') return flat(lights)
  if (show === 'sheen') return greys(samples.count, (i) => (state.gloss[i] as number) / 100)
  if (show === 'thickness') return greys(samples.count, (i) => micronsAt(state, i) / WHITE_UM)
  if (show === 'accident')
    return greys(samples.count, (i) =>
      Math.max(0, ...state.accidents.map(({ over }) => (over[i] as number) / 255)),
    )
  return lit(samples, state, lights, seed, again)
}

/** A picture that was there, of which state, and where it is another one now. */
export type Again = { rgb: Uint8Array; state: PanelState; changed: Changed }

const lamps = new WeakMap<Samples, Float32Array>()

/** The unit way to the lamp from every sample, reckoned once a surface. */
function lampOver(samples: Samples): Float32Array {
  const before = lamps.get(samples)
  if (before) return before
  const { x, y, z, count } = samples
  let wide = 0
  for (let i = 0; i < count; i++) wide = Math.max(wide, x[i] as number)
  const out = new Float32Array(count * 3)
  for (let i = 0; i < count; i++) {
    const lx = LAMP.x * wide - (x[i] as number) * 0.55
    const ly = LAMP.y * wide - (y[i] as number) * 0.55
    const lz = LAMP.z * wide - (z[i] as number)
    const far = 1 / Math.sqrt(lx * lx + ly * ly + lz * lz)
    out[i * 3] = lx * far
    out[i * 3 + 1] = ly * far
    out[i * 3 + 2] = lz * far
  }
  lamps.set(samples, out)
  return out
}

/** Under a lamp and a sky. On a mesh the normals are its own. */
function lit(
  samples: Samples,
  state: PanelState,
  flatly: Lights,
  seed: number,
  again: Again | undefined,
): Uint8Array {
  const out = again ? again.rgb.slice() : new Uint8Array(samples.count * 3)
  const changed = again && samples.grid ? besideToo(again.changed, samples.grid) : null
  const metal = metals(samples, state)
  const facing = facingOf(samples, state, seedOf(seed, 0, 'grain'), changed, again)
  const lights = maskedLights(state, flatly)
  const { open } = samples
  const lampWays = lampOver(samples)
  for (let i = 0, at = 0; i < samples.count; i++, at += 3) {
    if (changed && changed[i] === 0) continue
    const nx = facing.nx[i] as number
    const ny = facing.ny[i] as number
    const nz = facing.nz[i] as number
    const lx = lampWays[at] as number
    const ly = lampWays[at + 1] as number
    const lz = lampWays[at + 2] as number
    const on = Math.max(0, (nx * lx + ny * ly + nz * lz + LAMP.wrap) / (1 + LAMP.wrap))
    const sees = open[i] as number
    const lamp = LAMP.strong * on * (1 - LAMP.heldBack * (1 - sees)) * SQUARE
    const falls = lamp + SKY.strong * sees * (1 - SKY.fromAbove * ny)
    const shine = shineOf(state.gloss[i] as number, nx, ny, nz, lx, ly, lz) * sees
    // A metal throws everything back in its own colour.
    const own = metal[i] === 1
    const body = own ? METAL_BODY * falls + METAL_SHINE * shine + METAL_ALL : falls
    const more = own ? 0 : shine
    out[at] = encoded((lights[at] as number) * body + more)
    out[at + 1] = encoded((lights[at + 1] as number) * body + more)
    out[at + 2] = encoded((lights[at + 2] as number) * body + more)
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

/** Lights with the masks that lie over them. */
function maskedLights({ masks }: PanelState, lights: Lights): Lights {
  if (masks.length === 0) return lights
  const out = lights.slice()
  for (const { act, over } of masks) {
    const own = MASK_LIGHT[act] ?? SOME_MASK
    for (let i = 0; i < over.length; i++) {
      const share = (over[i] as number) / 255
      if (share === 0) continue
      for (let c = 0; c < 3; c++) {
        const under = out[i * 3 + c] as number
        out[i * 3 + c] = under + share * ((own[c] as number) - under)
      }
    }
  }
  return out
}

/** A face square to the eye in the middle is as bright as its colour. */
const SQUARE = 1.02
/** Of a metal so much is body; it throws back so many times what a clear does, and something everywhere, in its own colour. */
const METAL_BODY = 0.7
const METAL_SHINE = 3.2
const METAL_ALL = 0.1

/** A glint by how near to square it is, 0 to 1, in steps so fine that straight lines between them are as good. */
const GLINT_STEPS = 2048

function glintsOf({ narrow, bright }: { narrow: number; bright: number }): Float32Array {
  return Float32Array.from(
    { length: GLINT_STEPS + 2 },
    (_, i) => bright * Math.min(1, i / GLINT_STEPS) ** narrow,
  )
}

/** By gloss units: how narrow a glint is, how bright, how much of the window is seen, and what comes back everywhere. */
const BY_GLOSS = Array.from({ length: 101 }, (_, gloss) => {
  const share = gloss / 100
  return {
    narrow: SHINE.narrow * (SHINE.narrowest / SHINE.narrow) ** share,
    bright: SHINE.dull + SHINE.bright * share * share,
    window: SHINE.window * share * share * share,
    all: surfaceReflection(gloss) * 0.3,
  }
}).map((shine) => ({ ...shine, glints: glintsOf(shine) }))
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
  const { glints, window, all } = BY_GLOSS[gloss] as Shine
  // Half way between the lamp and the eye, which is straight in front.
  const hz = lz + 1
  const to = (nx * lx + ny * ly + nz * hz) / Math.sqrt(lx * lx + ly * ly + hz * hz)
  const fine = to > 0 ? Math.min(1, to) * GLINT_STEPS : 0
  const step = fine | 0
  const low = glints[step] as number
  const glint = low + (fine - step) * ((glints[step + 1] as number) - low)
  if (window < 0.001) return glint + all
  // What the face mirrors lies above: a window with a soft rim.
  const mirrored = -2 * nz * ny
  return glint + all + window * smooth((mirrored - 0.12) / 0.2) * smooth((0.95 - mirrored) / 0.3)
}

function smooth(t: number): number {
  const u = Math.min(1, Math.max(0, t))
  return u * u * (3 - 2 * u)
}

/** The normals of the relief with the films on it, and a grain; where nothing changed there are none. */
function facingOf(
  samples: Samples,
  state: PanelState,
  seed: number,
  changed: Changed | null,
  again: Again | undefined,
): Pick<Samples, 'nx' | 'ny' | 'nz'> {
  const { grid } = samples
  if (!grid) return samples
  const { dx, dy } = slopesOf(reliefOf(samples, state, again), grid)
  const grainX = grainOver(samples, grid, seed, GRAIN.matt)
  const grainY = grainOver(samples, grid, seed + 1, GRAIN.matt)
  const peelX = grainOver(samples, grid, seed + 2, GRAIN.peel)
  const peelY = grainOver(samples, grid, seed + 3, GRAIN.peel)
  const nz = new Float32Array(samples.count)
  for (let i = 0; i < nz.length; i++) {
    if (changed && changed[i] === 0) continue
    const gloss = (state.gloss[i] as number) / 100
    const grain = GRAIN.mattSlope * (1 - gloss) * (1 - gloss)
    const peel = GRAIN.peelSlope * gloss
    const x = (dx[i] as number) + grain * (grainX[i] as number) + peel * (peelX[i] as number)
    const y = (dy[i] as number) + grain * (grainY[i] as number) + peel * (peelY[i] as number)
    const short = 1 / Math.sqrt(1 + x * x + y * y)
    dx[i] = -x * short
    dy[i] = -y * short
    nz[i] = short
  }
  return { nx: dx, ny: dy, nz }
}
