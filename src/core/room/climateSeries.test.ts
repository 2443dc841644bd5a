import { DateTime } from 'luxon'
import type { ClimateReading } from '../model/bench'
import type { Project } from '../model/project'
import { climateSeries, dailyPattern, differFrom, usualDay } from './climateSeries'
import { roomOf } from './room'

const NOW = Date.parse('2026-03-17T18:00:00Z')
const HOUR = 3_600_000
const MINUTE = 60_000

/** Hourly readings of a room: warm in the evening, cold at night. */
function hourly(days: number, until = NOW): ClimateReading[] {
  return Array.from({ length: days * 24 + 1 }, (_, i) => {
    const at = until - (days * 24 - i) * HOUR
    const hour = new Date(at).getUTCHours()
    return {
      id: String(i),
      at: new Date(at).toISOString(),
      celsius: hour >= 18 && hour < 23 ? 21 : 12,
      humidity: hour < 9 ? 70 : 50,
    }
  })
}

const project = (climate: ClimateReading[], zone = 'UTC'): Project => ({
  format: 'tectoria-project',
  version: 1,
  climate,
  sessions: { zone, pattern: [] },
})

const airAt = (project: Project, hours: number) =>
  climateSeries(roomOf(project), NOW).findLast(({ from }) => from <= NOW / MINUTE + hours * 60)
    ?.climate

describe('the pattern of a day', () => {
  it('is the mean of what was read, by blocks of the local day', () => {
    const pattern = dailyPattern(roomOf(project(hourly(3))), NOW)
    expect(pattern?.blocks[6]).toEqual({ celsius: 21, humidity: 50 })
    expect(pattern?.blocks[1]).toEqual({ celsius: 12, humidity: 70 })
  })

  it('moves with the zone', () => {
    const pattern = dailyPattern(roomOf(project(hourly(3), 'Asia/Tokyo')), NOW)
    expect(pattern?.blocks[1]?.celsius).toBe(21)
  })

  test.each([
    { why: 'nothing read', readings: [] },
    { why: 'less than a day', readings: hourly(3).slice(-20) },
    { why: 'only evenings', readings: hourly(5).filter((_, i) => i % 24 === 0) },
    { why: 'long ago', readings: hourly(3, NOW - 40 * 24 * HOUR) },
  ])('is not known: $why', ({ readings }) =>
    expect(dailyPattern(roomOf(project(readings)), NOW)).toBeNull(),
  )
})

describe('the air to come', () => {
  it('holds the last reading for a while, then goes by the pattern', () => {
    const now = { id: 'now', at: new Date(NOW).toISOString(), celsius: 16, humidity: 82 }
    const one = project([...hourly(3, NOW - HOUR), now])
    expect(airAt(one, 1)).toMatchObject({ celsius: 16, humidity: 82 })
    expect(airAt(one, 9)).toMatchObject({ celsius: 12, humidity: 70 })
    expect(airAt(one, 25)?.celsius).toBeGreaterThan(20)
  })

  it('stays as it was last read where there is no pattern', () => {
    const one = project([
      { id: 'a', at: new Date(NOW - 9 * HOUR).toISOString(), celsius: 9, humidity: 60 },
    ])
    expect(climateSeries(roomOf(one), NOW)).toHaveLength(1)
    expect(airAt(one, 100)).toMatchObject({ celsius: 9 })
  })

  it('is the reference room where nothing was ever read', () => {
    expect(airAt(project([]), 5)).toMatchObject({ celsius: 20, humidity: 50 })
  })

  it('has the pattern in a gap of the readings', () => {
    const gap = hourly(4).filter(({ at }) => {
      const ago = NOW - Date.parse(at)
      return ago < HOUR || ago > 20 * HOUR
    })
    const series = climateSeries(roomOf(project(gap)), NOW)
    const night = series.findLast(({ from }) => from <= NOW / MINUTE - 14 * 60)
    expect(night?.climate).toMatchObject({ celsius: 12 })
  })

  it('is in order of time, and the same object until something new is known', () => {
    const room = roomOf(project(hourly(5)))
    const series = climateSeries(room, NOW)
    expect(climateSeries(room, NOW + HOUR)).toBe(series)
    expect(series[0]?.from).toBe((NOW - 120 * HOUR) / MINUTE)
    series.slice(1).forEach((piece, i) => {
      expect(piece.from).toBeGreaterThan(series[i]?.from ?? 0)
    })
  })
})

