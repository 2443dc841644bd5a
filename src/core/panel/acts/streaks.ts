import { around } from '../../surface/around'
import { aboutNothing, drawn, noiseAt, noisePlace, seedOf } from '../../surface/noise'
import type { Samples } from '../../surface/samples'
import {
  type ActContext,
  amountOf,
  filmBy,
  type PanelActDone,
  paintShare,
  seedFor,
  withFilm,
} from '../actContext'
import { anchorsOf } from '../anchors'
import { type LaidStreak, type PanelFilm, withFilms } from '../films'
import { markMmOf } from '../markSizes'
import { walk } from '../strokes'

/** Streaks: how many, how long and wide in reality, mm, how thick at the head, of the paint's share. Source: handbook 10.3, 10.1. */
const STREAK = {
  perMm: 0.1,
  apartMm: 0.9,
  realLong: 450,
  varies: 0.35,
  longFrom: 100,
  longTo: 1500,
  head: 1.8,
  strandMm: 0.16,
  straysMm: 3,
  strays: 0.25,
} as const

/** The way down at a sample, straying a little. */
function downAt(samples: Samples, seed: number, i: number): [number, number, number] {
  const [x, y] = [samples.x[i] as number, samples.y[i] as number]
  const stray = STREAK.strays * noiseAt(seed, STREAK.straysMm, x, y, noisePlace(samples, i))
  const [fx, fy, fz] = [
    samples.fallX[i] as number,
    samples.fallY[i] as number,
    samples.grid ? 0 : (samples.fallZ[i] as number),
  ]
  const long = Math.sqrt(fx * fx + fy * fy + fz * fz)
  if (long < 1e-6) return [0, 0, 0]
  const [dx, dy, dz] = [fx / long, fy / long, fz / long]
  return [dx - stray * dy, dy + stray * dx, dz]
}

/** Runs from where water starts. Source: handbook 10.3. */
export const streaks: PanelActDone = (context) => {
  const { samples, step, scale } = context
  const x = new Float32Array(samples.count)
  const share = paintShare(context)
  const wide = markMmOf(step, scale)
  const laid: LaidStreak[] = []
  for (const at of anchorsOf(context, STREAK.perMm * amountOf(context), STREAK.apartMm)) {
    // Of its own place: one more streak changes no other.
    const random = drawn(seedOf(context.seed, at, 'streak'))
    const real = STREAK.realLong * Math.exp(STREAK.varies * aboutNothing(random))
    const long = Math.min(STREAK.longTo, Math.max(STREAK.longFrom, real)) / scale
    const strong = 0.4 + 0.8 * random()
    const streak = run(context, x, at, { long, wide, thick: STREAK.head * share * strong })
    if (streak) laid.push(streak)
  }
  const film = { ...filmBy(context, 'liquid', (i) => x[i] as number) }
  const state = withFilm(context.state, film)
  return { ...state, streaks: [...state.streaks, ...laid] }
}

type Run = { long: number; wide: number; thick: number }

/** One run from its head to its foot; null where it comes nowhere. */
function run(
  context: ActContext,
  x: Float32Array,
  at: number,
  { long, wide, thick }: Run,
): LaidStreak | null {
  const { samples } = context
  const seed = seedFor(context, 'strays')
  let foot = at
  const gone = walk(
    samples,
    at,
    long,
    (i) => downAt(samples, seed, i),
    (i, t) => {
      foot = i
      // Widest just under its head, then narrowing to half.
      const half = (wide / 2) * (t < 0.1 ? 0.6 + 4 * t : 1 - (0.5 * (t - 0.1)) / 0.9)
      around(samples, i, Math.max(half, samples.spacing / 2), (j, off) => {
        const covers = Math.min(1, Math.max(0, (half - off) / samples.spacing + 0.5))
        const strand = 1 + 0.35 * strandAt(samples, seed, j)
        const own = thick * (1 - t) * covers * strand
        if (own > (x[j] as number)) x[j] = own
      })
    },
  )
  if (gone < samples.spacing * 2) return null
  const dx = (samples.x[foot] as number) - (samples.x[at] as number)
  const dy = (samples.y[foot] as number) - (samples.y[at] as number)
  const dz = (samples.z[foot] as number) - (samples.z[at] as number)
  return { length: Math.hypot(dx, dy, dz), dx, dy, dz }
}

/** Strands across the fall: noise that is long along it. */
function strandAt(samples: Samples, seed: number, i: number): number {
  const [x, y] = [samples.x[i] as number, samples.y[i] as number]
  const [fx, fy] = [samples.fallX[i] as number, samples.fallY[i] as number]
  const across = x * fy - y * fx
  const along = x * fx + y * fy
  return noiseAt(seed + 5, STREAK.strandMm * 2, across, along / 20, noisePlace(samples, i))
}

