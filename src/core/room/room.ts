import type { ClimateSeries } from '../drying/series'
import type { ClimateReading } from '../model/bench'
import { type Climate, REFERENCE_CLIMATE } from '../model/climate'
import type { Project } from '../model/project'

/** Without a reading for this long nothing is known: the pattern stands in. */
export const GAP_HOURS = 3

/** The room over a day, by local time, a block of hours after the other: the mean of what was read. */
export type DailyPattern = { zone: string; blocks: { celsius: number; humidity: number }[] }

/** The air of one reading. */
export function climateOf(reading: ClimateReading): Climate {
  return { celsius: reading.celsius, humidity: reading.humidity, air: reading.air ?? 'room' }
}

/** One reading, its instant in epoch milliseconds. */
export type AirRead = { at: number; climate: Climate }

/** The room: what was read of its air, in order of time, and what is known of its days. Reckoned once for all parts. */
export type Room = {
  reads: readonly AirRead[]
  zone: string
  outlook: Project['outlook']
  /** The air as it was last read; the reference room where it never was. */
  latest: Climate
  memo: {
    patterns: Map<number, DailyPattern | null>
    series: Map<number, ClimateSeries>
    /** How far the zone's clocks are before universal time, ms, by the day since the epoch; null: they change on it. */
    offsets: Map<number, number | null>
    /** Block of the day of each quarter of an hour since the epoch, of days on which the clocks change. */
    blocks: Map<number, number>
  }
}

type RoomOf = Pick<Project, 'climate' | 'sessions' | 'outlook'>

/**
 * The room of a project.
 *
 * @param before the room as it was: what follows from the same readings is taken from it
 */
export function roomOf(project: RoomOf, before?: { of: RoomOf; room: Room }): Room {
  const zone = project.sessions?.zone ?? 'UTC'
  const { climate, outlook } = project
  if (before && before.of.climate === climate && before.room.zone === zone) {
    if (before.of.outlook === outlook) return before.room
    return { ...before.room, outlook, memo: { ...before.room.memo, series: new Map() } }
  }
  const reads = readsOf(climate ?? [], before)
  const known = before?.room.zone === zone ? before.room.memo : null
  return {
    reads,
    zone,
    outlook,
    latest: reads.at(-1)?.climate ?? REFERENCE_CLIMATE,
    memo: {
      patterns: new Map(),
      series: new Map(),
      offsets: known?.offsets ?? new Map(),
      blocks: known?.blocks ?? new Map(),
    },
  }
}

/** Readings in order of time; those that were added behind the ones of before are put behind them. */
function readsOf(
  readings: readonly ClimateReading[],
  before: { of: RoomOf; room: Room } | undefined,
): readonly AirRead[] {
  const old = before?.of.climate ?? []
  const known = old.every((reading, i) => reading === readings[i]) ? (before?.room.reads ?? []) : []
  const added = readings.slice(known.length).map(readOf)
  const last = known.at(-1)?.at ?? Number.NEGATIVE_INFINITY
  const all = [...known, ...added]
  return added.every(({ at }) => at >= last) && inOrder(added)
    ? all
    : all.sort((a, b) => a.at - b.at)
}

function readOf(reading: ClimateReading): AirRead {
  return { at: Date.parse(reading.at), climate: climateOf(reading) }
}

function inOrder(reads: readonly AirRead[]): boolean {
  return reads.every(({ at }, i) => i === 0 || at >= (reads[i - 1] as AirRead).at)
}
