import { DateTime } from 'luxon'
import type { ClimateSeries } from '../drying/clock'
import type { ClimateReading } from '../model/bench'
import { type Climate, REFERENCE_CLIMATE } from '../model/climate'
import type { Project } from '../model/project'

const MINUTE = 60_000
const HOUR = 60 * MINUTE
const DAY = 24 * HOUR

/** Parts of a day that the pattern of the room has. */
const BLOCK_HOURS = 3
const BLOCKS = 24 / BLOCK_HOURS
/** Days before now that the pattern is made of. */
const PATTERN_DAYS = 14
/** Days ahead that are forecast; what comes later has the mean of a day. */
const FORECAST_DAYS = 14
/** Without a reading for this long nothing is known: the pattern stands in. */
export const GAP_HOURS = 3
/** Readings that differ less than this are the same air. */
const SAME = { celsius: 0.3, humidity: 1.5 }

/** The room over a day, by local time, a block of hours after the other: the mean of what was read. */
export type DailyPattern = { zone: string; blocks: { celsius: number; humidity: number }[] }

/** The air of one reading. */
export function climateOf(reading: ClimateReading): Climate {
  return { celsius: reading.celsius, humidity: reading.humidity, air: reading.air ?? 'room' }
}

/** The room as it was last read; the reference room where it never was. */
export function latestClimate(project: Pick<Project, 'climate'>): Climate {
  const last = (project.climate ?? []).reduce<ClimateReading | null>(
    (a, b) => (a && Date.parse(a.at) >= Date.parse(b.at) ? a : b),
    null,
  )
  return last ? climateOf(last) : REFERENCE_CLIMATE
}

function sorted(readings: readonly ClimateReading[]): { at: number; climate: Climate }[] {
  return readings
    .map((one) => ({ at: Date.parse(one.at), climate: climateOf(one) }))
    .sort((a, b) => a.at - b.at)
}

function blockOf(at: number, zone: string): number {
  return Math.floor(DateTime.fromMillis(at, { zone }).hour / BLOCK_HOURS)
}

/**
 * The daily pattern of a room from its readings.
 *
 * @returns null where less than a day was read, or only a few hours of it: then nobody can say
 */
export function dailyPattern(
  readings: readonly ClimateReading[],
  now: number,
  zone: string,
): DailyPattern | null {
  const recent = sorted(readings).filter(({ at }) => at <= now && at > now - PATTERN_DAYS * DAY)
  const first = recent[0]
  const last = recent.at(-1)
  if (!first || !last || last.at - first.at < DAY) return null
  const sums = Array.from({ length: BLOCKS }, () => ({ n: 0, celsius: 0, humidity: 0 }))
  for (const { at, climate } of recent) {
    const sum = sums[blockOf(at, zone)]
    if (!sum) continue
    sum.n += 1
    sum.celsius += climate.celsius
    sum.humidity += climate.humidity
  }
  if (sums.some(({ n }) => n === 0)) return null
  const mean = (total: number, n: number) => Math.round((total / n) * 10) / 10
  return {
    zone,
    blocks: sums.map(({ n, celsius, humidity }) => ({
      celsius: mean(celsius, n),
      humidity: mean(humidity, n),
    })),
  }
}

/** What the pattern says from one instant to another, a block at a time. */
function patternPieces(pattern: DailyPattern, from: number, to: number, air: Climate['air']) {
  const pieces: { at: number; climate: Climate }[] = []
  let at = DateTime.fromMillis(from, { zone: pattern.zone })
  while (at.toMillis() < to) {
    const block = pattern.blocks[Math.floor(at.hour / BLOCK_HOURS)]
    if (block) pieces.push({ at: at.toMillis(), climate: { ...block, air } })
    const hour = (Math.floor(at.hour / BLOCK_HOURS) + 1) * BLOCK_HOURS
    const next = at.startOf('day').set({ hour: hour % 24 })
    const later = hour >= 24 ? at.startOf('day').plus({ days: 1 }) : next
    at = later > at ? later : at.plus({ hours: BLOCK_HOURS })
  }
  return pieces
}

/**
 * The air over time, in minutes from an origin: readings as they came, gaps in them and what is to come by the room's daily
 * pattern. A room without a pattern stays as it was last read; one that was never read is the reference room.
 *
 * @param now what lies after it is forecast; the last reading holds on for a while
 * Source: handbook 3.2, changing conditions.
 */
export function climateSeries(
  project: Pick<Project, 'climate' | 'sessions' | 'outlook'>,
  origin: number,
  now: number,
): ClimateSeries {
  const all = sorted(project.climate ?? [])
  const first = all[0]
  const { outlook } = project
  if (!first)
    return changed([{ from: 0, climate: REFERENCE_CLIMATE }], (now - origin) / MINUTE, outlook)
  const zone = project.sessions?.zone ?? 'UTC'
  const pattern = dailyPattern(project.climate ?? [], now, zone)
  const before = all.findLast(({ at }) => at <= origin) ?? first
  const known = [{ ...before, at: Math.min(before.at, origin) }].concat(
    all.filter(({ at }) => at > origin),
  )
  const pieces: { at: number; climate: Climate }[] = []
  known.forEach((piece, i) => {
    pieces.push(piece)
    const next = known[i + 1]?.at ?? now + FORECAST_DAYS * DAY
    const silent = piece.at + GAP_HOURS * HOUR
    if (pattern && next > silent)
      pieces.push(...patternPieces(pattern, Math.max(silent, origin), next, piece.climate.air))
  })
  if (pattern) pieces.push({ at: now + FORECAST_DAYS * DAY, climate: meanOf(pattern) })
  const series = thinned(
    pieces.map(({ at, climate }) => ({ from: Math.max(0, (at - origin) / MINUTE), climate })),
  )
  return changed(series, (now - origin) / MINUTE, outlook)
}

/** What a heater or a fan makes of the air from a minute on. */
function changed(series: ClimateSeries, from: number, outlook: Project['outlook']): ClimateSeries {
  if (!outlook || (outlook.warmer === undefined && outlook.air === undefined)) return series
  const other = (climate: Climate): Climate => ({
    ...climate,
    celsius: climate.celsius + (outlook.warmer ?? 0),
    air: outlook.air ?? climate.air,
  })
  const here = series.findLast((piece) => piece.from <= from) ?? series[0]
  const before = series.filter((piece) => piece.from < from)
  const after = series.filter((piece) => piece.from > from)
  return [
    ...before,
    ...(here ? [{ from: Math.max(0, from), climate: other(here.climate) }] : []),
    ...after.map((piece) => ({ ...piece, climate: other(piece.climate) })),
  ]
}

function meanOf({ blocks }: DailyPattern): Climate {
  const mean = (field: 'celsius' | 'humidity') =>
    Math.round((blocks.reduce((sum, block) => sum + block[field], 0) / blocks.length) * 10) / 10
  return { celsius: mean('celsius'), humidity: mean('humidity'), air: 'room' }
}

/** Without pieces that say nothing new. */
function thinned(series: { from: number; climate: Climate }[]): ClimateSeries {
  const kept: { from: number; climate: Climate }[] = []
  for (const piece of series) {
    const last = kept.at(-1)
    const alike =
      last &&
      last.climate.air === piece.climate.air &&
      Math.abs(last.climate.celsius - piece.climate.celsius) < SAME.celsius &&
      Math.abs(last.climate.humidity - piece.climate.humidity) < SAME.humidity
    if (last && last.from === piece.from) kept[kept.length - 1] = piece
    else if (!alike) kept.push(piece)
  }
  return kept
}
