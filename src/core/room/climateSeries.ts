import { DateTime } from 'luxon'
import type { ClimateSeries } from '../drying/series'
import { type Climate, REFERENCE_CLIMATE } from '../model/climate'
import type { Project } from '../model/project'
import type { Air } from '../model/vocabulary'
import { type AirRead, type DailyPattern, GAP_HOURS, type Room } from './room'

const MINUTE = 60_000
const QUARTER = 15 * MINUTE
const HOUR = 60 * MINUTE
const DAY = 24 * HOUR

/** Parts of a day that the pattern of the room has. */
const BLOCK_HOURS = 3
const BLOCKS = 24 / BLOCK_HOURS
/** Quarters of an hour in one of them. */
const PER_BLOCK = BLOCK_HOURS * 4
/** Days before now that the pattern is made of. */
const PATTERN_DAYS = 14
/** Days ahead that are forecast; what comes later has the mean of a day. */
export const FORECAST_DAYS = 14
/** Readings that differ less than this are the same air. */
const SAME = { celsius: 0.3, humidity: 1.5 }

/** How many readings were made by an instant. */
function countUntil(reads: readonly AirRead[], at: number): number {
  let low = 0
  let high = reads.length
  while (low < high) {
    const mid = (low + high) >> 1
    if ((reads[mid] as AirRead).at <= at) low = mid + 1
    else high = mid
  }
  return low
}

/** The part of the day that it is in the room's zone: by its offset, on a day on which the clocks change by the clock. */
function blockOf(room: Room, at: number): number {
  const offset = offsetOn(room, Math.floor(at / DAY))
  if (offset === null) return changingBlock(room, at)
  const local = (at + offset) % DAY
  return Math.floor((local < 0 ? local + DAY : local) / HOUR / BLOCK_HOURS)
}

/** How far the zone's clocks are before universal time, ms, on a day since the epoch; null: they change on it. */
function offsetOn({ zone, memo }: Room, day: number): number | null {
  const known = memo.offsets.get(day)
  if (known !== undefined) return known
  const [before, after] = [day, day + 1].map(
    (begins) => DateTime.fromMillis(begins * DAY, { zone }).offset * MINUTE,
  ) as [number, number]
  const offset = before === after ? before : null
  memo.offsets.set(day, offset)
  return offset
}

/** Zones begin their hours on a quarter: within one the block is the same, and is asked once. */
function changingBlock({ zone, memo }: Room, at: number): number {
  const quarter = Math.floor(at / QUARTER)
  const known = memo.blocks.get(quarter)
  if (known !== undefined) return known
  const block = Math.floor(DateTime.fromMillis(at, { zone }).hour / BLOCK_HOURS)
  memo.blocks.set(quarter, block)
  return block
}

/**
 * The daily pattern of a room from its readings, by the days before the last of them.
 *
 * @param now epoch milliseconds; what was read later is not looked at
 * @returns null where less than a day was read, or only a few hours of it, or long ago: then nobody can say
 */
export function dailyPattern(room: Room, now: number): DailyPattern | null {
  const count = countUntil(room.reads, now)
  const last = room.reads[count - 1]
  if (!last || last.at <= now - PATTERN_DAYS * DAY) return null
  const known = room.memo.patterns.get(count)
  if (known !== undefined) return known
  const pattern = patternOf(room, count, last.at)
  room.memo.patterns.set(count, pattern)
  return pattern
}

function patternOf(room: Room, count: number, until: number): DailyPattern | null {
  const recent = room.reads.slice(countUntil(room.reads, until - PATTERN_DAYS * DAY), count)
  const first = recent[0]
  if (!first || until - first.at < DAY) return null
  const sums = Array.from({ length: BLOCKS }, () => ({ n: 0, celsius: 0, humidity: 0 }))
  for (const { at, climate } of recent) {
    const sum = sums[blockOf(room, at)]
    if (!sum) continue
    sum.n += 1
    sum.celsius += climate.celsius
    sum.humidity += climate.humidity
  }
  if (sums.some(({ n }) => n === 0)) return null
  const mean = (total: number, n: number) => Math.round((total / n) * 10) / 10
  return {
    zone: room.zone,
    blocks: sums.map(({ n, celsius, humidity }) => ({
      celsius: mean(celsius, n),
      humidity: mean(humidity, n),
    })),
  }
}

