import { hashed } from '../surface/noise'
import { RECESS_FROM, type Samples } from '../surface/samples'
import { type ActContext, reachOf, seedFor } from './actContext'
import type { PanelState } from './films'
import { sampleAt } from './strokes'

/** From so much edge on a drop hangs from it; a lip is beside a line so deep, mm. */
const HANGS_FROM = 0.35
const LIP_OF = 0.08
/** A drop is asked for so far down, mm. */
const BELOW_MM = 0.25

const belows = new WeakMap<Samples, Int32Array>()
const NOT_ASKED = -2

/** The sample right below another, asked once a surface; −1: there is none. */
function below(samples: Samples, i: number): number {
  let known = belows.get(samples)
  if (!known) {
    known = new Int32Array(samples.count).fill(NOT_ASKED)
    belows.set(samples, known)
  }
  if (known[i] === NOT_ASKED) known[i] = downFrom(samples, i, BELOW_MM)
  return known[i] as number
}

/** The sample so far down a fall from another, mm; −1: there is none. */
function downFrom(samples: Samples, i: number, far: number): number {
  const fx = samples.fallX[i] as number
  const fy = samples.fallY[i] as number
  const fz = samples.grid ? 0 : (samples.fallZ[i] as number)
  if (fx === 0 && fy === 0 && fz === 0) return -1
  return sampleAt(
    samples,
    (samples.x[i] as number) + fx * far,
    (samples.y[i] as number) + fy * far,
    (samples.z[i] as number) + fz * far,
  )
}

/**
 * Where water starts to run: edges with a drop under them, lower lips of lines, lower borders of chips; in their order.
 * Source: handbook 10.3.
 */
function startsOf(samples: Samples, state: PanelState): number[] {
  const { recess, edge, z, count } = samples
  const starts = new Set<number>()
  const marked = marksOf(samples, state)
  for (let i = 0; i < count; i++) {
    const chip = marked[i] === 1
    const deep = (recess[i] as number) >= LIP_OF
    const hangs = (edge[i] as number) > HANGS_FROM && (recess[i] as number) < RECESS_FROM
    if (!chip && !deep && !hangs) continue
    const under = below(samples, i)
    if (under < 0) continue
    if (deep) {
      if ((recess[under] as number) < RECESS_FROM) starts.add(under)
    } else if (chip && marked[under] === 0) starts.add(i)
    else if (hangs && (!samples.grid || (z[under] as number) < (z[i] as number) - 0.01))
      starts.add(i)
  }
  return [...starts]
}

/** Where there is a chip. */
function marksOf({ count }: Samples, { opened, films }: PanelState): Uint8Array {
  const out = opened.map((one) => (one > 127 ? 1 : 0))
  for (const { kind, cover } of films) {
    if (kind !== 'mark' || !cover) continue
    for (let i = 0; i < count; i++) if ((cover[i] as number) > 127) out[i] = 1
  }
  return out
}

/**
 * Anchors in an order that nobody foresees, none nearer to another than asked: as many as a length of all anchors bears.
 *
 * @param perMm so many for every mm of anchor
 * @param apartMm none closer than this
 */
export function anchorsOf(
  context: ActContext,
  perMm: number,
  apartMm: number,
  also?: (i: number) => boolean,
): number[] {
  const { samples, state } = context
  const reach = reachOf(context)
  const starts = new Set(startsOf(samples, state))
  if (also) for (let i = 0; i < samples.count; i++) if (also(i)) starts.add(i)
  const all = [...starts].filter((i) => reach(i) > 0)
  const seed = seedFor(context, 'anchors')
  const order = all
    .map((i) => ({ i, at: hashed(seed, i, 0, 0) }))
    .sort((a, b) => a.at - b.at || a.i - b.i)
  // Anchors are a few samples deep.
  const length = (all.length * samples.spacing) / DEEP
  const wanted = perMm > 0 ? Math.max(1, Math.round(length * perMm)) : 0
  const taken = new Set<number>()
  const { x, y, z } = samples
  for (const { i } of order) {
    if (taken.size >= wanted) break
    const [cx, cy, cz] = [x[i] as number, y[i] as number, z[i] as number]
    let free = true
    samples.near(cx, cy, cz, apartMm, (j) => {
      if (
        taken.has(j) &&
        Math.hypot(cx - (x[j] as number), cy - (y[j] as number)) < apartMm &&
        Math.abs(cz - (z[j] as number)) < apartMm
      )
        free = false
    })
    if (free) taken.add(i)
  }
  return [...taken]
}

/** So many samples deep are anchors on the way down, about. */
const DEEP = 2