/** What a drag thins and spreads. Source: handbook 10.3. */
const DRAG = { keeps: 0.55, downMm: 2, sideways: 1.5 } as const

/** Streaks are dragged down while they are wet. Source: handbook 10.3. */
export const dragged: PanelActDone = (context) => {
  const { state, resolved } = context
  const target = resolved.row.target ?? []
  const newest = state.films.findLast(({ act }) => target?.includes(act))?.act
  return withFilms(state, (film) =>
    film.act === newest
      ? spreadAlong(context, film, DRAG.downMm, DRAG.keeps, DRAG.sideways - 1)
      : film,
  )
}

/**
 * What a film comes to when each of its samples is drawn out down the fall: ΣX times what is kept.
 *
 * @param wider how much of it goes to either side
 */
export function spreadAlong(
  context: ActContext,
  film: PanelFilm,
  far: number,
  keeps: number,
  wider: number,
  way?: readonly [number, number, number],
): PanelFilm {
  const { samples } = context
  const x = new Float32Array(film.x.length)
  const steps = Math.max(1, Math.round(far / samples.spacing))
  for (let i = 0; i < x.length; i++) {
    const own = film.x[i] as number
    if (own === 0) continue
    const path: number[] = []
    walk(
      samples,
      i,
      far,
      (j) =>
        way ?? [
          samples.fallX[j] as number,
          samples.fallY[j] as number,
          samples.grid ? 0 : (samples.fallZ[j] as number),
        ],
      (j) => path.push(j),
    )
    const whole = path.reduce((sum, _, k) => sum + (1 - k / (steps + 1)), 0)
    for (const [k, j] of path.entries()) {
      const piece = (keeps * own * (1 - k / (steps + 1))) / whole
      x[j] = (x[j] as number) + piece * (1 - wider)
      const { start, next } = samples
      const around = (start[j + 1] as number) - (start[j] as number)
      for (let n = start[j] as number; n < (start[j + 1] as number); n++) {
        const to = next[n] as number
        x[to] = (x[to] as number) + (piece * wider) / around
      }
    }
  }
  return { ...film, x }
}

/** Stains: spots with a dense heart, a thin halo and a faint rim, and a run under each. Source: handbook 10.3. */
const STAIN = {
  perMm: 0.04,
  apartMm: 1.2,
  varies: 0.4,
  heart: 1.9,
  halo: 0.3,
  rim: 0.3,
  runMm: 3,
  boltEdge: 0.7,
} as const

export const stains: PanelActDone = (context) => {
  const { samples, step } = context
  const x = new Float32Array(samples.count)
  const share = paintShare(context)
  const ragged = seedFor(context, 'ragged')
  const bolt = (i: number) => (samples.edge[i] as number) > STAIN.boltEdge
  const anchors = anchorsOf(context, STAIN.perMm * amountOf(context), STAIN.apartMm, bolt)
  for (const at of anchors) {
    const random = drawn(seedOf(context.seed, at, 'stain'))
    const mark = markMmOf(step, context.scale)
    const radius = (mark / 2) * Math.exp(STAIN.varies * aboutNothing(random))
    const strong = share * (0.6 + 0.6 * random())
    spot(samples, x, at, radius, strong, ragged)
    run(context, x, at, { long: STAIN.runMm, wide: radius * 0.9, thick: STAIN.halo * 2 * strong })
  }
  const state = withFilm(
    context.state,
    filmBy(context, 'liquid', (i) => x[i] as number),
  )
  if (step.sheen !== 'gloss' && step.sheen !== 'semi-gloss') return state
  const units = step.sheen === 'gloss' ? 85 : 50
  return { ...state, gloss: state.gloss.map((own, i) => ((x[i] as number) > 0.1 ? units : own)) }
}

function spot(
  samples: Samples,
  x: Float32Array,
  at: number,
  radius: number,
  share: number,
  seed: number,
): void {
  const { x: px, y: py } = samples
  around(samples, at, radius * 1.5, (i, far) => {
    const bent =
      1 +
      0.4 * noiseAt(seed, radius * 1.4, px[i] as number, py[i] as number, noisePlace(samples, i))
    const off = far / (radius * bent)
    if (off > 1) return
    const heart = off < 0.45 ? STAIN.heart * (1 - (off / 0.45) ** 2 * 0.6) : 0
    const rim = off > 0.85 ? STAIN.rim : 0
    const own = share * Math.max(heart, STAIN.halo * (1.2 - off) + rim)
    if (own > (x[i] as number)) x[i] = own
  })
}