/** What the pattern says from one instant to another, a block at a time. */
function patternPieces(room: Room, pattern: DailyPattern, from: number, to: number, air: Air) {
  const pieces: AirRead[] = []
  const climates = pattern.blocks.map((block): Climate => ({ ...block, air }))
  let last: number | null = null
  for (let at = from; at < to; ) {
    const number = blockOf(room, at)
    const climate = climates[number]
    if (climate && number !== last) pieces.push({ at, climate })
    last = number
    const quarter = Math.floor(at / QUARTER)
    const whole = (quarter + PER_BLOCK) * QUARTER
    // From its beginning a block is passed at once; a quarter at a time where the clock is put on or back.
    at = blockOf(room, whole - QUARTER) === number ? whole : (quarter + 1) * QUARTER
  }
  return pieces
}

/**
 * The air over time, in minutes since the epoch: readings as they came, gaps in them and what is to come by the room's daily
 * pattern. A room without a pattern stays as it was last read; one that was never read is the reference room. One series for
 * all parts of a bench, and the same object while nothing new is known.
 *
 * @param now what lies after it is forecast; the last reading holds on for a while
 * Source: handbook 3.2, changing conditions.
 */
export function climateSeries(room: Room, now: number): ClimateSeries {
  const first = room.reads[0]
  if (!first) return changed(REFERENCE_SERIES, now / MINUTE, room.outlook)
  const until = forecastEnd(now)
  const pattern = dailyPattern(room, now)
  // Readings later than now are known all the same; only the pattern changes with what is known by now.
  const stamp = until + (pattern ? countUntil(room.reads, now) : -1)
  const known = room.memo.series.get(stamp)
  const series = known ?? seriesOf(room, pattern, until)
  if (!known) {
    room.memo.series.clear()
    room.memo.series.set(stamp, series)
  }
  return changed(series, now / MINUTE, room.outlook)
}

/** The air as it was read so far, without what will be done to it. */
export function airAsRead(room: Room): ClimateSeries {
  const until = room.reads.at(-1)?.at ?? 0
  return climateSeries({ ...room, outlook: undefined }, until)
}

/** The room's usual day, and how often the air changes by it from now on; null where nobody can say. */
export type UsualDay = { pattern: DailyPattern; changes: number }

/** What is known of the days of a room. @param now epoch milliseconds */
export function usualDay(room: Room, now: number): UsualDay | null {
  const pattern = dailyPattern(room, now)
  if (!pattern) return null
  const changes = climateSeries(room, now).filter(({ from }) => from > now / MINUTE).length
  return { pattern, changes }
}

const REFERENCE_SERIES: ClimateSeries = [{ from: 0, climate: REFERENCE_CLIMATE }]

/** Forecast are so many days, to the end of the last of them: it stays the same all day. */
function forecastEnd(now: number): number {
  return (Math.floor(now / DAY) + 1 + FORECAST_DAYS) * DAY
}

function seriesOf(room: Room, pattern: DailyPattern | null, until: number): ClimateSeries {
  const read: AirRead[] = []
  room.reads.forEach((piece, i) => {
    read.push(piece)
    const next = room.reads[i + 1]?.at ?? piece.at
    const silent = piece.at + GAP_HOURS * HOUR
    if (pattern && next > silent)
      for (const one of patternPieces(room, pattern, silent, next, piece.climate.air))
        read.push(one)
  })
  const last = room.reads.at(-1)
  // What is to come is the same at any hour that it is asked at: it isn't thinned from wherever that begins.
  const ahead =
    pattern && last && last.at < until
      ? [
          // What was read holds for as long as that part of the day lasts.
          ...patternPieces(room, pattern, last.at, until, last.climate.air).slice(1),
          { at: until, climate: meanOf(pattern) },
        ]
      : []
  const pieceOf = ({ at, climate }: AirRead) => ({ from: at / MINUTE, climate })
  return [...thinned(read.map(pieceOf)), ...ahead.map(pieceOf)]
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

/** The minute from which on two series differ; Infinity: they don't. */
export function differFrom(a: ClimateSeries, b: ClimateSeries): number {
  if (a === b) return Number.POSITIVE_INFINITY
  const length = Math.max(a.length, b.length)
  for (let i = 0; i < length; i++) {
    const [one, other] = [a[i], b[i]]
    if (one && other && one.from === other.from && isSameAir(one.climate, other.climate)) continue
    return Math.min(one?.from ?? Number.POSITIVE_INFINITY, other?.from ?? Number.POSITIVE_INFINITY)
  }
  return Number.POSITIVE_INFINITY
}

function isSameAir(a: Climate, b: Climate): boolean {
  return a.celsius === b.celsius && a.humidity === b.humidity && a.air === b.air
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
