import type { Build, Part } from '../model/build'
import { changedRow } from '../model/changedRow'
import type { Edit } from '../model/edit'
import type { ActStep } from '../model/sequence'
import type { Spot, SpotKind, SpotState } from '../model/spot'
import { isOpen } from './openSpot'
import { namedAmong } from './zoneRegions'

/** Spots of one round of looking. Source: handbook 12.4. */
export type SpotRound = { round: number; spots: Spot[]; open: number }

/** Cleaning stumps of supports off, minutes: to begin with, and for each. Source: handbook 12.4. */
const STUMPS = { begin: 5, each: 0.3 }

/** The spots of a part by the round in which they were found, the first round first. */
export function spotRounds({ spots = [] }: Part): SpotRound[] {
  const rounds = [...new Set(spots.map(roundOf))].sort((a, b) => a - b)
  return rounds.map((round) => {
    const own = spots.filter((spot) => roundOf(spot) === round)
    return { round, spots: own, open: own.filter(isOpen).length }
  })
}

/** The round in which a spot that is found now belongs: once all were seen good, looking again is the next one. */
export function roundNow(part: Part): number {
  const last = spotRounds(part).at(-1)
  if (!last) return 1
  return last.open > 0 ? last.round : last.round + 1
}

/** Puts a spot that was found on a part. */
export function spotFound(part: Part, id: string, kind: SpotKind, zone?: string): Edit {
  const spot: Spot = { id, kind, round: roundNow(part), ...(zone ? { zone } : {}) }
  return spotsEdit(part, [...(part.spots ?? []), spot])
}

/** Changes a spot; null takes it off. */
export function spotChanged(part: Part, id: string, fields: Partial<Spot> | null): Edit {
  return spotsEdit(part, changedRow(part.spots ?? [], id, fields))
}

/** Every spot that is so far is now farther. */
export function spotsMoved(part: Part, from: SpotState, to: SpotState): Edit {
  const spots = (part.spots ?? []).map((spot) =>
    (spot.state ?? 'found') === from ? { ...spot, state: to } : spot,
  )
  return spotsEdit(part, spots)
}

/** Minutes of cleaning so many stumps of supports off. Source: handbook 12.4. */
export function stumpMinutes(count: number): number {
  return STUMPS.begin + STUMPS.each * count
}

function spotsEdit(part: Part, spots: Spot[]): Edit {
  return { do: 'part', part: part.id, fields: { spots: spots.length > 0 ? spots : null } }
}

function roundOf({ round }: Spot): number {
  return round ?? 1
}

/** Places easily missed of the zones that a step comes to on a part, each to be ticked before it is logged. Source: handbook 12.2. */
export function placesMissed({ zones = [] }: Build, part: string, step: ActStep): string[] {
  const own = zones.filter((zone) => zone.part === part)
  const named = namedAmong(step, own) ?? own
  return [...new Set(named.flatMap(({ spots = [] }) => spots))]
}
