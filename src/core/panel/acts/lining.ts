import { thicknessOf } from '../../colour/thickness'
import { LEFT_IN_RECESS } from '../../knowledge/lining'
import { hashed } from '../../surface/noise'
import { RECESS_FROM, type Samples } from '../../surface/samples'
import { piecesOf, spread } from '../../surface/spread'
import {
  type ActContext,
  amountOf,
  filmBy,
  noiseFor,
  type PanelActDone,
  paintShare,
  reachOf,
  seedFor,
  withFilm,
  zoneOf,
} from '../actContext'

/** How far liquid runs along a recess, mm, what it leaves on the face beside it, µm, and what share of that a clean-up takes, by sheen: from so many gloss units on. Source: handbook 10.3. */
const BY_SHEEN = [
  { from: 68, runs: 14, leaves: 0.6, within: 0.3, cleans: 0.95 },
  { from: 38, runs: 12, leaves: 0.9, within: 0.4, cleans: 0.93 },
  { from: 15, runs: 7, leaves: 1.5, within: 0.9, cleans: 0.85 },
  { from: 0, runs: 2.5, leaves: 6, within: 2.5, cleans: 0.5 },
] as const

/** What a sheen does to a liquid. */
export function onSheen(gloss: number): (typeof BY_SHEEN)[number] {
  return BY_SHEEN.find(({ from }) => gloss >= from) ?? BY_SHEEN[3]
}

/** The most liquid that stays in a recess, µm. Source: handbook 10.3. */
const MOST_UM = 120

/** A recess filled with a wash, X. Source: handbook 5.3. */
export function fillOf({ recess }: Samples, i: number, share: number): number {
  const deep = (recess[i] as number) * 1000
  return thicknessOf(Math.min(MOST_UM, deep * LEFT_IN_RECESS), share)
}

/** The brush touches a recess so often, mm, of nothing asked; never closer than this. Source: handbook 10.3. */
const TOUCHES = { every: 24, least: 0.8 } as const
/** The last part of a run in which it fades. Source: handbook 10.3. */
const FADES = 1 / 3
/** From so much of a fill on nothing is seen of the clear under it. */
const FILLED = 0.5
/** The stain's border comes and goes by so much. Source: handbook 10.3. */
const BORDER = { varies: 0.5, noiseMm: 2.5 } as const

/** Liquid along recesses, and its stain beside them. Source: handbook 10.3. */
export const lining: PanelActDone = (context) => {
  const { samples, state, step } = context
  const share = paintShare(context)
  const reach = reachOf(context)
  const hollow = (i: number) => (samples.recess[i] as number) > RECESS_FROM && reach(i) > 0
  const { distance } = spread(
    samples,
    touchesOf(context, hollow),
    BY_SHEEN[0].runs,
    'along',
    hollow,
  )
  const wet = new Float32Array(samples.count)
  const soaked: number[] = []
  for (let i = 0; i < wet.length; i++) {
    const far = distance[i] as number
    const { runs } = onSheen(state.gloss[i] as number)
    if (far >= runs) continue
    wet[i] = Math.min(1, (runs - far) / (FADES * runs))
    soaked.push(i)
  }
  const stain = step.tool === 'pen' ? null : stainOf(context, soaked, wet, share)
  const film = filmBy(context, 'liquid', (i) =>
    (wet[i] as number) > 0 ? (wet[i] as number) * fillOf(samples, i, share) : stain ? stain(i) : 0,
  )
  // What fills a recess is seen as its colour is, until something is laid over it.
  const gloss = state.gloss.map((own, i) =>
    (wet[i] as number) > FILLED ? (state.own[i] as number) : own,
  )
  return { ...withFilm(state, film), gloss }
}

/** What is left on the face beside what got wet, X. */
function stainOf(
  context: ActContext,
  soaked: readonly number[],
  wet: Float32Array,
  share: number,
): (i: number) => number {
  const { samples, state } = context
  const most = BY_SHEEN[3].within * (1 + BORDER.varies)
  const { distance, source } = spread(samples, soaked, most)
  const noise = noiseFor(context, 'border', BORDER.noiseMm)
  return (i) => {
    const far = distance[i] as number
    if (!Number.isFinite(far)) return 0
    const { leaves, within } = onSheen(state.gloss[i] as number)
    const reach = within * (1 + BORDER.varies * (noise[i] as number))
    if (far >= reach) return 0
    const from = wet[source[i] as number] as number
    return thicknessOf(leaves, share) * from * (1 - far / reach)
  }
}

/** Where the brush touches: each separate recess at least once; more of it with every bit of amount, never others. */
function touchesOf(context: ActContext, hollow: (i: number) => boolean): number[] {
  const { samples } = context
  const every = Math.max(TOUCHES.least, TOUCHES.every * (1 - amountOf(context)))
  const { of, sizes } = piecesOf(samples, hollow)
  const zone = zoneOf(context)
  const seed = seedFor(context, 'touches')
  return candidatesOf(samples, of, sizes.length, seed)
    .map((all) => (zone ? all.filter((i) => zone(i) > 0) : all))
    .flatMap((all) => farthestFirst(samples, all, every))
}

/** One sample of each recess a millimetre or so, in an order that nobody foresees. */
function candidatesOf(samples: Samples, of: Int32Array, pieces: number, seed: number): number[][] {
  const cells = Array.from({ length: pieces }, () => new Map<number, number>())
  for (let i = 0; i < of.length; i++) {
    const piece = of[i] as number
    if (piece < 0) continue
    const cell = hashed(
      1,
      Math.floor(samples.x[i] as number),
      Math.floor(samples.y[i] as number),
      samples.grid ? 0 : Math.floor(samples.z[i] as number),
    )
    const own = cells[piece] as Map<number, number>
    const before = own.get(cell)
    const deeper =
      before !== undefined && (samples.recess[i] as number) <= (samples.recess[before] as number)
    if (!deeper) own.set(cell, i)
  }
  return cells.map((own) =>
    [...own.values()].sort((a, b) => hashed(seed, a, 0, 0) - hashed(seed, b, 0, 0) || a - b),
  )
}

/** The first, then always the farthest from all before, until none is so far as asked. */
function farthestFirst(samples: Samples, all: readonly number[], every: number): number[] {
  const first = all[0]
  if (first === undefined) return []
  const { x, y, z } = samples
  const off = new Float64Array(all.length).fill(Number.POSITIVE_INFINITY)
  const touches = [first]
  for (let last = first; ; ) {
    let [far, next] = [0, -1]
    for (let k = 0; k < all.length; k++) {
      const i = all[k] as number
      const away = Math.hypot(
        (x[i] as number) - (x[last] as number),
        (y[i] as number) - (y[last] as number),
        (z[i] as number) - (z[last] as number),
      )
      if (away < (off[k] as number)) off[k] = away
      if ((off[k] as number) > far) {
        far = off[k] as number
        next = i
      }
    }
    if (next < 0 || far < every / 2) return touches
    touches.push(next)
    last = next
  }
}