describe('a room that is carried on', () => {
  const days = hourly(20)
  const read = (hours: number): ClimateReading => ({
    id: `r${hours}`,
    at: new Date(NOW + hours * HOUR).toISOString(),
    celsius: 25,
    humidity: 40,
  })
  test.each<{ what: string; climate: ClimateReading[] }>([
    { what: 'a new reading', climate: [...days, read(1)] },
    { what: 'two at once, the later one first', climate: [...days, read(2), read(1)] },
    { what: 'one that comes late', climate: [...days, read(-30)] },
    { what: 'one taken away', climate: days.slice(0, -1) },
    { what: 'one put right', climate: [...days.slice(0, 5), read(-300), ...days.slice(6)] },
  ])('is the room of all readings: $what', ({ climate }) => {
    const old = project(days)
    const room = roomOf(old)
    climateSeries(room, NOW)
    const carried = roomOf(project(climate), { of: old, room })
    const anew = roomOf(project(climate))
    expect(carried.reads).toEqual(anew.reads)
    expect(climateSeries(carried, NOW + 3 * HOUR)).toEqual(climateSeries(anew, NOW + 3 * HOUR))
  })

  it('differs from what it was no sooner than something else was read', () => {
    const before = climateSeries(roomOf(project(days)), NOW)
    const after = climateSeries(roomOf(project([...days, read(1)])), NOW + HOUR)
    expect(differFrom(before, before)).toBe(Number.POSITIVE_INFINITY)
    expect(differFrom(before, [...before])).toBe(Number.POSITIVE_INFINITY)
    expect(differFrom(before, after)).toBeGreaterThan(NOW / MINUTE)
    expect(differFrom(before, before.slice(0, -1))).toBe(before.at(-1)?.from)
  })
})

it('a usual day counts the changes that are to come, not those that were read', () => {
  const room = roomOf(project(hourly(20)))
  const day = usualDay(room, NOW)
  expect(day?.pattern).toEqual(dailyPattern(room, NOW))
  expect(day?.changes).toBeGreaterThan(10)
  expect(day?.changes).toBeLessThan(8 * 16)
  expect(usualDay(roomOf(project(hourly(20).slice(0, 3))), NOW)).toBeNull()
})

test.each(['UTC', 'Europe/Lisbon', 'Australia/Adelaide', 'Asia/Kathmandu'])(
  'the pattern changes at the blocks of the local day, also when the clock is put on: %s',
  (zone) => {
    const since = Date.parse('2026-03-17T18:07:00Z')
    const room = roomOf(project(hourly(20, since), zone))
    const blocks = dailyPattern(room, since)?.blocks
    const series = climateSeries(room, since)
    // Two weeks with a change of the clock in them: at every quarter of an hour the air is that of its block.
    for (let at = since + 4 * HOUR; at < since + 13 * 24 * HOUR; at += 15 * MINUTE) {
      const hour = DateTime.fromMillis(at, { zone }).hour
      const air = series.findLast(({ from }) => from <= at / MINUTE)?.climate
      expect(air).toMatchObject({
        celsius: expect.closeTo(blocks?.[Math.floor(hour / 3)]?.celsius ?? 0, 0),
      })
    }
  },
)

it('a reading of long ago is followed by as many usual days as lie between', () => {
  const old = { id: 'old', at: '1986-03-17T18:00:00Z', celsius: 15, humidity: 60 }
  const series = climateSeries(roomOf(project([old, ...hourly(20)])), NOW)
  expect(series.length).toBeGreaterThan(40 * 365)
})
