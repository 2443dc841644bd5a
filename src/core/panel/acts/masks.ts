import { around } from '../../surface/around'
import { aboutNothing, drawn, noiseAt, noisePlace } from '../../surface/noise'
import type { Samples } from '../../surface/samples'
import {
  type ActContext,
  amountOf,
  noiseFor,
  type PanelActDone,
  seedFor,
  whereOf,
  zoneOf,
} from '../actContext'
import type { PanelMask, PanelState } from '../films'
import { markMmOf } from '../markSizes'

/** Tape where nobody says: the middle third, from the top down. */
const BAND = [1 / 3, 2 / 3] as const

/** Tape on a zone; without one, on a band. Source: handbook 10.3. */
export const tape: PanelActDone = (context) => {
  const { samples, state } = context
  const masked = zoneOf(context) ?? bandOf(samples)
  const over = Uint8Array.from({ length: samples.count }, (_, i) => 255 * masked(i))
  return withMask(state, { act: context.step.do, step: context.index, over })
}

/** A band across the middle: 1 in it. */
function bandOf({ x, y, z, count, axes: { down } }: Samples): (i: number) => number {
  const place = (i: number) =>
    down[0] * (x[i] as number) + down[1] * (y[i] as number) + down[2] * (z[i] as number)
  let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY]
  for (let i = 0; i < count; i++) {
    low = Math.min(low, place(i))
    high = Math.max(high, place(i))
  }
  return (i) => {
    const share = (place(i) - low) / Math.max(1e-9, high - low)
    return share >= BAND[0] && share < BAND[1] ? 1 : 0
  }
}

function withMask(state: PanelState, mask: PanelMask): PanelState {
  return { ...state, masks: [...state.masks, mask] }
}

/** How large blobs are unless it is said, mm, how much that varies, and how much of the surface all of it is. Source: handbook 10.3. */
const BLOBS = { varies: 0.35, share: 0.3, groupMm: 9 } as const
/** One grain in so many is so many times as large. Source: handbook 10.3. */
const LARGE = { in: 9, times: 3 } as const

/** How blobs of a mask are shaped. */
type BlobShape = { mm: number; square: boolean; large: boolean }

/** Blobs thrown in groups until a share of the surface is covered: a throw more with every bit of amount, never another. */
export function blobs(
  context: ActContext,
  { mm, square, large }: BlobShape,
  wanted: number,
): Uint8Array {
  const { samples } = context
  const random = drawn(seedFor(context, 'throws'))
  const ragged = seedFor(context, 'ragged')
  const group = noiseFor(context, 'groups', BLOBS.groupMm)
  const where = whereOf(context)
  const zone = zoneOf(context)
  const over = new Uint8Array(samples.count)
  const inside = samples.area.reduce((sum, one, i) => sum + one * (zone ? zone(i) : 1), 0)
  let [covered, tries] = [0, 0]
  while (covered < wanted * inside && tries++ < MOST_THROWS) {
    const at = Math.floor(random() * samples.count)
    const odds = (where ? where(at) : 1) * Math.max(0.05, 0.5 + (group[at] as number))
    const size = (mm / 2) * Math.exp(BLOBS.varies * aboutNothing(random))
    const grain = large && random() * LARGE.in < 1 ? size * LARGE.times : size
    const turn = random() * Math.PI
    if (random() > odds || (zone && zone(at) === 0)) continue
    covered += thrown(samples, over, at, grain, square ? turn : null, ragged, zone)
  }
  return over
}

const MOST_THROWS = 400_000

/** One blob: what it covers that nothing covered before, mm². */
function thrown(
  samples: Samples,
  over: Uint8Array,
  at: number,
  radius: number,
  square: number | null,
  seed: number,
  zone: ((i: number) => number) | null,
): number {
  const { x, y, area } = samples
  const [cx, cy] = [x[at] as number, y[at] as number]
  const [cos, sin] = [Math.cos(square ?? 0), Math.sin(square ?? 0)]
  let more = 0
  around(samples, at, radius * 1.6, (i, off) => {
    if (over[i] === 255 || (zone && zone(i) === 0)) return
    const [dx, dy] = [(x[i] as number) - cx, (y[i] as number) - cy]
    const far =
      square === null ? off : Math.max(Math.abs(dx * cos + dy * sin), Math.abs(dy * cos - dx * sin))
    const bent = noiseAt(seed, radius * 2, x[i] as number, y[i] as number, noisePlace(samples, i))
    if (far > radius * (1 + (square === null ? 0.45 : 0.2) * bent)) return
    over[i] = 255
    more += area[i] as number
  })
  return more
}

/** A mask in ragged blobs, or in grains. Source: handbook 10.3. */
const scattered =
  (shape: Omit<BlobShape, 'mm'>): PanelActDone =>
  (context) => {
    const mm = markMmOf(context.step, context.scale)
    const over = blobs(context, { ...shape, mm }, amountOf(context) * BLOBS.share)
    return withMask(context.state, { act: context.step.do, step: context.index, over })
  }

export const latex = scattered({ square: false, large: false })
export const salt = scattered({ square: true, large: true })

/** Masks come off: what they covered shows. Source: handbook 10.3. */
export const unmask: PanelActDone = ({ state, resolved }) => {
  const target = resolved.row.target ?? null
  return { ...state, masks: state.masks.filter(({ act }) => target && !target.includes(act)) }
}
