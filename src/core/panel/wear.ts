import { flakesOver, noiseOver } from '../surface/noise'
import { ranked } from '../surface/ranked'
import { rimOf } from '../surface/spread'
import { type ActContext, seedFor, whereOf, zoneOf } from './actContext'

/** What wear follows, and how much each counts. Source: handbook 10.3. */
const WEAR = { where: 0.8, noise: 0.45, groupMarks: 20, groupMostMm: 12, edge: 0.6 } as const
const FLAKES = [
  { marks: 2.6, weighs: 0.3 },
  { marks: 1, weighs: 0.42 },
  { marks: 0.4, weighs: 0.16 },
] as const

/** How much of all flakes there is at the most. */
const FLAKES_MOST = FLAKES.reduce((sum, { weighs }) => sum + weighs, 0)

/** What can be worn there at all. */
type Within = (i: number) => boolean

/** How the wear of one act falls: its mark, mm, how much edges count, and where it can be. */
export type WearAsked = { markMm: number; edgeTimes?: number; within?: Within }

/**
 * Where paint goes first: every sample's wear, the highest first to go; below what can't be among the first `share`: −∞.
 *
 * @param share of the surface that will be asked at the most, 0 to 1
 * Source: handbook 10.3.
 */
function wearOver(context: ActContext, asked: WearAsked, share: number): Float32Array {
  const { samples } = context
  const { markMm, edgeTimes = 1, within } = asked
  const where = whereOf(context)
  const zone = zoneOf(context)
  const seed = seedFor(context, 'wear')
  const group = Math.min(WEAR.groupMostMm, WEAR.groupMarks * markMm)
  const wear = noiseOver(samples, seed, group).slice()
  for (let i = 0; i < wear.length; i++) {
    if ((within && !within(i)) || (zone && zone(i) === 0)) {
      wear[i] = Number.NEGATIVE_INFINITY
      continue
    }
    const edge = (samples.edge[i] as number) * edgeTimes
    wear[i] =
      (edge > 0 ? edge ** WEAR.edge : 0) +
      (where ? WEAR.where * where(i) : 0) +
      WEAR.noise * (wear[i] as number)
  }
  let left = FLAKES_MOST
  FLAKES.forEach(({ marks, weighs }, k) => {
    // What the flakes that are left can't lift among the first is not asked for them.
    const floor = highest(wear, share) - left
    left -= weighs
    const flake = flakesOver(samples, seed + 31 * k, marks * markMm)
    for (let i = 0; i < wear.length; i++) {
      const own = wear[i] as number
      wear[i] = own < floor ? Number.NEGATIVE_INFINITY : own + weighs * flake(i)
    }
  })
  return wear
}

/** The value that a share of all samples reaches. */
function highest(values: Float32Array, share: number): number {
  const at = values.length - Math.max(1, Math.round(share * values.length))
  return ranked(values.slice(), Math.max(0, at))
}

/**
 * The samples that wear takes until a share is reached: 1 where it does.
 *
 * @param share of the surface, 0 to 1: more of it takes all of less, and more
 * Source: handbook 10.3.
 */
export function worn(context: ActContext, asked: WearAsked, share: number): Uint8Array {
  const out = new Uint8Array(context.samples.count)
  if (share <= 0) return out
  // One floor for every share: the same flakes are asked.
  const wear = wearOver(context, asked, Math.max(share, MOST_SHARE))
  const from = highest(wear, share)
  for (let i = 0; i < out.length; i++)
    if ((wear[i] as number) >= from && (wear[i] as number) > Number.NEGATIVE_INFINITY) out[i] = 1
  return out
}

/** The most that is usually asked. */
const MOST_SHARE = 0.06

/** Is a taken sample at the border of what is taken; and is one that isn't beside it? */
export function borderOf({ samples }: ActContext, taken: Uint8Array, inside: boolean): Uint8Array {
  const out = new Uint8Array(taken.length)
  for (const i of rimOf(samples, (j) => (taken[j] === 1) === inside)) out[i] = 1
  return out
}
