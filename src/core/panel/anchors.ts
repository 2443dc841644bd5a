import { hashed } from '../surface/noise'
import { RECESS_FROM, type Samples } from '../surface/samples'
import { type ActContext, reachOf, seedFor } from './actContext'
import type { PanelState } from './films'

/** From so much edge on a drop hangs from it; a lip is beside a line so deep, mm. */
const HANGS_FROM = 0.35
const LIP_OF = 0.08
/** A drop is asked for so far down, mm. */
const BELOW_MM = 0.25

/** Where water starts to run: edges with a drop under them, lower lips of lines, lower borders of chips. Source: handbook 10.3. */
export function isAnchor(samples: Samples, state: PanelState, i: number): boolean {
  const [fx, fy, fz] = [
    samples.fallX[i] as number,
    samples.fallY[i] as number,
    samples.fallZ[i] as number,
  ]
  if (fx === 0 && fy === 0 && fz === 0) return false
  const { x, y, z, spacing } = samples
  const at = (far: number) => {
    let [best, found] = [Number.POSITIVE_INFINITY, -1]
    const [px, py, pz] = [
      (x[i] as number) + fx * far,
      (y[i] as number) + fy * far,
      (z[i] as number) + fz * far,
    ]
    samples.near(px, py, pz, spacing, (j) => {
      const off =
        ((x[j] as number) - px) ** 2 +
        ((y[j] as number) - py) ** 2 +
        (samples.grid ? 0 : ((z[j] as number) - pz) ** 2)
      if (off < best) {
        best = off
        found = j
      }
    })
    return found
  }
  const [below, above] = [at(BELOW_MM), at(-BELOW_MM)]
  if (below < 0 || above < 0) return false
  const own = isMarked(state, i)
  if (own && !isMarked(state, below)) return true
  if ((samples.recess[i] as number) >= RECESS_FROM) return false
  if ((samples.recess[above] as number) >= LIP_OF) return true
  const drops = samples.grid ? (z[below] as number) < (z[i] as number) - 0.01 : true
  return (samples.edge[i] as number) > HANGS_FROM && drops
}

/** Is there a chip? */
function isMarked({ opened, films }: PanelState, i: number): boolean {
  if ((opened[i] as number) > 127) return true
  for (const { kind, cover } of films)
    if (kind === 'mark' && cover && (cover[i] as number) > 127) return true
  return false
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
  also: (i: number) => boolean = () => false,
): number[] {
  const { samples, state } = context
  const reach = reachOf(context)
  const all: number[] = []
  for (let i = 0; i < samples.count; i++)
    if (reach(i) > 0 && (isAnchor(samples, state, i) || also(i))) all.push(i)
  const seed = seedFor(context, 'anchors')
  const order = all
    .map((i) => ({ i, at: hashed(seed, i, 0, 0) }))
    .sort((a, b) => a.at - b.at || a.i - b.i)
  // Anchors are a few samples deep.
  const length = (all.length * samples.spacing) / DEEP
  const wanted = Math.round(length * perMm)
  const taken = new Set<number>()
  const cell = (v: number) => Math.floor(v / apartMm)
  const key = (a: number, b: number, c: number) => hashed(7, a, b, c)
  const cells = new Map<number, number[]>()
  for (const { i } of order) {
    if (taken.size >= wanted) break
    const [x, y, z] = [samples.x[i] as number, samples.y[i] as number, samples.z[i] as number]
    const [a, b, c] = [cell(x), cell(y), samples.grid ? 0 : cell(z)]
    let free = true
    for (let da = -1; da <= 1 && free; da++)
      for (let db = -1; db <= 1 && free; db++)
        for (let dc = samples.grid ? 0 : -1; dc <= (samples.grid ? 0 : 1) && free; dc++)
          for (const j of cells.get(key(a + da, b + db, c + dc)) ?? [])
            if (
              Math.hypot(x - (samples.x[j] as number), y - (samples.y[j] as number)) < apartMm &&
              Math.abs(z - (samples.z[j] as number)) < apartMm
            )
              free = false
    if (!free) continue
    taken.add(i)
    const own = key(a, b, c)
    cells.set(own, [...(cells.get(own) ?? []), i])
  }
  return [...taken]
}

/** So many samples deep are anchors on the way down, about. */
const DEEP = 2
